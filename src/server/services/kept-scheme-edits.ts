import { mostColours } from '../../core/concepts/scheme-lists';
import { unknownColour } from '../../core/exchange';
import {
  isSameScheme,
  schemeOf,
  withScheme,
  type Alternative,
  type Job,
  type KeptScheme,
} from '../../core/record';
import type { StoredJob } from '../repositories/job-repository';
import { findingId, sectionId } from '../repositories/job-ids';
import { itemInsert } from '../repositories/job-lists';
import { remove, update, type RowChange } from '../repositories/row-change';
import { fault, made, type EditOfKind, type JobGiven, type JobMakers, type Made } from './edit-makers';
import { tooManyFaults } from './scheme-edits';

/** Edits of the schemes that are kept beside the one that is planned. */
export const keptSchemeMakers: JobMakers<'keep-scheme' | 'take-scheme'> = {
  'keep-scheme': ({ job, kind: _kind, ...own }, { stored, newId }) => {
    const faults = [
      ...tooManyFaults(stored.job, 'alternatives').map((one) => ({ ...one, place: 'name' })),
      ...unknownColour(stored.job, own.ifUnmatched, 'ifUnmatched'),
    ];
    if (faults.length > 0) return { faults };
    const item = { ...own, scheme: schemeOf(stored.job), chosenBy: '', chosenOn: null };
    return made(`scheme kept as ${own.name}`, kept(job, newId(), item));
  },
  'take-scheme': takeScheme,
};

const kept = (job: string, id: string, item: Omit<Alternative, 'id'>): RowChange =>
  itemInsert(job, id, { kind: 'add-item', job, list: 'alternatives', item });

/**
 * Everything that a kept scheme says takes the place of what the job says, in one edit that is undone as one. The scheme
 * that stood is kept beside it unless it is already, so that no work of anybody is lost.
 */
function takeScheme({ id, seen, by, on }: EditOfKind<'take-scheme'>, given: JobGiven): Made {
  const { stored, newId, today } = given;
  const { job } = stored;
  const taken = job.alternatives.find((one) => one.id === id);
  if (!taken) return fault('id', 'there is no such scheme any more');
  if (on > today) return fault('on', 'nobody has chosen on a day that is still to come');
  const before = schemeOf(job);
  const isKept = job.alternatives.some((one) => isSameScheme(one.scheme, before));
  if (!isKept) {
    const faults = tooManyFaults(job, 'alternatives');
    if (faults.length > 0)
      return fault(
        'id',
        'the scheme that stands is not kept and there is no room for it; remove a kept one first',
      );
  }
  if (withScheme(job, taken.scheme).colours.length > mostColours)
    return fault(
      'id',
      `with its colours the job would have more than ${mostColours}; remove unused ones first`,
    );
  const label = `Before ${taken.name}`.slice(0, 60);
  const rest = { ifUnmatched: null, mostAttempts: 3, lastDay: null, chosenBy: '', chosenOn: null, note: '' };
  return made(
    `${taken.name} chosen by ${by}`,
    ...(isKept ? [] : [kept(job.number, newId(), { name: label, scheme: before, ...rest })]),
    update('alternative', findingId(job.number, id), seen, { chosenBy: by, chosenOn: on }),
    ...chosenBefore(stored, id),
    ...schemeChanges(stored, taken.scheme),
  );
}

/** One scheme is the chosen one. */
const chosenBefore = ({ job, versions }: StoredJob, id: string): RowChange[] =>
  job.alternatives.flatMap((one) => {
    if (one.id === id || one.chosenOn === null) return [];
    const row = findingId(job.number, one.id);
    return [update('alternative', row, versions[row]!, { chosenBy: '', chosenOn: null })];
  });

const isEqual = (one: object, other: object): boolean => JSON.stringify(one) === JSON.stringify(other);

/** Rows that change where a scheme takes the place of that of a job. */
function schemeChanges({ job, versions }: StoredJob, scheme: KeptScheme): RowChange[] {
  const { number } = job;
  const after = withScheme(job, scheme);
  return [
    ...sectionChanges(job, after, versions),
    ...after.colours.flatMap(({ id, ...item }): RowChange[] => {
      const row = findingId(number, id);
      const before = job.colours.find((one) => one.id === id);
      if (!before) return [itemInsert(number, id, { kind: 'add-item', job: number, list: 'colours', item })];
      return isEqual({ id, ...item }, before) ? [] : [update('colour', row, versions[row]!, item)];
    }),
    ...job.constructions
      .filter(({ id }) => !after.constructions.some((one) => one.id === id))
      .map(({ id }) => remove('construction', findingId(number, id), versions[findingId(number, id)]!)),
    ...after.constructions.flatMap(({ id, ...item }): RowChange[] => {
      const row = findingId(number, id);
      const before = job.constructions.find((one) => one.id === id);
      if (!before)
        return [itemInsert(number, id, { kind: 'add-item', job: number, list: 'constructions', item })];
      return isEqual({ id, ...item }, before) ? [] : [update('construction', row, versions[row]!, item)];
    }),
    ...(isEqual(after.colourOrder, job.colourOrder) && isEqual(after.colourCovers, job.colourCovers)
      ? []
      : [
          update('job', number, versions[number]!, {
            colourOrder: after.colourOrder,
            colourCovers: after.colourCovers,
          }),
        ]),
  ];
}

const sectionChanges = (job: Job, after: Job, versions: StoredJob['versions']): RowChange[] =>
  after.sections.flatMap((section, i) => {
    const { key, colour, insideColour, system, level, depth } = section;
    if (isEqual(section, job.sections[i]!)) return [];
    const row = sectionId(job.number, key);
    return [update('section', row, versions[row]!, { colour, insideColour, system, level, depth })];
  });
