import Joi from 'joi';
import type { ModelUse, ScheduleModel, TakenUse } from '../schedule/model';
import { parseJson, parseWith, type Fault, type Parsed } from './faults';
import { referenceFaults } from './schedule-references';

/** Most steps of one problem. */
export const mostSteps = 20_000;

const id = () => Joi.string().min(1).max(200);
const need = () => id().required();
const whole = () => Joi.number().integer();
const amount = () => whole().min(0);
const list = (of: Joi.Schema) => Joi.array().items(of).default([]);
const ids = () => Joi.array().items(id()).min(1);
const pair = Joi.array().ordered(whole().required(), whole().required());
const record = (keys: Joi.SchemaMap) => Joi.object(keys);
const uses = (of: Joi.Schema) => Joi.array().items(of).default([]);

const use = Joi.alternatives().conditional(Joi.object({ hold: Joi.exist() }).unknown(), {
  then: record({ hold: need() }),
  otherwise: record({ resource: id(), anyOf: ids(), amount: amount().required() }).xor('resource', 'anyOf'),
});
const taken = Joi.alternatives().conditional(Joi.object({ hold: Joi.exist() }).unknown(), {
  then: record({ hold: need(), resource: need() }),
  otherwise: record({ resource: need(), amount: amount().required() }),
});

const schema = record({
  format: Joi.string().valid('coatrel.schedule-problem').required(),
  version: Joi.number().valid(1).required(),
  now: whole().default(0),
  calendars: list(
    record({
      id: need(),
      repeatMinutes: whole().min(1),
      open: Joi.array().items(pair).required(),
      closed: list(pair),
    }),
  ),
  resources: Joi.array()
    .items(
      record({
        id: need(),
        capacity: amount().required(),
        calendar: id(),
        scarce: Joi.boolean().default(false),
      }),
    )
    .required(),
  jobs: Joi.array()
    .items(
      record({
        id: need(),
        release: whole().default(0),
        due: whole().allow(null).default(null),
        weight: amount().default(1),
      }),
    )
    .required(),
  steps: Joi.array()
    .items(
      record({
        id: need(),
        job: need(),
        kind: Joi.string().valid('contiguous', 'splittable', 'passive').required(),
        minutes: amount().required(),
        uses: uses(use),
        tags: list(id()),
      }),
    )
    .required(),
  links: list(
    record({
      from: need(),
      to: need(),
      type: Joi.string().valid('end-start', 'start-start').required(),
      min: amount(),
      max: amount(),
    }).or('min', 'max'),
  ),
  holds: list(
    record({
      id: need(),
      resource: id(),
      anyOf: ids(),
      amount: amount().required(),
      from: need(),
      to: need(),
      tags: list(id()),
    }).xor('resource', 'anyOf'),
  ),
  exclusions: list(record({ a: need(), b: need(), resources: Joi.array().items(id()).required() })),
  same: list(record({ steps: Joi.array().items(id()).required(), anyOf: ids().required() })),
  pinned: list(record({ step: need(), start: whole().required(), uses: Joi.array().items(taken) })),
  done: list(record({ step: need(), start: whole().required(), end: whole().required(), uses: uses(taken) })),
  running: list(
    record({ step: need(), start: whole().required(), remaining: amount().required(), uses: uses(taken) }),
  ),
});

type Read = Omit<ScheduleModel, 'calendars' | 'resources' | 'steps' | 'links' | 'holds' | 'pinned'> & {
  calendars: { id: string; repeatMinutes?: number; open: [number, number][]; closed: [number, number][] }[];
  resources: { id: string; capacity: number; calendar?: string; scarce: boolean }[];
  steps: (Omit<ScheduleModel['steps'][number], 'uses'> & { uses: ReadUse[] })[];
  links: { from: string; to: string; type: 'end-start' | 'start-start'; min?: number; max?: number }[];
  holds: (Omit<ScheduleModel['holds'][number], 'anyOf'> & { resource?: string; anyOf?: string[] })[];
  pinned: { step: string; start: number; uses?: TakenUse[] }[];
};
type ReadUse = { hold: string } | { resource?: string; anyOf?: string[]; amount: number };

const options = (one: { resource?: string; anyOf?: string[] }): string[] =>
  one.resource === undefined ? [...new Set(one.anyOf)] : [one.resource];

/** Reads `coatrel.schedule-problem` version 1; every fault is named by its JSON path. */
export function readScheduleProblem(text: string): Parsed<ScheduleModel> {
  const json = parseJson(text);
  if (json.status === 'faulty') return json;
  const crowd = stepCount(json.value);
  if (crowd > mostSteps) {
    const reason = `steps must be at most ${mostSteps}, not ${crowd}`;
    return { status: 'faulty', faults: [{ place: 'steps', reason }] };
  }
  const read = parseWith<Read>(schema, json.value, false);
  if (read.status === 'faulty') return read;
  const model = modelOf(read.value);
  const faults: Fault[] = referenceFaults(model);
  return faults.length > 0 ? { status: 'faulty', faults } : { status: 'ok', value: model };
}

function stepCount(value: unknown): number {
  const steps = (value as { steps?: unknown } | null)?.steps;
  return Array.isArray(steps) ? steps.length : 0;
}

function modelOf(read: Read): ScheduleModel {
  return {
    now: read.now,
    calendars: read.calendars.map((one) => ({ ...one, repeatMinutes: one.repeatMinutes ?? null })),
    resources: read.resources.map((one) => ({ ...one, calendar: one.calendar ?? null })),
    jobs: read.jobs,
    steps: read.steps.map((step) => ({
      ...step,
      uses: step.uses.map((one): ModelUse =>
        'hold' in one ? one : { anyOf: options(one), amount: one.amount },
      ),
    })),
    links: read.links.map((one) => ({
      ...one,
      // With only a maximum the lower side is free between starts, and 0 from an end to a start.
      min: one.min ?? (one.type === 'end-start' ? 0 : null),
      max: one.max ?? null,
    })),
    holds: read.holds.map(({ resource, anyOf, ...one }) => ({
      ...one,
      anyOf: options({ ...(resource === undefined ? { anyOf: anyOf! } : { resource }) }),
    })),
    exclusions: read.exclusions,
    same: read.same.map((one) => ({ ...one, anyOf: [...new Set(one.anyOf)] })),
    pinned: read.pinned.map((one) => ({ ...one, uses: one.uses ?? null })),
    done: read.done,
    running: read.running,
  };
}
