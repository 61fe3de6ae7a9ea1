/** What can be written down at the work. An entry is never changed: a mistake is corrected by a counter-entry. */
export const logKinds = [
  'began',
  'left',
  'ended',
  'coat',
  'wiped',
  'touched',
  'sealed',
  'inspected',
  'note',
] as const;
export type LogKind = (typeof logKinds)[number];

/** Which side of a panel: what one sees, or back faces, jambs and openings. */
export type Face = 'outside' | 'inside';
/** Faces that one coat covers. */
export const coatFaces = ['outside', 'both', 'inside'] as const;
export type CoatFaces = (typeof coatFaces)[number];
