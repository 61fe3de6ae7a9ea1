import type { Plan } from '../plan/model';
import type { BoundSurfaces } from '../concepts/step-records';
import type { Minute } from '../units';
import { panelsOf } from '../vehicle';

/** What a signature binds: of each panel how much work was done on it, and when the last of it ended. */
export type SurfaceRevisions = Readonly<Record<string, { steps: number; endMin: number }>>;

/** The surfaces of a job as the work on them stands now, by the key of their panel. */
export function surfaceRevisions({ steps, parts }: Pick<Plan, 'steps' | 'parts'>): SurfaceRevisions {
  const found: Record<string, { steps: number; endMin: number }> = {};
  for (const { key, section } of panelsOf(parts)) {
    const done = steps.filter((step) => step.state === 'done' && step.sections.includes(section));
    found[key] = { steps: done.length, endMin: Math.max(0, ...done.map((step) => step.end)) };
  }
  return found;
}

/** Panels on which something was done since they were signed for, or that were not there then. */
export function workedSince(signed: SurfaceRevisions, now: SurfaceRevisions): string[] {
  return Object.entries(now).flatMap(([part, { steps, endMin }]) => {
    const was = signed[part];
    return was?.steps === steps && was.endMin === endMin ? [] : [part];
  });
}

/** What a signature for a step binds: the panels it is about, each with the steps that had ended on it by then. */
export function boundAt(plan: Pick<Plan, 'steps' | 'parts'>, step: string, atMin: Minute): BoundSurfaces {
  const about = plan.steps.find((one) => one.key === step)?.sections ?? [];
  const panels = panelsOf(plan.parts).filter(({ section }) => about.length === 0 || about.includes(section));
  return {
    atMin,
    parts: Object.fromEntries(panels.map(({ key, section }) => [key, ended(plan, section, atMin)])),
  };
}

const ended = ({ steps }: Pick<Plan, 'steps'>, section: string, atMin: Minute): number =>
  steps.filter((one) => one.state === 'done' && one.end <= atMin && one.sections.includes(section)).length;

/**
 * Panels whose work up to a signature is no longer what was signed for: an entry was corrected, work was written down
 * after it, a panel went. What is done later on is no fault: it was still to come.
 */
export function changedBeneath(
  { atMin, parts }: BoundSurfaces,
  plan: Pick<Plan, 'steps' | 'parts'>,
): string[] {
  const now = new Map(panelsOf(plan.parts).map(({ key, section }) => [key, section]));
  return Object.entries(parts).flatMap(([key, count]) => {
    const section = now.get(key);
    return section !== undefined && ended(plan, section, atMin) === count ? [] : [key];
  });
}
