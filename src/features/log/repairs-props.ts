import type { RepairKind } from '@/core/film';
import type { Plan } from '@/core/plan';
import type { Job } from '@/core/record';
import { partsOfJob } from '@/core/survey';
import { localDateOf } from '@/core/units';

/** One sub-step of a repair as the plan has it. */
export interface RepairStepShown {
  step: string;
  name: string;
  state: 'planned' | 'running' | 'done';
  start: number;
  personMinutes: number;
}

export interface RepairShown {
  id: string;
  seen: number;
  part: string;
  panel: string;
  kind: RepairKind;
  spot: string;
  sizeMm: number;
  onDate: string;
  note: string;
  stop: string;
  steps: RepairStepShown[];
  /** What mending this spot again would leave, where that is too little; null while there is enough. */
  thin: { attempts: number; leftUm: number; stopUm: number } | null;
}

export interface RepairsProps {
  job: string;
  today: string;
  timeZone: string;
  panels: { key: string; name: string }[];
  repairs: RepairShown[];
}

const spotOf = (one: { part: string; spot: string }): string =>
  `${one.part}\n${one.spot.trim().toLowerCase()}`;

/** The repairs of a job with what the plan makes of them. */
export function repairsProps(
  job: Job,
  versions: Record<string, number>,
  plan: Plan,
  timeZone: string,
): RepairsProps {
  const parts = partsOfJob(job);
  const names = new Map(parts.map((part) => [part.key, part.name]));
  const thin = plan.warnings.flatMap((one) => (one.code === 'spot-thin' ? [one] : []));
  return {
    job: job.number,
    today: localDateOf(plan.computedAt, timeZone),
    timeZone,
    panels: parts.map(({ key, name }) => ({ key, name })),
    repairs: [...job.repairs]
      .sort((a, b) => b.onDate.localeCompare(a.onDate) || a.id.localeCompare(b.id))
      .map((repair) => {
        const steps = plan.steps.filter((step) => step.key.startsWith(`repair/${repair.id}/`));
        const why = steps.flatMap((step) => step.because).find((one) => one.code === 'repair');
        return {
          ...repair,
          seen: versions[`${job.number}/${repair.id}`]!,
          panel: names.get(repair.part) ?? repair.part,
          stop: why?.code === 'repair' ? why.stop : '',
          steps: steps.map(({ key, name, state, start, personMinutes }) => ({
            step: key,
            name: name.slice(name.indexOf(':') + 2),
            state,
            start,
            personMinutes,
          })),
          thin: thin.find((one) => spotOf(one) === spotOf(repair)) ?? null,
        };
      }),
  };
}
