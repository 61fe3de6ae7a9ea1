/** What a typed figure stands for: the whole shop, a product of its shelf, a painter, a job, or a section or panel of one. */
export const figureScopes = ['shop', 'product', 'painter', 'job', 'section', 'panel'] as const;
export type FigureScope = (typeof figureScopes)[number];

/** What a plan says that a figure moves at first hand; money, shopping and dates follow from these. */
export const figureEffects = [
  'litres',
  'mix',
  'coats',
  'film limits',
  'film taken',
  'edge taping',
  'minutes',
  'crew',
  'waits',
  'masking material',
  'tape dates',
  'gun time',
  'sealant',
  'filler batches',
  'protective kit',
  'hidden damage',
  'dry mass',
  'strain',
  'shared work',
] as const;
export type FigureEffect = (typeof figureEffects)[number];

/** A default that the core reckons with. */
export interface FigureEntry {
  /** The line under which it stands in the list. */
  group: string;
  words: string;
  /** `share` is a part of one; `factor` multiplies. */
  unit:
    | 'share'
    | 'factor'
    | 'µm'
    | 'L'
    | 'm'
    | 'm²'
    | 'min'
    | 'min/m²'
    | 'days'
    | 'times'
    /** 1 for yes, 0 for no. */
    | 'yes'
    | 'm/min'
    | 'mL'
    | 'kg'
    | 'kg/L'
    | 'kg/min'
    | 'mm';
  usual: number;
  /** What still makes sense; beyond it the figure is refused. */
  least: number;
  most: number;
  whole?: true;
  /** Where the default comes from. */
  source: string;
  moves: readonly FigureEffect[];
  scopes: readonly FigureScope[];
}
