import { redirect } from 'next/navigation';
import type { JobParams } from '../../planned-job';

export default async function JobPage({ params }: JobParams) {
  redirect(`/jobs/${(await params).job}/walkaround`);
}
