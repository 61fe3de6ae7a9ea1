import Joi from 'joi';
import { schoolOptions } from '../record/school';
import * as atom from './atoms';

/** Methods by name; what is not named follows the situation. */
export const schools = () =>
  Joi.object(
    Object.fromEntries(
      Object.entries(schoolOptions).map(([key, options]) => [key, atom.oneOf<string>(options).optional()]),
    ),
  );

export const rounds = () =>
  Joi.object({ filler: atom.whole(0, 12).optional(), build: atom.whole(1, 12).optional() });

export const stopRule = () =>
  Joi.object({
    hollowMm: atom.figure(0.01, 20).allow(null).required(),
    lastDay: atom.localDate().allow(null).required(),
  });
