import { asc, eq } from 'drizzle-orm';
import type { Level } from '../../core/film';
import type { AddedStep, Job, JobSection, JobState, LogEntry, StepFact } from '../../core/record';
import type { Substrate } from '../../core/vehicle';
import type { Connection } from '../database/client';
import * as schema from '../database/schema';
import type { Cells, RowChange } from './row-change';
import type { Versions } from './shop-repository';
import { findingId, loadSurvey, surveyRecordChanges } from './survey-repository';

export interface StoredJob {
  job: Job;
  /** By row id: the job's number, `number/section`, `number/part`. */
  versions: Versions;
}

export async function jobNumbers(connection: Connection): Promise<string[]> {
  const rows = await connection.select({ id: schema.job.id }).from(schema.job).orderBy(asc(schema.job.id));
  return rows.map((row) => row.id);
}

/** @returns null when there is no such job */
export async function loadJob(connection: Connection, number: string): Promise<StoredJob | null> {
  const { section, measuredPart, stepFact, signOff, stepEdit, addedStep, scopeChange, logEntry } = schema;
  const all = () => connection.select();
  const [[row], sections, measured, survey, facts, signOffs, stepEdits, added, scope, log] =
    await Promise.all([
      all().from(schema.job).where(eq(schema.job.id, number)),
      all().from(section).where(eq(section.jobId, number)).orderBy(asc(section.position), asc(section.id)),
      all().from(measuredPart).where(eq(measuredPart.jobId, number)).orderBy(asc(measuredPart.partKey)),
      loadSurvey(connection, number),
      all()
        .from(stepFact)
        .where(eq(stepFact.jobId, number))
        .orderBy(asc(stepFact.startMinute), asc(stepFact.stepKey)),
      all().from(signOff).where(eq(signOff.jobId, number)).orderBy(asc(signOff.stepKey)),
      all().from(stepEdit).where(eq(stepEdit.jobId, number)).orderBy(asc(stepEdit.stepKey)),
      all().from(addedStep).where(eq(addedStep.jobId, number)).orderBy(asc(addedStep.id)),
      all()
        .from(scopeChange)
        .where(eq(scopeChange.jobId, number))
        .orderBy(asc(scopeChange.onDate), asc(scopeChange.id)),
      all()
        .from(logEntry)
        .where(eq(logEntry.jobId, number))
        .orderBy(asc(logEntry.atMinute), asc(logEntry.position), asc(logEntry.id)),
    ]);
  if (!row) return null;
  return {
    job: {
      number: row.id,
      name: row.name,
      owner: row.owner,
      bodyKind: row.bodyKind,
      dimensions: row.dimensions,
      level: row.level as Level,
      state: row.state as JobState,
      arrival: row.arrival,
      promised: row.promised,
      weight: row.weight,
      caps: {
        labourHours: row.capLabourHours,
        materialsMinor: row.capMaterialsMinor,
        boothHours: row.capBoothHours,
      },
      sections: sections.map(sectionOfRow),
      measured: measured.map(({ partKey, outsideM2 }) => ({ key: partKey, outsideM2 })),
      ...survey.records,
      builtYear: row.builtYear,
      priorRepair: row.priorRepair as Job['priorRepair'],
      facts: facts.map(factOfRow),
      log: log.map((one) => entryOfRow(one, number)),
      stepEdits: stepEdits.map(({ stepKey, afterStep, personMinutes, skipped, ...one }) => ({
        step: stepKey,
        personMinutes,
        skipped,
        after: afterStep,
        override: one.override,
        person: one.person,
        startAt: one.startAt,
        note: one.note,
      })),
      addedSteps: added.map(({ id, operation, name, section: key, personMinutes, ...one }) => ({
        id: id.slice(number.length + 1),
        operation,
        name,
        section: key,
        personMinutes,
        after: one.afterStep,
        before: one.beforeStep,
        note: one.note,
      })),
      scope: scope.map(({ id, what, hours, moneyMinor, days, agreedBy, onDate }) => ({
        id: id.slice(number.length + 1),
        what,
        hours,
        moneyMinor,
        days,
        agreedBy,
        onDate,
      })),
      signOffs: signOffs.map(({ stepKey, name, licence, onDate }) => ({
        step: stepKey,
        name,
        licence,
        date: onDate,
      })),
      schools: row.schools ?? {},
      placingOrder: row.placingOrder ?? [],
    },
    versions: Object.fromEntries(
      [row, ...sections, ...measured, ...stepEdits, ...added, ...scope, ...signOffs, ...survey.rows].map(
        (one) => [one.id, one.version],
      ),
    ),
  };
}

function sectionOfRow(row: typeof schema.section.$inferSelect): JobSection {
  return {
    key: row.sectionKey,
    name: row.name,
    group: row.groupKey,
    loose: row.loose,
    substrate: row.substrate as Substrate,
    system: row.systemKey,
    oldFinish: row.oldFinish as JobSection['oldFinish'],
    depth: row.depth as JobSection['depth'],
    level: row.level as Level,
    colourName: row.colourName,
    colourHex: row.colourHex,
    coats: row.coats,
    ladder: row.ladder as JobSection['ladder'],
    schools: row.schools ?? {},
    rounds: row.rounds ?? {},
    stopRule: row.stopRule ?? null,
  };
}

function factOfRow(row: typeof schema.stepFact.$inferSelect): StepFact {
  return {
    step: row.stepKey,
    status: row.status as StepFact['status'],
    start: row.startMinute,
    end: row.endMinute,
    remainingMin: row.remainingMin,
    personMinutes: row.personMinutes,
    materialsMinor: row.materialsMinor,
    uses: row.uses,
  };
}

function entryOfRow(row: typeof schema.logEntry.$inferSelect, number: string): LogEntry {
  const { id, jobId: _job, version: _version, position: _position, stepKey, atMinute, ...rest } = row;
  const own = (key: string) => key.slice(number.length + 1);
  return {
    ...rest,
    id: own(id),
    step: stepKey,
    kind: row.kind as LogEntry['kind'],
    at: atMinute,
    coat: row.coat ?? null,
    corrects: row.corrects === null ? null : own(row.corrects),
  };
}

/** Cells of an entry of the log. @param position its place among the entries of its job */
export function logEntryCells(
  number: string,
  { id, step, at, corrects, ...entry }: LogEntry,
  position: number,
): Cells & { id: string } {
  return {
    ...entry,
    id: findingId(number, id),
    jobId: number,
    stepKey: step,
    atMinute: at,
    position,
    corrects: corrects === null ? null : findingId(number, corrects),
  };
}

export const sectionId = (number: string, key: string): string => `${number}/${key}`;
export const measuredId = (number: string, key: string): string => `${number}/${key}`;
const insert = (table: RowChange['table'], row: Cells & { id: string }): RowChange => ({
  kind: 'insert',
  table,
  row,
});

/** Cells of a section's row, under the column's own names. */
export function sectionCells(section: Partial<JobSection>): Cells {
  const { key, group, system, ...rest } = section;
  return {
    ...rest,
    ...(key === undefined ? {} : { sectionKey: key }),
    ...(group === undefined ? {} : { groupKey: group }),
    ...(system === undefined ? {} : { systemKey: system }),
  };
}

export const sectionInsert = (number: string, section: JobSection, position: number): RowChange =>
  insert('section', {
    id: sectionId(number, section.key),
    jobId: number,
    position,
    ...sectionCells(section),
  });

export const stepEditId = (number: string, step: string): string => `${number}/edit/${step}`;

/** Cells of a step that was put in by hand. */
export function addedStepCells(
  number: string,
  id: string,
  { operation, name, section, personMinutes, after, before, note }: Omit<AddedStep, 'id'>,
): Cells & { id: string } {
  return {
    id: findingId(number, id),
    jobId: number,
    operation,
    name,
    section,
    personMinutes,
    afterStep: after,
    beforeStep: before,
    note,
  };
}

export const signOffId = (number: string, step: string): string => `${number}/${step}`;

/** Row changes that put a whole job into the database. */
export function jobChanges(job: Job): RowChange[] {
  const { number, caps, sections, measured, facts, log, signOffs, stepEdits, addedSteps, scope, ...rest } =
    job;
  const { surveyed, marks, readings, ownParts, ...others } = rest;
  const { fittings, holes, gates, finds, milestones, openings, covers, blends, sendOuts, ...own } = others;
  return [
    insert('job', {
      id: number,
      ...own,
      capLabourHours: caps.labourHours,
      capMaterialsMinor: caps.materialsMinor,
      capBoothHours: caps.boothHours,
    }),
    ...sections.map((section, position) => sectionInsert(number, section, position)),
    ...measured.map((one) =>
      insert('measuredPart', {
        id: measuredId(number, one.key),
        jobId: number,
        partKey: one.key,
        outsideM2: one.outsideM2,
      }),
    ),
    ...surveyRecordChanges(number, {
      surveyed,
      marks,
      readings,
      ownParts,
      fittings,
      holes,
      gates,
      finds,
      milestones,
      openings,
      covers,
      blends,
      sendOuts,
    }),
    ...facts.map(({ step, start, end, ...fact }) =>
      insert('stepFact', {
        id: `${number}/${step}`,
        jobId: number,
        stepKey: step,
        startMinute: start,
        endMinute: end,
        ...fact,
      }),
    ),
    ...log.map((entry, position) => insert('logEntry', logEntryCells(number, entry, position))),
    ...stepEdits.map(({ step, after, ...edit }) =>
      insert('stepEdit', {
        id: stepEditId(number, step),
        jobId: number,
        stepKey: step,
        afterStep: after,
        ...edit,
      }),
    ),
    ...addedSteps.map((one) => insert('addedStep', addedStepCells(number, one.id, one))),
    ...scope.map((one) => insert('scopeChange', { ...one, id: findingId(number, one.id), jobId: number })),
    ...signOffs.map(({ step, date, ...sign }) =>
      insert('signOff', { id: signOffId(number, step), jobId: number, stepKey: step, onDate: date, ...sign }),
    ),
  ];
}
