import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf, type CoatingSheet, type Product } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import type { Job } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import type { Shop } from '../shop';
import { minuteAt } from '../units';
import { coatCards, type CoatTrouble } from './coat-card';

const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 }, level: 'Road' });
const job: Job = { ...base, samples: base.colours.map(({ id }) => acceptedSample(id)) };
const withSheet = (code: string, over: Partial<CoatingSheet>): Product[] =>
  standardShelf.map((one) => (one.code === code ? { ...one, coating: { ...one.coating!, ...over } } : one));
const cards = (
  over: Partial<Job> = {},
  shopOver: Partial<Shop> = {},
  products: readonly Product[] = standardShelf,
) => {
  const given = { job: { ...job, ...over }, shop: { ...demoShop, ...shopOver }, shelf: shelfOf(products) };
  const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
  const plan = planJob({ ...given, now, commitments: [], agreedStarts: new Map() });
  return { plan, all: coatCards(plan, given) };
};
const clearOf = (given: ReturnType<typeof cards>) =>
  given.all.find((one) => one.product === 'clear-21' && one.coat === 1 && one.step.startsWith('sides/'))!;
const sheet = standardShelf.find((one) => one.code === 'clear-21')!.coating!;

test('each coat ahead that is sprayed has a card, in the order of the plan', () => {
  const { plan, all } = cards();
  const sprayed = plan.steps.filter((step) => step.coat !== null);
  expect(all.map((one) => one.step).sort()).toEqual(sprayed.map((step) => step.key).sort());
  expect([...all].sort((a, b) => a.start - b.start)).toEqual(all);
});

test('a round by the motion of the gun: 1.8 m² a minute at 24 m/min, half over the last, and the refills of 0.6 L', () => {
  const card = clearOf(cards());
  // 0.25 m × half × 24 m/min × 0.6 of the time.
  expect(sheet.application.fanCm ?? 25).toBe(25);
  const refills = Math.ceil(card.litres / 0.6) - 1;
  expect(card.roundMin).toBeCloseTo(card.areaM2 / 1.8 + refills * 1.5, 6);
});

test('a painter who moves the gun half as fast takes twice as long between the refills; nobody else does', () => {
  const usual = cards();
  const card = clearOf(usual);
  const by = (painter: string) =>
    clearOf(cards({}, { figures: [{ key: 'gun.speed', scope: 'painter', of: painter, value: 12 }] }));
  const has = usual.plan.steps.find((step) => step.key === card.step)!.uses[0]!;
  const refills = 1.5 * (Math.ceil(card.litres / 0.6) - 1);
  expect(by(has).roundMin).toBeCloseTo(card.areaM2 / 0.9 + refills, 6);
  expect(by(has === 'ines' ? 'marek' : 'ines').roundMin).toBeCloseTo(card.roundMin, 6);
});

test('the edge stays open half as long at ten degrees more, and a slow gun then wants a second painter, priced', () => {
  const places = demoShop.places.map((one) =>
    one.kind === 'booth' ? { ...one, airC: sheet.sheetC + 10 } : one,
  );
  const warm = clearOf(cards({}, { places }));
  expect(warm.airC).toBeCloseTo(sheet.sheetC + 10, 6);
  expect(warm.edgeMin).toBeCloseTo(sheet.wetEdgeMin / 2, 6);
  // Four metres a minute: 0.25 × ½ × 4 × 0.6 = 0.3 m² a minute.
  const slow = cards({ figures: [{ key: 'gun.speed', scope: 'job', of: '', value: 4 }] });
  const card = clearOf(slow);
  const sides = slow.plan.parts.filter((one) => one.section === 'sides');
  // The few square decimetres of insides are sprayed with it.
  const of = (one: (typeof sides)[number]) => one.outsideM2 + one.insideM2;
  const m2 = (side: string) =>
    sides.filter((one) => one.side === side).reduce((sum, one) => sum + of(one), 0);
  const largest = Math.max(...['left', 'right', 'front', 'rear'].map(m2));
  expect(card.areaM2).toBeCloseTo(
    sides.reduce((sum, one) => sum + of(one), 0),
    6,
  );
  const refills = Math.max(0, Math.ceil((card.litres * largest) / card.areaM2 / 0.6) - 1);
  expect(card.stretchMin).toBeCloseTo(largest / 0.3 + refills * 1.5, 6);
  const trouble = card.troubles.find((one) => one.code === 'edge-dries') as Extract<
    CoatTrouble,
    { code: 'edge-dries' }
  >;
  const hands = slow.plan.steps.find((step) => step.key === card.step)!.crew;
  const needed = Math.ceil(card.stretchMin / card.edgeMin);
  expect(needed).toBeGreaterThan(hands);
  expect(trouble.painters).toBe(Math.min(3, needed));
  expect(trouble.breakAtLine).toBe(needed > 3);
  const more = trouble.painters - hands;
  expect(trouble.costMinor).toBe(
    Math.round((more * (card.end - card.start) * demoShop.labourRateMinorPerHour) / 60),
  );
  // The plan warns of it too, once for the session, with the same figures.
  const told = slow.plan.warnings.filter((one) => one.code === 'edge-dries' && one.step.startsWith('sides/'));
  expect(told.length).toBeGreaterThan(0);
  expect(told).toContainEqual(expect.objectContaining({ product: 'clear-21', painters: trouble.painters }));
  expect(
    cards().plan.warnings.some((one) => one.code === 'edge-dries' && one.step.startsWith('sides/')),
  ).toBe(false);
  expect(clearOf(cards()).troubles).toEqual([]);
  // What dries matt under the next coat needs no open edge.
  const matt = slow.all.filter((one) => !['clear-21'].includes(one.product));
  expect(matt.length).toBeGreaterThan(2);
  for (const one of matt) expect(one.troubles.some(({ code }) => code === 'edge-dries')).toBe(false);
});

test('a coat that outlasts its pot says how many it takes, when each is mixed and dies, and at which panel it takes over', () => {
  const short = withSheet('clear-21', { potLifeMin: 6, inductionMin: 0, morePoints: [] });
  const { all } = cards({}, {}, short);
  const card = all.find((one) => one.product === 'clear-21' && one.gunMin > 7)!;
  const trouble = card.troubles.find((one) => one.code === 'outlasts-pot') as Extract<
    CoatTrouble,
    { code: 'outlasts-pot' }
  >;
  expect(trouble.pots).toBe(Math.ceil(card.gunMin / trouble.lifeMin));
  expect(card.pots.length).toBeGreaterThan(1);
  for (const pot of card.pots) expect(pot.diesAt! - pot.usedFrom).toBe(trouble.lifeMin);
  const [first, second] = card.pots;
  expect(first!.fromPanel).toBeNull();
  expect(second!.fromPanel).not.toBeNull();
  expect(second!.usedFrom).toBeGreaterThan(card.start);
});

test('air outside the limits of a product is told with both', () => {
  const narrow = withSheet('clear-21', { maxAirC: 19 });
  const card = clearOf(cards({}, {}, narrow));
  expect(card.troubles).toContainEqual({
    code: 'outside-air',
    airC: card.airC,
    leastC: sheet.minAirC,
    mostC: 19,
  });
});
