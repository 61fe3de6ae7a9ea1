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

/** What is seen of an object beside its panels. */
export const itemKinds = ['wheels', 'top', 'interior', 'brightwork', 'running-gear', 'other'] as const;
export type ItemKind = (typeof itemKinds)[number];

/** What somebody said of a try at a match; a card that is not dry waits. */
/** What was said of a sample; at risk: a named manager goes on without it. */
export const sampleVerdicts = ['waiting', 'accepted', 'refused', 'at-risk'] as const;
export type SampleVerdict = (typeof sampleVerdicts)[number];
/** What was looked at: the card sprayed for this job, one that was kept, or a part of the object. */
export const samplesShown = ['card', 'kept-card', 'part'] as const;

export const matchVerdicts = ['waiting', 'matches', 'fails'] as const;
export type MatchVerdict = (typeof matchVerdicts)[number];

/** One part of a recipe as it is weighed. */
export interface RecipeLine {
  name: string;
  grams: number;
}

/** A later colour, by section or lot, that is covered while an earlier one is sprayed. */
export interface ColourCover {
  sprayed: string;
  covered: string;
}

/** CIELAB under D65, 10°. */
export interface Lab {
  l: number;
  a: number;
  b: number;
}
