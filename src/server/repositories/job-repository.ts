import { desc, eq } from 'drizzle-orm';
import { recordOf, type Fields, type Stored, type TypeOf } from '../../core/concepts/field';
import { markFields, readingFields } from '../../core/concepts/findings';
import { jobFields } from '../../core/concepts/job';
import { logEntryFields } from '../../core/concepts/log-entry';
import { ownPartFields } from '../../core/concepts/own-part';
import { panelSurveyFields } from '../../core/concepts/panel-survey';
import { sectionFields } from '../../core/concepts/section';
import {
  addedStepFields,
  measuredPartFields,
  scopeChangeFields,
  signOffFields,
  stepEditFields,
  stepFactFields,
} from '../../core/concepts/step-records';
import type { Job } from '../../core/record';
import type { Connection } from '../database/client';
import * as schema from '../database/schema';
import { ownIdOf } from './job-ids';
import { jobListTables, listsOfRows } from './job-lists';
import { readRows, type RowsOf } from './snapshot-rows';
import { tables, type RowOf, type TableName } from './tables';

/** Versions of rows by their id, for the writer who has seen them. */
export type Versions = Record<string, number>;

export interface StoredJob {
  job: Job;
  /** By row id: the job's number, `number/section`, `number/part`. */
  versions: Versions;
}

/** What a job is told apart by, without reading all of it. */
export type JobHead = Pick<Job, 'number' | 'name' | 'owner' | 'bodyKind' | 'dimensions' | 'level' | 'state'>;

/** Every job in short, the latest number first. */
export async function jobHeads(connection: Connection): Promise<JobHead[]> {
  const { id: number, name, owner, bodyKind, dimensions, level, state } = schema.job;
  return connection
    .select({ number, name, owner, bodyKind, dimensions, level, state })
    .from(schema.job)
    .orderBy(desc(number));
}

/** Tables of a job besides its own row. */
export const ofJob = [
  'section',
  'measuredPart',
  'partSurvey',
  'mark',
  'filmReading',
  'ownPart',
  ...Object.values(jobListTables),
  'stepFact',
  'logEntry',
  'stepEdit',
  'addedStep',
  'scopeChange',
  'signOff',
] as const satisfies readonly TableName[];
export type JobTable = (typeof ofJob)[number] | 'job';

/** Which rows of a job's tables are one job's. */
export const whereJob = (name: JobTable, number: string) =>
  name === 'job' ? eq(tables.job.id, number) : eq(tables[name].jobId, number);

/** @returns null when there is no such job */
export async function loadJob(connection: Connection, number: string): Promise<StoredJob | null> {
  const rows = await readRows(connection, ['job', ...ofJob], (name) => whereJob(name, number));
  return jobsOfRows(rows)[0] ?? null;
}

/** Every job, in the order of their numbers, in one statement. */
export async function loadJobs(connection: Connection): Promise<StoredJob[]> {
  return jobsOfRows(await readRows(connection, ['job', ...ofJob], () => undefined));
}

/** Jobs from the rows of all their tables, in the order of their numbers. */
export function jobsOfRows(rows: RowsOf<JobTable>): StoredJob[] {
  const byJob = new Map<string, RowsOf<JobTable>>();
  for (const row of rows.job) byJob.set(row.id, emptyRows(row));
  // Named one by one, the rows keep their types.
  const share = <N extends (typeof ofJob)[number]>(name: N) => {
    for (const row of rows[name]) byJob.get(row.jobId)?.[name].push(row);
  };
  for (const name of ofJob) share(name);
  return [...byJob.values()].map(storedOf).sort((a, b) => (a.job.number < b.job.number ? -1 : 1));
}

const emptyRows = (job: RowOf<'job'>): RowsOf<JobTable> => ({
  job: [job],
  section: [],
  measuredPart: [],
  partSurvey: [],
  mark: [],
  filmReading: [],
  ownPart: [],
  fitting: [],
  hole: [],
  gate: [],
  find: [],
  milestone: [],
  opening: [],
  cover: [],
  blend: [],
  sendOut: [],
  looseItem: [],
  alternative: [],
  matchAttempt: [],
  sample: [],
  repair: [],
  materialCap: [],
  provenance: [],
  decision: [],
  colour: [],
  construction: [],
  stepFact: [],
  logEntry: [],
  stepEdit: [],
  addedStep: [],
  scopeChange: [],
  signOff: [],
});

/** Sorts by one or more figures or words of a row. */
const by =
  <R>(...of: ((row: R) => string | number)[]) =>
  (a: R, b: R): number => {
    for (const key of of) {
      const [x, y] = [key(a), key(b)];
      if (x !== y) return x < y ? -1 : 1;
    }
    return 0;
  };

/** Rows as records, in their order. */
const records = <F extends Fields, R extends Stored<F>>(
  fields: F,
  list: readonly R[],
  order: (a: R, b: R) => number,
): TypeOf<F>[] => [...list].sort(order).map((one): TypeOf<F> => recordOf(fields, one));

/** Rows whose ids carry the job they belong to, as records with ids of their own. */
const numberedOf =
  (number: string) =>
  <F extends Fields, R extends Stored<F> & { id: string }>(
    fields: F,
    list: readonly R[],
    order: (a: R, b: R) => number = by((one) => one.id),
  ) =>
    [...list].sort(order).map((one) => ({ ...recordOf(fields, one), id: ownIdOf(number, one.id) }));

const byPosition = by<{ position: number; id: string }>(
  (one) => one.position,
  (one) => one.id,
);
const byStart = by<{ start: number; step: string }>(
  (one) => one.start,
  (one) => one.step,
);
const byMinute = by<{ at: number; position: number; id: string }>(
  (one) => one.at,
  (one) => one.position,
  (one) => one.id,
);
const byDay = by<{ onDate: string; id: string }>(
  (one) => one.onDate,
  (one) => one.id,
);
const byStep = by<{ step: string }>((one) => one.step);

function storedOf(rows: RowsOf<JobTable>): StoredJob {
  const row = rows.job[0]!;
  const number = row.id;
  const { capLabourHours, capMaterialsMinor, capBoothHours, ...figures } = recordOf(jobFields, row);
  const numbered = numberedOf(number);
  const job: Job = {
    number,
    ...figures,
    caps: {
      labourHours: capLabourHours,
      materialsMinor: capMaterialsMinor,
      boothHours: capBoothHours,
    },
    sections: records(sectionFields, rows.section, byPosition),
    measured: records(
      measuredPartFields,
      rows.measuredPart,
      by((one) => one.key),
    ),
    surveyed: [...rows.partSurvey]
      .sort(by((one) => one.partKey))
      .map(({ partKey, survey }) => ({ ...recordOf(panelSurveyFields, survey), key: partKey })),
    ownParts: [...rows.ownPart]
      .sort(by((one) => one.partKey))
      .map(({ partKey, part }) => ({ ...recordOf(ownPartFields, part), key: partKey })),
    marks: numbered(markFields, rows.mark),
    readings: numbered(readingFields, rows.filmReading),
    ...listsOfRows(number, rows),
    facts: records(stepFactFields, rows.stepFact, byStart),
    log: numbered(logEntryFields, rows.logEntry, byMinute).map((entry) => ({
      ...entry,
      corrects: entry.corrects === null ? null : ownIdOf(number, entry.corrects),
    })),
    stepEdits: records(stepEditFields, rows.stepEdit, byStep),
    addedSteps: numbered(addedStepFields, rows.addedStep),
    scope: numbered(scopeChangeFields, rows.scopeChange, byDay),
    signOffs: records(signOffFields, rows.signOff, byStep),
  };
  return { job, versions: versionsOfRows(rows) };
}

/** Entries of the log and facts are never changed, so nobody needs their versions. */
function versionsOfRows({ logEntry: _log, stepFact: _fact, ...rows }: RowsOf<JobTable>): Versions {
  const all: { id: string; version: number }[] = Object.values(rows).flat();
  return Object.fromEntries(all.map((one) => [one.id, one.version]));
}
