import { demoScenario } from '../../demo/load-demo';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { usualFigures } from '../figures';
import { makeOffer, stagesDue } from '../offer';
import { planJob } from '../plan';
import { localDateOf, minuteAt } from '../units';
import { ownerView } from './owner-view';

const zone = demoShop.timeZone;
const now = minuteAt('2026-12-24', 540, zone);
const shelf = shelfOf(standardShelf);
const { jobs } = demoScenario(now);
const job = jobs.find((one) => one.job.number === 'P-014')!.job;
const plan = planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map() });
const offer = makeOffer(plan, {
  job,
  shop: demoShop,
  shelf,
  figures: usualFigures,
  terms: demoShop.offerTerms,
  number: 1,
  now,
  discount: null,
  note: '',
});
const forecast = {
  onDate: '2026-12-24',
  promised: job.promised,
  planned: plan.finishDate!,
  p50: '2027-01-26',
  p80: '2027-02-05',
  kept: 0.2,
  plannedLabourMin: 1,
  p50LabourMin: 1,
  p80LabourMin: 1,
};
const view = ownerView({
  job,
  plan,
  now,
  timeZone: zone,
  forecast,
  open: [],
  accepted: offer,
  payments: stagesDue(offer, plan),
  photos: [],
});

test('half way through: what was finished in the last seven days, what comes next in its order, both by their days', () => {
  expect(view.done.length).toBeGreaterThan(0);
  for (const { day } of view.done) {
    expect(day >= '2026-12-17').toBe(true);
    expect(day <= '2026-12-24').toBe(true);
  }
  const days = view.next.map((one) => one.day);
  expect(days.length).toBeGreaterThan(1);
  expect([...days].sort()).toEqual(days);
  expect(view.today.map((one) => one.section)).toEqual(plan.sections.map((one) => one.name));
});

test('hours by stretch of the work come to those of the plan, beside what was quoted', () => {
  const used = view.hours.reduce((sum, one) => sum + one.usedMin, 0);
  expect(used).toBe(plan.steps.reduce((sum, step) => sum + step.usedMin, 0));
  const strip = view.hours.find((one) => one.phase === 'strip')!;
  // Quoted from the same plan: what is expected is what was quoted, to the minute.
  expect(strip.quotedMin).toBe(Math.round(strip.expectedMin));
});

test('budgets are shares of what was agreed; the day has its range', () => {
  const labour = view.budgets.find((one) => one.budget === 'labour')!;
  expect(labour.used).toBeCloseTo(plan.budgets.labourMin.used / plan.budgets.labourMin.cap, 9);
  expect(view.promise).toMatchObject({ promised: job.promised, planned: plan.finishDate, p80: '2027-02-05' });
  expect(localDateOf(now, zone) <= view.promise.p80!).toBe(true);
});

test('nothing of the shop, its people, its prices or another job is in it', () => {
  const text = JSON.stringify(view);
  for (const { name } of demoShop.people) expect(text).not.toMatch(new RegExp(`\\b${name}\\b`));
  for (const other of jobs.filter((one) => one.job.number !== 'P-014')) {
    expect(text).not.toContain(other.job.number);
    expect(text).not.toContain(other.job.name);
  }
  expect(text).not.toContain(String(demoShop.labourRateMinorPerHour));
  expect(text).not.toMatch(/rateMinor|margin|vendor|uses"/);
});

test('an open quote and a colour without an accepted sample wait for a word; what is settled does not', () => {
  // The demo coach has a question of its own that waits.
  expect(view.waits.map((one) => one.code)).toEqual(['decision']);
  const bare = { ...job, samples: [], log: [] };
  const replanned = planJob({
    job: bare,
    shop: demoShop,
    shelf,
    now,
    commitments: [],
    agreedStarts: new Map(),
  });
  const waits = ownerView({
    job: bare,
    plan: replanned,
    now,
    timeZone: zone,
    forecast: null,
    photos: [],
    open: [offer],
    accepted: null,
    payments: [],
  }).waits;
  expect(waits[0]).toEqual({
    code: 'quote',
    number: 1,
    grossMinor: offer.grossMinor,
    validUntil: offer.validUntil,
  });
  const samples = waits.flatMap((one) => (one.code === 'sample' ? [one.colour] : []));
  expect(samples).toEqual(expect.arrayContaining(['Sluice Green', 'Pale Barley']));
});

test('photos that were chosen are of the last seven days, the latest first; a question has those of its panel, whenever they were taken', () => {
  const photo = (sha256: string, part: string | null, takenOn: string) => ({
    sha256,
    part,
    caption: '',
    takenOn,
    widthPx: 4,
    heightPx: 3,
  });
  const photos = [
    photo('a', 'B4L', '2026-12-02'),
    photo('b', null, '2026-12-17'),
    photo('c', 'R1', '2026-12-24'),
    photo('d', 'R1', '2026-12-16'),
  ];
  const way = { name: 'mend it', hours: 3, moneyMinor: 20_000, days: 1 };
  const asked = {
    id: 'q1',
    what: 'rust',
    part: 'B4L',
    find: '',
    gate: '',
    ways: [way],
    askedOn: '2026-12-23',
    chosen: null,
    answeredBy: '',
    answeredOn: null,
    said: '',
  };
  const seen = ownerView({
    job: {
      ...job,
      decisions: [
        { ...asked, answer: 'open' },
        { ...asked, id: 'q2', answer: 'refused' },
      ],
    },
    plan,
    now,
    timeZone: zone,
    forecast: null,
    open: [],
    accepted: null,
    payments: [],
    photos,
  });
  expect(seen.photos.map((one) => one.sha256)).toEqual(['c', 'b']);
  expect(seen.waits.filter((one) => one.code === 'decision')).toEqual([
    { code: 'decision', id: 'q1', what: 'rust', ways: [way], photos: [photos[0]] },
  ]);
});
