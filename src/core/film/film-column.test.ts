import { usualFilmFigures } from './clear-budget';
import { filmColumn } from './film-column';

const layer = (
  role: 'epoxy' | 'primer' | 'build' | 'colour' | 'topcoat' | 'clear',
  coats: number,
  dryUm: number,
) => ({
  role,
  name: role,
  coats,
  dryUm,
});
/** Of each slice: laid and taken on flats, laid and taken on edges, why. */
const figures = (column: ReturnType<typeof filmColumn>) =>
  column.slices.map((one) => [one.laidUm, one.takenUm, one.edgeUm, one.edgeTakenUm, one.why]);

test('edges carry six tenths; what is stripped goes altogether, what is kept stays', () => {
  const column = filmColumn(
    [
      { name: 'primer', um: 50, isStripped: false },
      { name: 'enamel', um: 120, isStripped: true },
    ],
    [],
    null,
    'panel',
  );
  expect(figures(column)).toEqual([
    [50, 0, 30, 0, 'none'],
    [120, 120, 72, 72, 'stripping'],
  ]);
  expect(column).toMatchObject({ leftUm: 50, edgeLeftUm: 30, floorUm: null, edgeFloorUm: null });
});

test('blocking takes 3/8 of a build on flats and 0.6 of it on edges; epoxy is scuffed by 2 µm; a base loses nothing', () => {
  const column = filmColumn(
    [],
    [layer('epoxy', 2, 25), layer('build', 4, 60), layer('colour', 2, 15)],
    null,
    'panel',
  );
  expect(figures(column)).toEqual([
    [50, 2, 30, 2, 'scuffing'],
    [240, 90, 144, expect.closeTo(86.4, 9), 'blocking'],
    [30, 0, 18, 0, 'none'],
  ]);
  expect(column.leftUm).toBeCloseTo(48 + 150 + 30, 9);
  // The last film begins at the top of what lies beneath it.
  expect(column.topStartsUm).toBeCloseTo(198, 9);
  expect(column.edgeTopStartsUm).toBeCloseTo(28 + 57.6, 9);
});

test('by roller a primer is sanded between its coats, a topcoat after each, 6.5 µm a time, never more than is there', () => {
  const hull = filmColumn([], [layer('primer', 3, 50), layer('topcoat', 1, 5)], null, 'hull');
  expect(figures(hull)).toEqual([
    [150, 13, 90, 13, 'nibs'],
    [5, 5, 3, 3, 'nibs'],
  ]);
  const sprayed = filmColumn([], [layer('primer', 3, 50)], null, 'panel');
  expect(figures(sprayed)).toEqual([[150, 0, 90, 0, 'none']]);
  expect(figures(filmColumn([], [layer('epoxy', 1, 40)], null, 'hull'))[0]![4]).toBe('scuffing');
});

describe('clear that is colour sanded', () => {
  const clear = {
    coats: 4,
    flatCoats: 3,
    edgeCoats: 4,
    tapeThrough: 2000 as const,
    removedFlatUm: 12,
    betweenUm: 10,
    sessions: { most: 2, cut: true },
    leftFlatUm: 74,
    leftEdgeUm: 44,
    figures: usualFilmFigures,
  };
  const of = (coats: number, budget = clear) =>
    filmColumn([], [layer('colour', 2, 15), layer('clear', coats, 25)], budget, 'panel');

  test('loses the ladder, what is cut between sessions and the second look: 12 + 10 + 4 of 100, 16 of 60 on edges', () => {
    const column = of(4);
    expect(figures(column)[1]).toEqual([100, 26, 60, 16, 'ladder']);
    expect(column).toMatchObject({ leftUm: 30 + 74, edgeLeftUm: 18 + 44, floorUm: 45, edgeFloorUm: 30 });
    expect(column).toMatchObject({ topStartsUm: 30, edgeTopStartsUm: 18 });
  });

  test('a coat fewer is as much cut; two fit one session and are not', () => {
    expect(figures(of(3))[1]).toEqual([75, 26, 45, 16, 'ladder']);
    expect(figures(of(2))[1]).toEqual([50, 16, 30, 6, 'ladder']);
  });

  test('that is not sanded keeps all, and has no floor', () => {
    const column = of(2, { ...clear, removedFlatUm: 0 });
    expect(figures(column)[1]).toEqual([50, 0, 30, 0, 'none']);
    expect(column.floorUm).toBeNull();
  });
});

test('a section without any film is empty', () => {
  expect(filmColumn([], [], null, 'panel')).toMatchObject({ leftUm: 0, topStartsUm: 0, floorUm: null });
});
