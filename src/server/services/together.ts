import { createHash, randomUUID } from 'node:crypto';
import {
  figuresOf,
  planTogether,
  type OpenJob,
  type Together,
  type TogetherProposal,
  type TogetherRow,
} from '../../core/changes';
import type { Plan } from '../../core/plan';
import { database } from '../database/client';
import { jobNumbers, loadJob } from '../repositories/job-repository';
import { saveAgreedPlan } from '../repositories/plan-repository';
import { agreedPlans } from './agreed-plans';
import { currentMinute } from './clock';
import { planningShop, requireShop } from './plans';

interface Kept {
  inputs: string;
  plans: Map<string, Plan>;
}

// A proposal is kept until the next one: accepting needs its plans, and they are too large for a page.
const store = globalThis as typeof globalThis & { coatrelTogether?: Map<string, Kept> };
const proposals = (): Map<string, Kept> => (store.coatrelTogether ??= new Map());

/** How long it looks for a better order. */
const mostMs = 8000;
const breathe = () => new Promise<void>((done) => setImmediate(done));

/** All open jobs with what they have agreed, and a hash of everything a plan of them rests on. */
async function situation() {
  const [shop, agreed, numbers] = await Promise.all([
    requireShop(),
    agreedPlans(database()),
    jobNumbers(database()),
  ]);
  const loaded = await Promise.all(numbers.map((number) => loadJob(database(), number)));
  const jobs = loaded.flatMap((one) => (one && one.job.state !== 'finished' ? [one.job] : []));
  const marks = [...agreed].map(([job, { mark }]) => [job, mark]);
  const parts = JSON.stringify([jobs, shop.shop, [...shop.shelf.values()], shop.operations, marks]);
  const inputs = createHash('sha256').update(parts).digest('hex');
  return { shop, agreed, jobs, inputs };
}

/** Plans all open jobs together and lays each beside what it has agreed; nothing is changed by it. */
export async function proposeTogether(): Promise<TogetherProposal | null> {
  const { shop, agreed, jobs, inputs } = await situation();
  const open: OpenJob[] = jobs.map((job) => ({
    job,
    agreedStarts: agreed.get(job.number)?.starts ?? new Map(),
  }));
  const search = planTogether(open, { ...planningShop(shop), now: currentMinute() });
  const began = performance.now();
  let best: Together | null = null;
  let plansMade = 0;
  for (;;) {
    const next = search.next();
    best = next.value ?? best;
    if (next.done) break;
    plansMade += 1;
    // The order as it is agreed is always finished: there is something to compare with.
    if (best && performance.now() - began > mostMs) break;
    await breathe();
  }
  if (!best) return null;
  const token = randomUUID();
  proposals().clear();
  proposals().set(token, { inputs, plans: best.plans });
  const worthTelling = Math.max(1, shop.shop.keepForMin);
  const rows = jobs.map((job): TogetherRow => {
    const plan = best.plans.get(job.number)!;
    const own = agreed.get(job.number);
    const moved = plan.steps.filter((step) => {
      const start = own?.starts.get(step.key);
      return step.state === 'planned' && start !== undefined && Math.abs(step.start - start) >= worthTelling;
    }).length;
    return {
      ...{ job: job.number, name: job.name, promised: job.promised, moved },
      agreed: own ? figuresOf(own.plan) : null,
      together: figuresOf(plan),
    };
  });
  return {
    token,
    order: best.order,
    rows,
    orders: Math.max(1, Math.floor(plansMade / Math.max(1, open.length))),
  };
}

export type AcceptTogether = { status: 'accepted'; jobs: number } | { status: 'moved-on' };

/** Makes a proposal the agreed plan of every job in it, all or none; refused when anything it rests on has moved on. */
export async function acceptTogether(token: string): Promise<AcceptTogether> {
  const kept = proposals().get(token);
  if (!kept) return { status: 'moved-on' };
  const { inputs } = await situation();
  if (inputs !== kept.inputs) return { status: 'moved-on' };
  const acceptedAt = currentMinute();
  await database().transaction(async (connection) => {
    for (const [job, plan] of kept.plans)
      await saveAgreedPlan(connection, job, { inputHash: kept.inputs, acceptedAt, plan });
  });
  proposals().delete(token);
  return { status: 'accepted', jobs: kept.plans.size };
}
