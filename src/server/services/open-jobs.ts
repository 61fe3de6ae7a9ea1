import { createHash } from 'node:crypto';
import type { Snapshot } from './snapshot';

/** All open jobs of a snapshot with what they have accepted, and a hash of everything a plan of them rests on. */
export function openJobsOf({ shop, agreed, jobs: all }: Snapshot) {
  const jobs = all.flatMap(({ job }) => (job.state === 'finished' ? [] : [job]));
  const marks = [...agreed].map(([job, { mark }]) => [job, mark]);
  const parts = JSON.stringify([jobs, shop.shop, [...shop.shelf.values()], shop.operations, marks]);
  const inputs = createHash('sha256').update(parts).digest('hex');
  return { shop, agreed, jobs, inputs };
}
