import fc from 'fast-check';
import { repairKinds, type RepairKind } from '../film';
import { refitWaits, type Fitting, type Repair, type RefitWait } from '../record';
import { fittingOf } from '../record/fitting.fixture';
import type { Part } from '../vehicle';

/** Flaws that are mended, and pieces of the refit with their order; panels by their number. */
export interface DrawnFinish {
  repairs: { at: number; kind: RepairKind; sizeMm: number; spot: string }[];
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
  { repairs, pieces }: DrawnFinish,
  parts: readonly Part[],
): { repairs: Repair[]; fittings: Fitting[] } {
  if (parts.length === 0) return { repairs: [], fittings: [] };
  const key = (at: number) => parts[at % parts.length]!.key;
  return {
    repairs: repairs.map(({ at, ...one }, i) => ({
      ...one,
      id: `repair${i}`,
      part: key(at),
      onDate: '2026-11-20',
      note: '',
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
