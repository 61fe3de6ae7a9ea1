import Joi from 'joi';
import {
  fits,
  gauges,
  leadTests,
  markKinds,
  patchResults,
  seamStates,
  readingSources,
  solventTests,
  stripMethods,
  underKinds,
  visibilities,
} from '../record';
import { shapes, sides } from '../vehicle';
import * as field from './fields';

/** Joi fields of the survey, shared by edits and the job bundle. */

export const partKey = () =>
  Joi.string()
    .pattern(/^[A-Za-z0-9][A-Za-z0-9_-]{0,19}$/)
    .messages({ 'string.pattern.base': '{{#label}} must be up to 20 letters, digits, _ or -' });

const metres = () => field.figure(0, 1000);
const netMetres = () => field.figure(-200, 200);
const ring = () =>
  Joi.array().items(Joi.array().ordered(netMetres().required(), netMetres().required())).min(3).max(500);

/** What a survey can set of a panel; the key stands apart. */
export const partSurveyFields = {
  absent: field.flag(),
  fit: field.oneOf(fits),
  fitNote: field.line(120).allow(''),
  substrate: field.substrate().allow(null),
  under: Joi.array()
    .items(
      Joi.object({
        kind: field.oneOf(underKinds),
        um: field.figure(0, 20_000).allow(null),
        year: field.whole(1850, 2200).allow(null),
        sound: field.flag(),
      }).options({ presence: 'required' }),
    )
    .max(20),
  replaced: field.flag(),
  solventTest: field.oneOf(solventTests),
  leadTest: field.oneOf(leadTests),
  testedOn: field.localDate().allow(null),
  patch: field.oneOf(patchResults),
  patchOver: field.line(80).allow(''),
  sheetMm: field.figure(0.1, 100).allow(null),
  visibility: field.oneOf(visibilities),
  level: field.level().allow(null),
  coveredBy: field.line(80).allow(''),
  coveredOn: field.localDate().allow(null),
  reference: field.line(200).allow(''),
  referenceColour: Joi.object({
    l: field.figure(0, 100).required(),
    a: field.figure(-128, 128).required(),
    b: field.figure(-128, 128).required(),
    source: field.oneOf(['typed', 'simulated']).required(),
  }).allow(null),
  depth: field.depth().allow(null),
  method: field.oneOf(stripMethods).allow(null),
  lot: field.lotName(),
  outsideQuoteMinor: field.moneyMinor().allow(null),
  insideM2: metres().allow(null),
  trimM: metres().allow(null),
  seamM: metres().allow(null),
  beadM: metres().allow(null),
  rivetM: metres().allow(null),
  seamInsideM: metres().allow(null),
  seams: field.oneOf(seamStates),
  sealedOn: field.localDate().allow(null),
  sealant: field.line(80).allow(''),
  note: field.line(400).allow(''),
};

export const markFields = {
  part: partKey(),
  kind: field.oneOf(markKinds),
  x: netMetres(),
  y: netMetres(),
  sizeMm: field.figure(0, 5000),
  depthMm: field.figure(0, 500).allow(null),
  note: field.line(200).allow(''),
  mended: field.flag(),
  round: field.whole(0, 20),
};

export const readingFields = {
  part: partKey(),
  um: field.figure(0, 20_000),
  fromLeftMm: field.figure(0, 60_000).allow(null),
  fromTopMm: field.figure(0, 60_000).allow(null),
  gauge: field.oneOf(gauges),
  source: field.oneOf(readingSources),
};

export const ownPartFields = {
  key: partKey(),
  name: field.line(80).min(1),
  section: field.key(),
  side: field.oneOf(sides),
  outline: ring(),
  holes: Joi.array().items(ring()).max(20),
  shape: field.oneOf(shapes),
  curveFactor: field.figure(0.5, 3),
  curveReason: field.line(120).allow(''),
  insideM2: metres(),
  trimM: metres(),
  beadM: metres(),
  rivetM: metres(),
  seamM: metres(),
};
