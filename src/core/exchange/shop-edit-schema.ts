import Joi from 'joi';
import * as field from '../concepts/atoms';
import { exactly as required, seen } from '../concepts/atoms';
import { editSchema, recordKeys } from '../concepts/field';
import { closureFields, personFields, placeFields } from '../concepts/shop';

const minute = () => field.whole(0, 1440);
const { zone, airWith, outdoors, closed } = placeFields;
const { kind: placeKind, name, lengthM, widthM, heightM, airC } = placeFields;

/** Edits of the people, the rooms and the hours of the shop. */
export const shopEditSchemas = {
  person: required({
    kind: Joi.any(),
    person: field.key(),
    seen: seen(),
    set: editSchema(personFields),
  }),
  place: required({
    kind: Joi.any(),
    place: field.key(),
    seen: seen(),
    set: editSchema({ zone, airWith, outdoors, closed }),
  }),
  'add-place': required({
    kind: Joi.any(),
    of: placeKind.joi,
    ...recordKeys({ name, lengthM, widthM, heightM, airC }),
    rented: field.dayRange(),
  }),
  'remove-place': required({ kind: Joi.any(), place: field.key(), seen: seen() }),
  'add-closures': required({
    kind: Joi.any(),
    closures: Joi.array()
      .items(required(recordKeys(closureFields)))
      .min(1)
      .max(400)
      .unique('date'),
  }),
  'remove-closure': required({ kind: Joi.any(), date: field.localDate(), seen: seen() }),
  shift: required({
    kind: Joi.any(),
    weekday: field.whole(1, 7),
    startMin: minute(),
    endMin: minute().greater(Joi.ref('startMin')).messages({
      'number.greater': '{{#label}} must lie after the start',
    }),
    seen: seen().allow(null),
  }),
  'remove-shift': required({
    kind: Joi.any(),
    weekday: field.whole(1, 7),
    startMin: minute(),
    seen: seen(),
  }),
};
