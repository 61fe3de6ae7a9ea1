import type { ConsumableTrial, StockMove } from '../core/record';
import { addDays, type LocalDate } from '../core/units';

type Entry = [
  kind: StockMove['kind'],
  product: string,
  amount: number,
  costMinor: number,
  /** Days from the Monday of the loading week to the entry, and to the day it is due or keeps to. */
  day: number,
  until: number | null,
  over?: Partial<StockMove>,
];

const coach = { job: 'P-014' };
const trainer = { job: 'P-016' };

/** The stock book of the demo shop: one kit of sealer too few for the roof, borrowed tape, a tin that went off. */
const book: readonly Entry[] = [
  ['received', 'high-build-41', 22, 51600, 0, 300, { ...coach, batch: 'HB 2207' }],
  ['drawn', 'high-build-41', 12.4, 29100, 22, null, { ...coach, phase: 'build' }],
  ['received', 'sealer-grey', 1.5, 4800, 11, 260, { ...coach, batch: 'SG 118' }],
  ['received', 'clear-21', 7.5, 18700, 11, 420, { ...coach, batch: 'C 0931' }],
  ['ordered', 'clear-21', 22.5, 56100, 29, 45, { ...coach, note: 'three large kits' }],
  ['received', 'base-solid', 4, 14800, 25, 500, { ...coach, batch: 'Sluice Green, mix 3' }],
  ['received', 'epoxy-aircraft', 8, 35200, 19, 230, { ...trainer, batch: 'EA 77' }],
  ['received', 'polyester-primer', 1, 2900, -170, 19, { note: 'last of an old job' }],
  ['received', 'fine-sheet', 50, 4400, -9, null],
  ['received', 'paper-tape', 1200, 6400, -9, null],
  ['borrowed', 'fine-line', 110, 0, 28, null, { note: 'from the sign shop next door' }],
  ['lent', 'degreaser', 2, 0, 23, null, { note: 'to the boat yard' }],
  ['received', 'degreaser', 20, 8400, -9, null],
  ['received', 'wipes', 200, 7600, -9, null],
];

/** @param loading Monday of the week in which the coach was loaded into the plan */
export const demoMoves = (loading: LocalDate): StockMove[] =>
  book.map(([kind, product, amount, costMinor, day, until, over], i) => ({
    id: `move-${String(i + 1).padStart(2, '0')}`,
    product,
    kind,
    amount,
    costMinor,
    onDate: addDays(loading, day),
    untilDate: until === null ? null : addDays(loading, until),
    job: '',
    phase: '',
    batch: '',
    note: '',
    corrects: null,
    ...over,
  }));

const purpose = 'P1500 structured discs on cured clear';

export const demoTrials: readonly ConsumableTrial[] = [
  {
    id: 'trial-1',
    purpose,
    name: 'foam-backed, dear',
    priceMinorEach: 240,
    used: 1,
    areaM2: 3.6,
    minutes: 27,
    note: 'left front wing and cant panel',
  },
  {
    id: 'trial-2',
    purpose,
    name: 'film-backed, cheap',
    priceMinorEach: 95,
    used: 3,
    areaM2: 3.2,
    minutes: 33,
    note: 'right front wing; loads on the edges',
  },
];
