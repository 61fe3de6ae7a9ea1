import type { Minute } from '../units';
import type { Schedule, ScheduleProblem } from './problem';
import { scheduleSerially } from './serial-schedule';
import { minutesWithin, type Stretch } from './stretches';

export interface Agreed {
  /** Starts of the agreed plan, by step. */
  starts: ReadonlyMap<string, Minute>;
  /** When the shop is open: a gain is counted in open minutes, since a night is none. */
  open: readonly Stretch[];
  /** Open minutes a step must gain before its agreed start is given up; half a shift where nobody decided. */
  keepForMin: number;
}

/**
 * A schedule that leaves agreed starts alone: first everything is placed as early as it can be; every agreed start
 * that can be met and lies less than `keepForMin` behind that is then kept, and the rest placed anew around it. Gains
 * are measured from the earliest schedule, so that small ones cannot add up unseen. Where keeping would break a window,
 * lose a step or cost as much at the end, the earliest schedule stands.
 */
export function scheduleKeeping(problem: ScheduleProblem, agreedPlan: Agreed): Schedule {
  const { starts, open, keepForMin } = agreedPlan;
  const earliest = scheduleSerially(problem);
  if (starts.size === 0) return earliest;
  const facts = new Set(problem.facts.map((fact) => fact.step));
  const keepAt = new Map<string, Minute>();
  let differs = false;
  for (const { step, start } of earliest.placements) {
    const agreed = starts.get(step);
    if (agreed === undefined || facts.has(step) || agreed < start) continue;
    if (minutesWithin(open, start, agreed) >= keepForMin) continue;
    keepAt.set(step, agreed);
    differs ||= agreed > start;
  }
  if (!differs) return earliest;
  const kept = scheduleSerially({ ...problem, keepAt });
  return isWorse(kept, earliest, agreedPlan) ? earliest : kept;
}

const endOf = (schedule: Schedule): Minute => Math.max(0, ...schedule.placements.map((one) => one.end));

function isWorse(kept: Schedule, earliest: Schedule, { open, keepForMin }: Agreed): boolean {
  return (
    kept.broken.length > earliest.broken.length ||
    kept.unplaced.length > earliest.unplaced.length ||
    minutesWithin(open, endOf(earliest), endOf(kept)) >= Math.max(1, keepForMin)
  );
}
