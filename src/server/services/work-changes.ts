import type { Edit } from '../../core/record';
import { addedStepCells, signOffId } from '../repositories/job-repository';
import type { RowChange } from '../repositories/row-change';
import { findingId } from '../repositories/survey-repository';

type WorkEdit = Extract<Edit, { kind: 'add-step' | 'remove-added-step' | 'sign-off' | 'remove-sign-off' }>;

/** Steps put in by hand, and typed releases of holds, as row changes. */
export function workChanges(edit: WorkEdit, newId: () => string): { label: string; changes: RowChange[] } {
  switch (edit.kind) {
    case 'add-step': {
      const row = addedStepCells(edit.job, newId(), edit.step);
      return { label: 'step added', changes: [{ kind: 'insert', table: 'addedStep', row }] };
    }
    case 'remove-added-step': {
      const id = findingId(edit.job, edit.id);
      return {
        label: 'added step removed',
        changes: [{ kind: 'delete', table: 'addedStep', id, seen: edit.seen }],
      };
    }
    case 'sign-off': {
      const { step, name, licence, date } = edit.signOff;
      const row = {
        id: signOffId(edit.job, step),
        jobId: edit.job,
        stepKey: step,
        name,
        licence,
        onDate: date,
      };
      return { label: `release of ${step}`, changes: [{ kind: 'insert', table: 'signOff', row }] };
    }
    case 'remove-sign-off': {
      const id = signOffId(edit.job, edit.step);
      return {
        label: `release of ${edit.step} taken back`,
        changes: [{ kind: 'delete', table: 'signOff', id, seen: edit.seen }],
      };
    }
  }
}
