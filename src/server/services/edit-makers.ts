import type { Fault } from '../../core/exchange';
import type { Edit, LoggedWork, SignOff } from '../../core/record';
import type { LocalDate, Minute } from '../../core/units';
import type { StoredJob } from '../repositories/job-repository';
import type { RowChange } from '../repositories/row-change';

type Kind = Edit['kind'];
/** The edit of a kind; written so that the kind of an edit and its maker stay tied together. */
export type EditOfKind<K extends Kind = Kind> = { [P in K]: { kind: P } & Extract<Edit, { kind: P }> }[K];

/** Kinds that belong to a job, and those that belong to the shop. */
export type JobKind = Extract<Edit, { job: string }>['kind'];
export type ShopKind = Exclude<Kind, JobKind>;

/** What an edit would do, with a name for it; or what speaks against it. */
export type Made = { label: string; changes: RowChange[] } | { faults: Fault[] };

/** What a maker may use besides the edit; the job as it stands inside the transaction. */
export interface Given {
  newId(): string;
  /** The shop's own day. */
  today: LocalDate;
  now: Minute;
}
export interface JobGiven extends Given {
  stored: StoredJob;
  /** Place of the next entry in the log of this job, from the database. */
  nextPosition: number;
  /** Of the shop, minor units an hour. */
  labourRateMinorPerHour: number;
  /** Who signs a release by a session of their own, and what it binds; null for any other edit. */
  signed: Pick<SignOff, 'signedBy' | 'bound'> | null;
  /** What an entry of the log says was done, on which surfaces; null for any other edit. */
  work: LoggedWork | null;
}

export type JobMakers<K extends JobKind> = { [P in K]: (edit: EditOfKind<P>, given: JobGiven) => Made };
export type ShopMakers<K extends ShopKind> = { [P in K]: (edit: EditOfKind<P>, given: Given) => Made };

/** What an edit touches, in words: `noticeDays` is told as “notice days”. */
export const touched = (set: object): string =>
  Object.keys(set)
    .map((key) => key.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`))
    .join(', ');

export const made = (label: string, ...changes: RowChange[]): Made => ({ label, changes });
export const fault = (place: string, reason: string): Made => ({ faults: [{ place, reason }] });
