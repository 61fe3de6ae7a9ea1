export const depths = ['scuff', 'stable', 'bare'] as const;
/** How far down a section goes: scuff and refinish, to sound primer, to bare. */
export type Depth = (typeof depths)[number];

export const oldFinishes = [
  'enamel',
  'peeling-clear',
  'lacquer',
  'one-part',
  'gelcoat',
  'unknown',
  'none',
] as const;
export type OldFinish = (typeof oldFinishes)[number];
