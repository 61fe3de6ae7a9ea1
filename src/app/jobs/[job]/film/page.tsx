import { filmProps } from '@/features/film/film-props';
import { FilmRoom } from '@/features/film/film-room';
import { plannedJob, type JobParams } from '../../../planned-job';

export default async function FilmPage({ params }: JobParams) {
  const { stored, plan, shop } = await plannedJob((await params).job);
  return <FilmRoom {...filmProps(stored.job, stored.versions, plan, shop)} />;
}
