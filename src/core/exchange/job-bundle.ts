import Joi from 'joi';
import * as field from '../concepts/atoms';
import { exactly as object } from '../concepts/atoms';
import { fileKeys, toFile, without, type Fields } from '../concepts/field';
import { markFields, readingFields } from '../concepts/findings';
import { jobFields } from '../concepts/job';
import { jobListFields } from '../concepts/job-lists';
import { logEntryFields } from '../concepts/log-entry';
import { ownPartFields } from '../concepts/own-part';
import { panelSurveyFields } from '../concepts/panel-survey';
import { mostSections, sectionFields } from '../concepts/section';
import {
  addedStepFields,
  measuredPartFields,
  scopeChangeFields,
  signOffFields,
  stepEditFields,
  stepFactFields,
} from '../concepts/step-records';
import { shelfOf, type Product } from '../film';
import { jobListNames, type Job } from '../record';
import type { Shop } from '../shop';
import type { Operation } from '../steps';
import { bundleShop } from './bundle-shop-schema';
import { mostAlternatives, mostColours } from '../concepts/scheme-lists';
import { colourFaults, colourReferenceFaults } from './colour-faults';
import { jobFigureFaults, shopFigureFaults } from './figure-faults';
import { dimensionFaults } from './edit-schema';
import { parseJson, parseWith, type Fault, type Parsed } from './faults';
import { horizonFaults } from './horizon';
import { entryFaults } from './log-schema';
import { olderSectionKeys, withColours } from './older-colours';
import { outlineFaults } from './outline-fault';
import { completeProduct, productFaults, productSchema } from './product-schema';
import { wayFaults } from './way-schema';
import * as work from './work-schema';

/** A job with all it needs to be planned anywhere: `docs/formats/job-bundle.md`. */
export interface JobBundle {
  job: Job;
  shop: Shop;
  shelf: Product[];
  /** The shop's own and changed entries of the operation catalogue. */
  operations: Operation[];
}

export const bundleFormat = 'coatrel.job-bundle';
export const bundleVersion = 5;
/**
 * Version 1 knew no survey and is read as a job without one; version 2 no work by surface, no order of colours and no sheets
 * of fillers; up to version 3 each section named its colour itself; version 4 no colours of insides, no loose items,
 * no alternatives and no attempts at a match.
 */
const readableVersions = [1, 2, 3, 4, bundleVersion];

const list = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).required();
/** A list that came with version 2. */
const later = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).default([]).optional();
const withId = (fields: Fields) => object({ id: field.key(), ...fileKeys(fields) });

const lists = Object.fromEntries(jobListNames.map((name) => [name, later(withId(jobListFields[name]), 500)]));
const { capLabourHours, capMaterialsMinor, capBoothHours } = jobFields;
const caps = object({
  labourHours: capLabourHours.joi,
  materialsMinor: capMaterialsMinor.joi,
  boothHours: capBoothHours.joi,
});

const jobWith = (section: Record<string, Joi.Schema>) =>
  object({
    number: field.jobNumber(),
    ...fileKeys(without(jobFields, 'capLabourHours', 'capMaterialsMinor', 'capBoothHours')),
    caps,
    sections: list(object(section), mostSections),
    measured: list(object(fileKeys(measuredPartFields)), 500),
    surveyed: later(object({ key: field.partKey(), ...fileKeys(panelSurveyFields) }), 500),
    marks: later(withId(markFields), 5000),
    readings: later(withId(readingFields), 5000),
    ownParts: later(object({ key: field.partKey(), ...fileKeys(ownPartFields) }), 500),
    ...lists,
    facts: list(object(fileKeys(stepFactFields)), 5000),
    log: later(withId(logEntryFields), 20_000),
    stepEdits: later(object(fileKeys(stepEditFields)), 5000),
    addedSteps: later(withId(addedStepFields), 1000),
    scope: later(withId(scopeChangeFields), 500),
    signOffs: list(object(fileKeys(signOffFields)), 100),
  });

const bundleWith = (section: Record<string, Joi.Schema>) =>
  object({
    format: Joi.valid(bundleFormat),
    version: Joi.valid(...readableVersions),
    job: jobWith(section),
    shop: bundleShop,
    shelf: list(productSchema, 1000),
    operations: later(work.operationWithCode(), 500),
  });

const bundle = bundleWith(fileKeys(sectionFields));
const olderBundle = bundleWith(olderSectionKeys);
/** What a file holds beside its job, which has sections of one kind or the other. */
interface Parcel<J> {
  job: J;
  shop: Shop;
  shelf: Parameters<typeof completeProduct>[0][];
  operations: Operation[];
}
type OlderJob = Parameters<typeof withColours>[0];

function parsedBundle(value: unknown): Parsed<Parcel<Job>> {
  const version = typeof value === 'object' && value !== null && 'version' in value ? value.version : null;
  if (typeof version !== 'number' || version >= 4) return parseWith<Parcel<Job>>(bundle, value);
  const older = parseWith<Parcel<OlderJob>>(olderBundle, value);
  return older.status === 'faulty'
    ? older
    : { status: 'ok', value: { ...older.value, job: withColours(older.value.job) } };
}

/** Reads a bundle; every fault is named by place and reason, and a faulty bundle yields nothing. */
export function readJobBundle(text: string): Parsed<JobBundle> {
  const json = parseJson(text);
  if (json.status === 'faulty') return json;
  const parsed = parsedBundle(json.value);
  if (parsed.status === 'faulty') return parsed;
  const { job: one, shop, operations } = parsed.value;
  const value = { job: one, shop, shelf: parsed.value.shelf.map(completeProduct), operations };
  const faults = meaningFaults(value);
  // Panels are known when the body is one.
  if (faults.length === 0) faults.push(...figureFaults(value));
  return faults.length > 0 ? { status: 'faulty', faults } : { status: 'ok', value };
}

/** Figures that name what the file does not hold. */
const figureFaults = ({ job: one, shop, shelf }: JobBundle): Fault[] => [
  ...jobFigureFaults(one.figures, one, 'job.figures'),
  ...shopFigureFaults(
    shop.figures,
    { shelf: new Set(shelf.map(({ code }) => code)), people: shop.people },
    'shop.figures',
  ),
];

/** Faults that single fields cannot show: doubles, order of times, dimensions outside the body kind's limits. */
function meaningFaults({ job: one, shop: place, shelf }: JobBundle): Fault[] {
  const faults: Fault[] = [];
  const add = (where: string, reason: string) => faults.push({ place: where, reason });
  doubleFaults({ add, one, place, shelf });
  shelf.forEach((product, i) => faults.push(...productFaults(product, `shelf[${i}]`)));
  faults.push(...dimensionFaults(one.bodyKind, one.dimensions, 'job.dimensions'));
  faults.push(...outlineFaults(one.ownParts, 'job.ownParts'));
  faults.push(...horizonFaults(one.arrival, one.promised, 'job.promised'));
  one.facts.forEach((each, i) => {
    if (each.status === 'done' && each.end === null)
      add(`job.facts[${i}].end`, 'a finished step needs its end');
    if (each.end !== null && each.end < each.start)
      add(`job.facts[${i}].end`, 'the end lies before the start');
  });
  one.surveyed.forEach(({ section }, i) => {
    if (section !== null && !one.sections.some((each) => each.key === section))
      add(`job.surveyed[${i}].section`, `there is no section ${section} in this job`);
  });
  if (one.colours.length > mostColours) add('job.colours', `a job has ${mostColours} colours at most`);
  if (one.alternatives.length > mostAlternatives)
    add('job.alternatives', `a job keeps ${mostAlternatives} other schemes at most`);
  faults.push(...colourReferenceFaults(one));
  const ground = { systems: place.systems, shelf: shelfOf(shelf), bodyKind: one.bodyKind };
  one.colours.forEach((colour, i) => faults.push(...colourFaults(colour, `job.colours[${i}]`, ground)));
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

/** Keys and ids that stand twice. */
function doubleFaults({
  add,
  one,
  place,
  shelf,
}: {
  add: (where: string, reason: string) => void;
  one: Job;
  place: Shop;
  shelf: Product[];
}) {
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
}

/** Writes a bundle; reading it back gives the same job, shop and shelf. */
export function writeJobBundle({ job: one, shop: place, shelf, operations }: JobBundle): string {
  const file = {
    format: bundleFormat,
    version: bundleVersion,
    job: {
      ...one,
      facts: one.facts.map((fact) =>
        toFile(stepFactFields, { ...fact, materialsMinor: fact.materialsMinor ?? 0 }),
      ),
      log: one.log.map((entry) => ({ id: entry.id, ...toFile(logEntryFields, entry) })),
      stepEdits: one.stepEdits.map((edit) => toFile(stepEditFields, edit)),
    },
    shop: place,
    shelf,
    operations,
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}
