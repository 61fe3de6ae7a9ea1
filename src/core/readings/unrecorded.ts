import type { PlannedStep } from '../plan/model';
import type { Job } from '../record';

/** A step that was done by what came after it, though nobody wrote it down. */
export interface UnrecordedStep {
  step: string;
  name: string;
  subject: string;
  /** Person-minutes it was planned with: nobody knows what it took. */
  plannedMin: number;
}

export interface Unrecorded {
  /** Taken for done as planned, since a coat of their session was tapped: their hours are in the sums. */
  implied: UnrecordedStep[];
  /** Left out of the plan, since work behind them has begun: their hours are in no sum. */
  overtaken: UnrecordedStep[];
}

type Steps = readonly Pick<
  PlannedStep,
  'key' | 'name' | 'subject' | 'state' | 'crew' | 'skipped' | 'usedMin' | 'computedMinutes'
>[];

/**
 * Work that was done and is not in the record. It teaches nothing, and hours are only known for what was written down.
 * @param overtaken keys of the steps that the plan left out because work behind them has begun
 */
export function unrecordedWork(
  job: Pick<Job, 'facts' | 'log'>,
  steps: Steps,
  overtaken: ReadonlySet<string>,
): Unrecorded {
  const written = new Set([...job.facts, ...job.log].map((one) => one.step));
  const told = ({ key, name, subject }: Steps[number], plannedMin: number): UnrecordedStep => ({
    step: key,
    name,
    subject,
    plannedMin,
  });
  return {
    implied: steps.flatMap((step) =>
      step.state === 'done' && step.crew > 0 && !step.skipped && !written.has(step.key)
        ? [told(step, step.usedMin)]
        : [],
    ),
    overtaken: steps.flatMap((step) =>
      overtaken.has(step.key) ? [told(step, step.computedMinutes ?? 0)] : [],
    ),
  };
}
