import { withCurrentKeys, type Job, type StepFact } from '../record';
import type { Minute } from '../units';
import { lasted, stepLogs, worked, type StepLog } from './sittings';

/** Facts of steps as the log has them at a minute. Later entries are not read: the log may be seen on any day. */
export function loggedFacts(log: Job['log'], now: Minute): StepFact[] {
  const until = log.filter((entry) => entry.at <= now);
  return [...stepLogs(until).values()].map((own) => factOf(own, now));
}

function factOf(own: StepLog, now: Minute): StepFact {
  const first = own.sittings[0];
  const sum = (value: (one: StepLog['sittings'][number]) => number) =>
    own.sittings.reduce((total, one) => total + value(one), 0);
  const sinceSaid = own.saidLeft
    ? own.sittings
        .filter((one) => one.from >= own.saidLeft!.at)
        .reduce((total, one) => total + lasted(one, now), 0)
    : 0;
  return {
    step: own.step,
    status: own.ended === null ? 'running' : 'done',
    start: first?.from ?? own.ended!,
    end: own.ended,
    remainingMin: own.saidLeft ? Math.max(0, own.saidLeft.minutes - sinceSaid) : null,
    workedMin: sum((one) => lasted(one, now)),
    personMinutes: sum((one) => worked(one, now)),
    materialsMinor: null,
    uses: [...new Set(own.sittings.at(-1)?.people ?? [])],
  };
}

/** The job with what its log says in place of older facts of the same steps, by the keys steps have now. */
export function withLoggedFacts(given: Job, now: Minute): Job {
  const job = withCurrentKeys(given);
  if (job.log.length === 0) return job;
  const logged = loggedFacts(job.log, now);
  const own = new Set(logged.map((fact) => fact.step));
  return { ...job, facts: [...job.facts.filter((fact) => !own.has(fact.step)), ...logged] };
}

/** An unfinished step is taken to need at least this share of its planned time again once that time is used up. */
const overrunShare = 0.1;
const leastLeftMin = 15;

/** Attended minutes a running step still needs: as somebody said, else the planned ones less what was worked. */
export function minutesLeft(fact: Pick<StepFact, 'remainingMin' | 'workedMin'>, plannedMin: number): number {
  if (fact.remainingMin !== null) return fact.remainingMin;
  if (fact.workedMin === undefined) return 0;
  const least = Math.min(plannedMin, Math.max(leastLeftMin, Math.round(plannedMin * overrunShare)));
  return Math.max(least, plannedMin - fact.workedMin);
}
