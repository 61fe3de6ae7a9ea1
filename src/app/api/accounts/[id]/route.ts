import Joi from 'joi';
import { field } from '@/core/exchange';
import {
  changeAccount,
  dropSecondFactor,
  makeAccountLink,
  setBadge,
  type AccountGiven,
} from '@/server/services/accounts';
import { accountFields } from '../../account-schema';
import { answerOf } from '../../edit-answer';
import { guarded } from '../../guarded';
import { writerOf } from '../../json-body';
import { parsedBody } from '../../parsed-body';

interface Given {
  params: Promise<{ id: string }>;
}

type Changed = AccountGiven & { seen: number; ended: boolean };

const schema = Joi.object<{
  change?: Changed;
  link?: true;
  badge?: string | null;
  dropSecondFactor?: true;
}>({
  change: Joi.object<Changed>({
    seen: field.whole(1, 1_000_000_000).required(),
    ...accountFields,
    ended: field.flag().required(),
  }),
  link: Joi.valid(true),
  badge: Joi.string()
    .pattern(/^\d{4}$/)
    .allow(null)
    .messages({ 'string.pattern.base': 'a badge code is four digits' }),
  dropSecondFactor: Joi.valid(true),
}).xor('change', 'link', 'badge', 'dropSecondFactor');

/** Changes an account, makes it a link, sets its badge code, or takes its second factor away. */
export const POST = guarded<Given>({ does: 'account' }, async (request, { params }, caller) => {
  const body = await parsedBody(request, schema);
  if ('answer' in body) return body.answer;
  const { id } = await params;
  const writer = writerOf(request, caller);
  const { change, link, badge } = body.value;
  if (change) {
    const { seen, ...given } = change;
    return answerOf(await changeAccount(id, seen, given, writer));
  }
  if (badge !== undefined) return answerOf(await setBadge(id, badge, writer));
  if (!link) return answerOf(await dropSecondFactor(id, writer));
  const { outcome, token } = await makeAccountLink(id, writer);
  return outcome.status === 'saved'
    ? Response.json({ status: 'saved', path: `/set-password/${token}` })
    : answerOf(outcome);
});
