import type { PlannedStep, TradeDate } from './model';
import type { Job } from '../record';
import { addDays, localDateOf } from '../units';

/**
 * Days of other trades as the plan has them: what must be done before a stretch of ours begins, and from when one that
 * waits for a stretch may begin; delicate trades are told a new day whenever it moves.
 */
export function tradeDates(
  job: Pick<Job, 'milestones'>,
  steps: readonly PlannedStep[],
  timeZone: string,
): TradeDate[] {
  return job.milestones.map(({ id, tie, phase, onDate, toldDate, done }) => {
    const own = steps.filter((step) => step.phase === phase && !step.skipped && step.crew > 0);
    if (own.length === 0 || done) return { milestone: id, day: null, clashes: false, toTell: false };
    if (tie === 'before') {
      const first = own.reduce((least, step) => Math.min(least, step.start), Infinity);
      const day = localDateOf(first, timeZone);
      return { milestone: id, day, clashes: onDate !== null && onDate > day, toTell: false };
    }
    const last = own.reduce((latest, step) => Math.max(latest, step.end), 0);
    // The day after the last compound is off: nobody works in what is still being cleaned.
    const day = addDays(localDateOf(last, timeZone), 1);
    return { milestone: id, day, clashes: onDate !== null && onDate < day, toTell: toldDate !== day };
  });
}
