import type { Minute } from '../units';

/** As much of a planned step as the look of a surface needs. */
export interface SurfaceStep {
  sections: readonly string[];
  end: Minute;
  leaves: string | null;
}

/** Areas that lie under film or paper for a while. */
export interface SurfaceCover {
  sections: readonly string[];
  from: Minute;
  /** When it is pulled; null where no step does. */
  to: Minute | null;
}

/**
 * What each section looks like at a minute: masked while it is covered, else what the last step that ended by then left
 * behind; `old` before any did.
 * @returns state by section key, for every section of `sections`
 */
export function surfaceStates(
  steps: readonly SurfaceStep[],
  sections: readonly string[],
  at: Minute,
  covers: readonly SurfaceCover[] = [],
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
  for (const cover of covers)
    if (cover.from <= at && (cover.to === null || at < cover.to))
      for (const key of cover.sections) if (states.has(key)) states.set(key, 'masked');
  return states;
}
