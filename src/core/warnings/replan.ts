import { figuresOf, inputOf, withChange, type Change, type PlanFigures, type Situation } from '../changes';
import { planJob, type Plan, type PlanWarning } from '../plan';
import { keyOfWarning, recordsOf } from './records';

/** A remedy as it would come out. */
export interface TriedRemedy {
  change: Change;
  figures: PlanFigures;
  /** The warning is not there any more. */
  settles: boolean;
  /** Warnings that it would settle besides, and such as only come with it. */
  alsoSettles: PlanWarning[];
  brings: PlanWarning[];
  /** What these warnings name: steps of both plans and areas, by their keys. */
  names: { steps: Record<string, string>; areas: { key: string; name: string }[] };
}

export interface TriedRemedies {
  base: PlanFigures;
  /** Those that settle it first. */
  tried: TriedRemedy[];
}

/** Most remedies of one warning that are planned. */
const mostTried = 4;

/**
 * Plans a job with each remedy of one of its warnings, the whole way from survey to calendar, beside the job as it stands.
 * @param key of the warning   @returns null where the plan has no such warning any more
 */
export function tryRemedies(given: Situation, key: string): TriedRemedies | null {
  const base = planJob(inputOf(given));
  const record = recordsOf(base, given).find((one) => one.key === key);
  if (!record) return null;
  const before = new Map(base.warnings.map((one) => [keyOfWarning(one), one]));
  const tried = record.remedies.slice(0, mostTried).flatMap((change): TriedRemedy[] => {
    const changed = withChange(given, change);
    if (!changed) return [];
    const plan = planJob(inputOf(changed));
    const after = new Map(plan.warnings.map((one) => [keyOfWarning(one), one]));
    const alsoSettles = [...before].flatMap(([own, one]) => (own === key || after.has(own) ? [] : [one]));
    const brings = [...after].flatMap(([own, one]) => (before.has(own) ? [] : [one]));
    const names = namesIn([...alsoSettles, ...brings], [base, plan]);
    // What would have to be laid behind work that has begun is left out: nothing is settled by it.
    const settles = !after.has(key) && !brings.some((one) => one.code === 'overtaken');
    return [{ change, figures: figuresOf(plan), settles, alsoSettles, brings, names }];
  });
  return { base: figuresOf(base), tried: tried.sort((a, b) => Number(b.settles) - Number(a.settles)) };
}

function namesIn(warnings: readonly PlanWarning[], plans: readonly Plan[]): TriedRemedy['names'] {
  const told = new Set(
    warnings.flatMap((one) => [
      ...('step' in one ? [one.step] : []),
      ...('to' in one ? [one.to] : []),
      ...('after' in one ? [one.after] : []),
    ]),
  );
  const steps = plans.flatMap((plan) => plan.steps).filter((step) => told.has(step.key));
  const areas = plans.flatMap((plan) => plan.sections).map(({ section, name }) => ({ key: section, name }));
  return {
    steps: Object.fromEntries(steps.map(({ key, name, subject }) => [key, `${name}, ${subject}`])),
    areas: [...new Map(areas.map((one) => [one.key, one])).values()],
  };
}
