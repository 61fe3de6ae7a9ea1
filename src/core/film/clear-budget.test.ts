import { clearBudget, usualFilmFigures, clearLeft, clearSessionSizes, takenBetween } from './clear-budget';
import type { LadderStep } from './ladder';

/** A ladder that takes 6, 3, 2 and 1 µm. Its first grit alone decides whether the texture is levelled. */
const steps = (first: LadderStep['grit'] = 1500): LadderStep[] =>
  [
    { grit: first, removalUm: 6 },
    { grit: 2000 as const, removalUm: 3 },
    { grit: 'cut' as const, removalUm: 2 },
    { grit: 'polish' as const, removalUm: 1 },
  ].map((one) => ({ ...one, passes: 1 }));
const asked = { ladder: { steps: steps() }, coatUm: 25, levelMinimum: 2, productMinimum: 2 };

describe('sessions of clear', () => {
  test('as many as the product takes at once, or half and half where they are cut flat between', () => {
    expect(clearSessionSizes(5, 2, false)).toEqual([2, 2, 1]);
    expect(clearSessionSizes(4, null, false)).toEqual([4]);
    expect(clearSessionSizes(0, 2, false)).toEqual([]);
    expect(clearSessionSizes(5, null, true)).toEqual([3, 2]);
    expect(clearSessionSizes(4, null, true)).toEqual([2, 2]);
    expect(clearSessionSizes(5, 4, true)).toEqual([3, 2]);
    expect(clearSessionSizes(6, 2, true)).toEqual([2, 2, 2]);
    // Two coats are not cut apart.
    expect(clearSessionSizes(2, null, true)).toEqual([2]);
  });

  test('each turn between them takes a scuff of 2 µm, or the texture of 10', () => {
    expect(takenBetween(5, { most: 2, cut: false })).toBe(4);
    expect(takenBetween(4, { most: null, cut: true })).toBe(10);
    expect(takenBetween(3, { most: 1, cut: true })).toBe(20);
    expect(takenBetween(0, { most: 2, cut: true })).toBe(0);
    expect(takenBetween(9, undefined)).toBe(0);
  });
});

describe('how many clears, with 45 µm to stay on flats, 30 on edges, 4 for the second look', () => {
  test('(45 + 12 + 4) / 25 = 2.44: three; untaped edges ask (30 + 24) / 15 = 3.6, taped through 1500 (30 + 12) / 15 = 2.8', () => {
    expect(clearBudget(asked)).toMatchObject({
      coats: 3,
      flatCoats: 3,
      edgeCoats: 3,
      tapeThrough: 1500,
      removedFlatUm: 12,
      leftFlatUm: 75 - 12 - 4,
      leftEdgeUm: 45 - 12,
    });
  });

  test('a ladder that starts at 1200 takes the whole texture of 10 µm, one grit finer only what it takes itself', () => {
    const removed = (first: LadderStep['grit']) =>
      clearBudget({ ...asked, ladder: { steps: steps(first) } }).removedFlatUm;
    expect([removed(1200), removed(1500), removed('cut')]).toEqual([16, 12, 12]);
  });

  test('scuffed once between sessions of two: (45 + 12 + 4 + 2) / 25 = 2.52, still three, and 2 µm less left', () => {
    const budget = clearBudget({ ...asked, sessions: { most: 2, cut: false } });
    expect(budget).toMatchObject({ coats: 3, betweenUm: 2, leftFlatUm: 57, leftEdgeUm: 31 });
  });

  test('cut flat between: edges taped as far as sanding goes still ask (30 + 10 + 6) / 15 = 3.07, so four', () => {
    const budget = clearBudget({ ...asked, sessions: { most: 2, cut: true } });
    expect(budget).toMatchObject({
      coats: 4,
      flatCoats: 3,
      edgeCoats: 4,
      tapeThrough: 2000,
      betweenUm: 10,
      leftFlatUm: 100 - 12 - 4 - 10,
      leftEdgeUm: 60 - 6 - 10,
    });
  });

  test('one a session and cut: 3, 4, 5 coats are each too few for what goes between them; six lose 50 and hold', () => {
    const budget = clearBudget({ ...asked, sessions: { most: 1, cut: true } });
    // 6: flats (45 + 12 + 4 + 50) / 25 = 4.44, edges (30 + 50 + 6) / 15 = 5.73.
    expect(budget).toMatchObject({ coats: 6, betweenUm: 50, leftFlatUm: 150 - 66, leftEdgeUm: 90 - 56 });
  });

  test('nothing is sanded: the minima alone, all of it left but the scuff between', () => {
    const bare = { ...asked, ladder: { steps: [] }, levelMinimum: 3 };
    expect(clearBudget(bare)).toMatchObject({
      coats: 3,
      flatCoats: 0,
      edgeCoats: 0,
      tapeThrough: null,
      removedFlatUm: 0,
      leftFlatUm: 75,
      leftEdgeUm: 45,
    });
    const scuffed = clearBudget({ ...bare, sessions: { most: 2, cut: false } });
    expect(scuffed).toMatchObject({ coats: 3, betweenUm: 2, leftFlatUm: 73, leftEdgeUm: 43 });
  });
});

describe('a typed number of clears against the budget', () => {
  const clear = {
    coats: 4,
    leftFlatUm: 74,
    leftEdgeUm: 44,
    betweenUm: 10,
    sessions: { most: 2, cut: true },
    figures: usualFilmFigures,
  };

  test('each coat fewer leaves 25 µm less, 15 on edges; two fit one session, and nothing goes between them', () => {
    expect(clearLeft(clear, 4, 25)).toEqual({ flatUm: 74, edgeUm: 44, through: 'none' });
    expect(clearLeft(clear, 3, 25)).toEqual({ flatUm: 49, edgeUm: 29, through: 'none' });
    expect(clearLeft(clear, 2, 25)).toEqual({ flatUm: 34, edgeUm: 24, through: 'none' });
    // Five need a third session: 10 µm more between.
    expect(clearLeft(clear, 5, 25)).toEqual({ flatUm: 89, edgeUm: 49, through: 'none' });
  });

  test('no less than nothing is left, and it says where the work goes through', () => {
    expect(clearLeft(clear, 0, 25)).toEqual({ flatUm: 0, edgeUm: 0, through: 'flats' });
    const thin = {
      coats: 3,
      leftFlatUm: 20,
      leftEdgeUm: 5,
      betweenUm: 0,
      figures: usualFilmFigures,
      sessions: null,
    };
    expect(clearLeft(thin, 2, 20)).toEqual({ flatUm: 0, edgeUm: 0, through: 'edges' });
    expect(clearLeft({ ...thin, leftEdgeUm: 12 }, 2, 20)).toEqual({ flatUm: 0, edgeUm: 0, through: 'none' });
  });
});

describe('figures of a shop’s own', () => {
  const of = (over: Partial<typeof usualFilmFigures>, first?: LadderStep['grit']) =>
    clearBudget({ ...asked, ladder: { steps: steps(first) }, figures: { ...usualFilmFigures, ...over } });

  test('60 µm that stay in place of 45: (60 + 12 + 4) / 25 is four coats, not three', () => {
    // P1500 takes the peaks alone: 6 + 3 + 2 + 1.
    expect([of({}).flatCoats, of({ residualUm: 60 }).flatCoats]).toEqual([3, 4]);
    expect(of({ residualUm: 60 }).leftFlatUm).toBe(4 * 25 - 12 - 4);
  });

  test('no second look spares its 4 µm', () => {
    expect(of({ secondLookUm: 0 }).leftFlatUm).toBe(3 * 25 - 12);
  });

  test('a gun that leaves 30 µm of texture costs 20 more where the first grit levels it', () => {
    // (45 + 10 + 6 + 4) / 25 = 2.6 and (45 + 30 + 6 + 4) / 25 = 3.4.
    expect([of({}, 1000).flatCoats, of({ textureUm: 30 }, 1000).flatCoats]).toEqual([3, 4]);
    expect(of({ textureUm: 30 }).flatCoats).toBe(3);
  });

  test('an edge with nine tenths of the film that loses no more than a flat needs no tape', () => {
    // (30 + 12) / 22.5 = 1.9 against (30 + 24) / 15 = 3.6.
    expect(of({ edgeShare: 0.9, edgeTakes: 1 })).toMatchObject({ edgeCoats: 2, tapeThrough: null });
    expect(of({}).tapeThrough).not.toBeNull();
  });
});
