import Joi from 'joi';
import type { Product } from '../film';
import { fits, jobListNames, priorRepairs, type Job, type LogEntry, type StepFact } from '../record';
import type { Shop } from '../shop';
import type { Operation } from '../steps';
import type { Minute } from '../units';
import { dimensionFaults } from './edit-schema';
import { parseJson, parseWith, type Fault, type Parsed } from './faults';
import * as field from './fields';
import { entryFaults, logEntryFields } from './log-schema';
import { bundleShop } from './bundle-shop-schema';
import { wayFaults } from './way-schema';
import { jobListFields } from './job-list-schema';
import { completeProduct, productFaults, productSchema } from './product-schema';
import * as work from './work-schema';
import { markFields, ownPartFields, partKey, partSurveyFields, readingFields } from './survey-schema';

/** A job with all it needs to be planned anywhere: `docs/formats/job-bundle.md`. */
export interface JobBundle {
  job: Job;
  shop: Shop;
  shelf: Product[];
  /** The shop's own and changed entries of the operation catalogue. */
  operations: Operation[];
}

export const bundleFormat = 'coatrel.job-bundle';
export const bundleVersion = 2;
/** Version 1 knew no survey; it is read as a job without one. */
const readableVersions = [1, bundleVersion];

const list = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).required();
/** A list that came with version 2. */
const later = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).default([]).optional();
const object = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'required' });
const instant = () =>
  Joi.string()
    .isoDate()
    .pattern(/Z$/)
    .messages({ 'string.pattern.base': '{{#label}} must be in UTC and end in Z' });

const section = object({
  key: field.key(),
  name: field.requiredLine(80),
  group: field.key(),
  loose: field.flag(),
  substrate: field.substrate(),
  system: field.coatSystem(),
  oldFinish: field.oldFinish(),
  depth: field.depth(),
  level: field.level(),
  colourName: field.requiredLine(60),
  colourHex: field.hexColour(),
  coats: field.coatCounts().options({ presence: 'optional' }),
  ladder: field.ladder().allow(null).default(null).optional(),
  schools: work.schools().default({}).optional(),
  rounds: work.rounds().default({}).optional(),
  stopRule: work.stopRule().default(null).optional(),
});

const fact = object({
  step: field.key(),
  status: field.oneOf(['done', 'running']),
  start: instant(),
  end: instant().allow(null),
  remainingMin: field.whole(0, 1_000_000).allow(null),
  personMinutes: field.whole(0, 1_000_000),
  materialsMinor: field.moneyMinor(),
  uses: Joi.array().items(field.key()).max(20),
});

const logEntry = object({
  id: field.key(),
  ...logEntryFields,
  at: instant(),
  corrects: field.key().allow(null),
});

/** The lists of a job; what came later than the first of them may be missing in a file. */
const laterFields: Record<string, Joi.Schema> = {
  fasteners: field.line(120).allow('').default('').optional(),
};
const lists = Object.fromEntries(
  jobListNames.map((name) => {
    const fields = jobListFields[name];
    const filled = Object.fromEntries(
      Object.entries(fields).map(([key, schema]) => [key, laterFields[key] ?? schema]),
    );
    return [name, later(object({ id: field.key(), ...filled }), 500)];
  }),
);

const job = object({
  number: field.jobNumber(),
  name: field.requiredLine(80),
  owner: field.line(80).allow(''),
  bodyKind: field.bodyKind(),
  dimensions: field.dimensionFigures(),
  level: field.level(),
  state: field.jobState(),
  arrival: field.localDate(),
  promised: field.localDate(),
  caps: object({ labourHours: field.hours(), materialsMinor: field.moneyMinor(), boothHours: field.hours() }),
  sections: list(section, 40),
  measured: list(object({ key: field.key(), outsideM2: field.areaM2() }), 500),
  surveyed: later(
    object({
      key: partKey(),
      ...partSurveyFields,
      fit: field.oneOf(fits).default('fixed').optional(),
      fitNote: field.line(120).allow('').default('').optional(),
    }),
    500,
  ),
  marks: later(object({ id: field.key(), ...markFields }), 5000),
  readings: later(object({ id: field.key(), ...readingFields, onDate: field.localDate() }), 5000),
  ownParts: later(object(ownPartFields), 500),
  ...lists,
  builtYear: field.whole(1850, 2200).allow(null).default(null).optional(),
  priorRepair: field.oneOf(priorRepairs).default('none').optional(),
  facts: list(fact, 5000),
  log: later(logEntry, 20_000),
  stepEdits: later(
    object({
      step: field.key(),
      ...work.stepEditFields,
      after: field.key().allow(null).default(null).optional(),
      override: field.flag().default(false).optional(),
      person: field.key().allow(null).default(null).optional(),
      startAt: instant().allow(null).default(null).optional(),
    }),
    5000,
  ),
  addedSteps: later(object({ id: field.key(), ...work.addedStepFields }), 1000),
  scope: later(
    object({
      id: field.key(),
      what: field.requiredLine(200),
      hours: field.figure(-10_000, 10_000),
      moneyMinor: field.whole(-100_000_000, 100_000_000),
      days: field.whole(-365, 365),
      agreedBy: field.requiredLine(80),
      onDate: field.localDate(),
    }),
    500,
  ),
  signOffs: list(object(work.signOffFields), 100),
  schools: work.schools().default({}).optional(),
  weight: field.whole(1, 9).default(1).optional(),
  placingOrder: field.stepOrder().default([]).optional(),
});

const bundle = object({
  format: Joi.valid(bundleFormat),
  version: Joi.valid(...readableVersions),
  job,
  shop: bundleShop,
  shelf: list(productSchema, 1000),
  operations: later(work.operationWithCode(), 500),
});

type FactRow = Omit<StepFact, 'start' | 'end'> & { start: string; end: string | null };
type StepEditRow = Omit<Job['stepEdits'][number], 'startAt'> & { startAt: string | null };
type LogRow = Omit<LogEntry, 'at'> & { at: string };
const toMinute = (text: string): Minute => Math.round(Date.parse(text) / 60000);
const toInstant = (minute: Minute): string => new Date(minute * 60000).toISOString();

/** Reads a bundle; every fault is named by place and reason, and a faulty bundle yields nothing. */
export function readJobBundle(text: string): Parsed<JobBundle> {
  const json = parseJson(text);
  if (json.status === 'faulty') return json;
  const parsed = parseWith<{
    job: Omit<Job, 'facts' | 'log' | 'stepEdits'> & {
      facts: FactRow[];
      log: LogRow[];
      stepEdits: StepEditRow[];
    };
    shop: Shop;
    shelf: Parameters<typeof completeProduct>[0][];
    operations: Operation[];
  }>(bundle, json.value);
  if (parsed.status === 'faulty') return parsed;
  const { job: row, shop: shopRow } = parsed.value;
  const shelf = parsed.value.shelf.map(completeProduct);
  const facts = row.facts.map((one) => ({
    ...one,
    start: toMinute(one.start),
    end: one.end === null ? null : toMinute(one.end),
  }));
  const log = row.log.map((entry) => ({ ...entry, at: toMinute(entry.at) }));
  const stepEdits = row.stepEdits.map((edit) => ({
    ...edit,
    startAt: edit.startAt === null ? null : toMinute(edit.startAt),
  }));
  const value = {
    job: { ...row, facts, log, stepEdits },
    shop: shopRow,
    shelf,
    operations: parsed.value.operations,
  };
  const faults = meaningFaults(value);
  return faults.length > 0 ? { status: 'faulty', faults } : { status: 'ok', value };
}

/** Faults that single fields cannot show: doubles, order of times, dimensions outside the body kind's limits. */
function meaningFaults({ job: one, shop: place, shelf }: JobBundle): Fault[] {
  const faults: Fault[] = [];
  const add = (where: string, reason: string) => faults.push({ place: where, reason });
  const unique = (where: string, ids: string[]) =>
    ids.forEach((id, i) => ids.indexOf(id) < i && add(`${where}[${i}]`, `${id} stands twice`));
  unique(
    'job.sections',
    one.sections.map((each) => each.key),
  );
  unique(
    'job.measured',
    one.measured.map((each) => each.key),
  );
  for (const name of ['surveyed', 'ownParts'] as const)
    unique(
      `job.${name}`,
      one[name].map((each) => each.key),
    );
  for (const name of ['marks', 'readings', 'log', ...jobListNames] as const)
    unique(
      `job.${name}`,
      one[name].map((each) => each.id),
    );
  unique(
    'job.facts',
    one.facts.map((each) => each.step),
  );
  unique(
    'shop.people',
    place.people.map((each) => each.id),
  );
  unique(
    'shop.places',
    place.places.map((each) => each.id),
  );
  unique(
    'shelf',
    shelf.map((each) => each.code),
  );
  shelf.forEach((product, i) => faults.push(...productFaults(product, `shelf[${i}]`)));
  faults.push(...dimensionFaults(one.bodyKind, one.dimensions, 'job.dimensions'));
  one.facts.forEach((each, i) => {
    if (each.status === 'done' && each.end === null)
      add(`job.facts[${i}].end`, 'a finished step needs its end');
    if (each.end !== null && each.end < each.start)
      add(`job.facts[${i}].end`, 'the end lies before the start');
  });
  one.log.forEach((entry, i) => faults.push(...entryFaults(entry, `job.log[${i}]`)));
  one.sections.forEach((section, i) => faults.push(...wayFaults(section, place, `job.sections[${i}]`)));
  place.shifts.forEach((shift, i) => {
    if (shift.endMin <= shift.startMin) add(`shop.shifts[${i}].endMin`, 'a shift must end after it starts');
  });
  place.people.forEach((person, i) =>
    person.daysOff.forEach((off, j) => {
      if (off.to < off.from)
        add(`shop.people[${i}].daysOff[${j}].to`, 'the last day off lies before the first');
    }),
  );
  return faults;
}

/** Writes a bundle; reading it back gives the same job, shop and shelf. */
export function writeJobBundle({ job: one, shop: place, shelf, operations }: JobBundle): string {
  const facts = one.facts.map((each) => ({
    ...each,
    start: toInstant(each.start),
    end: each.end === null ? null : toInstant(each.end),
  }));
  const log = one.log.map((entry) => ({ ...entry, at: toInstant(entry.at) }));
  const stepEdits = one.stepEdits.map((edit) => ({
    ...edit,
    startAt: edit.startAt === null ? null : toInstant(edit.startAt),
  }));
  return `${JSON.stringify({ format: bundleFormat, version: bundleVersion, job: { ...one, facts, log, stepEdits }, shop: place, shelf, operations }, null, 2)}\n`;
}
