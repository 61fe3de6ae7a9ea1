import { randomUUID } from 'node:crypto';
import { figuresOf, type OpenJob, type TogetherProposal, type TogetherRow } from '../../core/changes';
import type { Plan } from '../../core/plan';
import { saveAgreedPlan } from '../repositories/plan-repository';
import { inThread } from '../workers/pool';
import { currentMinute } from './clock';
import { openJobsOf } from './open-jobs';
import { planningShop } from './planning-shop';
import { readSnapshot } from './snapshot';
import { write, type Writer } from './unit-of-work';

interface Kept {
  inputs: string;
  plans: Map<string, Plan>;
}

// A proposal is kept until the next one: accepting needs its plans, and they are too large for a page.
const store = globalThis as typeof globalThis & { coatrelTogether?: Map<string, Kept> };
const proposals = (): Map<string, Kept> => (store.coatrelTogether ??= new Map());

/** Plans all open jobs together and lays each beside what it has agreed; nothing is changed by it. */
export async function proposeTogether(): Promise<TogetherProposal | null> {
  const { shop, agreed, jobs, inputs } = openJobsOf(await readSnapshot(null));
  const open: OpenJob[] = jobs.map((job) => ({
    job,
    agreedStarts: agreed.get(job.number)?.starts ?? new Map(),
  }));
  const around = { ...planningShop(shop), now: currentMinute() };
  const { best, plans: plansMade } = await inThread({ kind: 'together', jobs: open, around });
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
      job: job.number,
      name: job.name,
      promised: job.promised,
      moved,
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

export type AcceptTogether = { status: 'accepted'; jobs: number } | { status: 'conflict' };

/** Makes a proposal the agreed plan of every job in it, all or none; refused when anything it rests on has moved on. */
export async function acceptTogether(token: string, writer: Writer): Promise<AcceptTogether> {
  const kept = proposals().get(token);
  if (!kept) return { status: 'conflict' };
  const outcome = await write(writer, 'accept-together', 'shop', async (connection) => {
    // While the shop is locked nobody else accepts: what is read here is what the bookings will rest on.
    const { inputs } = openJobsOf(await readSnapshot(null, connection));
    if (inputs !== kept.inputs) return { status: 'conflict', what: 'plans of all open jobs', why: 'changed' };
    return {
      status: 'ok',
      room: 'shop',
      kind: 'acceptance',
      label: `plans of ${[...kept.plans.keys()].join(', ')} accepted together`,
      changes: [],
      undoable: false,
      also: async (one) => {
        for (const [job, plan] of kept.plans)
          await saveAgreedPlan(one, job, { inputHash: kept.inputs, acceptedAt: currentMinute(), plan });
      },
    };
  });
  if (outcome.status !== 'saved') return { status: 'conflict' };
  proposals().delete(token);
  return { status: 'accepted', jobs: kept.plans.size };
}
