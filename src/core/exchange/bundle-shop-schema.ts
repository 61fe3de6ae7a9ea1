import Joi from 'joi';
import { placeKinds, skills, zones } from '../shop';
import * as field from './fields';
import { coatSystemWithKey, ladderWithKey } from './way-schema';

const list = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).required();
const later = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).default([]).optional();
const object = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'required' });

/** The shop as a job bundle carries it; what came later than the first bundles may be missing. */
export const bundleShop = object({
  name: field.requiredLine(80),
  timeZone: field.requiredLine(60).custom((zone: string, helper) => {
    try {
      new Intl.DateTimeFormat('en', { timeZone: zone });
      return zone;
    } catch {
      return helper.message({ custom: 'timeZone must be the name of a time zone such as Europe/London' });
    }
  }),
  currency: Joi.string().pattern(/^[A-Z]{3}$/),
  labourRateMinorPerHour: field.moneyMinor(),
  boothRateMinorPerHour: field.moneyMinor(),
  taxBp: field.whole(0, 10_000),
  vocLimitGL: field.figure(1, 2000).allow(null).default(null).optional(),
  keepForMin: field.whole(0, 14_400).default(240).optional(),
  loudHours: field.loudHours().allow(null).default(null).optional(),
  site: field.site().allow(null).default(null).optional(),
  shifts: list(
    object({ weekday: field.whole(1, 7), startMin: field.whole(0, 1439), endMin: field.whole(1, 1440) }),
    21,
  ),
  closures: list(object({ date: field.localDate(), reason: field.line(80).allow('') }), 400),
  people: list(
    object({
      id: field.key(),
      name: field.requiredLine(60),
      skills: Joi.array().items(field.oneOf(skills)).unique(),
      pace: field.figure(0.2, 5).default(1).optional(),
      hours: field.ownHours().allow(null).default(null).optional(),
      daysOff: list(
        object({ from: field.localDate(), to: field.localDate(), reason: field.line(80).allow('') }),
        400,
      ),
    }),
    60,
  ),
  places: list(
    object({
      id: field.key(),
      name: field.requiredLine(60),
      kind: field.oneOf(placeKinds),
      lengthM: field.figure(0.5, 100),
      widthM: field.figure(0.5, 100),
      heightM: field.figure(0.5, 30),
      airC: field.figure(-20, 50),
      profile: field.climateProfile().allow(null).default(null).optional(),
      forecast: field.forecast().default([]).optional(),
      zone: field.oneOf(zones).allow(null).default(null).optional(),
      airWith: Joi.array().items(field.key()).max(40).unique().default([]).optional(),
      outdoors: Joi.boolean().default(false).optional(),
      closed: field.placeClosures().default([]).optional(),
      rented: field.dayRange().allow(null).default(null).optional(),
    }),
    40,
  ),
  rates: Joi.object()
    .pattern(/^[a-z-]{1,30}$/, field.figure(0, 10_000))
    .max(100),
  learned: Joi.object()
    .pattern(/^[a-z-]{1,30}$/, field.figure(0.1, 10))
    .max(100)
    .default({})
    .optional(),
  systems: later(coatSystemWithKey(), 100),
  ladders: later(ladderWithKey(), 100),
});
