import Joi from 'joi';
import { priorRepairs, jobListNames, type Edit, type NewJob, type JobListName } from '../record';
import { catalogue } from '../steps';
import { bodyKindOf } from '../vehicle';
import { parseWith, type Fault, type Parsed } from './faults';
import * as field from './fields';
import { completeProducts, stepEditSchemas, storeEditSchemas } from './store-edit-schema';
import { jobListFields } from './job-list-schema';
import * as work from './work-schema';
import { logEditSchemas } from './log-schema';
import { shopEditSchemas } from './shop-edit-schema';
import { wayEditSchemas } from './way-schema';
import { markFields, ownPartFields, partKey, partSurveyFields, readingFields } from './survey-schema';

const seen = () => field.whole(1, 2_000_000_000);
const seenOrNew = () => seen().allow(null);
const required = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'required' });
const some = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'optional' }).min(1);

const partsSeen = () =>
  Joi.array()
    .items(required({ part: partKey(), seen: seenOrNew() }))
    .max(500)
    .unique('part');

/** An edit of one of the strip-down lists: the list that is named decides the fields. */
const ofList = (
  list: JobListName,
  keys: (fields: Record<string, Joi.Schema>) => Record<string, Joi.Schema>,
): Joi.Schema =>
  required({
    kind: Joi.any(),
    job: field.jobNumber(),
    list: Joi.valid(list),
    ...keys(jobListFields[list]),
  });
const listEdits: Record<string, (list: JobListName) => Joi.Schema> = {
  'add-item': (list) => ofList(list, (fields) => ({ item: required(fields) })),
  'set-item': (list) => ofList(list, (fields) => ({ id: field.key(), seen: seen(), set: some(fields) })),
  'remove-item': (list) => ofList(list, () => ({ id: field.key(), seen: seen() })),
};

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
  builtYear: field.whole(1850, 2200).allow(null),
  priorRepair: field.oneOf(priorRepairs),
  schools: work.schools(),
  placingOrder: field.stepOrder(),
  weight: field.whole(1, 9),
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
  ladder: field.ladder().allow(null),
  schools: work.schools(),
  rounds: work.rounds(),
  stopRule: work.stopRule(),
});

const shopSet = some({
  labourRateMinorPerHour: field.moneyMinor(),
  boothRateMinorPerHour: field.moneyMinor(),
  taxBp: field.whole(0, 10_000),
  vocLimitGL: field.figure(1, 2000).allow(null),
  keepForMin: field.whole(0, 14_400),
  loudHours: field.loudHours().allow(null),
  site: field.site().allow(null),
});

const schemas: Record<Exclude<Edit['kind'], 'add-item' | 'set-item' | 'remove-item'>, Joi.Schema> = {
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
  survey: required({
    kind: Joi.any(),
    job: field.jobNumber(),
    parts: partsSeen().min(1),
    set: some(partSurveyFields),
  }),
  'add-marks': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    marks: Joi.array().items(required(markFields)).min(1).max(500),
  }),
  'set-mark': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    id: field.key(),
    seen: seen(),
    set: some(Object.fromEntries(Object.entries(markFields).filter(([name]) => name !== 'part'))),
  }),
  'remove-mark': required({ kind: Joi.any(), job: field.jobNumber(), id: field.key(), seen: seen() }),
  'add-readings': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    readings: Joi.array().items(required(readingFields)).min(1).max(5000),
  }),
  'remove-reading': required({ kind: Joi.any(), job: field.jobNumber(), id: field.key(), seen: seen() }),
  'remove-photo': required({ kind: Joi.any(), job: field.jobNumber(), id: field.key(), seen: seen() }),
  'add-parts': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    parts: Joi.array().items(required(ownPartFields)).min(1).max(500),
    leaveOut: partsSeen(),
  }),
  'remove-part': required({ kind: Joi.any(), job: field.jobNumber(), part: partKey(), seen: seen() }),
  ...storeEditSchemas,
  ...stepEditSchemas,
  ...logEditSchemas,
  ...wayEditSchemas,
  ...shopEditSchemas,
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
  if (typeof kind === 'string' && Object.hasOwn(listEdits, kind)) return readListEdit(kind, value);
  if (typeof kind !== 'string' || !Object.hasOwn(schemas, kind))
    return {
      status: 'faulty',
      faults: [
        {
          place: 'kind',
          reason: `kind must be one of ${[...Object.keys(schemas), ...Object.keys(listEdits)].join(', ')}`,
        },
      ],
    };
  const parsed = completeProducts(parseWith<Edit>(schemas[kind as keyof typeof schemas], value));
  if (parsed.status === 'ok' && parsed.value.kind === 'add-day-off' && parsed.value.to < parsed.value.from)
    return { status: 'faulty', faults: [{ place: 'to', reason: 'the last day off lies before the first' }] };
  return parsed;
}

function readListEdit(kind: string, value: unknown): Parsed<Edit> {
  const list = (value as { list?: unknown }).list;
  const known = jobListNames.find((one) => one === list);
  return known
    ? parseWith<Edit>(listEdits[kind]!(known), value)
    : {
        status: 'faulty',
        faults: [{ place: 'list', reason: `list must be one of ${jobListNames.join(', ')}` }],
      };
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
