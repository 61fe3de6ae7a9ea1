import type { Plan, PlanBecause, PlannedStep } from '../plan/model';
import type { Minute } from '../units';

/** Something a plan should keep and cannot, with what stands in the way. */
export type Unkept =
  | { kind: 'window'; step: string; opens: string; wanted: Minute; start: Minute; why: PlanBecause[] }
  | { kind: 'pin'; step: string; wanted: Minute; start: Minute; why: PlanBecause[] }
  | { kind: 'no-room'; step: string };

/**
 * What the calendar cannot keep: windows that close before their step can begin, pins it does not meet, steps without room.
 * Of each the obstacles that lie between the wanted minute and the start, the last first as the plan tells them, and what
 * fixes its earliest start where that is too late by itself.
 */
export function unkeptOf({
  steps,
  windows,
  warnings,
}: Pick<Plan, 'steps' | 'windows' | 'warnings'>): Unkept[] {
  const byKey = new Map(steps.map((step) => [step.key, step]));
  const broken = windows
    .filter((window) => window.state === 'broken')
    .map((window): Unkept => {
      const why = between(byKey.get(window.to), window.closes);
      return {
        kind: 'window',
        step: window.to,
        opens: window.from,
        wanted: window.closes,
        start: window.met,
        why,
      };
    });
  const others = warnings.flatMap((warning): Unkept[] => {
    if (warning.code === 'no-room') return [{ kind: 'no-room', step: warning.step }];
    if (warning.code !== 'pin-missed') return [];
    const { step, wanted, start } = warning;
    return [{ kind: 'pin', step, wanted, start, why: between(byKey.get(step), wanted) }];
  });
  return [...broken, ...others];
}

/** The obstacles that reach beyond a minute; where none does, what holds the step back by itself. */
function between(step: PlannedStep | undefined, wanted: Minute): PlanBecause[] {
  const why = step?.whyNotEarlier ?? [];
  const later = why.filter((one) => 'to' in one && one.to > wanted);
  return later.length > 0 ? later : why.filter((one) => !('to' in one));
}
