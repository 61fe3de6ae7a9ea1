import { closesAcross, potLifeAt, waitAcross, wetEdgeAt } from './time-at-temperature';

const sheet = { sheetC: 20, minAirC: 12, maxAirC: 32 };

test('a pot of 4 h at 20 °C: 2 h at 30, 1 h at 40 although nothing is sprayed there, never more than 4 h in the cold', () => {
  const mixed = { ...sheet, potLifeMin: 240 };
  expect([5, 20, 30, 40].map((airC) => potLifeAt(mixed, airC))).toEqual([240, 240, 120, 60]);
  expect(potLifeAt(sheet, 20)).toBeNull();
});

test('an edge stays wet for 10 minutes at 20 °C, 5 at 30, and no longer in the cold', () => {
  const edge = (airC: number) => wetEdgeAt({ sheetC: 20, wetEdgeMin: 10 }, airC);
  expect([10, 20, 30].map(edge)).toEqual([10, 10, 5]);
});

describe('a window of 10 h at 20 °C', () => {
  const paint = { ...sheet, recoatMaxMin: 600 };

  test('half of it by day; the rest closes as at 32 °C where it is warmer: 600 / 2^1.2 = 261.2, half of that', () => {
    const air = [
      { untilMin: 300, airC: 20 },
      { untilMin: 900, airC: 40 },
    ];
    expect(closesAcross(paint, 'recoatMaxMin', 0, air)).toBe(300 + 130);
  });

  test('cold lengthens nothing, also below the limits; a sheet without a window has none', () => {
    expect(closesAcross(paint, 'recoatMaxMin', 0, [{ untilMin: 0, airC: 5 }])).toBe(600);
    expect(closesAcross(sheet, 'recoatMaxMin', 0, [{ untilMin: 0, airC: 20 }])).toBeNull();
  });
});

describe('a wait of an hour', () => {
  const paint = { ...sheet, sandAfterMin: 60 };

  test('that began after the first air had ended knows only the second', () => {
    const air = [
      { untilMin: 100, airC: 30 },
      { untilMin: 900, airC: 20 },
    ];
    expect(waitAcross(paint, 'sandAfterMin', 200, air)).toBe(60);
    expect(waitAcross(paint, 'sandAfterMin', 200, [{ untilMin: 0, airC: 20 }])).toBe(60);
  });

  test('that ends in the very minute in which it turns too cold has ended', () => {
    const air = [
      { untilMin: 60, airC: 20 },
      { untilMin: 900, airC: 8 },
    ];
    expect(waitAcross(paint, 'sandAfterMin', 0, air)).toBe(60);
    expect(waitAcross(paint, 'sandAfterMin', 1, air)).toBeNull();
  });
});
