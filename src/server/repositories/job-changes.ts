import type { FilmReading, Job, JobSection, LogEntry, Mark, OwnPart, PartSurvey } from '../../core/record';
import { jobFields } from '../../core/concepts/job';
import { sectionFields } from '../../core/concepts/section';
import { recordOf } from '../../core/concepts/field';
import {
  findingId,
  measuredId,
  ownPartId,
  sectionId,
  signOffId,
  stepEditId,
  stepFactId,
  surveyId,
} from './job-ids';
import { listInserts } from './job-lists';
import { insert, type RowChange } from './row-change';

export const sectionInsert = (number: string, section: JobSection, position: number): RowChange =>
  insert('section', {
    id: sectionId(number, section.key),
    jobId: number,
    position,
    ...recordOf(sectionFields, section),
  });

export const surveyInsert = (number: string, { key, ...survey }: PartSurvey): RowChange =>
  insert('partSurvey', { id: surveyId(number, key), jobId: number, partKey: key, survey });

export const ownPartInsert = (number: string, { key, ...part }: OwnPart): RowChange =>
  insert('ownPart', { id: ownPartId(number, key), jobId: number, partKey: key, part });

export const markInsert = (number: string, { id, ...mark }: Mark): RowChange =>
  insert('mark', { id: findingId(number, id), jobId: number, ...mark });

export const readingInsert = (number: string, { id, ...reading }: FilmReading): RowChange =>
  insert('filmReading', { id: findingId(number, id), jobId: number, ...reading });

/** An entry of the log as a row. @param position its place among the entries of its job */
export const logEntryInsert = (
  number: string,
  { id, corrects, ...entry }: LogEntry,
  position: number,
): RowChange =>
  insert('logEntry', {
    id: findingId(number, id),
    jobId: number,
    ...entry,
    corrects: corrects === null ? null : findingId(number, corrects),
    position,
  });

/** The job's own row. */
const jobInsert = (job: Job): RowChange =>
  insert('job', {
    id: job.number,
    ...recordOf(jobFields, {
      ...job,
      capLabourHours: job.caps.labourHours,
      capMaterialsMinor: job.caps.materialsMinor,
      capBoothHours: job.caps.boothHours,
    }),
  });

/** What was decided and done of single steps. */
const stepInserts = ({ number, facts, stepEdits, addedSteps, signOffs }: Job): RowChange[] => [
  ...facts.map(({ step, status, start, end, remainingMin, personMinutes, materialsMinor, uses }) =>
    insert('stepFact', {
      id: stepFactId(number, step),
      jobId: number,
      step,
      status,
      start,
      end,
      remainingMin,
      personMinutes,
      materialsMinor: materialsMinor ?? 0,
      uses,
    }),
  ),
  ...stepEdits.map((edit) =>
    insert('stepEdit', { id: stepEditId(number, edit.step), jobId: number, ...edit }),
  ),
  ...addedSteps.map(({ id, ...step }) =>
    insert('addedStep', { id: findingId(number, id), jobId: number, ...step }),
  ),
  ...signOffs.map((sign) => insert('signOff', { id: signOffId(number, sign.step), jobId: number, ...sign })),
];

/** Row changes that put a whole job into the database. */
export const jobChanges = (job: Job): RowChange[] => [
  jobInsert(job),
  ...job.sections.map((section, position) => sectionInsert(job.number, section, position)),
  ...job.measured.map((one) =>
    insert('measuredPart', { id: measuredId(job.number, one.key), jobId: job.number, ...one }),
  ),
  ...job.surveyed.map((one) => surveyInsert(job.number, one)),
  ...job.ownParts.map((one) => ownPartInsert(job.number, one)),
  ...job.marks.map((one) => markInsert(job.number, one)),
  ...job.readings.map((one) => readingInsert(job.number, one)),
  ...listInserts(job.number, job),
  ...stepInserts(job),
  ...job.log.map((entry, position) => logEntryInsert(job.number, entry, position)),
  ...job.scope.map(({ id, ...change }) =>
    insert('scopeChange', { id: findingId(job.number, id), jobId: job.number, ...change }),
  ),
];
