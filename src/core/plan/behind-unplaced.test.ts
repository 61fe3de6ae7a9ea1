import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { acceptedSample } from '../record/sample.fixture';
import type { Shop } from '../shop';
import { minuteAt } from '../units';
import { behindUnplaced } from './behind-unplaced';
import { planJob } from '.';

const base = jobFixture({ level: 'Show' });
const job = { ...base, samples: base.colours.map(({ id }) => acceptedSample(id)) };
const planned = (shop: Partial<Shop> = {}) =>
  planJob({
    job,
    shop: { ...demoShop, ...shop },
    shelf: shelfOf(standardShelf),
    now: minuteAt('2026-11-23', 450, demoShop.timeZone),
    commitments: [],
    agreedStarts: new Map(),
  });

test('what nobody can do is not booked, nor what comes behind it; what comes before is', () => {
  const people = demoShop.people.map((one) => ({
    ...one,
    skills: one.skills.filter((skill) => skill !== 'polish'),
  }));
  const plan = planned({ people });
  const polish = plan.steps.filter((step) => step.people.includes('polish'));
  expect(polish.length).toBeGreaterThan(0);
  for (const step of polish) expect(step.heldBy.join()).toContain('somebody with the skill “polish”');
  const last = plan.steps.find((step) => step.operation === 'handover')!;
  expect(last.heldBy.length).toBeGreaterThan(0);
  const colour = plan.steps.filter((step) => step.coat?.role === 'colour');
  for (const step of colour) expect(step.heldBy).toEqual([]);
  expect(planned().steps.every((step) => step.heldBy.length === 0)).toBe(true);
});

test('what waits for a step without room is named, through links and through the stay that holds it', () => {
  const step = (key: string, hold: string | null = null) => ({ key, name: key.toUpperCase(), hold });
  const link = (from: string, to: string, min = 0) => ({ from, to, min, max: null, why: { code: 'order' } });
  const stay = { key: 'room', from: 'in', to: 'out' };
  const network = {
    steps: [step('a'), step('b'), step('c'), step('in'), step('w', 'room'), step('out', 'room'), step('z')],
    // Z lies behind A by a window alone, which reaches back.
    links: [link('a', 'b'), link('b', 'w'), link('out', 'c'), link('a', 'z', -60)],
    stays: [stay],
  } as unknown as Parameters<typeof behindUnplaced>[0];
  const found = behindUnplaced(network, ['a']);
  expect([...found.keys()].sort()).toEqual(['b', 'c', 'out', 'w']);
  expect(found.get('c')).toEqual(['“A”, which finds no room']);
  expect(behindUnplaced(network, []).size).toBe(0);
});
