import Joi from 'joi';
import { levels, layerRoles } from '../film';
import { depths, oldFinishes, schoolOptions } from '../record';
import { cautions, type Caution } from '../safety';
import { placeKinds, skills } from '../shop';
import {
  bases,
  lengthKinds,
  olderLengths,
  roles,
  checkOperation,
  phases,
  rateRules,
  shareRules,
  situationFlags,
  surfaceStates,
  workStates,
  workTags,
  type Operation,
} from '../steps';
import { substrates } from '../vehicle';
import * as field from '../concepts/atoms';

/** Joi fields of an entry of the operation catalogue. */

const some = (values: readonly string[]) => Joi.array().items(field.oneOf(values)).max(60).unique();

const situation = Joi.object({
  route: some(['panel', 'hull', 'aircraft']),
  substrate: some(substrates),
  depth: some(depths),
  level: some(levels),
  old: some(oldFinishes),
  strip: Joi.array().items(field.operationCode()).max(10),
  lays: some(layerRoles),
  is: some(situationFlags),
  not: some(situationFlags),
  school: Joi.object(
    Object.fromEntries(
      Object.entries(schoolOptions).map(([key, options]) => [key, some(options as readonly string[])]),
    ),
  ),
}).options({ presence: 'optional' });

const crew = () => field.whole(1, 4);

/** An entry of the operation catalogue without its code. */
const operationFields = {
  name: field.requiredLine(80),
  phase: field.oneOf(phases),
  kind: field.oneOf(['work', 'session', 'rolled', 'wait']),
  basis: field.oneOf(bases),
  // An entry written before roles has those of the trade's entry it changes (`catalogueWith`).
  does: some(roles).default([]).optional(),
  // What an entry meant that was written before it could say.
  lengths: some(lengthKinds)
    .default([...olderLengths])
    .optional(),
  rate: field.figure(0, 10_000).allow(null),
  rateBy: field.oneOf(rateRules).allow(null),
  shareBy: field.oneOf(shareRules).allow(null),
  levelFactor: Joi.object(Object.fromEntries(levels.map((level) => [level, field.figure(0, 20).optional()]))),
  fixedMin: field.figure(0, 100_000),
  fixedOnBody: field.flag(),
  shapeFactor: field.oneOf(['surface', 'spray', 'none']),
  skill: field.oneOf(skills),
  leastCrew: crew(),
  usualCrew: crew(),
  mostCrew: crew(),
  place: field.oneOf(placeKinds).allow(null),
  stage: field.operationCode().allow(null),
  unit: field.oneOf(['job', 'group', 'substrate', 'lot', 'over', 'section']),
  keyWord: Joi.string()
    .pattern(/^[a-z{}/-]{1,60}$/)
    .allow(null),
  pauses: field.flag(),
  settlesMin: field.whole(0, 100_000),
  faces: field.oneOf(['outside', 'both', 'inside']),
  // An entry written before it could say has no limits.
  leastC: field.figure(-20, 60).allow(null).default(null).optional(),
  mostC: field.figure(-20, 60).allow(null).default(null).optional(),
  // Entries written before the programme said what a session lays carry this; it is read and dropped.
  lays: some(layerRoles).optional().strip(),
  tags: some(workTags),
  consumes: Joi.array()
    .items(field.exactly({ product: field.key(), perUnit: field.figure(0, 10_000) }))
    .max(30),
  cautions: some(Object.keys(cautions) as Caution[]),
  leaves: field.oneOf(surfaceStates).allow(null),
  when: situation,
  needs: some(workStates),
  makes: field.oneOf(workStates).allow(null),
  before: some(workStates),
  inspection: field
    .exactly({
      light: field.requiredLine(60),
      angleDeg: field.figure(0, 90),
      secondPerson: field.flag(),
    })
    .allow(null),
  checks: Joi.array().items(field.line(160).min(1)).max(16),
  why: field.requiredLine(200),
  lost: field.requiredLine(200),
};

/** What no single field shows: the order of crews, and states that would wait for what comes after them. */
const meaning: Joi.CustomValidator<Omit<Operation, 'code'>> = (entry, helper) => {
  const fault = checkOperation(entry);
  return fault === null ? entry : helper.message({ custom: `{{#label}}: ${fault}` });
};

export const operationEntry = () => field.exactly(operationFields).custom(meaning);
export const operationWithCode = () =>
  field.exactly({ code: field.operationCode(), ...operationFields }).custom(meaning);
