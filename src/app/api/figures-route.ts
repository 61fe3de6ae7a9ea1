import Joi from 'joi';
import type { NextRequest } from 'next/server';
import { parseWith } from '@/core/exchange';
import type { Caller } from '@/server/access/caller';
import { exportFigures, importFigures } from '@/server/services/figures';
import { answerOf } from './edit-answer';
import { fileAnswer } from './file-answer';
import { faultsAnswer, readBody, writerOf } from './json-body';

const schema = Joi.object<{ text: string }>({ text: Joi.string().required() });

/** The figures of the shop, or of a job, as a file. @param job null for the shop */
export const figuresFile = async (job: string | null): Promise<Response> =>
  fileAnswer(await exportFigures(job), {
    filename: job === null ? 'figures.csv' : `${job}-figures.csv`,
    type: 'text/csv; charset=utf-8',
    missing: { place: 'job', reason: `there is no job ${(job ?? '').slice(0, 40)}` },
  });

/** Takes figures from the text of such a file. */
export async function figuresTaken(
  job: string | null,
  request: NextRequest,
  caller: Caller,
): Promise<Response> {
  const body = await readBody(request, 1024 * 1024);
  if ('answer' in body) return body.answer;
  const parsed = parseWith(schema, body.value);
  if (parsed.status === 'faulty') return faultsAnswer(parsed.faults);
  return answerOf(await importFigures(job, parsed.value.text, writerOf(request, caller)));
}
