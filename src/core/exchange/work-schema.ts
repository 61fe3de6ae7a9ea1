import Joi from 'joi';
import { levels, layerRoles } from '../film';
import { depths, oldFinishes, schoolOptions } from '../record';
import { cautions, type Caution } from '../safety';
import { placeKinds, skills } from '../shop';
import {
  bases,
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
import * as field from './fields';

/** Joi fields of the work itself: schools, rounds, steps by hand, releases, operations. */

const required = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'required' });

export const schools = () =>
  Joi.object(
    Object.fromEntries(
      Object.entries(schoolOptions).map(([key, options]) => [key, field.oneOf(options as readonly string[])]),
    ),
  ).options({ presence: 'optional' });

export const rounds = () =>
  Joi.object({ filler: field.whole(0, 12), build: field.whole(1, 12) }).options({ presence: 'optional' });

export const stopRule = () =>
  Joi.object({
    hollowMm: field.figure(0.01, 20).allow(null).required(),
    lastDay: field.localDate().allow(null).required(),
  }).allow(null);

/** What a manager changes of a step; the step's key stands apart. */
export const stepEditFields = {
  personMinutes: field.whole(0, 1_000_000).allow(null),
  skipped: field.flag(),
  after: field.key().allow(null),
  override: field.flag(),
  person: field.key().allow(null),
  startAt: field.whole(0, 120_000_000).allow(null),
  note: field.line(200).allow(''),
};

export const addedStepFields = {
  operation: field.operationCode(),
  name: field.line(80).allow(''),
  section: field.key(),
  personMinutes: field.whole(0, 1_000_000),
  after: field.key(),
  before: field.key().allow(null),
  note: field.line(200).allow(''),
};

export const signOffFields = {
  step: field.key(),
  name: field.requiredLine(80),
  licence: field.line(60).allow(''),
  date: field.localDate(),
};

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
  unit: field.oneOf(['job', 'group', 'substrate', 'lot', 'section']),
  keyWord: Joi.string()
    .pattern(/^[a-z{}/-]{1,60}$/)
    .allow(null),
  pauses: field.flag(),
  settlesMin: field.whole(0, 100_000),
  faces: field.oneOf(['outside', 'both', 'inside']),
  lays: some(layerRoles),
  tags: some(workTags),
  consumes: Joi.array()
    .items(required({ product: field.key(), perUnit: field.figure(0, 10_000) }))
    .max(30),
  cautions: some(Object.keys(cautions) as Caution[]),
  leaves: field.oneOf(surfaceStates).allow(null),
  when: situation,
  needs: some(workStates),
  makes: field.oneOf(workStates).allow(null),
  before: some(workStates),
  inspection: required({
    light: field.requiredLine(60),
    angleDeg: field.figure(0, 90),
    secondPerson: field.flag(),
  }).allow(null),
  checks: Joi.array().items(field.line(160).min(1)).max(16),
  why: field.requiredLine(200),
  lost: field.requiredLine(200),
};

/** What no single field shows: the order of crews, and states that would wait for what comes after them. */
const meaning: Joi.CustomValidator<Omit<Operation, 'code'>> = (entry, helper) => {
  const fault = checkOperation(entry);
  return fault === null ? entry : helper.message({ custom: `{{#label}}: ${fault}` });
};

export const operationEntry = () => required(operationFields).custom(meaning);
export const operationWithCode = () =>
  required({ code: field.operationCode(), ...operationFields }).custom(meaning);
