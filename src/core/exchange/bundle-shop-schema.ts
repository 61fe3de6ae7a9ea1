import Joi from 'joi';
import * as field from '../concepts/atoms';
import { exactly } from '../concepts/atoms';
import { fileKeys } from '../concepts/field';
import {
  closureFields,
  dayOffFields,
  personFields,
  placeFields,
  shiftFields,
  shopFields,
} from '../concepts/shop';
import { coatSystemWithKey, ladderWithKey } from './way-schema';

const list = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).required();
const later = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).default([]).optional();
const byOperation = (figure: Joi.Schema) =>
  Joi.object()
    .pattern(/^[a-z][a-z0-9-]{0,29}$/, figure)
    .max(500);

/** The shop as a job bundle carries it; what came later than the first bundles may be missing. */
export const bundleShop = exactly({
  ...fileKeys(shopFields),
  shifts: list(exactly(fileKeys(shiftFields)), 21),
  closures: list(exactly(fileKeys(closureFields)), 400),
  people: list(
    exactly({
      id: field.key(),
      ...fileKeys(personFields),
      daysOff: list(exactly(fileKeys(dayOffFields)), 400),
    }),
    60,
  ),
  places: list(exactly({ id: field.key(), ...fileKeys(placeFields) }), 40),
  rates: byOperation(field.figure(0, 10_000)),
  learned: byOperation(field.figure(0.1, 10)).default({}).optional(),
  systems: later(coatSystemWithKey(), 100),
  ladders: later(ladderWithKey(), 100),
});
