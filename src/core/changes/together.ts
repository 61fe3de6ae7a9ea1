import { commitmentsOf } from '../plan/commitments';
import { planJob, type Plan, type PlanInput } from '../plan';
import type { Job } from '../record';
import type { Commitment } from '../schedule';
import type { Minute } from '../units';
import type { PlanFigures } from './figures';

type Around = Pick<PlanInput, 'shop' | 'shelf' | 'operations' | 'now'>;

/** A job that is planned anew together with the others; what it has agreed is kept where nothing forces a move. */
export interface OpenJob {
  job: Job;
  agreedStarts: ReadonlyMap<string, Minute>;
}

/** What an order of the jobs comes to, in the order of aims (docs/method.md, Scheduling): the lower the better, the first first. */
export interface TogetherValue {
  windowsBroken: number;
  /** Days late over all jobs, each counted by the weight of its job. */
  lateDays: number;
  boothMin: number;
  finish: Minute;
}

export interface Together {
  /** Jobs in the order in which they chose their hours. */
  order: string[];
  plans: Map<string, Plan>;
  value: TogetherValue;
}

/**
 * Plans all open jobs together: in one order after another each job takes its hours beside those before it, and the best
 * order stands. It begins with promises, with the least time to spare and with the order as it is agreed, then swaps
 * neighbours of the best. It pauses after each plan with the best so far, so that a server can answer others and stop.
 */
export function* planTogether(
  jobs: readonly OpenJob[],
  around: Around,
): Generator<Together | null, Together | null> {
  let best: Together | null = null;
  const tried = new Set<string>();
  function* attempt(order: readonly OpenJob[]): Generator<Together | null, boolean> {
    const name = order.map((one) => one.job.number).join(' ');
    if (tried.has(name) || order.length === 0) return false;
    tried.add(name);
    const plans = new Map<string, Plan>();
    const commitments: Commitment[] = [];
    for (const { job, agreedStarts } of order) {
      const plan = planJob({ ...around, job, commitments: [...commitments], agreedStarts });
      plans.set(job.number, plan);
      commitments.push(...commitmentsOf(plan));
      yield best;
    }
    const found: Together = {
      order: order.map((one) => one.job.number),
      plans,
      value: valueOf(order.map(({ job }) => ({ plan: plans.get(job.number)!, weight: job.weight }))),
    };
    if (best && compare(found.value, best.value) >= 0) return false;
    best = found;
    return true;
  }
  for (const order of firstOrders(jobs)) yield* attempt(order);
  for (let better = true; better;) {
    better = false;
    const numbers: string[] = (best as Together | null)?.order ?? [];
    for (let i = 0; i + 1 < numbers.length && !better; i += 1) {
      const swapped = [...numbers];
      [swapped[i], swapped[i + 1]] = [swapped[i + 1]!, swapped[i]!];
      better = yield* attempt(swapped.map((number) => jobs.find((one) => one.job.number === number)!));
    }
  }
  return best;
}

const byKey = (jobs: readonly OpenJob[], key: (one: OpenJob) => string | number): OpenJob[] =>
  [...jobs].sort((a, b) => {
    const [left, right] = [key(a), key(b)];
    return left < right ? -1 : left > right ? 1 : a.job.number.localeCompare(b.job.number);
  });

/** The agreed order first, so that the best is never worse than what stands; then by promise and by arrival. */
function firstOrders(jobs: readonly OpenJob[]): OpenJob[][] {
  const firstStart = (one: OpenJob) => Math.min(Infinity, ...one.agreedStarts.values());
  return [
    byKey(jobs, firstStart),
    byKey(jobs, (one) => one.job.promised),
    byKey(jobs, (one) => one.job.arrival),
  ];
}

function valueOf(planned: readonly { plan: Plan; weight: number }[]): TogetherValue {
  const sum = (value: (plan: Plan, weight: number) => number) =>
    planned.reduce((total, { plan, weight }) => total + value(plan, weight), 0);
  return {
    windowsBroken: sum((plan) => plan.windows.filter((window) => window.state === 'broken').length),
    lateDays: sum((plan, weight) => weight * plan.lateDays),
    boothMin: sum((plan) => plan.budgets.boothMin.planned),
    finish: Math.max(0, ...planned.map(({ plan }) => plan.finish ?? 0)),
  };
}

/** Below zero where the first is better. */
function compare(a: TogetherValue, b: TogetherValue): number {
  return (
    a.windowsBroken - b.windowsBroken ||
    a.lateDays - b.lateDays ||
    a.boothMin - b.boothMin ||
    a.finish - b.finish
  );
}

/** One job beside itself: as it is agreed, and as it would stand when all are planned together. */
export interface TogetherRow {
  job: string;
  name: string;
  promised: string;
  agreed: PlanFigures | null;
  together: PlanFigures;
  /** Steps whose start moves by what the shop moves people for, or more. */
  moved: number;
}

export interface TogetherProposal {
  /** Name of the proposal, to accept it by. */
  token: string;
  order: string[];
  rows: TogetherRow[];
  orders: number;
}
