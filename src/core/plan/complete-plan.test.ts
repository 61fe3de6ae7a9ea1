import { demoScenario } from '../../demo/load-demo';
import { completePlan } from './complete-plan';
import { commitmentsOf } from './commitments';
import type { Plan } from './model';

const now = Date.parse('2026-12-24T09:00:00Z') / 60000;
const plan = demoScenario(now).jobs.find((one) => one.job.number === 'P-014')!.agreed!;

/** As the first Coatrel stored it: without gates, quotes, edits by hand, pools, VOC and waste. */
function asFirstStored(): Plan {
  const old = JSON.parse(JSON.stringify(plan)) as Record<string, unknown> & {
    steps: Record<string, unknown>[];
  };
  for (const key of ['pools', 'voc', 'waste', 'allowance']) delete old[key];
  for (const step of old.steps)
    for (const key of ['heldBy', 'quotedMinor', 'computedMinutes', 'skipped', 'note']) delete step[key];
  return old as unknown as Plan;
}

test('a plan agreed under the first Coatrel takes people and places as the same plan does today', () => {
  expect(commitmentsOf(completePlan(asFirstStored()))).toEqual(commitmentsOf(plan));
});

test('a plan of today is left as it is', () => {
  expect(completePlan(plan)).toEqual(plan);
});
