import { demoShop } from '../../demo/shop';
import { usualFigures } from '../figures';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import { coatedPanels } from '../plan/coat-round';
import { acceptedSample } from '../record/sample.fixture';
import type { StockLevel } from '../stores';
import { drawnBySteps } from '../stores';
import { addDays, localDateOf, minuteAt } from '../units';
import { runsDry } from './runs-dry';

const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
const base = jobFixture({ level: 'Road' });
const job = { ...base, samples: base.colours.map(({ id }) => acceptedSample(id)) };
const plan = planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map() });
const given = { shelf, figures: usualFigures, timeZone: demoShop.timeZone };
const level = (product: string, onHand: number, expired = 0): [string, StockLevel] => [
  product,
  {
    product,
    onHand,
    expired,
    onOrder: 0,
    dueBy: null,
    firstExpiry: null,
    owed: 0,
    lentOut: 0,
  },
];
const drawn = drawnBySteps(plan.steps, plan.sessions, shelf, usualFigures);
const sealer = plan.steps
  .filter((step) => step.coat?.role === 'sealer')
  .sort((a, b) => a.start - b.start)
  .map((step) => ({ step, ...drawn.get(step.key)!.find((one) => one.product === step.coat!.product)! }));
const first = sealer[0]!;
const { product } = first;

test('half of what the first coat of sealer draws ends on the panel in the middle of its area, and one stops before it', () => {
  const panels = coatedPanels(first.step, plan);
  const half = panels.reduce((sum, one) => sum + one.m2, 0) / 2;
  let sum = 0;
  const at = panels.findIndex(({ m2 }) => (sum += m2) > half);
  const [dry] = runsDry(plan, [], new Map([level(product, first.amount / 2)]), given);
  expect(dry).toMatchObject({
    product,
    step: first.step.key,
    panel: panels[at]!.key,
    breakAfter: panels[at - 1]?.key ?? null,
  });
  expect(dry!.left).toBeCloseTo(first.amount / 2, 9);
  expect(dry!.needed).toBeCloseTo(first.amount, 9);
});

test('enough, nothing at all, and only expired stock are silent: the last two are lines to buy', () => {
  const all = sealer.reduce((sum, one) => sum + one.amount, 0);
  expect(runsDry(plan, [], new Map([level(product, all)]), given)).toEqual([]);
  expect(runsDry(plan, [], new Map([level(product, 0)]), given)).toEqual([]);
  expect(runsDry(plan, [], new Map([level(product, 1, 1)]), given)).toEqual([]);
});

test('what another job draws before is gone: the rest ends earlier', () => {
  const taken = { product, amount: first.amount / 4, at: first.step.start - 1, job: 'P-2' };
  const [dry] = runsDry(plan, [taken], new Map([level(product, first.amount)]), given);
  expect(dry!.left).toBeCloseTo((first.amount * 3) / 4, 9);
  // Drawn by the other after ours, it takes nothing from this step.
  const later = runsDry(
    plan,
    [{ ...taken, at: first.step.start + 1 }],
    new Map([level(product, first.amount)]),
    given,
  );
  expect(later.filter((one) => one.step === first.step.key)).toEqual([]);
});

test('an order that is due by the day of the step is there; one that is due after it, or on no day, is not', () => {
  const day = localDateOf(first.step.start, demoShop.timeZone);
  const ordered = (dueBy: string | null) => {
    const [key, own] = level(product, first.amount / 2);
    return runsDry(plan, [], new Map([[key, { ...own, onOrder: 1000, dueBy }]]), given);
  };
  expect(ordered(day)).toEqual([]);
  expect(ordered(addDays(day, 1))[0]).toMatchObject({ step: first.step.key });
  expect(ordered(null)[0]).toMatchObject({ step: first.step.key });
});
