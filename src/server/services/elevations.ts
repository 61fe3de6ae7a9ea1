import { LRUCache } from 'lru-cache';
import type { DrawnElevation } from '../../core/elevation';
import type { ElevationFile, WorkerAnswers } from '../../workers/tasks';
import { inThread } from '../workers/pool';
import { currentPlan, type PlannedJob } from './plans';

// Those drawn last, by the plan they show: the look of a day is laid over them when they are shown.
const store = globalThis as typeof globalThis & { coatrelDrawn?: LRUCache<string, DrawnElevation[]> };
const drawn = (): LRUCache<string, DrawnElevation[]> => (store.coatrelDrawn ??= new LRUCache({ max: 16 }));

/** The elevations of a plan in their finished colours, drawn on a thread. */
export async function elevationsOfPlan({ stored, plan, inputHash }: PlannedJob): Promise<DrawnElevation[]> {
  const key = `${stored.job.number} ${inputHash}`;
  const known = drawn().get(key);
  if (known) return known;
  const { parts, sections } = plan;
  const made = await inThread({ kind: 'elevations', job: stored.job, plan: { parts, sections } });
  drawn().set(key, made);
  return made;
}

/** The elevations of a job to draw; null where there is no such job. */
export async function elevationsOfJob(number: string): Promise<DrawnElevation[] | null> {
  const planned = await currentPlan(number);
  return planned && elevationsOfPlan(planned);
}

/** The elevations of a job as one sheet for the owner; null where there is no such job. */
export async function elevationFileOf(
  number: string,
  as: ElevationFile,
): Promise<WorkerAnswers['elevation-file'] | null> {
  const planned = await currentPlan(number);
  if (!planned) return null;
  const views = await elevationsOfPlan(planned);
  return inThread({ kind: 'elevation-file', job: planned.stored.job, views, as });
}
