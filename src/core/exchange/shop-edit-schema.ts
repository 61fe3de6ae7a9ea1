import Joi from 'joi';
import { placeKinds, skills, zones } from '../shop';
import * as field from './fields';

const required = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'required' });
const some = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'optional' }).min(1);
const seen = () => field.whole(1, 2_000_000_000);
const minute = () => field.whole(0, 1440);

/** Edits of the people, the rooms and the hours of the shop. */
export const shopEditSchemas = {
  person: required({
    kind: Joi.any(),
    person: field.key(),
    seen: seen(),
    set: some({
      name: field.line(60).min(1),
      skills: Joi.array().items(field.oneOf(skills)).unique(),
      pace: field.figure(0.2, 5),
      hours: field.ownHours().allow(null),
    }),
  }),
  place: required({
    kind: Joi.any(),
    place: field.key(),
    seen: seen(),
    set: some({
      zone: field.oneOf(zones).allow(null),
      airWith: Joi.array().items(field.key()).max(40).unique(),
      outdoors: Joi.boolean(),
      closed: field.placeClosures(),
    }),
  }),
  'add-place': required({
    kind: Joi.any(),
    name: field.requiredLine(60),
    of: field.oneOf(placeKinds),
    lengthM: field.figure(0.5, 100),
    widthM: field.figure(0.5, 100),
    heightM: field.figure(0.5, 30),
    airC: field.figure(-20, 50),
    rented: field.dayRange(),
  }),
  'remove-place': required({ kind: Joi.any(), place: field.key(), seen: seen() }),
  'add-closures': required({
    kind: Joi.any(),
    closures: Joi.array()
      .items(required({ date: field.localDate(), reason: field.line(80).allow('') }))
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
