import Joi from 'joi';
import * as field from '../concepts/atoms';
import { exactly as required, partKey, seen, seenOrNew } from '../concepts/atoms';
import { editSchema, recordKeys, without, type Fields } from '../concepts/field';
import { markFields, readingFields } from '../concepts/findings';
import { jobFields } from '../concepts/job';
import { jobListFields } from '../concepts/job-lists';
import { mostMapLines } from './panel-map-lines';
import { ownPartFields } from '../concepts/own-part';
import { panelSurveyFields } from '../concepts/panel-survey';
import { fixedOfSection, mostSections, sectionFields } from '../concepts/section';
import { mostColours } from '../concepts/scheme-lists';
import { shopFields } from '../concepts/shop';
import { layerRoles } from '../film';
import { jobListNames, type Edit, type JobListName, type NewJobAsked } from '../record';
import { catalogue } from '../steps';
import { bodyKindOf } from '../vehicle';
import { parseWith, type Fault, type Parsed } from './faults';
import { handoverEditSchemas } from './handover-edit-schema';
import { horizonFaults } from './horizon';
import { outlineFaults } from './outline-fault';
import { logEditSchemas } from './log-schema';
import { shopEditSchemas } from './shop-edit-schema';
import { completeProducts, stepEditSchemas, storeEditSchemas } from './store-edit-schema';
import { wayEditSchemas } from './way-schema';

const partsSeen = () =>
  Joi.array()
    .items(required({ part: partKey(), seen: seenOrNew() }))
    .max(500)
    .unique('part');

/** An edit of one of the lists of a job: the list that is named decides the fields. */
const ofList = (list: JobListName, keys: Record<string, Joi.Schema>): Joi.Schema =>
  required({ kind: Joi.any(), job: field.jobNumber(), list: Joi.valid(list), ...keys });
const fieldsOf = (list: JobListName): Fields => jobListFields[list];
const listEdits: Record<string, (list: JobListName) => Joi.Schema> = {
  'add-item': (list) => ofList(list, { item: required(recordKeys(fieldsOf(list))) }),
  'set-item': (list) => ofList(list, { id: field.key(), seen: seen(), set: editSchema(fieldsOf(list)) }),
  'remove-item': (list) => ofList(list, { id: field.key(), seen: seen() }),
};

const jobSet = editSchema(without(jobFields, 'bodyKind'));
const sectionSet = editSchema(without(sectionFields, ...fixedOfSection));
const shopSet = editSchema(without(shopFields, 'name', 'timeZone', 'currency'));

const schemas: Record<Exclude<Edit['kind'], 'add-item' | 'set-item' | 'remove-item'>, Joi.Schema> = {
  job: required({ kind: Joi.any(), job: field.jobNumber(), seen: seen(), set: jobSet }),
  section: required({
    kind: Joi.any(),
    job: field.jobNumber(),
    section: field.key(),
    seen: seen(),
    set: sectionSet,
  }),
  'add-section': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    like: field.key(),
    name: sectionFields.name.joi,
    parts: partsSeen().min(1),
  }),
  'section-coats': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    sections: Joi.array()
      .items(required({ section: field.key(), seen: seen() }))
      .min(1)
      .max(mostSections)
      .unique('section'),
    role: field.oneOf(layerRoles),
    coats: field.whole(0, 12),
  }),
  'remove-section': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    section: field.key(),
    seen: seen(),
    into: field.key().invalid(Joi.ref('section')).messages({ 'any.invalid': 'into must be another section' }),
  }),
  'keep-scheme': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    ...recordKeys(without(jobListFields.alternatives, 'scheme', 'chosenBy', 'chosenOn')),
  }),
  'take-scheme': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    id: field.key(),
    seen: seen(),
    by: field.requiredLine(60),
    on: field.localDate(),
  }),
  'take-order': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    seen: seen(),
    colourOrder: jobFields.colourOrder.joi,
    colourCovers: jobFields.colourCovers.joi,
    schools: jobFields.schools.joi,
    grounds: Joi.array()
      .items(required({ colour: field.key(), product: field.key() }))
      .max(mostColours)
      .unique('colour'),
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
    set: editSchema(panelSurveyFields),
  }),
  'add-marks': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    marks: Joi.array()
      .items(required(recordKeys(markFields)))
      .min(1)
      .max(500),
  }),
  'set-mark': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    id: field.key(),
    seen: seen(),
    set: editSchema(without(markFields, 'part')),
  }),
  'remove-mark': required({ kind: Joi.any(), job: field.jobNumber(), id: field.key(), seen: seen() }),
  'add-readings': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    readings: Joi.array()
      .items(required(recordKeys(without(readingFields, 'onDate'))))
      .min(1)
      .max(5000),
  }),
  'remove-reading': required({ kind: Joi.any(), job: field.jobNumber(), id: field.key(), seen: seen() }),
  ...handoverEditSchemas,
  'add-parts': required({
    kind: Joi.any(),
    job: field.jobNumber(),
    parts: Joi.array()
      .items(required({ key: partKey(), ...recordKeys(ownPartFields) }))
      .min(1)
      .max(500),
    leaveOut: partsSeen(),
    lines: Joi.array()
      .items(required(recordKeys(jobListFields.constructions)))
      .max(mostMapLines)
      .optional(),
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
    rate: field.figure(0.01, 10_000).allow(null),
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

/** A rate is taken only where the minutes of an operation follow from one; null where they do. */
function rateFault(code: string): Fault | null {
  const operation = catalogue.find((one) => one.code === code);
  if (!operation) return null;
  if (operation.rate === null || operation.rateBy !== null)
    return {
      place: 'rate',
      reason: `the minutes of “${operation.name}” follow the level or the grits; type those in Figures`,
    };
  return operation.basis === 'fixed'
    ? { place: 'rate', reason: `“${operation.name}” takes fixed minutes; change them on its sheet` }
    : null;
}

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
  if (parsed.status === 'ok' && parsed.value.kind === 'rate' && parsed.value.rate !== null) {
    const fault = rateFault(parsed.value.operation);
    return fault ? { status: 'faulty', faults: [fault] } : parsed;
  }
  if (parsed.status === 'ok' && parsed.value.kind === 'add-parts') {
    const faults = outlineFaults(parsed.value.parts, 'parts');
    return faults.length > 0 ? { status: 'faulty', faults } : parsed;
  }
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
  like: field.jobNumber().allow('').default('').optional(),
  ...recordKeys({
    name: jobFields.name,
    owner: jobFields.owner,
    bodyKind: jobFields.bodyKind,
    dimensions: jobFields.dimensions,
    level: jobFields.level,
    arrival: jobFields.arrival,
    promised: jobFields.promised,
    capLabourHours: jobFields.capLabourHours,
    capMaterialsMinor: jobFields.capMaterialsMinor,
    capBoothHours: jobFields.capBoothHours,
  }),
});

/** Reads a new job from a request. */
export function readNewJob(value: unknown): Parsed<NewJobAsked> {
  const parsed = parseWith<NewJobAsked>(newJob, value);
  if (parsed.status === 'faulty') return parsed;
  const faults = [
    ...dimensionFaults(parsed.value.bodyKind, parsed.value.dimensions),
    ...horizonFaults(parsed.value.arrival, parsed.value.promised),
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
