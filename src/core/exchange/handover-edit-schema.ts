import Joi from 'joi';
import * as field from '../concepts/atoms';
import { exactly as required, seen } from '../concepts/atoms';
import { jobListFields } from '../concepts/job-lists';
import { gateStages, photoTags } from '../record';

/** Edits of photos, and of what the owner decides. */
export const handoverEditSchemas = {
  'remove-photo': required({ kind: Joi.any(), job: field.jobNumber(), id: field.key(), seen: seen() }),
  'set-photo': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    id: field.key(),
    seen: seen(),
    set: Joi.object({
      tag: field.oneOf(photoTags).optional(),
      caption: field.line(200).allow('').optional(),
      forOwner: field.flag().optional(),
    })
      .min(1)
      .required()
      .options({ presence: 'optional' }),
  }),
  'ask-owner': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    ask: required({
      what: jobListFields.decisions.what.joi,
      part: jobListFields.decisions.part.joi,
      find: jobListFields.decisions.find.joi,
      ways: jobListFields.decisions.ways.joi,
    }),
    holds: required({ section: field.key(), stage: field.oneOf(gateStages) }).allow(null),
  }),
  'answer-decision': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    id: field.key(),
    seen: seen(),
    answer: Joi.valid('chosen', 'refused'),
    chosen: Joi.when('answer', { is: 'chosen', then: field.whole(0, 3), otherwise: Joi.valid(null) }),
    by: field.line(80).min(1),
    on: field.localDate(),
    said: field.line(200).allow(''),
  }),
};
