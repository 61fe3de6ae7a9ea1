import type { Caution } from '../safety';
import type { PlaceKind, Skill } from '../shop';

export const phases = [
  'walkaround',
  'strip',
  'metal',
  'epoxy',
  'filler',
  'build',
  'mask',
  'colour',
  'clear',
  'finish',
  'refit',
] as const;
/** The stretch of the job a step belongs to, in working order. */
export type Phase = (typeof phases)[number];

/** What a surface looks like after a step. */
export type SurfaceState =
  | 'old'
  | 'bare'
  | 'epoxy'
  | 'filler'
  | 'high-build'
  | 'guide-coat'
  | 'masked'
  | 'sealer'
  | 'colour'
  | 'clear'
  | 'sanded'
  | 'polished';

export type Basis = 'm²' | 'm' | 'part' | 'fixed';

export interface Operation {
  code: string;
  name: string;
  phase: Phase;
  basis: Basis;
  /** Person-minutes per unit of the basis, shape flat; null where the level sets it. */
  rate: number | null;
  /** Person-minutes that take no factor. */
  fixedMin: number;
  shapeFactor: 'surface' | 'spray' | 'none';
  skill: Skill;
  usualCrew: number;
  /** Where it is done when the vehicle is not in a booth session. */
  place: PlaceKind;
  /** May pause over the night. */
  pauses: boolean;
  consumes: { product: string; perUnit: number }[];
  cautions: Caution[];
  leaves: SurfaceState | null;
}

/** Consumption per unit of the basis, as pairs of product and amount. */
export const uses = (...list: [product: string, perUnit: number][]) =>
  list.map(([product, perUnit]) => ({ product, perUnit }));

type Given = Pick<Operation, 'code' | 'name' | 'phase' | 'basis' | 'rate'> & Partial<Operation>;
/** Completes an entry of the catalogue: usual crew one, in a bay, may pause over the night. */
export const operation = (given: Given): Operation => ({
  fixedMin: 0,
  shapeFactor: given.basis === 'm²' ? 'surface' : 'none',
  skill: 'prep',
  usualCrew: 1,
  place: 'bay',
  pauses: true,
  consumes: [],
  cautions: [],
  leaves: null,
  ...given,
});
