import Joi from 'joi';
import type { Edit, NewJob } from '../record';
import { catalogue } from '../steps';
import { bodyKindOf } from '../vehicle';
import { parseWith, type Fault, type Parsed } from './faults';
import * as field from './fields';

const seen = () => field.whole(1, 2_000_000_000);
const seenOrNew = () => seen().allow(null);
const required = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'required' });
const some = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'optional' }).min(1);

const jobSet = some({
  name: field.line(80).min(1),
  owner: field.line(80).allow(''),
  arrival: field.localDate(),
  promised: field.localDate(),
  level: field.level(),
  dimensions: field.dimensionFigures(),
  state: field.jobState(),
  capLabourHours: field.hours(),
  capMaterialsMinor: field.moneyMinor(),
  capBoothHours: field.hours(),
});

const sectionSet = some({
  substrate: field.substrate(),
  oldFinish: field.oldFinish(),
  depth: field.depth(),
  level: field.level(),
  system: field.coatSystem(),
  colourName: field.line(60).min(1),
  colourHex: field.hexColour(),
  coats: field.coatCounts(),
});

const shopSet = some({
  labourRateMinorPerHour: field.moneyMinor(),
  boothRateMinorPerHour: field.moneyMinor(),
  taxBp: field.whole(0, 10_000),
});

const schemas: Record<Edit['kind'], Joi.Schema> = {
  job: required({ kind: Joi.any(), job: field.jobNumber(), seen: seen(), set: jobSet }),
  section: required({
    kind: Joi.any(),
    job: field.jobNumber(),
    section: field.key(),
    seen: seen(),
    set: sectionSet,
  }),
  measure: required({
    kind: Joi.any(),
    job: field.jobNumber(),
    part: field.key(),
    seen: seenOrNew(),
    outsideM2: field.areaM2().allow(null),
  }),
  shop: required({ kind: Joi.any(), seen: seen(), set: shopSet }),
  rate: required({
    kind: Joi.any(),
    operation: field.oneOf(catalogue.map((one) => one.code)),
    seen: seenOrNew(),
    rate: field.figure(0, 10_000).allow(null),
  }),
  'add-day-off': required({
    kind: Joi.any(),
    person: field.key(),
    from: field.localDate(),
    to: field.localDate(),
    reason: field.line(80).allow(''),
  }),
  'remove-day-off': required({ kind: Joi.any(), id: field.key(), seen: seen() }),
};

/** Reads an edit from a request; an unknown kind and every wrong field are named. */
export function readEdit(value: unknown): Parsed<Edit> {
  const kind = typeof value === 'object' && value !== null && 'kind' in value ? value.kind : undefined;
  if (typeof kind !== 'string' || !Object.hasOwn(schemas, kind))
    return {
      status: 'faulty',
      faults: [{ place: 'kind', reason: `kind must be one of ${Object.keys(schemas).join(', ')}` }],
    };
  const parsed = parseWith<Edit>(schemas[kind as Edit['kind']], value);
  if (parsed.status === 'ok' && parsed.value.kind === 'add-day-off' && parsed.value.to < parsed.value.from)
    return { status: 'faulty', faults: [{ place: 'to', reason: 'the last day off lies before the first' }] };
  return parsed;
}

const newJob = required({
  number: field.jobNumber(),
  name: field.line(80).min(1),
  owner: field.line(80).allow(''),
  bodyKind: field.bodyKind(),
  dimensions: field.dimensionFigures(),
  level: field.level(),
  arrival: field.localDate(),
  promised: field.localDate(),
  capLabourHours: field.hours(),
  capMaterialsMinor: field.moneyMinor(),
  capBoothHours: field.hours(),
});

/** Reads a new job from a request. */
export function readNewJob(value: unknown): Parsed<NewJob> {
  const parsed = parseWith<NewJob>(newJob, value);
  if (parsed.status === 'faulty') return parsed;
  const faults = [
    ...dimensionFaults(parsed.value.bodyKind, parsed.value.dimensions),
    ...(parsed.value.promised < parsed.value.arrival
      ? [{ place: 'promised', reason: 'the promised day lies before the arrival' }]
      : []),
  ];
  return faults.length > 0 ? { status: 'faulty', faults } : parsed;
}

/** Dimensions that the body kind does not have, or that lie outside its limits. */
export function dimensionFaults(
  bodyKind: string,
  dimensions: Readonly<Record<string, number>>,
  place = 'dimensions',
): Fault[] {
  const limits = new Map((bodyKindOf(bodyKind)?.dimensions ?? []).map((one) => [one.key, one]));
  return Object.entries(dimensions).flatMap(([key, given]) => {
    const limit = limits.get(key);
    if (!limit) return [{ place: `${place}.${key}`, reason: `${key} is not a dimension of this body kind` }];
    if (given >= limit.min && given <= limit.max) return [];
    return [
      {
        place: `${place}.${key}`,
        reason: `${limit.label} must lie between ${limit.min} and ${limit.max} ${limit.unit}`.trim(),
      },
    ];
  });
}
