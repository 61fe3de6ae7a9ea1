import { filmAt } from './film-at-day';
import { filmColumn } from './film-column';

const column = filmColumn(
  [{ name: 'enamel', um: 100, isStripped: false }],
  [{ role: 'build', name: 'build', coats: 4, dryUm: 60 }],
  null,
  'panel',
);
const times = [
  { laid: [], taken: [] },
  { laid: [10, 20, 110, 120], taken: [50, 150] },
];

test('two rounds of two coats: 0 before, 120 after two, half of the blocking after the first round, all at the end', () => {
  const build = (at: number) => {
    const slice = filmAt(column, times, at)[1]!;
    return [slice.laidUm, slice.takenUm];
  };
  expect(build(5)).toEqual([0, 0]);
  expect(build(20)).toEqual([120, 0]);
  // 240 × 0.375 = 90, half of it by minute 50.
  expect(build(50)).toEqual([120, 45]);
  expect(build(200)).toEqual([240, 90]);
});

test('edges go with the flats: 72 of 144 after two coats, 43.2 of 86.4 taken after the first round', () => {
  const edges = (at: number) => {
    const slice = filmAt(column, times, at)[1]!;
    return [slice.edgeUm, slice.edgeTakenUm].map((um) => expect.closeTo(um, 9) as number);
  };
  expect([72, 0]).toEqual(edges(20));
  expect([72, 43.2]).toEqual(edges(50));
  expect([144, 86.4]).toEqual(edges(200));
});

test('coats that are not planned any more are taken as laid, and nothing as taken from them', () => {
  expect(filmAt(column, [], 0)[1]).toMatchObject({ laidUm: 240, takenUm: 0 });
  expect(filmAt(column, [times[0]!, { laid: [], taken: [] }], 0)[1]).toMatchObject({
    laidUm: 240,
    takenUm: 0,
  });
});

test('kept film stands from the first, and nothing is ever taken before it is laid', () => {
  expect(filmAt(column, times, 0)[0]).toMatchObject({ kind: 'kept', laidUm: 100 });
  const early = filmAt(column, [times[0]!, { laid: [100], taken: [10] }], 50)[1]!;
  expect([early.laidUm, early.takenUm]).toEqual([0, 0]);
});

describe('the old film', () => {
  test('that is stripped stands there until the last of the stripping has ended; what is kept stays', () => {
    const old = filmColumn([{ name: 'enamel', um: 120, isStripped: true }], [], null, 'panel');
    const times = [{ laid: [], taken: [100, 200] }];
    const left = (at: number) => {
      const [slice] = filmAt(old, times, at);
      return slice!.laidUm - slice!.takenUm;
    };
    // It stood there before any coat, whatever is laid over it later.
    expect(filmAt(old, [{ laid: [500], taken: [600] }], 0)[0]!.laidUm).toBe(120);
    expect([0, 100, 199, 200].map(left)).toEqual([120, 120, 120, 0]);
    expect(old.leftUm).toBe(0);
  });
});
