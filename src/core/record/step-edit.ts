import type { LocalDate, Minor, Minute } from '../units';

/** What a manager changed of one step by hand; it outlives every rebuild of the plan by the step's stable key. */
export interface StepEdit {
  step: string;
  /** Person-minutes in place of the computed ones; null for the computed. */
  personMinutes: number | null;
  /** Left out of the work; its place in the order stays. */
  skipped: boolean;
  /** Key of a step that it is to come after; null for the computed order alone. */
  after: string | null;
  /** The manager insists on an order that the work speaks against; it stays visible. */
  override: boolean;
  /** Id of the person who is to do it; null for anybody with the skill. */
  person: string | null;
  /** The minute it is pinned to: it is not begun earlier, and then if the work allows; null for as early as may be. */
  startAt: Minute | null;
  note: string;
}

/** A step the manager put in, with the two steps it stands between. */
export interface AddedStep {
  id: string;
  operation: string;
  /** In place of the operation's name; empty for that. */
  name: string;
  section: string;
  personMinutes: number;
  after: string;
  /** Key of the step that waits for it; null when nothing does. */
  before: string | null;
  note: string;
}

/** Growth or shrinking of the job's scope, with what it costs and who agreed. */
export interface ScopeChange {
  id: string;
  what: string;
  hours: number;
  moneyMinor: Minor;
  days: number;
  agreedBy: string;
  onDate: LocalDate;
}

/** A step as nobody touched it. */
export const blankStepEdit = (step: string): StepEdit => ({
  step,
  personMinutes: null,
  skipped: false,
  after: null,
  override: false,
  person: null,
  startAt: null,
  note: '',
});

/** Nothing is left of the edit. */
export const isBlank = (edit: Omit<StepEdit, 'step'>): boolean =>
  edit.personMinutes === null &&
  !edit.skipped &&
  edit.after === null &&
  !edit.override &&
  edit.person === null &&
  edit.startAt === null &&
  edit.note === '';
