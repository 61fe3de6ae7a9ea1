/** How a colour behaves: what it hides, whether it may be taped bare, how it is laid. */
export const finishClasses = [
  'dense-solid',
  'weak-solid',
  'metallic',
  'pearl',
  'candy',
  'flake',
  'texture',
  'leaf',
] as const;
export type FinishClass = (typeof finishClasses)[number];

/** Whether a colour can be had again: mixed from a maker's code, from a recipe that was kept, or never the same. */
export const repeatabilities = ['standard', 'recipe', 'one-off'] as const;
export type Repeatability = (typeof repeatabilities)[number];

/** CIELAB under D65, 10°. */
export interface Lab {
  l: number;
  a: number;
  b: number;
}
