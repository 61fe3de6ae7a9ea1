import { BaysRoom } from '@/features/bays/bays-room';
import { baysProps } from '@/features/bays/bays-props';
import { agreedPlansOfOthers } from '@/server/services/plans';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function BaysPage({ params }: JobParams) {
  const { stored, plan, shop } = await plannedJob((await params).job);
  const others = await agreedPlansOfOthers(stored.job.number);
  return (
    <BaysRoom
      {...baysProps({ job: stored.job, plan }, others, shop.shop, [...shop.shelf.values()], stored.versions)}
    />
  );
}
