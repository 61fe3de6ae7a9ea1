import type { Fact, ScheduleProblem, TimedStep } from './problem';
import type { ModelCalendar, ModelDone, ModelRunning, ModelUse, ScheduleModel, TakenUse } from './model';
import type { Stretch } from './stretches';
import type { Minute } from '../units';

const workJob = 'work';
const laterJob = 'afterwards';

/** A job's own problem in the terms of the whole model: every person and place serves one at a time, shared hours any number. */
export function modelOfWork(problem: ScheduleProblem, due: Minute | null = null): ScheduleModel {
  const later = new Set(problem.afterwards);
  const { calendars, of, calendarOf } = calendarsOf(problem);
  const steps = new Map(problem.steps.map((one) => [one.id, one]));
  const done: ModelDone[] = [];
  const running: ModelRunning[] = [];
  for (const fact of problem.facts) {
    const step = steps.get(fact.step);
    if (!step) continue;
    const uses = takenBy(fact, step, problem);
    if (fact.status === 'done') done.push({ step: step.id, start: fact.start, end: fact.end, uses });
    else
      running.push({
        step: step.id,
        start: Math.min(fact.start, problem.now),
        remaining: fact.remaining,
        uses,
      });
  }
  return {
    now: problem.now,
    calendars,
    done,
    running,
    resources: problem.resources.map(({ id, isShared }) => ({
      id,
      capacity: isShared ? problem.steps.length : 1,
      calendar: of.get(id)!,
      scarce: false,
    })),
    jobs: [workJob, ...(later.size > 0 ? [laterJob] : [])].map((id) => ({
      id,
      release: problem.now,
      due: id === workJob ? due : null,
      weight: 1,
    })),
    steps: problem.steps.map(({ id, kind, minutes, uses, hold, hours }) => ({
      id,
      job: later.has(id) ? laterJob : workJob,
      kind,
      minutes,
      tags: [],
      hours: hours && [...hours].map(([resource, open]) => [resource, calendarOf(open)] as const),
      uses: [...uses.map((anyOf): ModelUse => ({ anyOf, amount: 1 })), ...(hold === null ? [] : [{ hold }])],
    })),
    links: problem.links.map(({ from, to, min, max }) => ({ from, to, type: 'end-start', min, max })),
    holds: problem.holds.map((one) => ({ ...one, amount: 1, tags: [] })),
    exclusions: [],
    same: [],
    pinned: [],
  };
}

/** What has the same hours shares a calendar. */
function calendarsOf({ resources }: ScheduleProblem): {
  calendars: ModelCalendar[];
  of: Map<string, string | null>;
  calendarOf(open: readonly Stretch[]): string;
} {
  const calendars: ModelCalendar[] = [];
  const known = new Map<string, string>();
  const calendarOf = (open: readonly Stretch[]): string => {
    const text = open.map(({ from, to }) => `${from} ${to}`).join();
    const id = known.get(text) ?? `hours ${known.size}`;
    if (!known.has(text)) {
      known.set(text, id);
      const pairs = open.map(({ from, to }) => [from, to] as const);
      calendars.push({ id, repeatMinutes: null, open: pairs, closed: [] });
    }
    return id;
  };
  const of = new Map(resources.map(({ id, open }) => [id, open && calendarOf(open)] as const));
  return { calendars, of, calendarOf };
}

/** What a fact took, entry by entry; empty when the record does not fit the entries, which `looseFacts` then covers. */
function takenBy(fact: Fact, step: TimedStep, { holds, resources }: ScheduleProblem): TakenUse[] {
  const known = new Set(resources.map((one) => one.id));
  const left = new Set(fact.uses.filter((id) => known.has(id)));
  const taken: TakenUse[] = [];
  for (const anyOf of step.uses) {
    const resource = anyOf.find((id) => left.has(id));
    if (resource === undefined) return [];
    left.delete(resource);
    taken.push({ resource, amount: 1 });
  }
  if (step.hold === null) return left.size === 0 ? taken : [];
  const place = holds.find((one) => one.id === step.hold)?.anyOf.find((id) => left.has(id));
  return place === undefined ? [] : [...taken, { hold: step.hold, resource: place }];
}
