import { SchemeRoom } from '@/features/scheme/scheme-room';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function SchemePage({ params }: JobParams) {
  const { stored, plan } = await plannedJob((await params).job);
  const { job, versions } = stored;
  const sections = job.sections.map((section) => ({
    ...section,
    seen: versions[`${job.number}/${section.key}`]!,
    outsideM2: plan.sections.find((one) => one.section === section.key)?.outsideM2 ?? 0,
  }));
  return <SchemeRoom job={job.number} sections={sections} />;
}
