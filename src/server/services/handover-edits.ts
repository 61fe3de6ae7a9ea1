import type { Decision, DecisionWay } from '../../core/record';
import { addDays, costOfMinutes, toMinor } from '../../core/units';
import { findingId } from '../repositories/job-ids';
import { itemInsert } from '../repositories/job-lists';
import type { StoredJob } from '../repositories/job-repository';
import { photoWords } from '../repositories/photo-repository';
import { insert, remove, update, type RowChange } from '../repositories/row-change';
import {
  fault,
  made,
  touched,
  type EditOfKind,
  type JobGiven,
  type JobMakers,
  type Made,
} from './edit-makers';
import { unknownParts, netOf } from './survey-edits';

/** Edits of photos, and of what the owner decides. */
export const handoverMakers: JobMakers<'remove-photo' | 'set-photo' | 'ask-owner' | 'answer-decision'> = {
  'remove-photo': ({ job, id, seen }) => made('photo removed', remove('photo', findingId(job, id), seen)),
  'set-photo': ({ job, id, seen, set }) => made(`photo: ${touched(set)}`, photoWords(job, id, seen, set)),
  'ask-owner': askOwner,
  'answer-decision': answerDecision,
};

/** Open questions of a job; an owner reads no more. */
const mostOpen = 12;

function askOwner({ job: number, ask, holds }: EditOfKind<'ask-owner'>, given: JobGiven): Made {
  const { stored, newId, today } = given;
  const { job } = stored;
  if (ask.part !== '') {
    const faults = unknownParts(netOf(stored), [ask.part], () => 'ask.part');
    if (faults.length > 0) return { faults };
  }
  if (ask.find !== '' && !job.finds.some((one) => one.id === ask.find))
    return fault('ask.find', 'that damage is gone');
  if (holds && !job.sections.some((one) => one.key === holds.section))
    return fault('holds.section', `there is no section ${holds.section} in ${number}`);
  if (job.decisions.filter((one) => one.answer === 'open').length >= mostOpen)
    return fault('ask', `${mostOpen} questions wait for the owner already`);
  const gate = holds ? newId() : '';
  const item: Omit<Decision, 'id'> = {
    ...ask,
    gate,
    askedOn: today,
    answer: 'open',
    chosen: null,
    answeredBy: '',
    answeredOn: null,
    said: '',
  };
  const changes: RowChange[] = holds
    ? [
        itemInsert(number, gate, {
          kind: 'add-item',
          job: number,
          list: 'gates',
          item: {
            section: holds.section,
            kind: 'scope',
            what: ask.what.slice(0, 120),
            gapMm: null,
            flushMm: null,
            attempts: 0,
            done: false,
            doneOn: null,
            holds: holds.stage,
          },
        }),
      ]
    : [];
  return made(
    `asks the owner: ${ask.what.slice(0, 60)}`,
    ...changes,
    itemInsert(number, newId(), { kind: 'add-item', job: number, list: 'decisions', item }),
  );
}

function answerDecision(edit: EditOfKind<'answer-decision'>, given: JobGiven): Made {
  const { stored, today } = given;
  const decision = stored.job.decisions.find((one) => one.id === edit.id);
  if (!decision) return fault('id', 'that question is gone');
  if (decision.answer !== 'open') return fault('id', 'that question was answered already');
  if (edit.on > today) return fault('on', 'nobody has said it on a day that is still to come');
  if (edit.on < decision.askedOn) return fault('on', 'it was not asked then');
  const way = edit.answer === 'chosen' ? decision.ways[edit.chosen] : null;
  if (way === undefined) return fault('chosen', 'there is no such way');
  const { job: number, id, seen, answer, chosen, by, on, said } = edit;
  return made(
    `the owner ${answer === 'chosen' ? 'chose' : 'refused'}: ${decision.what.slice(0, 60)}`,
    update('decision', findingId(number, id), seen, {
      answer,
      chosen,
      answeredBy: by,
      answeredOn: on,
      said,
    }),
    ...releasedGate(stored, decision, on),
    ...(way ? followsFrom(way, edit, decision, given) : []),
  );
}

/** The gate that waited for the answer is open, whatever it was: it is decided. */
function releasedGate({ job, versions }: StoredJob, { gate }: Decision, on: string): RowChange[] {
  const id = findingId(job.number, gate);
  const seen = versions[id];
  const waits = job.gates.some((one) => one.id === gate && !one.done);
  return waits && seen !== undefined ? [update('gate', id, seen, { done: true, doneOn: on })] : [];
}

/** What follows from a way that was chosen: a line in the record of scope, the caps and the promised day as agreed with it. */
function followsFrom(
  { name, hours, moneyMinor, days }: DecisionWay,
  { job: number, by, on }: EditOfKind<'answer-decision'>,
  { what }: Decision,
  { stored, newId, labourRateMinorPerHour }: JobGiven,
): RowChange[] {
  const { job, versions } = stored;
  const materials = Math.max(0, moneyMinor - costOfMinutes(hours * 60, labourRateMinorPerHour));
  const { labourHours, materialsMinor } = job.caps;
  return [
    insert('scopeChange', {
      id: findingId(number, newId()),
      jobId: number,
      what: `${what}: ${name}`.slice(0, 200),
      hours,
      moneyMinor,
      days,
      agreedBy: by,
      onDate: on,
    }),
    update('job', number, versions[number]!, {
      capLabourHours: labourHours === 0 ? 0 : Math.max(0, labourHours + hours),
      capMaterialsMinor: materialsMinor === 0 ? 0 : toMinor(materialsMinor + materials),
      promised: addDays(job.promised, days),
    }),
  ];
}
