import { Random } from '../schedule';
import { costOfMinutes, localDateOf, minuteAt, toMinor, type LocalDate, type Minute } from '../units';
import type { Course } from './course';
import { drawOnce, type Draw, type Uncertainty } from './draw';
import type { ReworkEvent } from './rework-events';
import { correlation, ranks, spreadOf, type Spread } from './spread';

/** How a job may end, read from many draws of the whole shop. */
export interface JobForecast {
  job: string;
  draws: number;
  finish: { p50: LocalDate; p80: LocalDate; p95: LocalDate };
  /** Share of the draws that end by the promised day, 0..1. */
  kept: number;
  /** In how many draws it ends on each day, in order of days. */
  days: { date: LocalDate; draws: number }[];
  labourMin: Spread;
  materialsMinor: Spread;
  boothMin: Spread;
  /** Labour, materials and booth at the shop's rates, before tax. */
  costMinor: Spread;
  /** Steps whose own minutes go with the finish, most first. */
  drivers: { step: string; name: string; subject: string; rho: number; planned: Minute }[];
  /** Share of the draws in which a window is missed, for those that are missed at all; most first. */
  windows: { step: string; opens: string; closes: string; missed: number }[];
}

export interface ShopForecast {
  jobs: JobForecast[];
  /** How often each event came in a draw, over all jobs. */
  events: { code: ReworkEvent['code']; perDraw: number }[];
}

export interface DrawSettings {
  draws: number;
  seed: number;
  uncertainty: Uncertainty;
}

const mostDrivers = 8;
/** Below this a rank correlation of some hundred draws is noise: two standard errors of 400 draws. */
const leastRho = 0.1;
const drawsBetweenPauses = 10;

/**
 * Monte Carlo over a course (docs/method.md, Forecast): the draws go through the whole shop, so that one job's slip reaches the next. Same
 * course, seed and draws, same forecast. It pauses now and then with the number of draws made, so that it can be stopped.
 */
export function* forecastCourse(
  course: Course,
  { draws, seed, uncertainty }: DrawSettings,
): Generator<number, ShopForecast> {
  const random = new Random(seed);
  const made: Draw[] = [];
  for (let i = 0; i < draws; i += 1) {
    if (i % drawsBetweenPauses === 0) yield i;
    made.push(drawOnce(course, random, uncertainty));
  }
  const events = new Map<ReworkEvent['code'], number>();
  for (const draw of made)
    for (const [code, times] of draw.events) events.set(code, (events.get(code) ?? 0) + times);
  return {
    jobs: course.jobs.map((_, job) => forecastOf(course, job, made)),
    events: [...events]
      .map(([code, times]) => ({ code, perDraw: times / draws }))
      .sort((a, b) => b.perDraw - a.perDraw || a.code.localeCompare(b.code)),
  };
}

function forecastOf(course: Course, index: number, made: readonly Draw[]): JobForecast {
  const { network, plan } = course.jobs[index]!;
  const { job, shop } = network.input;
  const dateOf = (minute: Minute) => localDateOf(minute, shop.timeZone);
  // A job with nothing left ahead ends when its plan says.
  const finish = made.map((draw) => Math.max(draw.finish[index]!, lastFactEnd(course, index)));
  const { p50, p80, p95 } = spreadOf(finish);
  const promisedEnd = minuteAt(job.promised, 1440, shop.timeZone);
  const budgets = plan.budgets;
  // The allowance for hidden damage is part of the plan; a draw has its own.
  const hidden = plan.allowance?.leftMin ?? 0;
  const labour = made.map((draw) =>
    Math.round(budgets.labourMin.planned - hidden + draw.moreLabourMin[index]!),
  );
  const materials = made.map((draw) =>
    toMinor(budgets.materialsMinor.planned + draw.moreMaterialsMinor[index]!),
  );
  const boothAhead = plannedBoothAhead(course, index);
  const booth = made.map((draw) => budgets.boothMin.planned - boothAhead + draw.boothMin[index]!);
  const cost = made.map(
    (_, i) =>
      costOfMinutes(labour[i]!, shop.labourRateMinorPerHour) +
      materials[i]! +
      costOfMinutes(booth[i]!, shop.boothRateMinorPerHour),
  );
  return {
    job: job.number,
    draws: made.length,
    finish: { p50: dateOf(p50), p80: dateOf(p80), p95: dateOf(p95) },
    kept: finish.filter((minute) => minute <= promisedEnd).length / made.length,
    days: daysOf(finish.map(dateOf)),
    labourMin: spreadOf(labour),
    materialsMinor: spreadOf(materials),
    boothMin: spreadOf(booth),
    costMinor: spreadOf(cost),
    drivers: driversOf(course, index, made, finish),
    windows: course.windows
      .flatMap((window, w) => {
        if (window.job !== index) return [];
        const missed = made.filter((draw) => draw.missed[w] === 1).length / made.length;
        const [opens, closes] = [course.steps[window.from]!, course.steps[window.to]!];
        const names = {
          opens: `${opens.name}, ${opens.subject}`,
          closes: `${closes.name}, ${closes.subject}`,
        };
        return missed > 0 ? [{ step: closes.key, ...names, missed }] : [];
      })
      .sort((a, b) => b.missed - a.missed || a.step.localeCompare(b.step)),
  };
}

const lastFactEnd = (course: Course, index: number): Minute =>
  course.jobs[index]!.plan.steps.reduce(
    (last, step) => (step.state === 'done' && step.phase !== 'return' ? Math.max(last, step.end) : last),
    0,
  );

/** Open minutes of the sessions that a draw counts anew, as the plan has them. */
function plannedBoothAhead(course: Course, index: number): number {
  const { placed } = course.jobs[index]!.network;
  const { at } = placed;
  return placed.stays
    .filter((stay) => stay.kind === 'session' && ends(course, index, stay.to))
    .reduce((sum, stay) => sum + course.open.openBetween(stay.start, at.get(stay.to)?.end ?? stay.end), 0);
}

const ends = (course: Course, job: number, key: string) =>
  course.sessions.some((one) => one.job === job && course.steps[one.to]!.key === key);

function daysOf(dates: readonly LocalDate[]): { date: LocalDate; draws: number }[] {
  const counted = new Map<LocalDate, number>();
  for (const date of dates) counted.set(date, (counted.get(date) ?? 0) + 1);
  return [...counted].map(([date, draws]) => ({ date, draws })).sort((a, b) => (a.date < b.date ? -1 : 1));
}

/** Rank correlation of each step's minutes with the finish. */
function driversOf(course: Course, index: number, made: readonly Draw[], finish: readonly number[]) {
  const ofFinish = ranks(finish);
  return course.steps
    .flatMap((step, i) => {
      if (step.workMin === 0 || step.job !== index) return [];
      const rho = correlation(ranks(made.map((draw) => draw.minutes[i]!)), ofFinish);
      return rho >= leastRho
        ? [{ step: step.key, name: step.name, subject: step.subject, rho, planned: step.planned }]
        : [];
    })
    .sort((a, b) => b.rho - a.rho || a.step.localeCompare(b.step))
    .slice(0, mostDrivers);
}
