import { timeSums, type TimeSum } from '@/core/log';
import type { Plan, PlannedStep } from '@/core/plan';
import { unrecordedWork, type Unrecorded } from '@/core/readings/unrecorded';
import type { Job } from '@/core/record';
import type { Shop } from '@/core/shop';

export interface SumRow extends TimeSum {
  name: string;
  plannedMin: number | null;
}

export interface Sums {
  all: TimeSum;
  phases: SumRow[];
  months: SumRow[];
  people: SumRow[];
  causes: [string, number][];
}

/** Work of a job that was done and is in no record. */
export const unrecordedIn = (job: Job, plan: Plan): Unrecorded =>
  unrecordedWork(
    job,
    plan.steps,
    new Set(plan.warnings.flatMap((one) => (one.code === 'overtaken' ? [one.step] : []))),
  );

/** Hours by phase, with those of steps older than the log. */
export function sumsShown({
  steps,
  job,
  now,
  shop,
  older,
  attended,
  phaseName,
  personName,
}: {
  steps: Map<string, PlannedStep>;
  job: Job;
  now: number;
  shop: Shop;
  older: PlannedStep[];
  attended: PlannedStep[];
  phaseName(phase: string): string;
  personName: ReadonlyMap<string, string>;
}): Sums {
  const phaseOf = (step: string) => steps.get(step)?.phase ?? 'other';
  const sums = timeSums(
    job.log,
    phaseOf,
    now,
    shop.timeZone,
    older.map((step) => ({ step: step.key, start: step.start, personMinutes: step.usedMin })),
  );
  const plannedIn = (phase: string) =>
    attended.filter((step) => step.phase === phase).reduce((sum, step) => sum + step.personMinutes, 0);
  const rows = (map: ReadonlyMap<string, TimeSum>, name: (key: string) => string): SumRow[] =>
    [...map].map(([key, sum]) => ({ ...sum, name: name(key), plannedMin: null }));
  return {
    all: sums.all,
    phases: [...sums.byPhase].map(([key, sum]) => ({
      ...sum,
      name: phaseName(key),
      plannedMin: plannedIn(key),
    })),
    months: rows(sums.byMonth, (key) => key).sort((a, b) => a.name.localeCompare(b.name)),
    people: rows(sums.byPerson, (key) => personName.get(key) ?? key),
    causes: [...sums.byCause].sort((a, b) => b[1] - a[1]),
  };
}
