import Joi from 'joi';
import { field } from '@/core/exchange';
import { accountRoles } from '@/core/rights';
import type { AccountGiven } from '@/server/services/accounts';

/** The fields of an account as a form sends them. */
export const accountFields = {
  name: field.requiredLine(60),
  signIn: Joi.string()
    .trim()
    .lowercase()
    .pattern(/^[a-z0-9][a-z0-9._-]{1,59}$/)
    .required()
    .messages({
      'string.pattern.base': 'a sign-in name is 2 to 60 small letters, digits, points, hyphens',
    }),
  role: field.oneOf(accountRoles).required(),
  personId: field.key().allow(null).required(),
  licence: field.line(60).allow('').required(),
};
export const accountSchema = Joi.object<AccountGiven>(accountFields);
