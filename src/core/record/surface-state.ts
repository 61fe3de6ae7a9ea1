import type { Minute } from '../units';

/** As much of a planned step as the look of a surface needs. */
export interface SurfaceStep {
  sections: readonly string[];
  end: Minute;
  leaves: string | null;
}

/**
 * What each section looks like at a minute: what the last step that ended by then left behind; `old` before any did.
 * @returns state by section key, for every section of `sections`
 */
export function surfaceStates(
  steps: readonly SurfaceStep[],
  sections: readonly string[],
  at: Minute,
): Map<string, string> {
  const states = new Map(sections.map((key) => [key, 'old']));
  const latest = new Map<string, Minute>();
  for (const step of steps) {
    if (step.leaves === null || step.end > at) continue;
    for (const key of step.sections)
      if (step.end >= (latest.get(key) ?? -Infinity)) {
        latest.set(key, step.end);
        states.set(key, step.leaves);
      }
  }
  return states;
}
