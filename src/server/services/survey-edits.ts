import { mostConstructions, outsideQuoteFaults } from '../../core/checks';
import { outlineFaults, unknownColour, type Fault } from '../../core/exchange';
import {
  blankSurvey,
  type AddItem,
  type PartSeen,
  type PartSurvey,
  type SurveyChange,
} from '../../core/record';
import { gaugeReads, netOfJob } from '../../core/survey';
import type { Part } from '../../core/vehicle';
import { markInsert, ownPartInsert, readingInsert, surveyInsert } from '../repositories/job-changes';
import { findingId, ownPartId, surveyId } from '../repositories/job-ids';
import { itemInsert, itemUpdate, jobListTables } from '../repositories/job-lists';
import type { StoredJob } from '../repositories/job-repository';
import { inUseFaults, namedColourFaults, tooManyFaults } from './scheme-edits';
import { remove, update, type RowChange } from '../repositories/row-change';
import {
  fault,
  made,
  type EditOfKind,
  type JobGiven,
  type JobMakers,
  type Made,
  touched,
} from './edit-makers';

/** Edits of what the walk round and the strip-down record. */
export const surveyMakers: JobMakers<
  | 'survey'
  | 'add-marks'
  | 'set-mark'
  | 'remove-mark'
  | 'add-readings'
  | 'remove-reading'
  | 'add-parts'
  | 'remove-part'
  | 'add-item'
  | 'set-item'
  | 'remove-item'
> = {
  survey: ({ parts, set }, { stored }) => {
    const keys = parts.map((one) => one.part);
    const faults = unknownParts(netOf(stored), keys, (i) => `parts[${i}].part`);
    if (faults.length > 0) return { faults };
    if (set.section && !stored.job.sections.some((one) => one.key === set.section))
      return fault('set.section', `there is no section ${set.section} in ${stored.job.number}`);
    const quoted =
      typeof set.outsideQuoteMinor === 'number'
        ? outsideQuoteFaults(stored.job, keys, 'set.outsideQuoteMinor')
        : [];
    if (quoted.length > 0) return { faults: quoted };
    return made(`survey of ${some(keys)}: ${touched(set)}`, ...setSurvey(stored, parts, set));
  },
  'add-marks': ({ job, marks }, { stored, newId }) => {
    const keys = marks.map((one) => one.part);
    const faults = unknownParts(netOf(stored), keys, (i) => `marks[${i}].part`);
    if (faults.length > 0) return { faults };
    return made(
      `${marks[0]!.kind} on ${some(keys)}`,
      ...marks.map((mark) => markInsert(job, { ...mark, id: newId() })),
    );
  },
  'set-mark': ({ job, id, seen, set }) =>
    made(`mark: ${touched(set)}`, update('mark', findingId(job, id), seen, set)),
  'remove-mark': ({ job, id, seen }) => made('mark removed', remove('mark', findingId(job, id), seen)),
  'add-readings': addReadings,
  'remove-reading': ({ job, id, seen }) =>
    made('reading removed', remove('filmReading', findingId(job, id), seen)),
  'add-parts': addParts,
  'remove-part': ({ job, part, seen }) =>
    made(`part ${part} removed`, remove('ownPart', ownPartId(job, part), seen)),
  'add-item': (edit, { stored, newId }) => {
    const faults = [
      ...placeFaults(edit.item, stored),
      ...tooManyFaults(stored.job, edit.list),
      ...namedColourFaults(edit.item, stored.job, 'item'),
    ];
    if (faults.length > 0) return { faults };
    return made(`added to ${edit.list}`, itemInsert(edit.job, newId(), edit));
  },
  'set-item': (edit, { stored }) => {
    const faults = [
      ...placeFaults(edit.set, stored, 'set'),
      ...namedColourFaults(edit.set, stored.job, 'set'),
    ];
    if (faults.length > 0) return { faults };
    return made(`${edit.list}: ${touched(edit.set)}`, itemUpdate(edit));
  },
  'remove-item': ({ job, list, id, seen }, { stored }) => {
    const faults = list === 'colours' ? inUseFaults(stored.job, id) : [];
    if (faults.length > 0) return { faults };
    if (list === 'decisions') return withdrawnDecision(stored, id, seen);
    return made(`removed from ${list}`, remove(jobListTables[list], findingId(job, id), seen));
  },
};

/** A question that the owner has not answered is taken back, with the gate that waited for it; an answer stays. */
function withdrawnDecision({ job, versions }: StoredJob, id: string, seen: number): Made {
  const decision = job.decisions.find((one) => one.id === id);
  if (decision && decision.answer !== 'open') return fault('id', 'an answer of the owner is not taken out');
  const gate = job.gates.find((one) => one.id === decision?.gate && !one.done);
  const gateSeen = gate && versions[findingId(job.number, gate.id)];
  return made(
    'question to the owner taken back',
    remove('decision', findingId(job.number, id), seen),
    ...(gate && gateSeen !== undefined ? [remove('gate', findingId(job.number, gate.id), gateSeen)] : []),
  );
}

export const netOf = ({ job }: StoredJob): ReadonlyMap<string, Part> =>
  new Map(netOfJob(job).map((part) => [part.key, part]));

/** Faults for parts that the net does not have. */
export const unknownParts = (
  net: ReadonlyMap<string, Part>,
  keys: readonly string[],
  place: (i: number) => string,
): Fault[] =>
  keys.flatMap((key, i) =>
    net.has(key) ? [] : [{ place: place(i), reason: `there is no part ${key} on the net` }],
  );

/** Faults of an item that names a panel or a section the job does not have; some lists name neither. */
function placeFaults(
  item: Partial<AddItem['item']>,
  stored: StoredJob,
  place: 'item' | 'set' = 'item',
): Fault[] {
  // What is of the whole object names no panel.
  if ('part' in item && item.part === '') return [];
  if ('part' in item && item.part !== undefined)
    return unknownParts(netOf(stored), [item.part], () => `${place}.part`);
  if (!('section' in item) || item.section === undefined) return [];
  const known = stored.job.sections.some((section) => section.key === item.section);
  return known ? [] : [{ place: `${place}.section`, reason: 'there is no such section in this job' }];
}

function addReadings({ job, readings }: EditOfKind<'add-readings'>, given: JobGiven): Made {
  const { stored, newId, today } = given;
  const net = netOf(stored);
  const keys = readings.map((one) => one.part);
  const faults = [
    ...unknownParts(net, keys, (i) => `readings[${i}].part`),
    ...gaugeFaults(stored, net, readings),
  ];
  if (faults.length > 0) return { faults };
  return made(
    `film on ${some(keys)}`,
    ...readings.map((one) => readingInsert(job, { ...one, onDate: today, id: newId() })),
  );
}

function addParts(
  { job: number, parts, leaveOut, lines = [] }: EditOfKind<'add-parts'>,
  { stored, newId }: JobGiven,
): Made {
  const { job } = stored;
  const sections = new Set(job.sections.map((section) => section.key));
  const own = new Set(job.ownParts.map((part) => part.key));
  const keys = parts.map((part) => part.key);
  const faults = parts.flatMap((part, i): Fault[] => [
    ...(own.has(part.key) || keys.indexOf(part.key) < i
      ? [{ place: `parts[${i}].key`, reason: `there is a part ${part.key} already` }]
      : []),
    ...(sections.has(part.section)
      ? []
      : [{ place: `parts[${i}].section`, reason: `there is no section ${part.section} in ${number}` }]),
  ]);
  if (job.constructions.length + lines.length > mostConstructions)
    faults.push({ place: 'lines', reason: `a job has ${mostConstructions} constructions at most` });
  lines.forEach((line, i) => faults.push(...unknownColour(job, line.colour, `lines[${i}].colour`)));
  faults.push(...outlineFaults([...job.ownParts, ...parts], 'parts').filter((one) => one.place === 'parts'));
  if (faults.length > 0) return { faults };
  return made(
    `part ${some(keys)}`,
    ...parts.map((part) => ownPartInsert(number, part)),
    ...lines.map((item) =>
      itemInsert(number, newId(), { kind: 'add-item', job: number, list: 'constructions', item }),
    ),
    ...setSurvey(stored, leaveOut, { absent: true }),
  );
}

/** Names of parts, shortened: three, then how many more. */
export const some = (keys: readonly string[]): string => {
  const distinct = [...new Set(keys)];
  return distinct.length <= 3
    ? distinct.join(', ')
    : `${distinct.slice(0, 2).join(', ')} and ${distinct.length - 2} more`;
};

export function setSurvey({ job }: StoredJob, parts: readonly PartSeen[], set: SurveyChange): RowChange[] {
  const known = new Map(job.surveyed.map((one) => [one.key, one]));
  return parts.map(({ part, seen }): RowChange => {
    const before = known.get(part);
    if (seen === null || !before) return surveyInsert(job.number, { ...blankSurvey(part), ...set });
    const { key: _key, ...survey }: PartSurvey = { ...before, ...set };
    return update('partSurvey', surveyId(job.number, part), seen, { survey });
  });
}

/** A reading that the substrate of its panel does not allow is refused, not stored with a doubt. */
function gaugeFaults(
  { job }: StoredJob,
  net: ReadonlyMap<string, Part>,
  readings: EditOfKind<'add-readings'>['readings'],
): Fault[] {
  const surveys = new Map(job.surveyed.map((one) => [one.key, one]));
  return readings.flatMap((reading, i) => {
    const section = job.sections.find((one) => one.key === net.get(reading.part)?.section);
    const substrate = surveys.get(reading.part)?.substrate ?? section?.substrate;
    if (!substrate || gaugeReads(reading.gauge, substrate)) return [];
    return [
      {
        place: `readings[${i}].gauge`,
        reason: `a ${reading.gauge} gauge reads nothing true on ${substrate} (${reading.part})`,
      },
    ];
  });
}
