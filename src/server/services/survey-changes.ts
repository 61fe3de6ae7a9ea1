import type { Fault } from '../../core/exchange';
import { blankSurvey, type Edit, type PartSeen, type PartSurvey, type SurveyChange } from '../../core/record';
import { gaugeReads, netOfJob } from '../../core/survey';
import type { LocalDate } from '../../core/units';
import type { Part } from '../../core/vehicle';
import type { StoredJob } from '../repositories/job-repository';
import {
  findingId,
  findingInsert,
  ownPartId,
  ownPartInsert,
  jobListTables,
  surveyId,
  surveyInsert,
} from '../repositories/survey-repository';
import type { RowChange } from '../repositories/row-change';

export type SurveyEdit = Extract<
  Edit,
  {
    kind:
      | 'survey'
      | 'add-marks'
      | 'set-mark'
      | 'remove-mark'
      | 'add-readings'
      | 'remove-reading'
      | 'remove-photo'
      | 'add-parts'
      | 'remove-part'
      | 'add-item'
      | 'set-item'
      | 'remove-item';
  }
>;

type Outcome = { label: string; changes: RowChange[] } | { faults: Fault[] };

interface Given {
  stored: StoredJob;
  newId(): string;
  today: LocalDate;
}

/** Faults for parts that the net does not have. */
const unknownParts = (
  net: ReadonlyMap<string, Part>,
  keys: readonly string[],
  place: (i: number) => string,
): Fault[] =>
  keys.flatMap((key, i) =>
    net.has(key) ? [] : [{ place: place(i), reason: `there is no part ${key} on the net` }],
  );

/** Faults of an item that names a panel or a section the job does not have; some lists name neither. */
function placeFaults(
  item: Extract<SurveyEdit, { kind: 'add-item' }>['item'],
  net: ReadonlyMap<string, Part>,
  sections: ReadonlySet<string>,
): Fault[] {
  if ('part' in item) return unknownParts(net, [item.part], () => 'item.part');
  if (!('section' in item) || sections.has(item.section)) return [];
  return [{ place: 'item.section', reason: 'there is no such section in this job' }];
}

/** Turns an edit of the survey into row changes. */
export function surveyChanges(edit: SurveyEdit, { stored, newId, today }: Given): Outcome {
  const { job } = stored;
  const net = new Map(netOfJob(job).map((part) => [part.key, part]));
  switch (edit.kind) {
    case 'survey': {
      const faults = unknownParts(
        net,
        edit.parts.map((one) => one.part),
        (i) => `parts[${i}].part`,
      );
      if (faults.length > 0) return { faults };
      return {
        label: `survey of ${some(edit.parts.map((one) => one.part))}: ${Object.keys(edit.set).join(', ')}`,
        changes: setSurvey(stored, edit.parts, edit.set),
      };
    }
    case 'add-marks': {
      const faults = unknownParts(
        net,
        edit.marks.map((one) => one.part),
        (i) => `marks[${i}].part`,
      );
      if (faults.length > 0) return { faults };
      return {
        label: `${edit.marks[0]!.kind} on ${some(edit.marks.map((one) => one.part))}`,
        changes: edit.marks.map((mark) => findingInsert(job.number, 'mark', { ...mark, id: newId() })),
      };
    }
    case 'add-readings': {
      const faults = [
        ...unknownParts(
          net,
          edit.readings.map((one) => one.part),
          (i) => `readings[${i}].part`,
        ),
        ...gaugeFaults(stored, net, edit.readings),
      ];
      if (faults.length > 0) return { faults };
      return {
        label: `film on ${some(edit.readings.map((one) => one.part))}`,
        changes: edit.readings.map((one) =>
          findingInsert(job.number, 'filmReading', { ...one, onDate: today, id: newId() }),
        ),
      };
    }
    case 'set-mark':
      return {
        label: `mark: ${Object.keys(edit.set).join(', ')}`,
        changes: [
          {
            kind: 'update',
            table: 'mark',
            id: findingId(job.number, edit.id),
            seen: edit.seen,
            set: { ...edit.set },
          },
        ],
      };
    case 'remove-mark':
      return {
        label: 'mark removed',
        changes: [{ kind: 'delete', table: 'mark', id: findingId(job.number, edit.id), seen: edit.seen }],
      };
    case 'remove-reading':
      return {
        label: 'reading removed',
        changes: [
          { kind: 'delete', table: 'filmReading', id: findingId(job.number, edit.id), seen: edit.seen },
        ],
      };
    case 'remove-photo':
      return {
        label: 'photo removed',
        changes: [{ kind: 'delete', table: 'photo', id: findingId(job.number, edit.id), seen: edit.seen }],
      };
    case 'add-parts': {
      const sections = new Set(job.sections.map((section) => section.key));
      const own = new Set(job.ownParts.map((part) => part.key));
      const keys = edit.parts.map((part) => part.key);
      const faults = edit.parts.flatMap((part, i): Fault[] => [
        ...(own.has(part.key) || keys.indexOf(part.key) < i
          ? [{ place: `parts[${i}].key`, reason: `there is a part ${part.key} already` }]
          : []),
        ...(sections.has(part.section)
          ? []
          : [
              {
                place: `parts[${i}].section`,
                reason: `there is no section ${part.section} in ${job.number}`,
              },
            ]),
      ]);
      if (faults.length > 0) return { faults };
      return {
        label: `part ${some(keys)}`,
        changes: [
          ...edit.parts.map((part) => ownPartInsert(job.number, part)),
          ...setSurvey(stored, edit.leaveOut, { absent: true }),
        ],
      };
    }
    case 'add-item': {
      const faults = placeFaults(edit.item, net, new Set(job.sections.map((section) => section.key)));
      if (faults.length > 0) return { faults };
      const item = { ...edit.item, id: newId() };
      return {
        label: `added to ${edit.list}`,
        changes: [findingInsert(job.number, jobListTables[edit.list], item)],
      };
    }
    case 'set-item':
      return {
        label: `${edit.list}: ${Object.keys(edit.set).join(', ')}`,
        changes: [
          {
            kind: 'update',
            table: jobListTables[edit.list],
            id: findingId(job.number, edit.id),
            seen: edit.seen,
            set: { ...edit.set },
          },
        ],
      };
    case 'remove-item':
      return {
        label: `removed from ${edit.list}`,
        changes: [
          {
            kind: 'delete',
            table: jobListTables[edit.list],
            id: findingId(job.number, edit.id),
            seen: edit.seen,
          },
        ],
      };
    case 'remove-part':
      return {
        label: `part ${edit.part} removed`,
        changes: [
          { kind: 'delete', table: 'ownPart', id: ownPartId(job.number, edit.part), seen: edit.seen },
        ],
      };
  }
}

/** Names of parts, shortened: three, then how many more. */
const some = (keys: readonly string[]): string => {
  const distinct = [...new Set(keys)];
  return distinct.length <= 3
    ? distinct.join(', ')
    : `${distinct.slice(0, 2).join(', ')} and ${distinct.length - 2} more`;
};

function setSurvey({ job }: StoredJob, parts: readonly PartSeen[], set: SurveyChange): RowChange[] {
  const known = new Map(job.surveyed.map((one) => [one.key, one]));
  return parts.map(({ part, seen }): RowChange => {
    const before = known.get(part);
    if (seen === null || !before) return surveyInsert(job.number, { ...blankSurvey(part), ...set });
    const survey: Partial<PartSurvey> = { ...before, ...set };
    delete survey.key;
    return { kind: 'update', table: 'partSurvey', id: surveyId(job.number, part), seen, set: { survey } };
  });
}

/** A reading that the substrate of its panel does not allow is refused, not stored with a doubt. */
function gaugeFaults(
  { job }: StoredJob,
  net: ReadonlyMap<string, Part>,
  readings: Extract<SurveyEdit, { kind: 'add-readings' }>['readings'],
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
