import { StepsRoom } from '@/features/steps/steps-room';
import { stepsProps } from '@/features/steps/steps-props';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function StepsPage({ params }: JobParams) {
  const { stored, plan, shop } = await plannedJob((await params).job);
  return <StepsRoom {...stepsProps(stored.job, plan, shop.shop, [...shop.shelf.values()])} />;
}
