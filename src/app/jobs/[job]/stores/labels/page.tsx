import { batchesOfSteps } from '@/core/log';
import { reserveLabels } from '@/core/stores';
import { localDateOf } from '@/core/units';
import { ReserveLabels } from '@/features/stores/reserve-labels';
import { stockBook } from '@/server/services/stores';
import { plannedJob, type JobParams } from '../../../../planned-job';

/** The printable labels of what is kept of each colour of a job. */
export default async function LabelsPage({ params }: JobParams) {
  const [{ stored, plan, shop }, moves] = await Promise.all([plannedJob((await params).job), stockBook()]);
  const labels = plan.pools.flatMap((pool) => {
    const coats = plan.steps.filter((step) => step.coat && pool.sessions.includes(step.coat.session));
    const first = Math.min(...coats.map((step) => step.start));
    if (!Number.isFinite(first)) return [];
    const madeOn = localDateOf(first, shop.shop.timeZone);
    const keys = new Set(coats.filter((step) => step.coat?.product === pool.product).map((step) => step.key));
    const batches = batchesOfSteps(stored.job.log, keys);
    return reserveLabels(pool, { shelf: shop.shelf, moves, madeOn, batches });
  });
  return <ReserveLabels job={plan.job} vehicle={stored.job.name} labels={labels} />;
}
