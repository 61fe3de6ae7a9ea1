import type { ElevationForm, WorkerAnswers } from '../../workers/tasks';
import { inThread } from '../workers/pool';
import { currentPlan } from './plans';

/** The elevations of a job, drawn on a thread; null where there is no such job. */
export async function elevationsOfJob(
  number: string,
  as: ElevationForm,
): Promise<WorkerAnswers['elevations'] | null> {
  const planned = await currentPlan(number);
  if (!planned) return null;
  const { stored, plan } = planned;
  const { parts, sections } = plan;
  return inThread({ kind: 'elevations', job: stored.job, plan: { parts, sections }, as });
}
