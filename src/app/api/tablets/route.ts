import Joi from 'joi';
import { field } from '@/core/exchange';
import { tabletRoles, type TabletRole } from '@/core/rights';
import { makeTablet } from '@/server/services/tablets';
import { answerOf } from '../edit-answer';
import { guarded } from '../guarded';
import { writerOf } from '../json-body';
import { parsedBody } from '../parsed-body';

const schema = Joi.object<{ name: string; placeId: string | null; role: TabletRole }>({
  name: field.requiredLine(40),
  placeId: field.key().allow(null).required(),
  role: field.oneOf(tabletRoles).required(),
});

/** Makes a place for a tablet; the answer tells its pairing code, once. */
export const POST = guarded({ does: 'tablet' }, async (request, _context, caller) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  const { outcome, code } = await makeTablet(body.value, writerOf(request, caller));
  return outcome.status === 'saved' ? Response.json({ status: 'saved', code }) : answerOf(outcome);
});
