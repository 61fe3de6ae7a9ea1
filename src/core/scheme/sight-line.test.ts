import { jobFixture } from '../job.fixture';
import type { Construction, Station } from '../record';
import { netOfJob } from '../survey';
import { taperedBand } from './band.fixture';
import { eyes, kinksOf, sightViews } from './sight-line';
import { stripOf } from './strip';

const parts = netOfJob(jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } }));
const left = stripOf(parts, 'panel', 'left')!;
const right = stripOf(parts, 'panel', 'right')!;
const along = (stations: Station[], fairing: 'straight' | 'faired' = 'straight'): Construction => {
  const plain = taperedBand();
  const shape = {
    kind: 'field' as const,
    side: 'above' as const,
    line: { ...plain.shape.line, fairing, stations },
  };
  return { ...plain, shape };
};

test('a level line 1 m up, seen from 0.4 m: 0.6 m above the eye, 1.5 m and 5.9 m away', () => {
  const [view] = sightViews([left], along([{ atMm: 0, mm: 1000 }]), eyes.low);
  const [edge] = view!.edges;
  expect(edge![0]![0]).toBeCloseTo(-0.5 / 1.5, 9);
  expect(edge![0]![1]).toBeCloseTo(0.6 / 1.5, 9);
  expect(edge!.at(-1)![0]).toBeCloseTo(-0.5 / 5.9, 9);
  expect(edge!.at(-1)![1]).toBeCloseTo(0.6 / 5.9, 9);
});

test('both sides are mirror images where they are laid alike', () => {
  const [one, other] = sightViews([left, right], taperedBand(), eyes.above);
  const mirrored = other!.edges.map((edge) => edge.map(([x, y]) => [-x, y]));
  one!.edges.forEach((edge, i) =>
    edge.forEach(([x, y], k) => {
      expect(x).toBeCloseTo(mirrored[i]![k]![0]!, 9);
      expect(y).toBeCloseTo(mirrored[i]![k]![1]!, 9);
    }),
  );
});

describe('kinks', () => {
  // 1000 mm up to 2 m, then 100 mm higher over 2 m: atan 0.05 = 2.86°.
  const bent = [
    { atMm: 0, mm: 1000 },
    { atMm: 2000, mm: 1000 },
    { atMm: 4000, mm: 1100 },
  ];

  test('a straight line that is bent at a station is told with its angle', () => {
    // Behind its last station the line stays level: the same angle back.
    const kinks = kinksOf(left, along(bent));
    expect(kinks.map((one) => one.atMm).sort()).toEqual([2000, 4000]);
    for (const { deg } of kinks) expect(deg).toBeCloseTo((Math.atan(0.05) * 180) / Math.PI, 6);
  });

  test('faired through the same pins it has none, and a straight taper has none', () => {
    expect(kinksOf(left, along(bent, 'faired'))).toEqual([]);
    expect(kinksOf(left, taperedBand())).toEqual([]);
  });
});
