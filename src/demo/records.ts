import type { Decision, Provenance, WorkNote } from '../core/record';
import { addDays, type LocalDate } from '../core/units';

/** Where the coach comes from, as far as anybody knows. */
const coachProvenance = (monday: LocalDate): Provenance[] => [
  {
    id: 'origin-1',
    kind: 'number',
    part: '',
    what: 'frame number, right of the front axle',
    reads: 'UL 24 0317',
    onDate: addDays(monday, -27),
    note: 'punched by hand',
  },
  {
    id: 'origin-2',
    kind: 'original',
    part: 'C1L',
    what: 'cove panel with its first green under the gutter',
    reads: '',
    onDate: addDays(monday, -27),
    note: 'left as it is',
  },
  {
    id: 'origin-3',
    kind: 'replaced',
    part: 'K3L',
    what: 'skirt panel, cut from new sheet',
    reads: '',
    onDate: addDays(monday, -18),
    note: '1.2 mm zinc-coated',
  },
];

/** What the owner of the coach has still to decide. */
const coachDecisions = (monday: LocalDate): Decision[] => [
  {
    id: 'ask-1',
    what: 'Holes of the old rack on the roof',
    part: 'R3',
    find: '',
    gate: '',
    ways: [
      { name: 'weld them shut', hours: 5, moneyMinor: 31_000, days: 1 },
      { name: 'keep them for a rack to come', hours: 0, moneyMinor: 0, days: 0 },
    ],
    askedOn: addDays(monday, 1),
    answer: 'open',
    chosen: null,
    answeredBy: '',
    answeredOn: null,
    said: '',
  },
];

/** What is known of the coach besides its survey. */
export const coachRecords = (monday: LocalDate) => ({
  provenance: coachProvenance(monday),
  decisions: coachDecisions(monday),
  reservePlace: 'paint store, shelf 4',
});

const note = (id: string, monday: LocalDate, over: Partial<WorkNote>): WorkNote => ({
  id,
  operation: '',
  product: '',
  bodyKind: '',
  place: '',
  cause: '',
  cure: '',
  job: 'P-011',
  part: '',
  step: '',
  by: 'Ines',
  onDate: addDays(monday, -60),
  retiredOn: null,
  retiredWhy: '',
  ...over,
});

/** What the shop has learned at the work. */
export const demoNotes = (monday: LocalDate): WorkNote[] => [
  note('note-1', monday, {
    operation: 'block',
    cause: 'guide coat came off in the beads',
    cure: 'dust it on by hand there, and block with a sponge',
  }),
  note('note-2', monday, {
    place: 'booth',
    cause: 'insects after six',
    cure: 'outer door shut and the yard lamp off',
  }),
];
