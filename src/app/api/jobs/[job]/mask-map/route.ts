import { field, parseWith } from '@/core/exchange';
import { exportMaskMap } from '@/server/services/scheme-files';
import { guarded } from '../../../guarded';
import { faultsAnswer } from '../../../json-body';
import Joi from 'joi';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<{ strip: string }>({ strip: field.partKey().required() });

/** A strip of the scheme at true scale, one millimetre to a unit. */
export const GET = guarded<Given>(async (request, { params }) => {
  const { job } = await params;
  const parsed = parseWith(schema, { strip: new URL(request.url).searchParams.get('strip') ?? 'left' });
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const { strip } = parsed.value;
  const map = await exportMaskMap(job, strip);
  if (map === null)
    return faultsAnswer([{ place: 'strip', reason: `there is no ${strip} of job ${job.slice(0, 40)}` }], 404);
  return new Response(map, {
    headers: {
      'content-type': 'image/svg+xml; charset=utf-8',
      'content-disposition': `attachment; filename="${job}-mask-${strip}.svg"`,
      'x-content-type-options': 'nosniff',
    },
  });
});
