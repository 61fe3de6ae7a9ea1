/** The sides of a panel that are worked apart; edges are counted with the inside, as their area always was. */
export const faces = ['outside', 'inside'] as const;
export type Face = (typeof faces)[number];

/** Lengths of a surface, never added up into one. */
export type SurfaceLengths = Readonly<Record<'trim' | 'bead' | 'rivet' | 'seam' | 'field', number>>;
