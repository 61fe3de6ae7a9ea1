import fc from 'fast-check';
import { repairKinds, type RepairKind } from '../film';
import {
  refitWaits,
  tiedPhases,
  type Fitting,
  type Repair,
  type RefitWait,
  type SendOut,
  type TiedPhase,
} from '../record';
import { fittingOf } from '../record/fitting.fixture';
import { dayKinds, type DayKind } from '../shop';
import { addDays, type LocalDate } from '../units';
import type { Part } from '../vehicle';

/** Flaws that are mended, and pieces of the refit with their order; panels by their number. */
export interface DrawnFinish {
  repairs: { at: number; kind: RepairKind; sizeMm: number; spot: string }[];
  outs: {
    at: number;
    phase: TiedPhase;
    leadDays: number;
    leadIn: DayKind;
    leaveAt: number | null;
    backAt: number | null;
    /** Days from the arrival. */
    sent: number | null;
    due: number | null;
  }[];
  pieces: { at: number; waitsFor: RefitWait; refitOrder: number; hands: number }[];
}

export const drawnFinish: fc.Arbitrary<DrawnFinish> = fc.record({
  repairs: fc.array(
    fc.record({
      at: fc.nat(200),
      kind: fc.constantFrom(...repairKinds),
      sizeMm: fc.integer({ min: 1, max: 300 }),
      spot: fc.constantFrom('', 'upper edge'),
    }),
    { maxLength: 2 },
  ),
  outs: fc.array(
    fc.record({
      at: fc.nat(200),
      phase: fc.constantFrom(...tiedPhases),
      leadDays: fc.integer({ min: 0, max: 12 }),
      leadIn: fc.constantFrom(...dayKinds),
      leaveAt: fc.constantFrom(null, 600, 840),
      backAt: fc.constantFrom(null, 480, 780),
      sent: fc.constantFrom(null, 0, 5, 12),
      due: fc.constantFrom(null, 20, 30),
    }),
    { maxLength: 1 },
  ),
  pieces: fc.array(
    fc.record({
      at: fc.nat(200),
      waitsFor: fc.constantFrom(...refitWaits),
      refitOrder: fc.constantFrom(10, 100, 200),
      hands: fc.integer({ min: 1, max: 4 }),
    }),
    { maxLength: 3 },
  ),
});

export function finishOf(
  { repairs, pieces, outs }: DrawnFinish,
  parts: readonly Part[],
  arrival: LocalDate,
): { repairs: Repair[]; fittings: Fitting[]; sendOuts: SendOut[] } {
  if (parts.length === 0) return { repairs: [], fittings: [], sendOuts: [] };
  const key = (at: number) => parts[at % parts.length]!.key;
  return {
    repairs: repairs.map(({ at, ...one }, i) => ({
      ...one,
      id: `repair${i}`,
      part: key(at),
      onDate: '2026-11-20',
      note: '',
    })),
    sendOuts: outs.map(({ at, sent, due, ...one }, i) => ({
      ...one,
      id: `out${i}`,
      what: `panel ${i}`,
      part: key(at),
      vendor: '',
      sentOn: sent === null ? null : addDays(arrival, sent),
      dueOn: due === null ? null : addDays(arrival, due),
      returnedOn: null,
      condition: '',
    })),
    fittings: pieces.map(({ at, ...one }, i) =>
      fittingOf({
        ...one,
        id: `piece${i}`,
        name: `piece ${i}`,
        part: key(at),
        maskMin: 90,
        choice: 'remove',
      }),
    ),
  };
}
