import { StepsRoom } from '@/features/steps/steps-room';
import { stepsProps } from '@/features/steps/steps-props';
import { onHandToday } from '@/server/services/stores';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function StepsPage({ params }: JobParams) {
  const { stored, plan, shop } = await plannedJob((await params).job);
  const onHand = await onHandToday(shop.shop.timeZone);
  return (
    <StepsRoom
      {...stepsProps(stored.job, plan, shop.shop, [...shop.shelf.values()], stored.versions, onHand)}
    />
  );
}
