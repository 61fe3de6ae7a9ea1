import { HandoverRoom } from '@/features/handover/handover-room';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function HandoverPage({ params }: JobParams) {
  const { stored, plan } = await plannedJob((await params).job);
  return (
    <HandoverRoom
      colours={stored.job.colours}
      summaries={plan.sections}
      finished={stored.job.state === 'finished'}
    />
  );
}
