import { recordOf } from '../../core/concepts/field';
import { jobListFields } from '../../core/concepts/job-lists';
import type { AddItem, JobListName, JobLists, SetItem } from '../../core/record';
import { findingId, ownIdOf } from './job-ids';
import { insert, update, type RowChange } from './row-change';
import type { RowsOf } from './snapshot-rows';

/** The table of each list of a job. */
export const jobListTables = {
  fittings: 'fitting',
  holes: 'hole',
  gates: 'gate',
  finds: 'find',
  milestones: 'milestone',
  openings: 'opening',
  covers: 'cover',
  blends: 'blend',
  sendOuts: 'sendOut',
  colours: 'colour',
  constructions: 'construction',
  looseItems: 'looseItem',
  alternatives: 'alternative',
  matchAttempts: 'matchAttempt',
  samples: 'sample',
  repairs: 'repair',
  materialCaps: 'materialCap',
  provenance: 'provenance',
  decisions: 'decision',
} as const;
export type JobListTable = (typeof jobListTables)[JobListName];

interface Own {
  id: string;
  jobId: string;
}

type ItemOf<N extends JobListName> = Omit<JobLists[N][number], 'id'>;

// One entry a list: only so does the compiler hold each item against the columns of its own table.
const inserts: { [N in JobListName]: (own: Own, item: ItemOf<N>) => RowChange } = {
  fittings: (own, item) => insert('fitting', { ...own, ...item }),
  holes: (own, item) => insert('hole', { ...own, ...item }),
  gates: (own, item) => insert('gate', { ...own, ...item }),
  finds: (own, item) => insert('find', { ...own, ...item }),
  milestones: (own, item) => insert('milestone', { ...own, ...item }),
  openings: (own, item) => insert('opening', { ...own, ...item }),
  covers: (own, item) => insert('cover', { ...own, ...item }),
  blends: (own, item) => insert('blend', { ...own, ...item }),
  sendOuts: (own, item) => insert('sendOut', { ...own, ...item }),
  colours: (own, item) => insert('colour', { ...own, ...item }),
  constructions: (own, item) => insert('construction', { ...own, ...item }),
  looseItems: (own, item) => insert('looseItem', { ...own, ...item }),
  alternatives: (own, item) => insert('alternative', { ...own, ...item }),
  matchAttempts: (own, item) => insert('matchAttempt', { ...own, ...item }),
  samples: (own, item) => insert('sample', { ...own, ...item }),
  repairs: (own, item) => insert('repair', { ...own, ...item }),
  materialCaps: (own, item) => insert('materialCap', { ...own, ...item }),
  provenance: (own, item) => insert('provenance', { ...own, ...item }),
  decisions: (own, item) => insert('decision', { ...own, ...item }),
};

const updates: {
  [N in JobListName]: (id: string, seen: number, set: Partial<ItemOf<N>>) => RowChange;
} = {
  fittings: (id, seen, set) => update('fitting', id, seen, set),
  holes: (id, seen, set) => update('hole', id, seen, set),
  gates: (id, seen, set) => update('gate', id, seen, set),
  finds: (id, seen, set) => update('find', id, seen, set),
  milestones: (id, seen, set) => update('milestone', id, seen, set),
  openings: (id, seen, set) => update('opening', id, seen, set),
  covers: (id, seen, set) => update('cover', id, seen, set),
  blends: (id, seen, set) => update('blend', id, seen, set),
  sendOuts: (id, seen, set) => update('sendOut', id, seen, set),
  colours: (id, seen, set) => update('colour', id, seen, set),
  constructions: (id, seen, set) => update('construction', id, seen, set),
  looseItems: (id, seen, set) => update('looseItem', id, seen, set),
  alternatives: (id, seen, set) => update('alternative', id, seen, set),
  matchAttempts: (id, seen, set) => update('matchAttempt', id, seen, set),
  samples: (id, seen, set) => update('sample', id, seen, set),
  repairs: (id, seen, set) => update('repair', id, seen, set),
  materialCaps: (id, seen, set) => update('materialCap', id, seen, set),
  provenance: (id, seen, set) => update('provenance', id, seen, set),
  decisions: (id, seen, set) => update('decision', id, seen, set),
};

/** An item of a list as a new row. */
export const itemInsert = <N extends JobListName>(number: string, id: string, edit: AddItem<N>): RowChange =>
  inserts[edit.list]({ id: findingId(number, id), jobId: number }, edit.item);

export const itemUpdate = <N extends JobListName>(edit: SetItem<N>): RowChange =>
  updates[edit.list](findingId(edit.job, edit.id), edit.seen, edit.set);

const insertsOf = <N extends JobListName>(number: string, list: N, items: JobLists[N]): RowChange[] =>
  items.map(({ id, ...item }: JobLists[N][number]) =>
    inserts[list]({ id: findingId(number, id), jobId: number }, item),
  );

/** Every item of every list of a job as new rows. */
export const listInserts = (number: string, lists: JobLists): RowChange[] => [
  ...insertsOf(number, 'fittings', lists.fittings),
  ...insertsOf(number, 'holes', lists.holes),
  ...insertsOf(number, 'gates', lists.gates),
  ...insertsOf(number, 'finds', lists.finds),
  ...insertsOf(number, 'milestones', lists.milestones),
  ...insertsOf(number, 'openings', lists.openings),
  ...insertsOf(number, 'covers', lists.covers),
  ...insertsOf(number, 'blends', lists.blends),
  ...insertsOf(number, 'sendOuts', lists.sendOuts),
  ...insertsOf(number, 'colours', lists.colours),
  ...insertsOf(number, 'constructions', lists.constructions),
  ...insertsOf(number, 'looseItems', lists.looseItems),
  ...insertsOf(number, 'alternatives', lists.alternatives),
  ...insertsOf(number, 'matchAttempts', lists.matchAttempts),
  ...insertsOf(number, 'samples', lists.samples),
  ...insertsOf(number, 'repairs', lists.repairs),
  ...insertsOf(number, 'materialCaps', lists.materialCaps),
  ...insertsOf(number, 'provenance', lists.provenance),
  ...insertsOf(number, 'decisions', lists.decisions),
];

/** The lists of a job from their rows, in the order of their ids. */
export function listsOfRows(number: string, rows: RowsOf<JobListTable>): JobLists {
  const own = <R extends Own, T>(list: R[], record: (row: R) => T): (T & { id: string })[] =>
    [...list]
      .sort((a, b) => (a.id < b.id ? -1 : 1))
      .map((row) => ({ ...record(row), id: ownIdOf(number, row.id) }));
  const fields = jobListFields;
  return {
    fittings: own(rows.fitting, (row) => recordOf(fields.fittings, row)),
    holes: own(rows.hole, (row) => recordOf(fields.holes, row)),
    gates: own(rows.gate, (row) => recordOf(fields.gates, row)),
    finds: own(rows.find, (row) => recordOf(fields.finds, row)),
    milestones: own(rows.milestone, (row) => recordOf(fields.milestones, row)),
    openings: own(rows.opening, (row) => recordOf(fields.openings, row)),
    covers: own(rows.cover, (row) => recordOf(fields.covers, row)),
    blends: own(rows.blend, (row) => recordOf(fields.blends, row)),
    sendOuts: own(rows.sendOut, (row) => recordOf(fields.sendOuts, row)),
    colours: own(rows.colour, (row) => recordOf(fields.colours, row)),
    constructions: own(rows.construction, (row) => recordOf(fields.constructions, row)),
    looseItems: own(rows.looseItem, (row) => recordOf(fields.looseItems, row)),
    alternatives: own(rows.alternative, (row) => recordOf(fields.alternatives, row)),
    matchAttempts: own(rows.matchAttempt, (row) => recordOf(fields.matchAttempts, row)),
    samples: own(rows.sample, (row) => recordOf(fields.samples, row)),
    repairs: own(rows.repair, (row) => recordOf(fields.repairs, row)),
    materialCaps: own(rows.materialCap, (row) => recordOf(fields.materialCaps, row)),
    provenance: own(rows.provenance, (row) => recordOf(fields.provenance, row)),
    decisions: own(rows.decision, (row) => recordOf(fields.decisions, row)),
  };
}
