/** The schools of the trade that a job or a section may follow, with their options. Defaults follow the situation. */
export const schoolOptions = {
  filler: ['over-epoxy', 'on-metal'],
  'filler-sanding': ['dry', 'wet'],
  'block-finish': ['to-400', 'stop-220'],
  blocks: ['stiff', 'flexible'],
  assembly: ['apart', 'assembled', 'loosely-hung'],
  alignment: ['before', 'after'],
  openings: ['one-go', 'first-soft', 'first-hard'],
  sealer: ['sealer', 'epoxy-wet', 'none'],
  clears: ['one-session', 'cut-and-clear'],
  'clear-over': ['each', 'all'],
  'polish-time': ['days', 'weeks'],
  tape: ['after-set', 'wet'],
  texture: ['none', 'before-colour', 'after-colour'],
  trim: ['parallel', 'held'],
  application: ['roller', 'brush'],
  'hull-stand': ['on-stands', 'keel-up', 'on-its-side'],
  stripe: ['first', 'last'],
  'first-article': ['none', 'one-first'],
} as const;

export type SchoolKey = keyof typeof schoolOptions;
export type SchoolOf<K extends SchoolKey> = (typeof schoolOptions)[K][number];
/** Schools chosen by hand; what is not named follows the situation. */
export type SchoolChoice = { [K in SchoolKey]?: SchoolOf<K> };
/** One option of every school. */
export type Schools = { [K in SchoolKey]: SchoolOf<K> };
export const schoolKeys = Object.keys(schoolOptions) as SchoolKey[];
