import type { Find, Fitting, Gate, Hole } from './strip-down';
import type { Blend, Cover, Milestone, Opening, SendOut } from './trades';

/** The lists of a job that are kept row by row, by name. */
export interface JobLists {
  fittings: Fitting[];
  holes: Hole[];
  gates: Gate[];
  finds: Find[];
  milestones: Milestone[];
  openings: Opening[];
  covers: Cover[];
  blends: Blend[];
  sendOuts: SendOut[];
}
export const jobListNames = [
  'fittings',
  'holes',
  'gates',
  'finds',
  'milestones',
  'openings',
  'covers',
  'blends',
  'sendOuts',
] as const;
export type JobListName = (typeof jobListNames)[number];
