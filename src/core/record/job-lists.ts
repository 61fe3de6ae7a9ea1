import type { TypeOf } from '../concepts/field';
import type { jobListFields } from '../concepts/job-lists';

type ListFields = typeof jobListFields;
type Item<N extends keyof ListFields> = TypeOf<ListFields[N]> & { id: string };

/** The records of the lists of a job, with the fields that `core/concepts/job-lists` gives them. */
export type Fitting = Item<'fittings'>;
export type Hole = Item<'holes'>;
export type Gate = Item<'gates'>;
export type Find = Item<'finds'>;
export type Milestone = Item<'milestones'>;
export type Opening = Item<'openings'>;
export type Cover = Item<'covers'>;
export type Blend = Item<'blends'>;
export type SendOut = Item<'sendOuts'>;
export type JobColour = Item<'colours'>;
export type Construction = Item<'constructions'>;
export type LooseItem = Item<'looseItems'>;
export type Alternative = Item<'alternatives'>;
export type MatchAttempt = Item<'matchAttempts'>;
export type Sample = Item<'samples'>;
export type Repair = Item<'repairs'>;
export type MaterialCap = Item<'materialCaps'>;
export type Provenance = Item<'provenance'>;
export type Decision = Item<'decisions'>;
export type { DecisionWay } from '../concepts/job-lists';
export type { KeptScheme } from '../concepts/scheme-lists';

/** The lists of a job that are kept row by row, by name. */
export type JobListName = keyof ListFields;
export type JobLists = { [N in JobListName]: Item<N>[] };
export const jobListNames: readonly JobListName[] = [
  'fittings',
  'holes',
  'gates',
  'finds',
  'milestones',
  'openings',
  'covers',
  'blends',
  'sendOuts',
  'colours',
  'constructions',
  'looseItems',
  'alternatives',
  'matchAttempts',
  'samples',
  'repairs',
  'materialCaps',
  'provenance',
  'decisions',
];
