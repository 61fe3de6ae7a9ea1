import { LogRoom } from '@/features/log/log-room';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function LogPage({ params }: JobParams) {
  const { plan, shop } = await plannedJob((await params).job);
  return (
    <LogRoom steps={plan.steps} locale={{ timeZone: shop.shop.timeZone, currency: shop.shop.currency }} />
  );
}
