import { guarded } from '../../../guarded';
import { compareSystems } from '@/server/services/what-if';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

/** The coat systems a section could have, each through the whole plan. */
export const GET = guarded<Given>({ reads: 'plans', cost: 10 }, async (request, { params }) => {
  const { job } = await params;
  const section = new URL(request.url).searchParams.get('section') ?? '';
  const systems = await compareSystems(job, section);
  return systems
    ? Response.json({ systems })
    : faultsAnswer(
        [
          {
            place: 'section',
            reason: `there is no section ${section.slice(0, 40)} in ${job.slice(0, 40)}`,
          },
        ],
        404,
      );
});
