import { dated, demoJobs } from '../../demo/jobs';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { minuteAt, type LocalDate } from '../units';
import { planJob, type Plan } from '.';

const shelf = shelfOf(standardShelf);
const monday: LocalDate = '2026-12-21';
/** The demo coach as it arrives: three colours on its sides under one clear. */
const coach = dated(
  demoJobs.find((one) => one.given.number === 'P-014')!,
  monday,
);
const arrival = minuteAt(coach.arrival, 0, demoShop.timeZone);
const planned = (agreedStarts: ReadonlyMap<string, number> = new Map()) =>
  planJob({ job: coach, shop: demoShop, shelf, now: arrival, commitments: [], agreedStarts });
const plan = planned();
const stepOf = (key: string, of: Plan = plan) => of.steps.find((step) => step.key === key)!;

describe('one clear over several colours', () => {
  const clear = stepOf('sides/clear-1/clear-1');
  const band = stepOf('sides~c.gravel-ochre/paint/colour-1');
  const sides = stepOf('sides/paint/colour-1');

  test('a base is cleared within a day of its first coat, or scuffed: no clear waits until a base can be sanded', () => {
    // Basecoat: 24 h to recoat, 24 h to sand; wet in wet the clear comes inside the one, never after the other.
    expect(clear.start - (sides.end - sides.figure.flashMin)).toBeLessThanOrEqual(1440);
    expect(plan.windows.find((one) => one.from === sides.key)).toMatchObject({ remedy: null });
  });

  test('only what has closed is scuffed again: band and fine lines of two days before, not the sides', () => {
    expect(clear.start - band.end).toBeGreaterThan(1440);
    const scuffing = stepOf('sides/clear-1/clear-1/scuff-again');
    expect([...scuffing.sections].sort()).toEqual(['sides~c.gravel-ochre', 'sides~c.pale-barley']);
    // Scuffing waits for the last coat of the band, by its sheet a day at 20 °C and longer in a bay of 18 °C.
    const last = stepOf('sides~c.gravel-ochre/paint/colour-3');
    expect(scuffing.start - last.end).toBeGreaterThanOrEqual(1440);
    const state = plan.windows.find((one) => one.from === band.key && one.to === clear.key)?.state;
    expect(state).toBe('remedied');
  });

  test('the accepted plan proposes itself, scuffing and all', () => {
    const again = planned(new Map(plan.steps.map((step) => [step.key, step.start])));
    expect(again.steps.map(({ key, start, sections }) => [key, start, sections])).toEqual(
      plan.steps.map(({ key, start, sections }) => [key, start, sections]),
    );
  });
});

test('the coach ends on its promised day with band and fine lines', () => {
  expect(plan.finishDate).toBe(coach.promised);
  expect(plan.warnings.map((one) => one.code)).not.toContain('late');
});

describe('what of the body lies covered', () => {
  const at = (section: string, minute: number) =>
    plan.covers.some(
      (cover) => cover.sections.includes(section) && cover.from <= minute && minute < (cover.to ?? Infinity),
    );

  test('while the sides are sprayed the roof and the band that stands lie under paper, the sides themselves do not', () => {
    const spraying = stepOf('sides/paint/colour-2').start;
    expect(at('roof', spraying)).toBe(true);
    expect(at('sides~c.gravel-ochre', spraying)).toBe(true);
    expect(at('sides', spraying)).toBe(false);
  });

  test('before the clear every line is open again', () => {
    const clearing = stepOf('sides/clear-1/clear-1').start;
    for (const area of ['sides', 'sides~c.gravel-ochre', 'sides~c.pale-barley'])
      expect(at(area, clearing)).toBe(false);
    expect(at('roof', clearing)).toBe(true);
  });
});
