import { MethodStatement } from '@/features/steps/method-statement';
import { stepsProps } from '@/features/steps/steps-props';
import { plannedJob, type JobParams } from '../../../../planned-job';

/** The work of each section in order, to print. */
export default async function StatementPage({ params }: JobParams) {
  const { stored, plan, shop } = await plannedJob((await params).job);
  const props = stepsProps(stored.job, plan, shop.shop, [...shop.shelf.values()], stored.versions);
  return <MethodStatement title={`${stored.job.number} ${stored.job.name}`} props={props} />;
}
