import Joi from 'joi';
import { panelMapLimits, parseWith } from '@/core/exchange';
import { exportPanelMap, importPanelMap } from '@/server/services/survey-files';
import { answerOf } from '../../../edit-answer';
import { guarded } from '../../../guarded';
import { writerOf, faultsAnswer, readBody } from '../../../json-body';

interface Given {
  params: Promise<{ job: string }>;
}

const schema = Joi.object<{ text: string; instead: boolean }>({
  text: Joi.string().required(),
  instead: Joi.boolean().required(),
});

export const GET = guarded<Given>({ reads: 'plans' }, async (_request, { params }) => {
  const { job } = await params;
  const map = await exportPanelMap(job);
  if (map === null)
    return faultsAnswer([{ place: 'job', reason: `there is no job ${job.slice(0, 40)}` }], 404);
  return new Response(map, {
    headers: {
      'content-type': 'image/svg+xml; charset=utf-8',
      'content-disposition': `attachment; filename="${job}-panels.svg"`,
      'x-content-type-options': 'nosniff',
    },
  });
});

export const POST = guarded<Given>({ does: 'add-parts' }, async (request, { params }, caller) => {
  // Text grows when it is quoted in JSON.
  const body = await readBody(request, 2 * panelMapLimits.bytes);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  const { text, instead } = parsed.value;
  return answerOf(await importPanelMap((await params).job, text, instead, writerOf(request, caller)));
});
