import type { Plan } from '@/core/plan';
import type { Job } from '@/core/record';
import type { Shop } from '@/core/shop';
import { passesOf } from '@/core/steps';
import { partsOfJob } from '@/core/survey';
import { localDateOf } from '@/core/units';
import type { StripDownProps } from './strip-down-props';

/** The strip-down of a job for its tables. */
export function stripDownProps(
  job: Job,
  versions: Record<string, number>,
  plan: Plan,
  shop: Shop,
): StripDownProps {
  const seen = <T extends { id: string }>(list: readonly T[]) =>
    list.map((one) => ({ ...one, seen: versions[`${job.number}/${one.id}`]! }));
  return {
    job: job.number,
    today: localDateOf(plan.computedAt, shop.timeZone),
    fittings: seen(job.fittings),
    holes: seen(job.holes),
    gates: seen(job.gates),
    finds: seen(job.finds),
    milestones: seen(job.milestones),
    openings: seen(job.openings),
    covers: seen(job.covers),
    blends: seen(job.blends),
    sendOuts: seen(job.sendOuts),
    panels: partsOfJob(job).map(({ key, name, section }) => ({ key, name, section })),
    sections: job.sections.map(({ key, name }) => ({ key, name })),
    passes: Object.fromEntries(job.sections.map(({ key }) => [key, passesOf(plan.steps, key)])),
    allowance: plan.allowance,
    tradeDates: plan.trades,
  };
}
