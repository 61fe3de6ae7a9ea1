import { photoPrompts } from '@/core/handover';
import { logProps } from '@/features/log/log-props';
import { LogRoom } from '@/features/log/log-room';
import { repairsProps } from '@/features/log/repairs-props';
import { phaseName } from '@/features/words/phase-names';
import { currentMinute } from '@/server/services/clock';
import { photosOf } from '@/server/services/photos';
import { learnedFactors } from '@/server/services/learned';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function LogPage({ params }: JobParams) {
  const { job } = await params;
  const [{ stored, plan, shop }, learned, photos] = await Promise.all([
    plannedJob(job),
    learnedFactors(),
    photosOf(decodeURIComponent(job)),
  ]);
  const now = currentMinute();
  const prompts = Object.fromEntries(
    photoPrompts(stored.job, plan, photos, now).flatMap(({ step, why, tag }) =>
      step === null ? [] : [[step, { why, tag }] as const],
    ),
  );
  const props = logProps(stored.job, plan, {
    shop: shop.shop,
    shelf: shop.shelf,
    now,
    phaseName,
  });
  const repairs = repairsProps(stored.job, stored.versions, plan, shop.shop.timeZone);
  return <LogRoom {...props} prompts={prompts} learned={learned} repairs={repairs} />;
}
