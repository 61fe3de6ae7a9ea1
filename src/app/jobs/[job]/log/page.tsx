import { logProps } from '@/features/log/log-props';
import { LogRoom } from '@/features/log/log-room';
import { repairsProps } from '@/features/log/repairs-props';
import { phaseName } from '@/features/words/phase-names';
import { currentMinute } from '@/server/services/clock';
import { learnedFactors } from '@/server/services/learned';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function LogPage({ params }: JobParams) {
  const [{ stored, plan, shop }, learned] = await Promise.all([
    plannedJob((await params).job),
    learnedFactors(),
  ]);
  const props = logProps(stored.job, plan, {
    shop: shop.shop,
    shelf: shop.shelf,
    now: currentMinute(),
    phaseName,
  });
  const repairs = repairsProps(stored.job, stored.versions, plan, shop.shop.timeZone);
  return <LogRoom {...props} learned={learned} repairs={repairs} />;
}
