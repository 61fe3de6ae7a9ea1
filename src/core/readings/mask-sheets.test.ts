import { dated, demoJobs } from '../../demo/jobs';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { planJob } from '../plan';
import { minuteAt } from '../units';
import { maskSheets, pullOrder, rollsOf, type MaskSheet } from './mask-sheets';

const shelf = shelfOf(standardShelf);
const coach = dated(
  demoJobs.find((one) => one.given.number === 'P-014')!,
  '2026-12-21',
);
const plan = planJob({
  job: coach,
  shop: demoShop,
  shelf,
  now: minuteAt(coach.arrival, 0, demoShop.timeZone),
  commitments: [],
  agreedStarts: new Map(),
});
const sheets = maskSheets(plan, shelf, () => 14);
const of = (step: string): MaskSheet => sheets.find((one) => one.step === step)!;

test('every mask has a tab of its own; bodies are lettered, masks of one numbered as they are laid', () => {
  const tabs = sheets.map((one) => one.tab);
  expect(new Set(tabs).size).toBe(tabs.length);
  const body = sheets.filter((one) => one.tab.startsWith('B'));
  expect(body.map((one) => one.tab)).toEqual(['B1', 'B2', 'B3', 'B4', 'B5']);
  expect(body.map((one) => one.start)).toEqual(body.map((one) => one.start).sort((a, b) => a - b));
  expect(of('sides/mask').tab).toBe('B1');
});

test('what lies beneath: the roof for all of the sides, the colours that stand for each later one', () => {
  expect(of('sides/mask').over).toEqual([
    { sections: ['roof'], pulledBy: 'sides/unmask', pulledAt: expect.any(Number) },
  ]);
  expect(of('sides~c.pale-barley/mask-field').over[0]!.sections).toEqual(['sides~c.gravel-ochre']);
  expect(of('sides/mask-field').over[0]!.sections).toEqual(['sides~c.gravel-ochre', 'sides~c.pale-barley']);
});

test('fine lines of 6 mm are masked by line of 6 mm: two outlines of 15.2 m, a tenth more for the laps', () => {
  const used = new Map(of('sides/mask-field').uses.map(({ product, amount }) => [product, amount]));
  expect(used.get('fine-line')).toBeCloseTo(2 * 15.2 * 1.1, 1);
  expect(used.has('paper-tape')).toBe(false);
});

test('at one step what was laid last comes off first', () => {
  const pulls = pullOrder(sheets);
  expect(pulls.map((one) => one.at)).toEqual(pulls.map((one) => one.at).sort((a, b) => a - b));
  expect(pulls.find((one) => one.step === 'sides/unmask')!.tabs).toEqual(['B4', 'B1']);
  // Every tab is pulled at some step.
  expect(new Set(pulls.flatMap((one) => one.tabs)).size).toBe(
    sheets.filter((one) => one.over.length > 0).length,
  );
});

test('a mask that lies while the clear is scuffed is changed before the last clear', () => {
  expect(of('sides/mask').remask).toEqual([
    { code: 'dust', step: expect.stringMatching(/^Scuff/), at: expect.any(Number) },
  ]);
  expect(of('sides/mask-field').remask).toEqual([]);
});

test('a mask that stays longer than its tape is rated for is told with both days', () => {
  const late = plan.covers.map((cover) =>
    cover.step === 'roof/mask' ? { ...cover, to: cover.from + 15 * 1440 } : cover,
  );
  const [why] = maskSheets({ ...plan, covers: late }, shelf, () => 14).find(
    (one) => one.step === 'roof/mask',
  )!.remask;
  expect(why).toEqual({ code: 'rating', days: 15, ratedDays: 14 });
});

test('rolls are whole rolls of the smallest size, of what nobody has laid yet', () => {
  const lines = rollsOf(sheets, shelf);
  for (const { product, amount, rolls, rollSize } of lines) {
    const all = sheets.flatMap((one) => one.uses).filter((use) => use.product === product);
    expect(amount).toBeCloseTo(
      all.reduce((sum, use) => sum + use.amount, 0),
      9,
    );
    expect(rolls * rollSize).toBeGreaterThanOrEqual(amount);
    expect((rolls - 1) * rollSize).toBeLessThan(amount);
  }
  expect(lines.find((one) => one.product === 'fine-line')!.rollSize).toBe(55);
  expect(
    rollsOf(
      sheets.map((one) => ({ ...one, ahead: false })),
      shelf,
    ),
  ).toEqual([]);
});
