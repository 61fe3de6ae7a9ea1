import Joi from 'joi';
import { field, papers, parseWith, type PaperKey } from '@/core/exchange';
import { exportMaskMap } from '@/server/services/scheme-files';
import { fileAnswer } from '../../../file-answer';
import { guarded } from '../../../guarded';
import { faultsAnswer } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<{ strip: string; paper: PaperKey | null }>({
  strip: field.partKey().required(),
  paper: Joi.valid(...Object.keys(papers), null).required(),
});

/** A strip of the scheme at true scale: one millimetre to a unit as SVG, or on sheets of a paper as PDF. */
export const GET = guarded<Given>({ reads: 'plans' }, async (request, { params }) => {
  const { job } = await params;
  const asked = new URL(request.url).searchParams;
  const parsed = parseWith(schema, { strip: asked.get('strip') ?? 'left', paper: asked.get('paper') });
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const { strip, paper } = parsed.value;
  const missing = { place: 'strip', reason: `there is no ${strip} of job ${job.slice(0, 40)}` };
  const named =
    paper === null
      ? { filename: `${job}-mask-${strip}.svg`, type: 'image/svg+xml; charset=utf-8' }
      : { filename: `${job}-mask-${strip}-${paper}.pdf`, type: 'application/pdf' };
  return fileAnswer(await exportMaskMap(job, strip, paper), { ...named, missing });
});
