import type { Plan, PlannedStep } from '../plan/model';
import type { Minute } from '../units';

/** A wait that nobody attends, with work that could be done meanwhile. */
export interface Waiting {
  job: string;
  step: string;
  name: string;
  subject: string;
  from: Minute;
  to: Minute;
  /** Work of any job that stands on nothing unfinished when the wait begins, and is planned later. */
  free: {
    job: string;
    step: string;
    name: string;
    subject: string;
    planned: Minute;
    personMinutes: number;
  }[];
}

/** Waits shorter than this are part of the work around them. */
const leastMin = 120;
/** A reader is shown so many. */
const mostFree = 8;

const attends = (step: PlannedStep): boolean =>
  step.state === 'planned' && step.crew > 0 && !step.skipped && step.heldBy.length === 0;

/**
 * Waiting is working time: for each wait ahead of one job, what else is unblocked in all jobs, the soonest planned first.
 * Coats and what belongs to a booth session are not offered: they have their own hours.
 */
export function freeWhileWaiting(
  own: Pick<Plan, 'job' | 'steps'>,
  all: readonly Pick<Plan, 'job' | 'steps' | 'stays'>[],
  now: Minute,
): Waiting[] {
  const offers = all.flatMap(({ job, steps, stays }) => {
    const sessions = new Set(stays.flatMap((stay) => (stay.kind === 'session' ? [stay.key] : [])));
    return steps
      .filter((step) => attends(step) && !sessions.has(step.hold ?? ''))
      .map((step) => ({ job, step }));
  });
  return own.steps
    .filter((step) => step.kind === 'passive' && step.end > now && step.end - step.start >= leastMin)
    .sort((a, b) => a.start - b.start)
    .map((wait) => {
      const from = Math.max(now, wait.start);
      const free = offers
        .filter(({ step }) => step.readyFrom <= from && step.start >= from)
        .sort((a, b) => a.step.start - b.step.start)
        .slice(0, mostFree)
        .map(({ job, step }) => ({
          job,
          step: step.key,
          name: step.name,
          subject: step.subject,
          planned: step.start,
          personMinutes: step.personMinutes,
        }));
      return {
        job: own.job,
        step: wait.key,
        name: wait.name,
        subject: wait.subject,
        from,
        to: wait.end,
        free,
      };
    });
}
