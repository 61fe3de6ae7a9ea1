import { FilmRoom } from '@/features/film/film-room';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function FilmPage({ params }: JobParams) {
  const { stored, plan } = await plannedJob((await params).job);
  const { job, versions } = stored;
  const sections = job.sections.map((section) => ({
    ...section,
    seen: versions[`${job.number}/${section.key}`]!,
  }));
  return <FilmRoom job={job.number} sections={sections} summaries={plan.sections} />;
}
