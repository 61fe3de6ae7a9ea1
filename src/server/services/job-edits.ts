import { arrivalFaults, dimensionFaults, horizonFaults } from '../../core/exchange';
import { blankStepEdit, isBlank } from '../../core/record';
import { sectionInsert } from '../repositories/job-changes';
import { findingId, measuredId, sectionId, signOffId, stepEditId } from '../repositories/job-ids';
import { insert, remove, setOrClear, update } from '../repositories/row-change';
import { sectionsBrought } from './section-edits';
import { made, type EditOfKind, type JobGiven, type JobMakers, type Made, touched } from './edit-makers';

/** Edits of a job's own figures, its steps by hand, its releases and its scope. */
export const jobMakers: JobMakers<
  | 'job'
  | 'measure'
  | 'step'
  | 'add-step'
  | 'remove-added-step'
  | 'sign-off'
  | 'remove-sign-off'
  | 'add-scope'
  | 'remove-scope'
> = {
  job: jobEdit,
  measure: (edit) => {
    const id = measuredId(edit.job, edit.part);
    const cells = edit.outsideM2 === null ? null : { outsideM2: edit.outsideM2 };
    return made(
      `area of ${edit.part}`,
      ...setOrClear('measuredPart', { id, seen: edit.seen }, cells, (one) =>
        insert('measuredPart', { id, jobId: edit.job, key: edit.part, ...one }),
      ),
    );
  },
  step: stepEdit,
  'add-step': (edit, { newId }) =>
    made(
      'step added',
      insert('addedStep', { id: findingId(edit.job, newId()), jobId: edit.job, ...edit.step }),
    ),
  'remove-added-step': (edit) =>
    made('added step removed', remove('addedStep', findingId(edit.job, edit.id), edit.seen)),
  'sign-off': ({ job, signOff }, { signed }) =>
    made(
      `release of ${signOff.step}`,
      insert('signOff', {
        id: signOffId(job, signOff.step),
        jobId: job,
        ...signOff,
        signedBy: signed?.signedBy ?? '',
        bound: signed?.bound ?? null,
      }),
    ),
  'remove-sign-off': (edit) =>
    made(`release of ${edit.step} taken back`, remove('signOff', signOffId(edit.job, edit.step), edit.seen)),
  'add-scope': ({ job, change }, { newId, today }) =>
    made(
      'scope changed',
      insert('scopeChange', { id: findingId(job, newId()), jobId: job, ...change, onDate: today }),
    ),
  'remove-scope': (edit) =>
    made('scope change removed', remove('scopeChange', findingId(edit.job, edit.id), edit.seen)),
};

function stepEdit(edit: EditOfKind<'step'>, { stored }: JobGiven): Made {
  const before = stored.job.stepEdits.find((one) => one.step === edit.step);
  const { step, ...rest } = { ...blankStepEdit(edit.step), ...before, ...edit.set };
  const id = stepEditId(edit.job, step);
  return made(
    `step ${step}: ${touched(edit.set)}`,
    ...setOrClear('stepEdit', { id, seen: edit.seen }, isBlank(rest) ? null : rest, (cells) =>
      insert('stepEdit', { id, jobId: edit.job, step, ...cells }),
    ),
  );
}

/** A new level goes on to the sections that had the job's level; new dimensions may bring new sections. */
function jobEdit({ set, seen }: EditOfKind<'job'>, { stored: { job, versions }, today }: JobGiven): Made {
  const { number } = job;
  const dimensions = set.dimensions ? { ...job.dimensions, ...set.dimensions } : undefined;
  const faults = dimensions ? dimensionFaults(job.bodyKind, dimensions) : [];
  if (faults.length > 0) return { faults };
  const [arrival, promised] = [set.arrival ?? job.arrival, set.promised ?? job.promised];
  if (set.arrival !== undefined || set.promised !== undefined) {
    const wrong = horizonFaults(arrival, promised, set.promised === undefined ? 'arrival' : 'promised');
    if (set.arrival !== undefined) wrong.push(...arrivalFaults(set.arrival, today));
    if (wrong.length > 0) return { faults: wrong };
  }
  const changes = [update('job', number, seen, dimensions ? { ...set, dimensions } : set)];
  if (set.level)
    for (const section of job.sections.filter((one) => one.level === job.level)) {
      const id = sectionId(number, section.key);
      changes.push(update('section', id, versions[id]!, { level: set.level }));
    }
  if (dimensions)
    sectionsBrought(job, dimensions, set.level ?? job.level).forEach((section, i) =>
      changes.push(sectionInsert(number, section, job.sections.length + i)),
    );
  return made(touched(set), ...changes);
}
