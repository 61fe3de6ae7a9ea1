import type {
  ForecastDay,
  ForecastTold,
  JobForecast,
  JobRange,
  Pace,
  ShopForecast,
} from '../../core/forecast';
import type { LearnedRow } from '../../core/log';
import type { Plan, PlanInput } from '../../core/plan';
import { localDateOf } from '../../core/units';
import { database } from '../database/client';
import { databaseFault } from '../database/fault';
import { loadForecastDays, saveForecastDay } from '../repositories/forecast-repository';
import { inThread } from '../workers/pool';
import { currentAgreedPlans } from './agreed-plans';
import { currentMinute } from './clock';
import { learnedFrom } from './learned';
import { openJobsOf } from './open-jobs';
import { planningShop } from './planning-shop';
import { plansIn, type PlannedJob } from './plans';
import { readSnapshot } from './snapshot';
import { committedOf, stockBook } from './stores';

const draws = 400;
const seed = 1;

interface Running {
  inputs: string;
  stop: AbortController;
  answer: Promise<ShopForecast>;
}

// The newest forecast of the shop, made or in the making. One that rests on older inputs is stopped by the next.
const store = globalThis as typeof globalThis & { coatrelForecast?: Running };

/**
 * The forecast of all open jobs as they stand now, made once for the same inputs, day and hour.
 * @returns null when no job is open
 */
async function shopForecast(): Promise<ShopForecast | null> {
  const snapshot = await readSnapshot(null);
  const { shop, agreed, jobs, inputs } = openJobsOf(snapshot);
  if (jobs.length === 0) return null;
  const now = currentMinute();
  const mark = `${inputs} ${Math.floor(now / 60)}`;
  const running = store.coatrelForecast;
  if (running?.inputs === mark) return newestOf(running);
  running?.stop.abort();
  const stop = new AbortController();
  const make = async (): Promise<ShopForecast> => {
    const planned = await plansIn(snapshot);
    const paces = pacesFrom(learnedFrom(shop, planned));
    const given = jobs.map((job): PlanInput => {
      const others = [...agreed].filter(([other]) => other !== job.number);
      return {
        job,
        ...planningShop(shop),
        now,
        commitments: others.flatMap(([, one]) => one.commitments),
        agreedStarts: agreed.get(job.number)?.starts ?? new Map(),
      };
    });
    const made = await inThread({ kind: 'forecast', inputs: given, paces, draws, seed }, stop.signal);
    await keepDays(made, planned, localDateOf(now, shop.shop.timeZone));
    return made;
  };
  const answer = make();
  store.coatrelForecast = { inputs: mark, stop, answer };
  // What failed or was stopped is not kept: the next who asks begins anew.
  answer.catch(() => {
    if (store.coatrelForecast?.answer === answer) delete store.coatrelForecast;
  });
  return newestOf(store.coatrelForecast);
}

/** The answer of a forecast; where another overtook it meanwhile, that one's, so that nobody is told of a stop. */
async function newestOf(one: Running): Promise<ShopForecast> {
  try {
    return await one.answer;
  } catch (error) {
    const next = store.coatrelForecast;
    if (one.stop.signal.aborted && next && next !== one) return newestOf(next);
    throw error;
  }
}

/** What the log of all jobs says of the shop's pace, against what the plans go by. */
const pacesFrom = (rows: readonly LearnedRow[]): Map<string, Pace> =>
  new Map(
    rows.map(({ operation, factor, accepted, spread }) => [
      operation,
      { factor: factor / accepted, variance: spread ** 2 },
    ]),
  );

/** Nobody waits for this: a day that could not be kept is missing from a curve. */
async function keepDays({ jobs }: ShopForecast, made: readonly PlannedJob[], today: string): Promise<void> {
  try {
    const plans = new Map(made.map(({ stored, plan }) => [stored.job.number, { stored, plan }]));
    for (const one of jobs) {
      const planned = plans.get(one.job);
      if (!planned) continue;
      const day = dayOf(one, planned.plan, planned.stored.job.promised, today);
      if (day) await saveForecastDay(database(), one.job, day);
    }
  } catch (error) {
    process.stderr.write(`The forecast of today was not kept: ${databaseFault(error) ?? String(error)}.\n`);
  }
}

function dayOf(one: JobForecast, plan: Plan, promised: string, today: string): ForecastDay | null {
  if (plan.finishDate === null) return null;
  return {
    onDate: today,
    promised,
    planned: plan.finishDate,
    kept: one.kept,
    p50: one.finish.p50,
    p80: one.finish.p80,
    plannedLabourMin: Math.round(plan.budgets.labourMin.planned),
    p50LabourMin: one.labourMin.p50,
    p80LabourMin: one.labourMin.p80,
  };
}

/** The range of a job as it stands now. @returns null when there is no such open job */
export async function forecastOf(number: string): Promise<ForecastTold | null> {
  const forecast = await shopForecast();
  const job = forecast?.jobs.find((one) => one.job === number);
  if (!forecast || !job) return null;
  const [days, moves, agreed] = await Promise.all([
    loadForecastDays(database(), number),
    stockBook(),
    currentAgreedPlans(database()),
  ]);
  const budgets = agreed.get(number)?.plan.budgets;
  const committed = {
    labourMin: budgets?.labourMin.planned ?? null,
    materialsMinor: committedOf({ moves }, number),
    boothMin: budgets?.boothMin.planned ?? null,
  };
  return { job, events: forecast.events, days, committed };
}

/** Of every open job by when it ends in eight draws of ten, and how often its promise is kept. */
export async function rangesOfShop(): Promise<JobRange[]> {
  const forecast = await shopForecast();
  return (forecast?.jobs ?? []).map(({ job, finish, kept }) => ({ job, p80: finish.p80, kept }));
}
