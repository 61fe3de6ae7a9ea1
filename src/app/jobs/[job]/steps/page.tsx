import { StepsRoom } from '@/features/steps/steps-room';
import { stepsProps } from '@/features/steps/steps-props';
import { onHandToday } from '@/server/services/stores';
import { plannedJob, type JobParams } from '../../../planned-job';

interface Asked {
  searchParams: Promise<{ view?: string; at?: string }>;
}

export default async function StepsPage({ params, searchParams }: JobParams & Asked) {
  const { view, at } = await searchParams;
  const warningsOf = view === 'warnings' ? String(at ?? '') : undefined;
  const { stored, plan, shop } = await plannedJob((await params).job);
  const onHand = await onHandToday(shop.shop.timeZone);
  return (
    <StepsRoom
      key={warningsOf}
      warningsOf={warningsOf}
      {...stepsProps(stored.job, plan, shop.shop, [...shop.shelf.values()], stored.versions, onHand)}
    />
  );
}
