import { makeAccount, makeAccountLink } from '@/server/services/accounts';
import { accountSchema } from '../account-schema';
import { answerOf } from '../edit-answer';
import { guarded } from '../guarded';
import { writerOf } from '../json-body';
import { parsedBody } from '../parsed-body';

/** Makes an account, and the link by which its password is set. */
export const POST = guarded({ does: 'account' }, async (request, _context, caller) => {
  const body = await parsedBody(request, accountSchema);
  if ('answer' in body) return body.answer;
  const { outcome, id } = await makeAccount(body.value, writerOf(request, caller));
  if (outcome.status !== 'saved') return answerOf(outcome);
  // A write of its own, so it has no request key of its own.
  const { request: _key, ...writer } = writerOf(request, caller);
  const link = await makeAccountLink(id, writer);
  if (link.outcome.status !== 'saved') return answerOf(link.outcome);
  return Response.json({ status: 'saved', id, path: `/set-password/${link.token}` });
});
