import { dimensionFaults, type Fault } from '../../core/exchange';
import { blankStepEdit, isBlank, type Edit } from '../../core/record';
import { proposeSections } from '../../core/survey';
import {
  measuredId,
  sectionCells,
  sectionId,
  sectionInsert,
  stepEditId,
  type StoredJob,
} from '../repositories/job-repository';
import type { RowChange } from '../repositories/row-change';
import { shopId } from '../repositories/shop-repository';
import type { LocalDate } from '../../core/units';
import { currentMinute } from './clock';
import { logChanges } from './log-changes';
import { shopRoomChanges } from './shop-room-changes';
import { storeChanges } from './store-changes';
import { surveyChanges } from './survey-changes';
import { workChanges } from './work-changes';

export type Prepared =
  { status: 'ok'; room: string; label: string; changes: RowChange[] } | { status: 'faulty'; faults: Fault[] };

const ok = (room: string, label: string, changes: RowChange[]): Prepared => ({
  status: 'ok',
  room,
  label,
  changes,
});
const fault = (place: string, reason: string): Prepared => ({
  status: 'faulty',
  faults: [{ place, reason }],
});

/** A sparse table of one optional row: insert, update or delete, as the writer saw it. */
function setOrClear(
  table: RowChange['table'],
  id: string,
  seen: number | null,
  cells: Record<string, unknown> | null,
  own: Record<string, unknown>,
): RowChange[] {
  if (cells === null) return seen === null ? [] : [{ kind: 'delete', table, id, seen }];
  return seen === null
    ? [{ kind: 'insert', table, row: { id, ...own, ...cells } }]
    : [{ kind: 'update', table, id, seen, set: cells }];
}

/** Turns an edit into row changes. @param stored the job it names, null when there is none or it concerns the shop */
export function changesOf(
  edit: Edit,
  stored: StoredJob | null,
  newId: () => string,
  today: LocalDate,
): Prepared {
  switch (edit.kind) {
    case 'job':
      return stored ? jobChanges(edit, stored) : fault('job', `there is no job ${edit.job}`);
    case 'section': {
      const section = stored?.job.sections.find((one) => one.key === edit.section);
      if (!section) return fault('section', `there is no section ${edit.section} in ${edit.job}`);
      const id = sectionId(edit.job, edit.section);
      const set = sectionCells(edit.set);
      return ok(edit.job, `${section.name}: ${Object.keys(edit.set).join(', ')}`, [
        { kind: 'update', table: 'section', id, seen: edit.seen, set },
      ]);
    }
    case 'measure': {
      if (!stored) return fault('job', `there is no job ${edit.job}`);
      const cells = edit.outsideM2 === null ? null : { outsideM2: edit.outsideM2 };
      const own = { jobId: edit.job, partKey: edit.part };
      return ok(
        edit.job,
        `area of ${edit.part}`,
        setOrClear('measuredPart', measuredId(edit.job, edit.part), edit.seen, cells, own),
      );
    }
    case 'survey':
    case 'add-marks':
    case 'set-mark':
    case 'remove-mark':
    case 'add-readings':
    case 'remove-reading':
    case 'remove-photo':
    case 'add-parts':
    case 'remove-part':
    case 'add-item':
    case 'set-item':
    case 'remove-item': {
      if (!stored) return fault('job', `there is no job ${edit.job}`);
      const made = surveyChanges(edit, { stored, newId, today });
      return 'faults' in made
        ? { status: 'faulty', faults: made.faults }
        : ok(edit.job, made.label.slice(0, 80), made.changes);
    }
    case 'step': {
      if (!stored) return fault('job', `there is no job ${edit.job}`);
      return stepChanges(edit, stored.job);
    }
    case 'add-step':
    case 'remove-added-step':
    case 'sign-off':
    case 'remove-sign-off': {
      if (!stored) return fault('job', `there is no job ${edit.job}`);
      const made = workChanges(edit, newId);
      return ok(edit.job, made.label.slice(0, 80), made.changes);
    }
    case 'log':
    case 'correct-log': {
      if (!stored) return fault('job', `there is no job ${edit.job}`);
      const made = logChanges(edit, stored, newId, currentMinute());
      return ok(edit.job, made.label.slice(0, 80), made.changes);
    }
    case 'add-scope': {
      if (!stored) return fault('job', `there is no job ${edit.job}`);
      const row = { ...edit.change, id: `${edit.job}/${newId()}`, jobId: edit.job, onDate: today };
      return ok(edit.job, 'scope changed', [{ kind: 'insert', table: 'scopeChange', row }]);
    }
    case 'remove-scope':
      return ok(edit.job, 'scope change removed', [
        { kind: 'delete', table: 'scopeChange', id: `${edit.job}/${edit.id}`, seen: edit.seen },
      ]);
    case 'product':
    case 'add-products':
    case 'remove-product':
    case 'stock':
    case 'correct-stock':
    case 'add-trial':
    case 'remove-trial':
    case 'place-air': {
      const made = storeChanges(edit, newId, today);
      return ok(made.room, made.label, made.changes);
    }
    case 'shop':
      return ok('shop', `shop: ${Object.keys(edit.set).join(', ')}`, [
        { kind: 'update', table: 'shop', id: shopId, seen: edit.seen, set: { ...edit.set } },
      ]);
    case 'operation':
      return ok(
        'shop',
        `operation ${edit.code}`,
        setOrClear('operation', edit.code, edit.seen, edit.entry === null ? null : { entry: edit.entry }, {
          shopId,
        }),
      );
    case 'person':
    case 'place':
    case 'add-place':
    case 'remove-place':
    case 'add-closures':
    case 'remove-closure':
    case 'shift':
    case 'remove-shift': {
      const made = shopRoomChanges(edit, newId);
      return ok('shop', made.label.slice(0, 80), made.changes);
    }
    case 'coat-system':
    case 'ladder': {
      const table = edit.kind === 'ladder' ? 'ladder' : 'coatSystem';
      const cells = edit.entry === null ? null : { entry: edit.entry };
      return ok(
        'shop',
        `${edit.kind.replace('-', ' ')} ${edit.key}`,
        setOrClear(table, edit.key, edit.seen, cells, { shopId }),
      );
    }
    case 'learned': {
      const cells = edit.factor === null ? null : { factor: edit.factor };
      return ok(
        'shop',
        `factor of ${edit.operation}`,
        setOrClear('learnedFactor', edit.operation, edit.seen, cells, { shopId }),
      );
    }
    case 'rate': {
      const cells = edit.rate === null ? null : { rate: edit.rate };
      return ok(
        'shop',
        `rate of ${edit.operation}`,
        setOrClear('operationRate', edit.operation, edit.seen, cells, { shopId }),
      );
    }
    case 'add-day-off': {
      const row = {
        id: newId(),
        personId: edit.person,
        fromDate: edit.from,
        toDate: edit.to,
        reason: edit.reason,
      };
      return ok('shop', 'days off', [{ kind: 'insert', table: 'dayOff', row }]);
    }
    case 'remove-day-off':
      return ok('shop', 'days off removed', [
        { kind: 'delete', table: 'dayOff', id: edit.id, seen: edit.seen },
      ]);
  }
}

function stepChanges(edit: Extract<Edit, { kind: 'step' }>, job: StoredJob['job']): Prepared {
  const before = job.stepEdits.find((one) => one.step === edit.step);
  const { step, after, ...rest } = { ...blankStepEdit(edit.step), ...before, ...edit.set };
  const cells = isBlank({ after, ...rest }) ? null : { afterStep: after, ...rest };
  const label = `step ${step}: ${Object.keys(edit.set).join(', ')}`.slice(0, 80);
  const own = { jobId: edit.job, stepKey: step };
  return ok(edit.job, label, setOrClear('stepEdit', stepEditId(edit.job, step), edit.seen, cells, own));
}

/** A new level goes on to the sections that had the job's level; new dimensions may bring new sections. */
function jobChanges(edit: Extract<Edit, { kind: 'job' }>, { job, versions }: StoredJob): Prepared {
  const { number } = job;
  const set = edit.set;
  const dimensions = set.dimensions ? { ...job.dimensions, ...set.dimensions } : undefined;
  if (dimensions) {
    const faults = dimensionFaults(job.bodyKind, dimensions);
    if (faults.length > 0) return { status: 'faulty', faults };
  }
  const [arrival, promised] = [set.arrival ?? job.arrival, set.promised ?? job.promised];
  if (promised < arrival)
    return fault(set.promised ? 'promised' : 'arrival', 'the promised day lies before the arrival');
  const changes: RowChange[] = [
    {
      kind: 'update',
      table: 'job',
      id: number,
      seen: edit.seen,
      set: { ...set, ...(dimensions ? { dimensions } : {}) },
    },
  ];
  if (set.level)
    for (const section of job.sections.filter((one) => one.level === job.level)) {
      const id = sectionId(number, section.key);
      changes.push({ kind: 'update', table: 'section', id, seen: versions[id]!, set: { level: set.level } });
    }
  if (dimensions) {
    const known = new Set(job.sections.map((section) => section.key));
    const added = proposeSections(job.bodyKind, dimensions, set.level ?? job.level).filter(
      (one) => !known.has(one.key),
    );
    added.forEach((section, i) => changes.push(sectionInsert(number, section, job.sections.length + i)));
  }
  return ok(number, Object.keys(set).join(', '), changes);
}
