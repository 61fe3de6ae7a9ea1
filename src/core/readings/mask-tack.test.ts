import { shelfOf, standardShelf } from '../film';
import { maskTacks } from './mask-tack';
import type { PlannedStep } from '../plan/model';

const epoxy = shelfOf(standardShelf).get('epoxy-primer')!;
// Bears tape after 10 h, cured after 7 days, both at 20 °C.
const shelf = new Map([
  [
    'film',
    {
      ...epoxy,
      code: 'film',
      coating: { ...epoxy.coating!, airC: 20, tapeAfterMin: 600, fullCureMin: 10_080, morePoints: [] },
    },
  ],
]);
const step = (key: string, start: number, end: number, more: object = {}) =>
  ({
    key,
    start,
    end,
    operation: 'spray',
    sections: ['sides'],
    coat: null,
    skipped: false,
    ...more,
  }) as unknown as PlannedStep;
const coat = (key: string, start: number, end: number, more: object = {}) =>
  step(key, start, end, { coat: { product: 'film' }, ...more });
const mask = (start: number, more: object = {}) =>
  step('mask 2', start, start + 120, { operation: 'mask', ...more });
const tackOf = (...steps: PlannedStep[]) =>
  maskTacks(steps, shelf, { bayC: 20, rated: () => 14 }).get('mask 2');

describe('how tape is laid over a film of the job, worked by hand', () => {
  test.each([
    ['nine hours old: one hour too fresh', 540, { code: 'too-fresh', leftMin: 60 }],
    [
      'ten hours: bears tape, knocked back twice until three times that age',
      600,
      { code: 'knock-back', times: 2 },
    ],
    ['thirty hours: once', 1800, { code: 'knock-back', times: 1 }],
    ['seven days: as it comes', 10_080, { code: 'as-it-comes' }],
  ])('%s', (_, ageMin, advice) => {
    expect(tackOf(coat('a', 0, 60), mask(60 + ageMin))).toEqual({
      product: 'film',
      ageMin,
      advice,
      // A fortnight from the end of the masking.
      pullBy: 60 + ageMin + 120 + 20_160,
    });
  });

  test('the last coat that lies when the tape is laid counts, not one that comes later or lies elsewhere', () => {
    const steps = [
      coat('a', 0, 60),
      coat('b', 100, 160),
      coat('elsewhere', 200, 260, { sections: ['roof'] }),
      coat('later', 2000, 2060),
    ];
    expect(tackOf(...steps, mask(1000))?.ageMin).toBe(840);
  });

  test('a coat that is skipped lays no film, and a masking that is skipped asks for nothing', () => {
    expect(tackOf(coat('a', 0, 60), coat('b', 100, 160, { skipped: true }), mask(1060))?.ageMin).toBe(1000);
    expect(tackOf(coat('a', 0, 60), mask(1060, { skipped: true }))).toBeUndefined();
  });

  test('nothing is said of tape on what was there before the job', () => {
    expect(tackOf(mask(1060))).toBeUndefined();
  });
});
