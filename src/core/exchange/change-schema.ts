import Joi from 'joi';
import type { Change } from '../changes';
import { schoolKeys } from '../record';
import { skills } from '../shop';
import { parseWith, type Parsed } from './faults';
import * as field from '../concepts/atoms';
import { mostSections } from '../concepts/section';
import { typedFigures } from '../concepts/typed-figures';
import { layerRoles } from '../film';

/** Most changes that are laid side by side. */
export const mostChanges = 4;

const fieldsOf: Record<Change['kind'], Joi.SchemaMap> = {
  saturdays: {},
  overtime: { minutes: field.whole(1, 360) },
  'extra-person': { skill: field.oneOf(skills) },
  away: { person: field.key(), from: field.localDate(), to: field.localDate() },
  'rented-booth': { from: field.localDate(), days: field.whole(1, 366) },
  level: { section: field.key(), level: field.level() },
  school: {
    section: field.key().allow(null),
    school: field.oneOf(schoolKeys),
    option: field.line(40).min(1),
  },
  order: { order: field.stepOrder() },
  unpin: { step: field.key(), name: field.line(120) },
  promise: { date: field.localDate() },
  'drop-job': { job: field.jobNumber() },
  coats: {
    sections: Joi.array().items(field.key()).min(1).max(mostSections).unique(),
    role: field.oneOf(layerRoles),
    coats: field.whole(0, 12),
  },
  ladder: { section: field.key(), ladder: field.ladder() },
  depth: { section: field.key(), depth: field.depth() },
  pin: { step: field.key(), name: field.line(120), at: field.whole(0, field.lastMinute) },
  cap: { budget: field.oneOf(['labour', 'materials', 'booth']), amount: field.figure(0, 100_000_000) },
  figures: { figures: typedFigures(['job', 'section', 'panel']).min(1) },
  painter: {
    steps: Joi.array().items(field.key()).min(1).max(50).unique(),
    person: field.key(),
    name: field.line(80),
  },
  air: { place: field.key(), airC: field.figure(-20, 50) },
};
const kinds = Object.keys(fieldsOf) as Change['kind'][];

const change = Joi.alternatives().conditional('.kind', {
  switch: kinds.map((kind) => ({
    is: kind,
    then: Joi.object({ kind: Joi.any(), ...fieldsOf[kind] }).options({ presence: 'required' }),
  })),
  otherwise: Joi.object({ kind: field.oneOf(kinds).required() }).unknown(),
});

const schema = Joi.object<{ changes: Change[] }>({
  changes: Joi.array().items(change).min(1).max(mostChanges).required(),
});

/** Reads `{ changes: [...] }`, up to four things done otherwise. */
export const readChanges = (value: unknown): Parsed<{ changes: Change[] }> => parseWith(schema, value);
