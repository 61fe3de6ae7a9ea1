import type { PlacedNetwork } from '../plan/placed-network';
import type { Plan, PlannedStep } from '../plan/model';
import { timesTaken } from '../plan/taken-times';
import { Calendar } from '../schedule';
import { showsHiddenDamage } from '../survey';
import type { Minute } from '../units';
import { eventsOf, type ReworkEvent } from './rework-events';
import { orderOfCourse, type CourseArc } from './course-order';

/** A job as it is planned: its network in its hours, and what that comes to. */
export interface PlannedCourse {
  network: PlacedNetwork;
  plan: Plan;
}

/** A closing window that matters: how often it is missed is told. */
export interface CourseWindow {
  job: number;
  from: number;
  to: number;
  maxMin: number;
  /** What opens it can be held back; a window that scuffing reopens is not waited for. */
  canWait: boolean;
}

export interface CourseStep {
  job: number;
  key: string;
  name: string;
  subject: string;
  operation: string;
  kind: 'contiguous' | 'splittable' | 'passive';
  /** Minutes that take their own time: attended flash, drying, holds. */
  steadyMin: number;
  /** Minutes of work, which vary; for what runs the rest of them. */
  workMin: number;
  /** Person-minutes a minute of the step costs. */
  crew: number;
  /** When all who do it are there; null where nobody is needed. */
  hours: Calendar | null;
  /** Not before this minute: today, a pin, a gate, the end of what is done. */
  release: Minute;
  /** Its start in the plan. */
  planned: Minute;
  into: CourseArc[];
  events: ReworkEvent[];
  showsHidden: boolean;
  /** The handover does not wait for it. */
  afterwards: boolean;
  /** Materials of the step in minor units. */
  materialsMinor: number;
}

/** A place taken from the start of one step to the end of another, counted where it is a booth session. */
export interface CourseSession {
  job: number;
  /** The first step, or the minute the session has begun. */
  from: number | null;
  begun: Minute;
  to: number;
  /** What is attended in it without a break in the plan, and how long that takes; it is not begun where it would be torn. */
  unbroken: { steps: number[]; minutes: number } | null;
}

/** All that still lies ahead of the open jobs, on the hands, places and order that their plans give it. */
export interface Course {
  jobs: PlannedCourse[];
  steps: CourseStep[];
  /** Indices of the steps, each after all it waits for. */
  order: Int32Array;
  sessions: CourseSession[];
  windows: CourseWindow[];
  /** When the shop is open. */
  open: Calendar;
}

const shownWindows: ReadonlySet<string> = new Set(['bare-metal', 'recoat-max']);

/**
 * The course of some planned jobs: who and what each step takes and after which others it comes on them stays as planned;
 * only the minutes will differ. Steps that are done stand where they ended.
 */
export function courseOf(jobs: readonly PlannedCourse[]): Course {
  const steps: CourseStep[] = [];
  const sessions: CourseSession[] = [];
  const windows: CourseWindow[] = [];
  const queues = new Map<string, { at: Minute; from: number; to: number }[]>();
  const open = new Calendar(jobs[0]?.network.placed.open ?? []);
  jobs.forEach((one, job) => {
    const { network, plan } = one;
    const { placed } = network;
    const index = new Map<string, number>();
    const ended = new Map<string, Minute>();
    const places = new Map(placed.stays.map((stay) => [stay.key, stay.place]));
    // Whoever is free goes on with what is shared out: it stands by the hours of the shop.
    const hoursOf = (step: PlannedStep) =>
      step.shares.length > 0
        ? open
        : placed.hours.of(step, step.hold === null ? null : (places.get(step.hold) ?? null));
    for (const step of plan.steps) {
      if (step.state === 'done') ended.set(step.key, step.end);
      else index.set(step.key, steps.push(stepOf(step, job, one, hoursOf(step))) - 1);
    }
    joinSteps({ network, index, steps, ended, windows, job });
    const queue = (resource: string, at: Minute, from: number, to: number) =>
      queues.set(resource, [...(queues.get(resource) ?? []), { at, from, to }]);
    const held = new Set<string>();
    for (const stay of placed.stays) {
      const [from, to] = [index.get(stay.from), index.get(stay.to)];
      held.add(`${stay.key}\n${stay.place}`);
      if (to === undefined) continue;
      queue(stay.place, stay.start, from ?? to, to);
      const inside = plan.steps.filter((step) => step.hold === stay.key && index.has(step.key));
      if (stay.kind === 'session') {
        const unbroken = from === undefined ? null : attendedRun(inside, index, open);
        sessions.push({ job, from: from ?? null, begun: stay.start, to, unbroken });
      }
      // Everything in a stay lies between its ends.
      for (const step of inside) {
        const inner = index.get(step.key)!;
        if (from !== undefined && inner !== from) steps[inner]!.into.push({ from, lag: 0 });
        if (inner !== to) steps[to]!.into.push({ from: inner, lag: 0 });
      }
    }
    for (const step of plan.steps) {
      const i = index.get(step.key);
      if (i === undefined || step.minutes === 0) continue;
      for (const resource of step.uses)
        if (!held.has(`${step.hold}\n${resource}`)) {
          const [first] = timesTaken(step, resource);
          queue(resource, first?.from ?? step.start, i, i);
        }
    }
  });
  queueUp(queues, steps);
  const order = orderOfCourse(steps);
  return { jobs: [...jobs], steps, order, sessions, windows, open };
}

/** What each step waits for, and the windows that close on it. */
function joinSteps({
  network,
  index,
  steps,
  ended,
  windows,
  job,
}: {
  network: PlacedNetwork;
  index: Map<string, number>;
  steps: CourseStep[];
  ended: Map<string, number>;
  windows: CourseWindow[];
  job: number;
}) {
  for (const { from, to, min, max, why } of network.network.links) {
    const [a, b] = [index.get(from), index.get(to)];
    if (b === undefined) continue;
    const step = steps[b]!;
    if (a !== undefined) step.into.push({ from: a, lag: min });
    else if (ended.has(from)) step.release = Math.max(step.release, ended.get(from)! + min);
    if (a !== undefined && max !== null && shownWindows.has(why.code))
      windows.push({ job, from: a, to: b, maxMin: max, canWait: true });
  }
  for (const soft of network.network.softWindows) {
    const [from, to] = [index.get(soft.from), index.get(soft.to)];
    if (from !== undefined && to !== undefined)
      windows.push({ job, from, to, maxMin: soft.maxMin, canWait: false });
  }
}

/** What takes the same resource comes on it in the order of the plan. */
function queueUp(queues: Map<string, { at: Minute; from: number; to: number }[]>, steps: CourseStep[]) {
  for (const taken of queues.values()) {
    taken.sort((a, b) => a.at - b.at || a.from - b.from);
    for (let k = 1; k < taken.length; k += 1)
      steps[taken[k]!.from]!.into.push({ from: taken[k - 1]!.to, lag: 0 });
  }
}

/** The steps of a session from its first to its last coat, where the plan keeps them within one run of open hours. */
function attendedRun(
  inside: readonly PlannedStep[],
  index: ReadonlyMap<string, number>,
  open: Calendar,
): CourseSession['unbroken'] {
  const last = Math.max(-Infinity, ...inside.filter((step) => step.coat !== null).map((step) => step.end));
  const first = Math.min(...inside.map((step) => step.start));
  if (last === -Infinity || open.openBetween(first, last) !== last - first) return null;
  const run = inside.filter((step) => step.end <= last);
  return { steps: run.map((step) => index.get(step.key)!), minutes: last - first };
}

function stepOf(step: PlannedStep, job: number, one: PlannedCourse, hours: Calendar | null): CourseStep {
  const { input, placed } = one.network;
  const isPassive = step.kind === 'passive';
  const span = placed.at.get(step.key)!;
  // What runs has its rest before it; nobody knows better than the log how far it has come.
  const isRunning = step.state === 'running';
  const isShared = step.shares.length > 0 && hours !== null;
  const planned = isShared ? hours.openBetween(span.start, span.end) : step.minutes;
  const left = isRunning ? restOf(span.end, input.now, hours, step) : planned;
  const steadyMin = isPassive ? left : Math.min(left, step.figure.flashMin);
  const knowsYear = input.job.builtYear !== null;
  return {
    job,
    key: step.key,
    name: step.name,
    subject: step.subject,
    operation: step.operation,
    kind: step.kind,
    steadyMin,
    workMin: left - steadyMin,
    hours,
    crew: step.minutes > 0 ? step.personMinutes / (isShared ? planned : step.minutes) : 0,
    release: isRunning ? input.now : Math.max(input.now, step.notBefore, step.pinnedAt ?? 0),
    planned: step.start,
    into: [],
    events: isPassive || step.skipped ? [] : eventsOf(step, knowsYear),
    showsHidden: !isPassive && showsHiddenDamage(step),
    afterwards: step.phase === 'return',
    materialsMinor: step.materialsMinor,
  };
}

/** Minutes a running step still takes: open ones where it pauses outside its hours. */
function restOf(end: Minute, now: Minute, hours: Calendar | null, step: PlannedStep): number {
  if (end <= now) return 0;
  return hours && step.kind === 'splittable' ? hours.openBetween(now, end) : end - now;
}
