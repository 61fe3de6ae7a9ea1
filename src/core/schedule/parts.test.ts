import { clusterSteps, orderByLinks } from './clusters';
import type { ScheduleProblem } from './problem';
import { Timeline } from './timeline';

const link = (from: string, to: string, max: number | null = null) => ({
  id: `${from}${to}`,
  from,
  to,
  min: 0,
  max,
});
const problem = (ids: string[], holds: ScheduleProblem['holds'] = []): ScheduleProblem => ({
  now: 0,
  resources: [],
  steps: ids.map((id) => ({ id, kind: 'passive', minutes: 1, uses: [], hold: null, notBefore: 0 })),
  links: [],
  holds,
  facts: [],
  commitments: [],
});

describe('clusters', () => {
  test('plain order leaves every step on its own, in order', () => {
    expect(clusterSteps(problem(['a', 'b', 'c']), [link('a', 'b'), link('b', 'c')])).toEqual([
      ['a'],
      ['b'],
      ['c'],
    ]);
  });

  test('a closing window ties its two steps and what lies between them', () => {
    const clusters = clusterSteps(problem(['a', 'x', 'b', 'z']), [
      link('a', 'x'),
      link('x', 'b'),
      link('a', 'b', 60),
      link('b', 'z'),
    ]);
    expect(clusters.map((one) => [...one].sort())).toEqual([['a', 'b', 'x'], ['z']]);
  });

  test('a hold ties its first and last step and all between', () => {
    const hold = { id: 'h', anyOf: ['booth'], from: 'a', to: 'c' };
    const clusters = clusterSteps(problem(['a', 'b', 'c', 'd'], [hold]), [
      link('a', 'b'),
      link('b', 'c'),
      link('c', 'd'),
    ]);
    expect(clusters.map((one) => one.length)).toEqual([3, 1]);
  });
});

describe('order by links', () => {
  test('keeps the given order where links leave it free', () => {
    expect(orderByLinks(['c', 'a', 'b'], [link('b', 'a')])).toEqual(['c', 'b', 'a']);
  });

  test('a cycle is our bug and throws', () => {
    expect(() => orderByLinks(['a', 'b'], [link('a', 'b'), link('b', 'a')])).toThrow(/cycle/);
  });
});

describe('a timeline', () => {
  test('touching bookings do not clash, overlapping ones do', () => {
    const line = new Timeline();
    line.book(10, 20, 'one');
    line.book(20, 30, 'two');
    expect(line.clash(0, 10)).toBeNull();
    expect(line.clash(19, 21)).toMatchObject({ holder: 'one' });
    expect(line.busyUntil(20)).toBe(30);
    expect(line.busyUntil(30)).toBeNull();
  });

  test('a booking is taken back exactly, and nothing of no length is ever booked', () => {
    const line = new Timeline();
    line.book(5, 5, 'nothing');
    line.book(0, 10, 'a');
    line.unbook(0, 10, 'b');
    expect(line.clash(0, 10)).toMatchObject({ holder: 'a' });
    line.unbook(0, 10, 'a');
    expect(line.clash(0, 10)).toBeNull();
  });

  test('overlapping facts are kept side by side: every minute of both is busy', () => {
    const line = new Timeline();
    line.book(10, 20, 'a');
    line.book(5, 30, 'b');
    for (let minute = 5; minute < 30; minute += 1) expect(line.busyUntil(minute)).not.toBeNull();
    expect(line.busyUntil(4)).toBeNull();
    expect(line.busyUntil(30)).toBeNull();
  });
});
