import { jobFigureFaults, jobRateFaults, type Fault } from '../exchange';
import { readyJob } from '../log';
import { blankStepEdit, type Edit, type Job, type NewJob } from '../record';
import { buildSteps, catalogueWith, type Operation, type StepNetwork } from '../steps';
import { partsOfJob, proposeJob } from '../survey';
import { localDateOf } from '../units';
import { bodyKinds } from '../vehicle';
import type { Ground } from './ground';
import { checkEntry, type CheckedEntry } from './log-faults';
import { colourOrderFaults, schemeFaults, type SchemeEdit } from './scheme-faults';

/** Edits that are held against the work itself: the steps are built with them, and what that refuses is not stored. */
export type CheckedEdit =
  | { edit: Extract<Edit, { kind: 'log' | 'step' | 'sign-off' }>; job: Job }
  | { edit: Extract<Edit, { kind: 'operation' }>; job: null }
  | { edit: SchemeEdit | Extract<Edit, { kind: 'job' }>; job: Job };

/**
 * What the work itself says against an edit: an order that goes round in a ring, a person without the skill, something
 * that must not be left out, an entry that comes too early, an operation that waits for itself. Of an entry it says what
 * was done on which surfaces.
 */
export function checkedByWork({ edit, job }: CheckedEdit, ground: Ground): CheckedEntry {
  const only = (faults: Fault[]): CheckedEntry => ({ faults, work: null });
  if (edit.kind === 'operation')
    return only(edit.entry === null ? [] : operationFaults({ code: edit.code, ...edit.entry }, ground));
  // `CheckedEdit` ties a job to every edit of one.
  if (job === null) return only([]);
  switch (edit.kind) {
    case 'log':
      return checkEntry(edit, job, ground);
    case 'step':
      return only(stepFaults(edit, job, ground));
    case 'sign-off':
      return only(releaseFaults(edit, job, ground));
    case 'job':
      return only([
        ...colourOrderFaults(edit, job, ground),
        ...jobFigureFaults(edit.set.figures ?? [], job, 'set.figures'),
        ...jobRateFaults(edit.set.rates ?? {}, catalogueWith(ground.operations), 'set.rates'),
      ]);
    default:
      return only(schemeFaults(edit, job));
  }
}

/** A release names a step of the job, on a day that has come; of a licensed hold also the licence. */
function releaseFaults({ signOff }: Extract<Edit, { kind: 'sign-off' }>, job: Job, ground: Ground): Fault[] {
  const { steps } = readyJob(job, ground, ground.now).build();
  const step = steps.find((one) => one.key === signOff.step);
  if (!step) return [{ place: 'signOff.step', reason: `there is no step ${signOff.step} to release` }];
  const faults: Fault[] = [];
  if (step.cautions.includes('licensed-hold') && signOff.licence === '')
    faults.push({
      place: 'signOff.licence',
      reason: `“${step.name}” is released by a licensed engineer alone: enter the licence`,
    });
  if (signOff.date > localDateOf(ground.now, ground.shop.timeZone))
    faults.push({ place: 'signOff.date', reason: 'nobody has released it on a day that is still to come' });
  return faults;
}

type StepEditKind = Extract<Edit, { kind: 'step' }>;

function stepFaults(edit: StepEditKind, stored: Job, ground: Ground): Fault[] {
  return faultsIn(readyJob(withEdit(stored, edit), ground, ground.now).build(), edit.step);
}

/** The job as the edit would leave it. */
function withEdit(job: Job, { step, set }: StepEditKind): Job {
  const before = job.stepEdits.find((one) => one.step === step) ?? blankStepEdit(step);
  const others = job.stepEdits.filter((one) => one.step !== step);
  return { ...job, stepEdits: [...others, { ...before, ...set }] };
}

/** An entry that sends the work of any kind of body round in a ring is not taken. */
function operationFaults(entry: Operation, { shop, shelf, operations }: Ground): Fault[] {
  const tried = [...operations.filter((one) => one.code !== entry.code), entry];
  for (const kind of bodyKinds) {
    const job = proposeJob({ ...sample, bodyKind: kind.key });
    const { warnings } = buildSteps({ job, parts: partsOfJob(job), shop, shelf, operations: tried });
    for (const warning of warnings)
      if (warning.code === 'own-operations-ignored')
        return [{ place: 'entry', reason: `on a ${kind.name.toLowerCase()} ${warning.ring}` }];
  }
  return [];
}

/** A job of each kind as the new-job form would make it. */
const sample: Omit<NewJob, 'bodyKind'> = {
  number: 'P-000',
  name: 'Sample',
  owner: '',
  dimensions: {},
  level: 'Show',
  arrival: '2026-01-05',
  promised: '2026-06-05',
  capLabourHours: 0,
  capMaterialsMinor: 0,
  capBoothHours: 0,
};

function faultsIn({ steps, warnings }: StepNetwork, step: string): Fault[] {
  const name = (key: string) => steps.find((one) => one.key === key)?.name ?? key;
  return warnings.flatMap((warning): Fault[] => {
    if (!('step' in warning) || warning.step !== step) return [];
    switch (warning.code) {
      case 'order-refused': {
        const chain = warning.chain.slice(0, 3).map(name);
        const through = chain.length > 0 ? `, through ${chain.join(', ')}` : '';
        const insist = warning.mayInsist ? ' You may insist; it will stay visible.' : '';
        const reason = `“${name(step)}” cannot come after “${name(warning.after)}”, which waits for it${through}.${insist}`;
        return [{ place: 'set.after', reason }];
      }
      case 'person-refused':
        return [{ place: 'set.person', reason: `${warning.person} lacks the skill for “${name(step)}”` }];
      case 'skip-refused':
        return [{ place: 'set.skipped', reason: `“${name(step)}” must not be left out` }];
      default:
        return [];
    }
  });
}
