import { sigma, tau } from '../log';
import type { Random } from '../schedule';
import type { Minute } from '../units';
import type { Course, CourseSession, CourseStep, CourseWindow } from './course';
import type { ReworkEvent } from './rework-events';

/** What the shop's log says of its pace in an operation, against what the plans go by. */
export interface Pace {
  /** Learned factor over the accepted one. */
  factor: number;
  /** Variance of its logarithm that is left. */
  variance: number;
}

/** What varies in a draw; all on for a forecast. */
export interface Uncertainty {
  paces: ReadonlyMap<string, Pace>;
  labour: boolean;
  rework: boolean;
}

/** One way the jobs may go: minutes by step, and by job what they came to. */
export interface Draw {
  start: Float64Array;
  end: Float64Array;
  /** Minutes each step took. */
  minutes: Float64Array;
  finish: Float64Array;
  /** Person-minutes and materials more than the plan's. */
  moreLabourMin: Float64Array;
  moreMaterialsMinor: Float64Array;
  boothMin: Float64Array;
  /** 1 for each window that was missed. */
  missed: Uint8Array;
  /** How often each event came. */
  events: Map<ReworkEvent['code'], number>;
}

const workdayMin = 480;
/** Spread of what age and old repairs hide, as standard deviation of the logarithm; its mean is the allowance. */
const hiddenSigma = 0.8;

/** Standard normal by Box and Muller. */
function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random.next())) * Math.cos(2 * Math.PI * random.next());
}

const between = (random: Random, [least, most]: readonly [number, number]) =>
  least + (most - least) * random.next();

/**
 * One draw. The shop's pace in an operation is drawn once for all its steps (log-normal, what the log leaves open of it),
 * each day of work varies for itself (σ 0.4 a job-day), what goes wrong comes by its chance; then every step begins as soon
 * as its people, its place and what it stands on allow, in the order of the plan.
 */
export function drawOnce(course: Course, random: Random, what: Uncertainty): Draw {
  const { steps, jobs } = course;
  const hidden = hiddenShares(course, random, what);
  const pace = new Map<string, number>();
  const draw: Draw = {
    start: new Float64Array(steps.length),
    end: new Float64Array(steps.length),
    minutes: new Float64Array(steps.length),
    finish: new Float64Array(jobs.length),
    moreLabourMin: new Float64Array(jobs.length),
    moreMaterialsMinor: new Float64Array(jobs.length),
    boothMin: new Float64Array(jobs.length),
    missed: new Uint8Array(course.windows.length),
    events: new Map(),
  };
  const waits = new Float64Array(steps.length);
  steps.forEach((step, i) => {
    const worked = step.workMin * factorOf(step, random, what, pace);
    let more = step.showsHidden ? worked * hidden[step.job]! : 0;
    if (what.rework)
      for (const event of step.events) {
        // Drawn whether or not it comes, so that one step's luck does not shift all the others'.
        const [comes, share, minutes] = [
          random.next(),
          between(random, event.share),
          between(random, event.minutes),
        ];
        if (comes >= event.chance || step.workMin === 0) continue;
        more += step.workMin * share + minutes / Math.max(1, step.crew);
        waits[i] = Math.max(waits[i]!, event.waitMin);
        draw.events.set(event.code, (draw.events.get(event.code) ?? 0) + 1);
      }
    const taken = Math.round(step.steadyMin + worked + more);
    draw.minutes[i] = taken;
    const planned = step.steadyMin + step.workMin;
    draw.moreLabourMin[step.job]! += (taken - planned) * step.crew;
    // Mending takes what the work takes: sheets, putty, paint in the same share.
    if (step.workMin > 0) draw.moreMaterialsMinor[step.job]! += (step.materialsMinor * more) / step.workMin;
  });
  walk(course, draw, waits);
  return draw;
}

function factorOf(step: CourseStep, random: Random, what: Uncertainty, pace: Map<string, number>): number {
  if (!what.labour || step.workMin === 0) return 1;
  let own = pace.get(step.operation);
  if (own === undefined) {
    const { factor, variance } = what.paces.get(step.operation) ?? { factor: 1, variance: tau ** 2 };
    own = Math.log(factor) + Math.sqrt(variance) * normal(random);
    pace.set(step.operation, own);
  }
  const days = Math.max(1, step.workMin / workdayMin);
  return Math.exp(own + (sigma / Math.sqrt(days)) * normal(random));
}

/** Further share of stripping, metal and filler by job: what is left of the allowance, log-normal about it. */
function hiddenShares(course: Course, random: Random, { rework }: Uncertainty): number[] {
  return course.jobs.map(({ plan }, job) => {
    const luck = Math.exp(hiddenSigma * normal(random) - hiddenSigma ** 2 / 2);
    const left = plan.allowance?.leftMin ?? 0;
    if (!rework || left === 0) return 0;
    const ahead = course.steps.reduce(
      (sum, step) => sum + (step.job === job && step.showsHidden ? step.workMin * step.crew : 0),
      0,
    );
    return ahead > 0 ? (left * luck) / ahead : 0;
  });
}

/** Rounds in which what opens a window may be held back. */
const mostRounds = 4;

/**
 * Begins every step as soon as it can, in the order of the plan. What opens a window that would close too early is held
 * back and the walk begins anew, as a painter does not etch before the booth is free; a window that is still missed after
 * some rounds is told.
 */
function walk(course: Course, draw: Draw, waits: Float64Array): void {
  const { windows, sessions, open } = course;
  const { start, end } = draw;
  const held = new Float64Array(course.steps.length);
  const late = ({ from, to, maxMin }: CourseWindow) => start[to]! - end[from]! - maxMin;
  for (let round = 1; ; round += 1) {
    walkOnce(course, draw, waits, held);
    const missed = windows.filter((window) => window.canWait && late(window) > 0);
    if (missed.length === 0 || round === mostRounds) break;
    for (const window of missed)
      held[window.from] = Math.max(held[window.from]!, start[window.from]! + late(window));
  }
  windows.forEach((window, w) => {
    if (late(window) > 0) draw.missed[w] = 1;
  });
  for (const { job, from, begun, to } of sessions)
    draw.boothMin[job]! += open.openBetween(from === null ? begun : start[from]!, end[to]!);
}

function walkOnce(course: Course, draw: Draw, waits: Float64Array, held: Float64Array): void {
  const { steps, order, sessions } = course;
  const { start, end, minutes, finish } = draw;
  finish.fill(0);
  const begins = new Map(sessions.map((session) => [session.from, session]));
  for (const i of order) {
    const step = steps[i]!;
    let ready = Math.max(step.release, held[i]!);
    for (const { from, lag } of step.into) {
      // Overlapping steps: the later one never begins before the earlier.
      const after = Math.max(end[from]! + waits[from]! + lag, start[from]!);
      if (after > ready) ready = after;
    }
    const run = begins.get(i)?.unbroken;
    if (run) ready = untorn(run, ready, course, minutes);
    begin(step, i, ready, minutes[i]!, draw);
    if (!step.afterwards) finish[step.job] = Math.max(finish[step.job]!, end[i]!);
  }
}

/** A session waits until its coats fit into one run of open hours, as they take it in this draw; too long, it begins. */
function untorn(
  run: NonNullable<CourseSession['unbroken']>,
  ready: Minute,
  { steps, open }: Course,
  minutes: Float64Array,
): Minute {
  const [drawn, planned] = run.steps.reduce(
    ([a, b], i) => [a + minutes[i]!, b + steps[i]!.steadyMin + steps[i]!.workMin],
    [0, 0],
  );
  const fits = open.roomFrom(ready, planned > 0 ? (run.minutes * drawn) / planned : 0);
  return fits < Infinity ? fits : ready;
}

function begin(step: CourseStep, i: number, ready: Minute, minutes: number, { start, end }: Draw): void {
  const { hours, kind } = step;
  if (hours === null || kind === 'passive' || minutes === 0) {
    start[i] = ready;
    end[i] = ready + minutes;
    return;
  }
  const open = hours.openFrom(ready);
  // Beyond the calendars, or longer than any shift: it is worked through.
  const fits = kind === 'contiguous' ? hours.roomFrom(ready, minutes) : open;
  start[i] = fits < Infinity ? fits : open < Infinity ? open : ready;
  const reached = kind === 'splittable' ? hours.endOf(start[i]!, minutes) : Infinity;
  end[i] = reached < Infinity ? reached : start[i]! + minutes;
}
