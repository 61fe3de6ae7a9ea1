import type { AddedStepRecord, ScopeChangeRecord, StepEditRecord } from '../concepts/step-records';

/** What a manager changed of one step by hand; it outlives every rebuild of the plan by the step's stable key. */
export type StepEdit = StepEditRecord;

/** A step the manager put in, with the two steps it stands between. */
export interface AddedStep extends AddedStepRecord {
  id: string;
}

/** Growth or shrinking of the job's scope, with what it costs and who agreed. */
export interface ScopeChange extends ScopeChangeRecord {
  id: string;
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
  atHand: null,
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
  edit.atHand === null &&
  edit.note === '';
