import Joi from 'joi';
import { field, parseWith } from '@/core/exchange';
import { takeOwnerWord, type OwnerSays } from '@/server/services/owner-words';
import { openTo } from '../../guarded';
import { faultsAnswer, readBytes } from '../../json-body';

interface Given {
  params: Promise<{ token: string }>;
}

const largest = 8 * 1024;
const said = (min: number) =>
  field
    .line(600)
    .min(min)
    .allow(...(min === 0 ? [''] : []))
    .required();
const schemas = {
  ask: Joi.object<OwnerSays>({
    kind: field.oneOf(['ask']).required(),
    said: said(1),
    by: field.requiredLine(80),
  }),
  answer: Joi.object<OwnerSays>({
    kind: field.oneOf(['accepted', 'refused']).required(),
    quote: field.whole(1, 9999).required(),
    said: said(0),
    by: field.requiredLine(80),
    where: field.requiredLine(80),
  }),
  decide: Joi.object<OwnerSays>({
    kind: Joi.valid('decide').required(),
    decision: field.key().required(),
    way: field.whole(-1, 3).required(),
    said: said(0),
    by: field.requiredLine(80),
  }),
  card: Joi.object<OwnerSays>({
    kind: field.oneOf(['card-accepted', 'card-refused']).required(),
    sample: field.key().required(),
    said: said(0),
    by: field.requiredLine(80),
    light: field.requiredLine(80),
    beside: field.line(80).allow('').required(),
  }),
};

/** What the owner says, from a plain form; the page is shown again, with what was refused. */
export const POST = openTo<Given>(async (request, { params }) => {
  const { token } = await params;
  const body = await readBytes(request, largest);
  if ('answer' in body) return body.answer;
  const form = new URLSearchParams(body.bytes.toString('utf8'));
  const text = (name: string) => (form.get(name) ?? '').replace(/\s+/g, ' ').trim();
  const kind = text('kind');
  const parsed = readWord(kind, text);
  if (parsed.status === 'faulty') return back(token, 'refused');
  const outcome = await takeOwnerWord(token, parsed.value);
  if (!outcome) return faultsAnswer([{ place: '', reason: 'this link opens nothing' }], 404);
  return back(token, outcome.status === 'saved' ? 'kept' : 'refused');
});

/** What a form says, by its kind. */
function readWord(kind: string, text: (name: string) => string) {
  const own = { kind, said: text('said'), by: text('by') };
  if (kind === 'ask') return parseWith(schemas.ask, own);
  if (kind === 'decide')
    return parseWith(schemas.decide, { ...own, decision: text('decision'), way: Number(text('way') || NaN) });
  if (kind.startsWith('card-'))
    return parseWith(schemas.card, {
      ...own,
      sample: text('sample'),
      light: text('light'),
      beside: text('beside'),
    });
  return parseWith(schemas.answer, { ...own, quote: Number(text('quote')), where: text('where') });
}

/** Back to the page. */
const back = (token: string, what: 'kept' | 'refused'): Response =>
  new Response(null, {
    status: 303,
    headers: { location: `/owner/${encodeURIComponent(token)}?${what}` },
  });
