import type { Plan, PlanBecause, PlannedStep, PlanWindow } from '../plan/model';
import { unkeptOf } from './unkept';

const closed: PlanBecause = { kind: 'closed', who: ['Ines'], from: 900, to: 1400 };
const taken: PlanBecause = { kind: 'resource', who: ['Booth'], holders: ['P-015 base'], from: 400, to: 800 };
const link: PlanBecause = { kind: 'link', from: 'etch', min: 60, why: { code: 'order' } };
const step = (whyNotEarlier: PlanBecause[]) => ({ key: 'prime', whyNotEarlier }) as unknown as PlannedStep;
const window = (state: PlanWindow['state'], closes: number) =>
  ({ state, closes, from: 'etch', to: 'prime', met: 1400 }) as PlanWindow;
const of = (steps: PlannedStep[], windows: PlanWindow[], warnings: Plan['warnings'] = []) =>
  unkeptOf({ steps, windows, warnings });

test('a window that closes at 1000 is missed by the night, not by the booth that was free again at 800', () => {
  expect(of([step([closed, taken, link])], [window('broken', 1000)])).toEqual([
    { kind: 'window', step: 'prime', opens: 'etch', wanted: 1000, start: 1400, why: [closed] },
  ]);
  expect(of([step([closed, taken, link])], [window('broken', 700)])[0]).toMatchObject({
    why: [closed, taken],
  });
});

test('where no obstacle lies beyond it the wait before it is the reason', () => {
  expect(of([step([link])], [window('broken', 30)])[0]).toMatchObject({ why: [link] });
});

test('windows that are kept or were scuffed again are none; pins and steps without room are', () => {
  const warnings: Plan['warnings'] = [
    { code: 'pin-missed', step: 'prime', wanted: 850, start: 1400 },
    { code: 'no-room', step: 'roll' },
    { code: 'late', days: 3 },
  ];
  expect(of([step([closed])], [window('kept', 2000), window('remedied', 100)], warnings)).toEqual([
    { kind: 'pin', step: 'prime', wanted: 850, start: 1400, why: [closed] },
    { kind: 'no-room', step: 'roll' },
  ]);
});
