/** What a coating is, as far as its neighbours in the stack care. */
export const families = [
  'etch',
  'epoxy',
  'polyester',
  'build',
  'sealer',
  'base',
  'effect-base',
  'waterborne-base',
  'candy',
  'inter-clear',
  'flake',
  'single-stage',
  'clear',
  'one-part',
  'two-part-marine',
  'barrier',
  'antifouling',
  'gelcoat',
  'promoter',
  'liner',
  'filler',
  'putty',
  'sealant',
  'texture',
  'leaf-size',
] as const;
export type Family = (typeof families)[number];

/** Families whose recoat window runs from their own first coat, through all of them, to the film that closes them. */
export const windowFromFirst: ReadonlySet<string> = new Set<Family>([
  'base',
  'effect-base',
  'waterborne-base',
  'candy',
  'inter-clear',
]);

/** Films whose look hangs on how they are laid: known by their family, whatever the shop calls them. */
export const effectFamilies: ReadonlySet<Family> = new Set<Family>(['effect-base', 'candy', 'flake']);
