import Joi from 'joi';
import { parseWith } from '@/core/exchange';
import { elevationFileOf, elevationsOfJob } from '@/server/services/elevations';
import { fileAnswer } from '../../../file-answer';
import { guarded } from '../../../guarded';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<{ as: 'drawing' | 'svg' | 'png' }>({
  as: Joi.valid('drawing', 'svg', 'png').required(),
});
const types = { svg: 'image/svg+xml; charset=utf-8', png: 'image/png' } as const;

/** The object from its sides and from above in the colours of its scheme: to draw, or as a file for the owner. */
export const GET = guarded<Given>({ reads: 'plans' }, async (request, { params }) => {
  const { job } = await params;
  const asked = new URL(request.url).searchParams.get('as') ?? 'drawing';
  const parsed = parseWith(schema, { as: asked });
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const { as } = parsed.value;
  const missing = { place: 'job', reason: `there is no job ${job.slice(0, 40)}` };
  if (as === 'drawing') {
    const views = await elevationsOfJob(job);
    return views ? Response.json({ views }) : faultsAnswer([missing], 404);
  }
  return fileAnswer(await elevationFileOf(job, as), {
    filename: `${job}-elevations.${as}`,
    type: types[as],
    missing,
  });
});
