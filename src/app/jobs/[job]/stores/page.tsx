import { figuresFrom } from '@/core/figures';
import { StoresRoom } from '@/features/stores/stores-room';
import { storesProps } from '@/features/stores/stores-props';
import { currentMinute } from '@/server/services/clock';
import { committedOf, currentStores } from '@/server/services/stores';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function StoresPage({ params }: JobParams) {
  const { job } = await params;
  const [{ stored, plan, shop }, stores] = await Promise.all([plannedJob(job), currentStores()]);
  return (
    <StoresRoom
      {...storesProps({
        plan,
        caps: stored.job.materialCaps,
        versions: stored.versions,
        sections: stored.job.sections,
        shop: shop.shop,
        figures: figuresFrom(shop.shop.figures, stored.job.figures),
        shelf: shop.shelf,
        ...stores,
        committedMinor: committedOf(stores, plan.job),
        now: currentMinute(),
      })}
    />
  );
}
