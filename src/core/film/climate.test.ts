import { climateStops, speedFor } from './climate';

const limits = { minAirC: 12, maxAirC: 32, minSurfaceC: 10, maxHumidity: 75, dewMarginC: 3 };

// Dew point by Magnus at 20 °C and 50 %: 9.3 °C; at 12 °C and 50 %: 1.9 °C (tables of moist air).
describe('air in which a product may be applied', () => {
  const codes = (airC: number, surfaceC: number, humidity: number) =>
    climateStops(limits, { airC, surfaceC, humidity }).map((stop) => stop.code);

  test('at its limits it still may, past each of them it is told which', () => {
    expect(codes(12, 10, 50)).toEqual([]);
    expect(codes(32, 31, 50)).toEqual([]);
    expect(codes(20, 19, 75)).toEqual([]);
    expect(codes(11.9, 11, 50)).toEqual(['air-cold']);
    expect(codes(32.1, 31, 50)).toEqual(['air-hot']);
    expect(codes(13, 9.9, 50)).toEqual(['surface-cold']);
    expect(codes(20, 19.9, 75.1)).toEqual(['humid']);
  });

  test('a surface less than 3 K above the dew point waits: 12.2 °C beside 9.3 °C is too near, 12.4 °C is not', () => {
    expect(codes(20, 12.2, 50)).toEqual(['dew']);
    expect(codes(20, 12.4, 50)).toEqual([]);
  });

  test('each stop says the figure and its limit', () => {
    const [cold, surface, humid, dew] = climateStops(limits, { airC: 5, surfaceC: 4, humidity: 90 });
    expect(cold).toEqual({ code: 'air-cold', airC: 5, limitC: 12 });
    expect(surface).toEqual({ code: 'surface-cold', surfaceC: 4, limitC: 10 });
    expect(humid).toEqual({ code: 'humid', humidity: 90, limit: 75 });
    expect(dew).toMatchObject({ code: 'dew', surfaceC: 4, marginC: 3 });
    expect(climateStops(limits, { airC: 40, surfaceC: 40, humidity: 10 })).toEqual([
      { code: 'air-hot', airC: 40, limitC: 32 },
    ]);
  });
});

test('reducers by the air: fast below 18, medium to 24, slow to 30, very slow above; one slower over 20 m²', () => {
  expect([17.9, 18, 24, 24.1, 30, 30.1].map((airC) => speedFor(airC, 20))).toEqual([
    'fast',
    'medium',
    'medium',
    'slow',
    'slow',
    'very slow',
  ]);
  expect([10, 20, 27, 35].map((airC) => speedFor(airC, 20.1))).toEqual([
    'medium',
    'slow',
    'very slow',
    'very slow',
  ]);
});
