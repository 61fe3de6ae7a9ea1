/** What happens to stock. A row is never changed: a mistake is corrected by a counter-entry. */
export const moveKinds = [
  'ordered',
  'received',
  'drawn',
  'counted',
  'borrowed',
  'given-back',
  'lent',
  'got-back',
  'scrapped',
] as const;
export type MoveKind = (typeof moveKinds)[number];
