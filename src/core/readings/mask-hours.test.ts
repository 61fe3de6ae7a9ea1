import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import { plainMinutes } from '../steps';
import { minuteAt } from '../units';
import { maskHours } from './mask-hours';

test('masking that is done stands with its minutes by rate and by the log; what is ahead does not', () => {
  const start = minuteAt('2026-11-23', 480, demoShop.timeZone);
  const job = jobFixture();
  const input = {
    shop: demoShop,
    shelf: shelfOf(standardShelf),
    now: start,
    commitments: [],
    agreedStarts: new Map<string, number>(),
  };
  const plan = planJob({ job, ...input });
  const step = plan.steps.find((one) => one.operation === 'mask-all-colours' || one.operation === 'mask')!;
  const facts = [
    {
      step: step.key,
      status: 'done' as const,
      start,
      end: start + 90,
      remainingMin: null,
      personMinutes: 75,
      materialsMinor: 0,
      uses: [],
    },
  ];
  // Loading and wiping are done in the same stretch and are no masking.
  const load = plan.steps.find((one) => one.operation === 'load')!;
  facts.push({ ...facts[0]!, step: load.key });
  const done = new Set(facts.map((fact) => fact.step));
  const steps = plan.steps.map((one) => (done.has(one.key) ? { ...one, state: 'done' as const } : one));
  expect(maskHours({ facts, log: [] }, plan.steps, demoShop, [])).toEqual([]);
  expect(maskHours({ facts, log: [] }, steps, demoShop, [])).toEqual([
    { operation: step.operation, name: step.name, plannedMin: plainMinutes(step), takenMin: 75 },
  ]);
});
