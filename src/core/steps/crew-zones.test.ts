import fc from 'fast-check';
import { collisions } from '../readings/collisions';
import type { PlannedStep } from '../plan/model';
import { sides, type Part } from '../vehicle';
import { crewZones } from './crew-zones';

const part = (key: string, side: Part['side'], x: number, outsideM2 = 1) => ({
  key,
  side,
  outsideM2,
  outline: [
    [x, 0],
    [x + 1, 0],
    [x + 1, 1],
    [x, 1],
  ] as [number, number][],
});

describe('who where', () => {
  test('two people on two sides take a side each', () => {
    const parts = [
      part('L1', 'left', 0),
      part('R1', 'right', 0),
      part('L2', 'left', 1),
      part('R2', 'right', 1),
    ];
    expect(crewZones(parts, ['dot', 'jun'])).toEqual([
      { person: 'dot', parts: ['L1', 'L2'], areaM2: 2, where: 'left side' },
      { person: 'jun', parts: ['R1', 'R2'], areaM2: 2, where: 'right side' },
    ]);
  });

  test('a side that two share is cut along its length, whatever lies above', () => {
    const parts = [
      part('L3', 'left', 2),
      part('L1', 'left', 0),
      part('L4', 'left', 3),
      part('L2', 'left', 1),
    ];
    expect(crewZones(parts, ['dot', 'jun']).map((zone) => zone.parts)).toEqual([
      ['L1', 'L2'],
      ['L3', 'L4'],
    ]);
  });

  test('one person, or fewer panels than people, is no matter of zones', () => {
    expect(crewZones([part('L1', 'left', 0)], ['dot'])).toEqual([]);
    expect(crewZones([part('L1', 'left', 0)], ['dot', 'jun'])).toEqual([]);
  });

  test('every panel belongs to exactly one person, and no share is off by more than the largest panel', () => {
    const some = fc.record({
      side: fc.constantFrom(...sides),
      x: fc.integer({ min: 0, max: 20 }),
      area: fc.double({ min: 0.1, max: 3, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(some, { minLength: 4, maxLength: 40 }),
        fc.integer({ min: 2, max: 4 }),
        (list, crew) => {
          const parts = list.map((one, i) => part(`p${i}`, one.side, one.x, one.area));
          const zones = crewZones(parts, ['a', 'b', 'c', 'd'].slice(0, crew));
          expect(zones.flatMap((zone) => zone.parts).sort()).toEqual(parts.map((one) => one.key).sort());
          const [whole, largest] = [
            list.reduce((sum, one) => sum + one.area, 0),
            Math.max(...list.map((one) => one.area)),
          ];
          for (const zone of zones)
            expect(Math.abs(zone.areaM2 - whole / crew)).toBeLessThanOrEqual(largest + 1e-9);
        },
      ),
    );
  });
});

describe('collisions', () => {
  const step = (key: string, start: number, end: number, given: object = {}): PlannedStep =>
    ({
      key,
      start,
      end,
      state: 'planned',
      crew: 1,
      skipped: false,
      coat: null,
      tags: [],
      sections: ['sides'],
      ...given,
    }) as unknown as PlannedStep;

  test('two crews on one section at once meet; dust beside a wipe, a coat, or water excludes', () => {
    const found = collisions(
      [
        step('block', 0, 100, { tags: ['dusty'] }),
        step('mask', 50, 80),
        step('seal', 60, 120, { tags: ['open-film'] }),
      ],
      0,
    );
    expect(found.map((one) => [one.first, one.second, one.from, one.to, one.excluded])).toEqual([
      ['block', 'mask', 50, 80, false],
      ['block', 'seal', 60, 100, true],
      ['mask', 'seal', 60, 80, false],
    ]);
  });

  test('other sections, one after the other, and what is over do not meet', () => {
    expect(collisions([step('a', 0, 50), step('b', 50, 90)], 0)).toEqual([]);
    expect(collisions([step('a', 0, 50), step('b', 0, 50, { sections: ['roof'] })], 0)).toEqual([]);
    expect(collisions([step('a', 0, 50), step('b', 0, 50)], 60)).toEqual([]);
  });
});
