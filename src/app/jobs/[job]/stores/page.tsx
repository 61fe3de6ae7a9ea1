import { localDateOf } from '@/core/units';
import { StoresRoom } from '@/features/stores/stores-room';
import { currentMinute } from '@/server/services/clock';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function StoresPage({ params }: JobParams) {
  const { plan, shop } = await plannedJob((await params).job);
  const left = new Set(plan.steps.filter((step) => step.state === 'planned').map((step) => step.key));
  const subjects = new Map(plan.steps.map((step) => [step.key, step.subject]));
  const sessions = plan.sessions
    .filter((session) => session.steps.some((one) => left.has(one.step)))
    .map(({ steps, product, readyL, batches, batchLimitL }) => ({
      name: subjects.get(steps[0]!.step) ?? '',
      product: shop.shelf.get(product)?.name ?? product,
      readyL,
      batches,
      batchLimitL,
    }));
  const today = localDateOf(currentMinute(), shop.shop.timeZone);
  return (
    <StoresRoom
      today={today}
      plan={plan}
      sessions={sessions}
      locale={{ timeZone: shop.shop.timeZone, currency: shop.shop.currency }}
    />
  );
}
