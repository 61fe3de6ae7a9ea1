import { WalkaroundRoom } from '@/features/walkaround/walkaround-room';
import { walkaroundProps } from '@/features/walkaround/walkaround-props';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function WalkaroundPage({ params }: JobParams) {
  const { stored, plan, shop } = await plannedJob((await params).job);
  return (
    <WalkaroundRoom
      {...walkaroundProps(
        stored.job,
        stored.versions,
        plan,
        shop.shop,
        (code) => shop.shelf.get(code)?.name ?? code,
      )}
    />
  );
}
