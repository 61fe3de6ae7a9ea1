import Joi from 'joi';
import {
  bandEnds,
  bandLies,
  datums,
  fairings,
  mostLetters,
  mostStations,
  mostStripes,
  outlineSides,
} from '../record/construction';
import * as atom from './atoms';

/** The longest measure along an object, and the widest band, mm. */
const longestMm = 30_000;
const widestMm = 5000;

const alongMm = () => atom.figure(0, longestMm);
const widthMm = () =>
  atom.figure(0, widestMm).greater(0).messages({ 'number.greater': '{{#label}} must be wider than nothing' });

/** Stations in their order from the front end, each place once. */
const stationsOf = (mm: Joi.Schema) =>
  Joi.array()
    .items(Joi.object({ atMm: alongMm(), mm }).options({ presence: 'required' }))
    .min(1)
    .max(mostStations)
    .unique('atMm')
    .messages({
      'array.max': `{{#label}} has more than ${mostStations} stations`,
      'array.unique': '{{#label}} stands at the same place as another station',
    });

const line = () =>
  atom.exactly({
    datum: atom.oneOf(datums),
    panel: Joi.when('datum', {
      is: Joi.valid('panel-lower', 'panel-upper'),
      then: atom.partKey(),
      otherwise: Joi.valid('').messages({ 'any.only': '{{#label}} is named for an edge of a panel alone' }),
    }),
    fairing: atom.oneOf(fairings),
    stations: stationsOf(atom.figure(-longestMm, longestMm)),
  });

const outline = () =>
  atom.exactly({ colour: atom.key(), widthMm: widthMm().max(500), sides: atom.oneOf(outlineSides) });

const stripeWidths = () =>
  Joi.array()
    .items(widthMm())
    .min(1)
    .max(mostStripes)
    .messages({ 'array.max': `{{#label}} has more than ${mostStripes} stripes` });

const kinds: Record<string, Joi.ObjectSchema> = {
  field: atom.exactly({ kind: Joi.valid('field'), line: line(), side: atom.oneOf(['above', 'below']) }),
  band: atom.exactly({
    kind: Joi.valid('band'),
    line: line(),
    widths: stationsOf(widthMm()),
    lies: atom.oneOf(bandLies),
    fromMm: alongMm().allow(null),
    toMm: alongMm()
      .allow(null)
      .when('fromMm', {
        is: Joi.number(),
        then: Joi.number().greater(Joi.ref('fromMm')),
      })
      .messages({ 'number.greater': '{{#label}} must lie behind where the band begins' }),
    ends: atom.oneOf(bandEnds),
    outline: outline().allow(null),
  }),
  stripes: atom.exactly({
    kind: Joi.valid('stripes'),
    line: line(),
    widthsMm: stripeWidths(),
    gapsMm: Joi.array()
      .items(atom.figure(0, widestMm))
      .max(mostStripes - 1)
      .messages({ 'array.max': `{{#label}} has more than ${mostStripes - 1} gaps` }),
  }),
  box: atom.exactly({
    kind: Joi.valid('box'),
    line: line(),
    atMm: alongMm(),
    lengthMm: widthMm(),
    heightMm: widthMm(),
    letters: atom.line(mostLetters).allow(''),
  }),
};

/** The shape of a construction: which fields it has follows from its kind. */
export const constructionShape = () =>
  Joi.alternatives().conditional('.kind', {
    switch: Object.entries(kinds).map(([is, then]) => ({ is, then })),
    otherwise: Joi.object({ kind: atom.oneOf(Object.keys(kinds)) }).unknown(),
  });
