import { minuteAt } from '../units';
import { experienceOf, type TaughtStep } from './experience';
import { entry } from './log.fixture';

const zone = 'Europe/London';
const at = (date: string, hour: number) => minuteAt(date, hour * 60, zone);
const step = (key: string, given: Partial<TaughtStep> = {}): TaughtStep => ({
  key,
  operation: 'block',
  state: 'done',
  plainMin: 100,
  ...given,
});
// 5 and 6 December 2026 are a weekend.
const weekdays = (date: string) => ![0, 6].includes(new Date(`${date}T12:00:00Z`).getUTCDay());
const of = (job: Parameters<typeof experienceOf>[0], steps: TaughtStep[]) =>
  experienceOf(job, steps, weekdays, zone);

test('sittings of two steps on three days, rework left out', () => {
  const log = [
    entry({ kind: 'began', step: 'a', at: at('2026-12-01', 8), people: ['dot', 'jun'] }),
    entry({ kind: 'left', step: 'a', at: at('2026-12-01', 9) }),
    entry({ kind: 'began', step: 'a', at: at('2026-12-02', 8) }),
    entry({ kind: 'ended', step: 'a', at: at('2026-12-02', 9) }),
    entry({ kind: 'began', step: 'b', at: at('2026-12-03', 8) }),
    entry({ kind: 'ended', step: 'b', at: at('2026-12-03', 9) }),
    entry({ kind: 'began', step: 'b', at: at('2026-12-04', 8), redo: 'dust' }),
    entry({ kind: 'ended', step: 'b', at: at('2026-12-04', 12) }),
  ];
  // 2 × 60 + 60 for a, 60 for b; the second go at b is rework.
  expect(of({ facts: [], log }, [step('a'), step('b')]).get('block')).toEqual({
    actualMin: 240,
    plannedMin: 200,
    days: 3,
  });
});

test('a fact without a log counts the open days from its beginning to its end', () => {
  const fact = {
    step: 'a',
    status: 'done' as const,
    start: at('2026-12-04', 8),
    end: at('2026-12-07', 12),
    remainingMin: null,
    personMinutes: 130,
    materialsMinor: 0,
    uses: [],
  };
  expect(of({ facts: [fact], log: [] }, [step('a')]).get('block')).toEqual({
    actualMin: 130,
    plannedMin: 100,
    days: 2,
  });
});

test('what runs, what has no minutes by rate, and what nobody recorded teaches nothing', () => {
  const log = [entry({ kind: 'began', step: 'a', at: 0 })];
  expect(
    of({ facts: [], log }, [step('a', { state: 'running' }), step('c'), step('d', { plainMin: 0 })]).size,
  ).toBe(0);
});

test('the panels that are done teach from the first one on, by their share of the minutes', () => {
  const log = [
    entry({ kind: 'began', step: 'a', at: at('2026-12-01', 8) }),
    entry({ kind: 'left', step: 'a', at: at('2026-12-01', 9), parts: ['P1'] }),
  ];
  const running = step('a', { state: 'running', plainMin: 400, partDone: { share: 0.1, personMin: 60 } });
  expect(of({ facts: [], log }, [running]).get('block')).toEqual({ actualMin: 60, plannedMin: 40, days: 1 });
});
