import { guarded } from '../../../guarded';
import { schoolKeys, type SchoolKey } from '@/core/record';
import { compareSchool } from '@/server/services/what-if';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** The options of a school, each through the whole plan, on one section or on all of them. */
export const GET = guarded<Given>({ reads: 'plans' }, async (request, { params }) => {
  const { job } = await params;
  const asked = new URL(request.url).searchParams;
  const school = asked.get('school') ?? '';
  const section = asked.get('section');
  if (!schoolKeys.includes(school as SchoolKey))
    return faultsAnswer([{ place: 'school', reason: `there is no school ${school.slice(0, 40)}` }], 400);
  const options = await compareSchool(job, section, school as SchoolKey);
  if (options) return Response.json({ options });
  const what =
    section === null ? `job ${job.slice(0, 40)}` : `section ${section.slice(0, 40)} in ${job.slice(0, 40)}`;
  return faultsAnswer([{ place: 'section', reason: `there is no ${what}` }], 404);
});
