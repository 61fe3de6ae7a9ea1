import type { Plan } from '../plan/model';
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
