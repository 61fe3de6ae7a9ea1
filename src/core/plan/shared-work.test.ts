import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { acceptedSample } from '../record/sample.fixture';
import type { Shop } from '../shop';
import { addDays, localDateOf, minuteAt } from '../units';
import { planJob, type Plan } from '.';

const zone = demoShop.timeZone;
const now = minuteAt('2026-11-23', 420, zone);
const base = jobFixture({ bodyKind: 'saloon', level: 'Show' });
const job = { ...base, samples: base.colours.map(({ id }) => acceptedSample(id)) };
const planIn = (shop: Shop) =>
  planJob({ job, shop, shelf: shelfOf(standardShelf), now, commitments: [], agreedStarts: new Map() });
const kept = (limit: number): Shop => ({
  ...demoShop,
  figures: [
    ...demoShop.figures,
    { key: 'strain.kept', scope: 'shop', of: '', value: 1 },
    { key: 'strain.hand', scope: 'shop', of: '', value: limit },
  ],
});

/** Minutes of sanding by hand by person and day, summed here from who is on what when. */
function sandingByDay(plan: Plan): Map<string, number> {
  const days = new Map<string, number>();
  for (const step of plan.steps) {
    if (!/^(block|colour-sand|refine|scuff)/.test(step.operation) || step.shares.length === 0) continue;
    for (const { person, start, end } of step.shares) {
      const name = `${person} ${localDateOf(start, zone)}`;
      days.set(name, (days.get(name) ?? 0) + end - start);
    }
  }
  return days;
}

describe('limits of strain that are kept', () => {
  test.each([240, 150])(
    'nobody sands by hand for more than %d minutes a day, and all of it is done',
    (limit) => {
      const plan = planIn(kept(limit));
      const days = sandingByDay(plan);
      expect(days.size).toBeGreaterThan(10);
      expect(Math.max(...days.values())).toBeLessThanOrEqual(limit);
      const shared = plan.steps.filter((step) => step.shares.length > 0);
      for (const { minutes, crew, shares } of shared) {
        const done = shares.reduce((sum, one) => sum + one.end - one.start, 0);
        expect(done).toBeGreaterThanOrEqual(minutes * crew);
        // Each part is rounded up to a minute.
        expect(done).toBeLessThan(minutes * crew + shares.length);
      }
      expect(plan.warnings.filter((one) => one.code === 'hard-days' && one.kind === 'hand')).toEqual([]);
    },
  );

  test('said only, the day is as long as it is and nothing is shared out', () => {
    const plan = planIn(demoShop);
    expect(plan.steps.every((step) => step.shares.length === 0)).toBe(true);
    expect(plan.warnings.some((one) => one.code === 'hard-days' && one.kind === 'hand')).toBe(true);
  });
});

describe('idle hands', () => {
  const firstBlock = (plan: Plan) => plan.steps.find((step) => step.operation === 'block')!;
  /** Two can sand: Dot and Jun. */
  const two = (daysOff: Shop['people'][number]['daysOff']): Shop => ({
    ...demoShop,
    people: demoShop.people
      .filter((one) => ['ines', 'dot', 'jun'].includes(one.id))
      .map((one) => ({
        ...one,
        skills: one.id === 'ines' ? ['paint', 'metal'] : one.skills,
        daysOff: one.id === 'jun' ? daysOff : [],
      })),
  });
  const together = firstBlock(planIn(two([])));
  const day = localDateOf(together.start, zone);
  const back = addDays(day, 14);
  const alone = firstBlock(planIn(two([{ from: day, to: addDays(back, -1), reason: '' }])));

  test('while both are there they block together', () => {
    expect([together.crew, together.shares.length]).toEqual([2, 0]);
  });

  test('with one away for two weeks the other blocks panel after panel, in twice the time', () => {
    expect(alone.start).toBeLessThan(minuteAt(back, 0, zone));
    expect(alone.shares.map((one) => one.person)).toEqual(['dot', 'dot']);
    expect(alone.uses.filter((id) => id === 'dot' || id === 'jun')).toEqual(['dot']);
    expect(alone.personMinutes).toBe(together.personMinutes);
  });
});
