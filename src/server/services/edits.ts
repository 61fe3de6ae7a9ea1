import { randomUUID } from 'node:crypto';
import { eq, max } from 'drizzle-orm';
import type { CheckedEntry } from '../../core/checks';
import type { Edit } from '../../core/record';
import { deedOf, isDeed, whyNotDo } from '../../core/rights';
import { localDateOf, type LocalDate } from '../../core/units';
import type { Connection } from '../database/client';
import { logEntry } from '../database/schema';
import { lastEdit, markUndone, reseatEarlierEdits } from '../repositories/audit-repository';
import { loadJob } from '../repositories/job-repository';
import { loadShop, type StoredShop } from '../repositories/shop-repository';
import { currentMinute } from './clock';
import {
  type EditOfKind,
  type JobGiven,
  type JobKind,
  type JobMakers,
  type Made,
  type ShopKind,
  type ShopMakers,
  type Given,
} from './edit-makers';
import { checkEdit } from './edit-refusals';
import { handoverMakers } from './handover-edits';
import { jobMakers } from './job-edits';
import { keptSchemeMakers } from './kept-scheme-edits';
import { takeOrderMakers } from './take-order-edit';
import { sectionMakers } from './section-edits';
import { logMakers } from './log-edits';
import { signedRelease, whyNotTakenBack, type Signed } from './sign-off';
import { shopMakers, wayMakers } from './shop-edits';
import { storeMakers } from './store-edits';
import { surveyMakers } from './survey-edits';
import { write, type EditOutcome, type Prepared, type Writer } from './unit-of-work';

export type { EditOutcome, Writer } from './unit-of-work';

// Named together, the compiler sees that no kind of edit is without a maker.
const ofJob: JobMakers<JobKind> = {
  ...jobMakers,
  ...sectionMakers,
  ...surveyMakers,
  ...handoverMakers,
  ...keptSchemeMakers,
  ...takeOrderMakers,
  ...logMakers,
};
const ofShop: ShopMakers<ShopKind> = { ...shopMakers, ...wayMakers, ...storeMakers };

const makeForJob = <K extends JobKind>(edit: EditOfKind<K>, given: JobGiven): Made =>
  ofJob[edit.kind](edit, given);
const makeForShop = <K extends ShopKind>(edit: EditOfKind<K>, given: Given): Made =>
  ofShop[edit.kind](edit, given);

/** Entries of a book are not undone but corrected by a counter-entry. */
const entryKinds: readonly Edit['kind'][] = ['stock', 'correct-stock', 'log', 'correct-log'];

/** The shop's own day; before there is a shop, the day in UTC. */
const todayOf = (found: StoredShop | null): LocalDate =>
  localDateOf(currentMinute(), found?.shop.timeZone ?? 'UTC');

/** Place of the next entry of a job's log; nobody else can take it while the job is locked. */
async function nextPositionOf(connection: Connection, job: string): Promise<number> {
  const [row] = await connection
    .select({ last: max(logEntry.position) })
    .from(logEntry)
    .where(eq(logEntry.jobId, job));
  return (row?.last ?? -1) + 1;
}

const common = (found: StoredShop | null): Given => ({
  newId: randomUUID,
  today: todayOf(found),
  now: currentMinute(),
});

function preparedOf(edit: Edit, room: string, one: Made): Prepared {
  if ('faults' in one) return { status: 'faulty', faults: one.faults };
  const isEntry = entryKinds.includes(edit.kind);
  return {
    status: 'ok',
    room,
    kind: isEntry ? 'entry' : 'edit',
    label: one.label.slice(0, 80),
    changes: one.changes,
    undoable: !isEntry,
  };
}

async function prepareForJob(
  edit: EditOfKind<JobKind>,
  connection: Connection,
  writer: Writer,
  signed: Signed['signed'] | null = null,
): Promise<Prepared> {
  const stored = await loadJob(connection, edit.job);
  if (!stored) return { status: 'faulty', faults: [{ place: 'job', reason: `there is no job ${edit.job}` }] };
  const kept = edit.kind === 'remove-sign-off' ? whyNotTakenBack(edit, stored.job, writer) : null;
  if (kept !== null) return { status: 'forbidden', reason: kept };
  const found = await loadShop(connection);
  const nextPosition = await nextPositionOf(connection, edit.job);
  const checked = found ? await checkEdit(edit, stored.job, found, connection) : null;
  const labourRateMinorPerHour = found?.shop.labourRateMinorPerHour ?? 0;
  const given = {
    ...common(found),
    stored,
    nextPosition,
    labourRateMinorPerHour,
    work: checked?.work ?? null,
    signed,
  };
  const one = makeForJob(edit, given);
  return refusedOr(checked, one) ?? preparedOf(edit, edit.job, one);
}

async function prepareForShop(edit: EditOfKind<ShopKind>, connection: Connection): Promise<Prepared> {
  const found = await loadShop(connection);
  const one = makeForShop(edit, common(found));
  const checked = found ? await checkEdit(edit, null, found, connection) : null;
  return refusedOr(checked, one) ?? preparedOf(edit, 'shop', one);
}

/** What the edit itself is wrong in is said first, then what stands against it. */
const refusedOr = (checked: CheckedEntry | null, one: Made): Prepared | null =>
  checked && checked.faults.length > 0 && !('faults' in one)
    ? { status: 'faulty', faults: checked.faults }
    : null;

const isOfJob = (edit: EditOfKind): edit is EditOfKind<JobKind> => Object.hasOwn(ofJob, edit.kind);

/** Saves one edit of a screen at once, guarded by the versions the person saw. */
export async function saveEdit(edit: Edit, writer: Writer): Promise<EditOutcome> {
  if (edit.kind === 'sign-off') return saveRelease(edit, writer);
  return isOfJob(edit)
    ? write(writer, deedOf(edit), { job: edit.job }, (connection) => prepareForJob(edit, connection, writer))
    : write(writer, deedOf(edit), 'shop', (connection) => prepareForShop(edit, connection));
}

async function saveRelease(edit: EditOfKind<'sign-off'>, writer: Writer): Promise<EditOutcome> {
  const why = whyNotDo(writer.rights, 'sign-off');
  if (why !== null) return { status: 'forbidden', reason: why };
  const release = await signedRelease(edit, writer);
  if ('status' in release) return release;
  return write(writer, 'sign-off', { job: edit.job }, (connection) =>
    prepareForJob(release.edit, connection, writer, release.signed),
  );
}

/** Takes back this author's last edit in this room, if the rows still stand as it left them. */
export const undoLast = (room: string, writer: Writer): Promise<EditOutcome> =>
  write(writer, 'undo', room === 'shop' ? 'shop' : { job: room }, async (connection) => {
    const edit = await lastEdit(connection, room, writer.author);
    if (!edit) return { status: 'nothing' };
    const why = isDeed(edit.deed) ? whyNotDo(writer.rights, edit.deed) : null;
    if (why !== null) return { status: 'forbidden', reason: why };
    return {
      status: 'ok',
      room,
      kind: 'undo',
      label: edit.label,
      changes: edit.inverse,
      undoable: false,
      also: async (one) => {
        await markUndone(one, edit.id);
        await reseatEarlierEdits(one, room, edit.id, edit.inverse);
      },
    };
  });
