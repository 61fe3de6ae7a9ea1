import type { Job } from '../record';
import { localDateOf, addDays, type LocalDate } from '../units';
import type { Experience } from './learned';
import { stepLogs, worked } from './sittings';

/** What of a planned step teaches: its operation, and its minutes without any learned factor. */
export interface TaughtStep {
  key: string;
  operation: string;
  state: 'done' | 'running' | 'planned';
  /** Person-minutes by rate, quantity and shape, before the learned factor and before anything typed. */
  plainMin: number;
  /** While some panels of it are done: their share by area, and the person-minutes that went into them. */
  partDone?: { share: number; personMin: number } | null;
}

/**
 * A job's experience by operation, from its finished steps and panels: what was logged over what the rates said. Rework is left
 * out; a day counts once for an operation.
 * @param isOpen whether the shop works on a day; facts without a log count the open days from begin to end
 */
export function experienceOf(
  job: Pick<Job, 'facts' | 'log'>,
  steps: readonly TaughtStep[],
  isOpen: (date: LocalDate) => boolean,
  timeZone: string,
): Map<string, Experience> {
  const logs = stepLogs(job.log);
  const facts = new Map(job.facts.map((fact) => [fact.step, fact]));
  const found = new Map<string, { actualMin: number; plannedMin: number; dates: Set<LocalDate> }>();
  for (const step of steps) {
    const { partDone } = step;
    if ((step.state !== 'done' && !partDone) || step.plainMin <= 0) continue;
    const own = found.get(step.operation) ?? { actualMin: 0, plannedMin: 0, dates: new Set() };
    const first = logs.get(step.key)?.sittings.filter((one) => one.redo === '' && one.to !== null);
    const fact = facts.get(step.key);
    if (partDone && step.state !== 'done') {
      own.actualMin += partDone.personMin;
      for (const one of first ?? []) own.dates.add(localDateOf(one.from, timeZone));
    } else if (first && first.length > 0) {
      own.actualMin += first.reduce((sum, one) => sum + worked(one, one.to!), 0);
      for (const one of first) own.dates.add(localDateOf(one.from, timeZone));
    } else if (fact && fact.end !== null) {
      own.actualMin += fact.personMinutes;
      for (const date of daysOf(fact.start, fact.end, timeZone)) if (isOpen(date)) own.dates.add(date);
    } else continue;
    own.plannedMin += step.plainMin * (step.state === 'done' ? 1 : (partDone?.share ?? 0));
    found.set(step.operation, own);
  }
  return new Map(
    [...found].map(([operation, { actualMin, plannedMin, dates }]) => [
      operation,
      { actualMin, plannedMin, days: Math.max(1, dates.size) },
    ]),
  );
}

const mostDays = 200;

function daysOf(start: number, end: number, timeZone: string): LocalDate[] {
  const last = localDateOf(end, timeZone);
  const days = [localDateOf(start, timeZone)];
  while (days.at(-1)! < last && days.length < mostDays) days.push(addDays(days.at(-1)!, 1));
  return days;
}

/** What the log of all jobs says of one operation, beside what the shop goes by now. */
export interface LearnedRow extends Experience {
  operation: string;
  name: string;
  jobs: number;
  /** What the log proposes. */
  factor: number;
  /** Standard deviation of its logarithm that is left. */
  spread: number;
  /** What the manager accepted; 1 where nothing was. */
  accepted: number;
  /** Person-minutes by rate still ahead in all jobs: as they are planned, and with the factor the log proposes. */
  aheadMin: number;
  thenMin: number;
  seen: number | null;
}
