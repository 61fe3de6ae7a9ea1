import type { Plan, PlannedStep } from '../plan/model';
import { againstLast } from '.';

const step = (phase: string, usedMin: number, leftMin: number, state: PlannedStep['state'] = 'planned') =>
  ({ phase, usedMin, leftMin, state }) as PlannedStep;
const area = (outsideM2: number, layers = 1) =>
  ({ outsideM2, insideM2: 0, layers: Array.from({ length: layers }) }) as unknown as Plan['sections'][number];

test('10 m² against 8 m² that took 400 min: 500 for as much; what is kept counts for no area', () => {
  const now = { steps: [step('strip', 0, 480)], sections: [area(10), area(5, 0)] };
  const last = { steps: [step('strip', 300, 0, 'done'), step('strip', 100, 0, 'done')], sections: [area(8)] };
  expect(againstLast(now, last)).toEqual([{ phase: 'strip', plannedMin: 480, tookMin: 400, scaledMin: 500 }]);
});

test('work that only one of them has is told; what neither has is not', () => {
  const now = { steps: [step('mask', 0, 60), step('refit', 0, 0)], sections: [area(1)] };
  const last = { steps: [step('metal', 30, 0, 'done')], sections: [area(1)] };
  expect(againstLast(now, last)).toEqual([
    { phase: 'mask', plannedMin: 60, tookMin: 0, scaledMin: 0 },
    { phase: 'metal', plannedMin: 0, tookMin: 30, scaledMin: 30 },
  ]);
});
