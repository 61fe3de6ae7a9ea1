import { SurveySheet } from '@/features/walkaround/survey-sheet';
import { walkaroundProps } from '@/features/walkaround/walkaround-props';
import { plannedJob, type JobParams } from '../../../../planned-job';

export default async function SurveySheetPage({ params }: JobParams) {
  const { stored, plan, shop } = await plannedJob((await params).job);
  const name = (code: string) => shop.shelf.get(code)?.name ?? code;
  return (
    <SurveySheet
      title={`${stored.job.number} ${stored.job.name}`}
      props={walkaroundProps(stored.job, stored.versions, plan, shop.shop, name)}
    />
  );
}
