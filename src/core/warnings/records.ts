import type { Plan, PlanWarning } from '../plan';
import type { Job } from '../record';
import type { Shop } from '../shop';
import { firstStepOf, settledBy } from './first-step';
import { gradeOf, groundOf } from './ground';
import { measureOf } from './measure';
import type { WarningRecord } from './model';
import { remediesFor } from './remedies';

/** What names the matter of a warning; its figures may change from plan to plan. */
const namedBy = [
  'section',
  'sections',
  'step',
  'to',
  'after',
  'part',
  'spot',
  'face',
  'colour',
  'colours',
  'product',
  'budget',
  'skill',
  'placeKind',
  'session',
  'construction',
  'fault',
  'kind',
  'ground',
  'date',
  'person',
] as const;

/** Whose hardest day it is, and which, may change from plan to plan: it is the same matter. */
const figuresOnly: Partial<Record<PlanWarning['code'], readonly string[]>> = {
  'hard-days': ['person', 'date'],
};

/** The same for the same matter in two plans of a job, whatever its figures. */
export function keyOfWarning(warning: PlanWarning): string {
  const fields = new Map<string, unknown>(Object.entries(warning));
  const named = namedBy.flatMap((name) => {
    const value = figuresOnly[warning.code]?.includes(name) ? null : fields.get(name);
    return value === undefined || value === null
      ? []
      : [typeof value === 'string' ? value : JSON.stringify(value)];
  });
  return [warning.code, ...named].join(' ');
}

/**
 * The warnings of a plan as records, stops before cautions and what has to be settled first before the rest.
 * @param plan its numbers are read, nothing of it is changed   @param job, shop as it was planned
 */
export function recordsOf(plan: Plan, { job, shop }: { job: Job; shop: Shop }): WarningRecord[] {
  const records = plan.warnings.map((warning): WarningRecord => {
    const step = firstStepOf(warning, plan);
    return {
      key: keyOfWarning(warning),
      warning,
      ...groundOf(warning),
      grade: gradeOf(warning),
      measure: measureOf(warning, plan),
      step: step?.key ?? null,
      by: settledBy(warning, step, shop.timeZone),
      remedies: remediesFor(warning, { plan, job, shop }),
    };
  });
  return records.sort(
    (a, b) =>
      Number(b.grade === 'stop') - Number(a.grade === 'stop') || (a.by ?? Infinity) - (b.by ?? Infinity),
  );
}
