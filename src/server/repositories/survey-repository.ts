import { asc, eq } from 'drizzle-orm';
import type { MySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core';
import { blankSurvey, jobListNames } from '../../core/record';
import type { FilmReading, Job, Mark, OwnPart, PartSurvey, JobLists, JobListName } from '../../core/record';
import type { Connection } from '../database/client';
import * as schema from '../database/schema';
import type { Cells, EditableTable, RowChange } from './row-change';

/** What the walk round and the strip-down recorded of a job. */
export type SurveyRecords = Pick<Job, 'surveyed' | 'marks' | 'readings' | 'ownParts'> & JobLists;

export const jobListTables = {
  fittings: 'fitting',
  holes: 'hole',
  gates: 'gate',
  finds: 'find',
  milestones: 'milestone',
  openings: 'opening',
  covers: 'cover',
  blends: 'blend',
  sendOuts: 'sendOut',
} as const satisfies Record<JobListName, EditableTable>;

export const surveyId = (number: string, key: string): string => `${number}/survey/${key}`;
export const ownPartId = (number: string, key: string): string => `${number}/own/${key}`;
/** Marks, readings and items of lists are numbered within their job. */
export const findingId = (number: string, id: string): string => `${number}/${id}`;

type OfJob = MySqlTable & { id: MySqlColumn; jobId: MySqlColumn };
type Versioned = { id: string; version: number };

export async function loadSurvey(
  connection: Connection,
  number: string,
): Promise<{ records: SurveyRecords; rows: Versioned[] }> {
  const { partSurvey, mark, filmReading, ownPart } = schema;
  const of = (table: OfJob) =>
    connection.select().from(table).where(eq(table.jobId, number)).orderBy(asc(table.id));
  const [surveyed, own, ...rows] = await Promise.all([
    connection.select().from(partSurvey).where(eq(partSurvey.jobId, number)).orderBy(asc(partSurvey.partKey)),
    connection.select().from(ownPart).where(eq(ownPart.jobId, number)).orderBy(asc(ownPart.partKey)),
    ...[mark, filmReading, ...jobListNames.map((list) => schema[jobListTables[list]])].map(of),
  ]);
  // Words were checked at the edge and by the tables; a row is its domain type but for its table's own words.
  const numbered = (list: unknown): unknown => (list as NumberedRow[]).map(numberedInJob);
  const [marks, readings, ...lists] = rows.map(numbered);
  return {
    records: {
      surveyed: surveyed.map(({ partKey, survey }) => ({ ...blankSurvey(partKey), ...survey })),
      ownParts: own.map(({ partKey, part }) => ({ key: partKey, ...part })),
      marks: marks as Mark[],
      readings: readings as FilmReading[],
      ...(Object.fromEntries(jobListNames.map((list, i) => [list, lists[i]])) as unknown as JobLists),
    },
    rows: [...surveyed, ...own, ...(rows.flat() as unknown as Versioned[])],
  };
}

type NumberedRow = Versioned & { jobId: string };

function numberedInJob(row: NumberedRow): Cells {
  const own: Cells = { ...row, id: row.id.slice(row.jobId.length + 1) };
  delete own.jobId;
  delete own.version;
  return own;
}

const insert = (table: EditableTable, row: Cells & { id: string }): RowChange => ({
  kind: 'insert',
  table,
  row,
});

export const surveyInsert = (number: string, { key, ...survey }: PartSurvey): RowChange =>
  insert('partSurvey', { id: surveyId(number, key), jobId: number, partKey: key, survey });

export const ownPartInsert = (number: string, { key, ...part }: OwnPart): RowChange =>
  insert('ownPart', { id: ownPartId(number, key), jobId: number, partKey: key, part });

/** A mark, a reading or an item of a list as a row. */
export const findingInsert = (number: string, table: EditableTable, one: Cells & { id: string }): RowChange =>
  insert(table, { ...one, id: findingId(number, one.id), jobId: number });

/** Row changes that put everything recorded of a job into the database. */
export const surveyRecordChanges = (number: string, records: SurveyRecords): RowChange[] => [
  ...records.surveyed.map((one) => surveyInsert(number, one)),
  ...records.ownParts.map((one) => ownPartInsert(number, one)),
  ...records.marks.map((one) => findingInsert(number, 'mark', { ...one })),
  ...records.readings.map((one) => findingInsert(number, 'filmReading', { ...one })),
  ...jobListNames.flatMap((list) =>
    records[list].map((one) => findingInsert(number, jobListTables[list], { ...one })),
  ),
];
