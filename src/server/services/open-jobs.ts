import { createHash } from 'node:crypto';
import { database } from '../database/client';
import { jobNumbers, loadJob } from '../repositories/job-repository';
import { agreedPlans } from './agreed-plans';
import { requireShop } from './plans';

/** All open jobs with what they have agreed, and a hash of everything a plan of them rests on. */
export async function openJobs() {
  const [shop, agreed, numbers] = await Promise.all([
    requireShop(),
    agreedPlans(database()),
    jobNumbers(database()),
  ]);
  const loaded = await Promise.all(numbers.map((number) => loadJob(database(), number)));
  const jobs = loaded.flatMap((one) => (one && one.job.state !== 'finished' ? [one.job] : []));
  const marks = [...agreed].map(([job, { mark }]) => [job, mark]);
  const parts = JSON.stringify([jobs, shop.shop, [...shop.shelf.values()], shop.operations, marks]);
  const inputs = createHash('sha256').update(parts).digest('hex');
  return { shop, agreed, jobs, inputs };
}
