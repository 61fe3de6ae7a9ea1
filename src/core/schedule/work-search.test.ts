import type { ScheduleProblem } from './problem';
import { mergedOrder, scheduleSerially } from './serial-schedule';
import { WorkSearch } from './work-search';

const days = Array.from({ length: 20 }, (_, i) => ({ from: i * 1440, to: i * 1440 + 480 }));
const step = (id: string, minutes: number, person: string, more: object = {}) => ({
  id,
  kind: 'splittable' as const,
  minutes,
  uses: [[person]],
  hold: null,
  notBefore: 0,
  ...more,
});
const link = (from: string, to: string, min = 0) => ({ id: `${from}>${to}`, from, to, min, max: null });
const problem = (over: Partial<ScheduleProblem>): ScheduleProblem => ({
  now: 0,
  links: [],
  holds: [],
  facts: [],
  commitments: [],
  resources: [
    { id: 'ann', open: days },
    { id: 'ben', open: days },
  ],
  steps: [],
  ...over,
});

/**
 * Ann has one long step of 480 min that nothing follows, and a short one of 60 that Ben's work of 400 waits for, with its
 * own cure. By the longest way ahead (a) first: Ann is at it all day 1, her short step ends 1500, Ben 1500–1900 = day 2.
 */
const twoWays = problem({
  steps: [step('long', 480, 'ann'), step('short', 60, 'ann'), step('ben', 400, 'ben')],
  links: [link('short', 'ben')],
});

describe('an order that was found', () => {
  test('the search finds that the short step goes first, which ends on the second day an hour in', () => {
    const search = new WorkSearch(twoWays, 1);
    for (let i = 0; i < 80; i += 1) search.iterate(() => false);
    // short 0–60, ben 60–460, long 60–480 and 1440–1500: 480 min of Ann are left after 60, 420 fit on day 1.
    expect(search.best!.end).toBe(1500);
    expect(search.best!.order.indexOf('short')).toBeLessThan(search.best!.order.indexOf('long'));
    // By hours alone: Ben may end at 460 and Ann's long step at 480.
    expect(search.earliest).toBe(480);
  });

  test('is followed where it ends sooner than the rule, and left where the rule is better', () => {
    const by = (order: string[]) =>
      Math.max(...scheduleSerially({ ...twoWays, order }).placements.map((one) => one.end));
    const rule = Math.max(...scheduleSerially(twoWays).placements.map((one) => one.end));
    expect(by(['short', 'ben', 'long'])).toBe(1500);
    expect(by(['long', 'short', 'ben'])).toBe(Math.min(rule, 1900));
  });

  test('steps that came since stand behind the one they follow by urgency, names that are gone are left out', () => {
    expect(mergedOrder(['c', 'gone', 'a'], ['n', 'a', 'b', 'c', 'd'])).toEqual(['n', 'c', 'd', 'a', 'b']);
  });
});

test('what nobody waits for does not count as the end, but is placed', () => {
  const given = problem({
    steps: [step('work', 60, 'ann'), step('look', 60, 'ann', { notBefore: 9 * 1440 })],
    afterwards: ['look'],
  });
  const search = new WorkSearch(given, 1);
  search.iterate(() => false);
  expect(search.best!.end).toBe(60);
  expect(search.best!.order).toEqual(['work', 'look']);
});

test('same seed and rounds, same order', () => {
  const of = () => {
    const search = new WorkSearch(twoWays, 3);
    for (let i = 0; i < 40; i += 1) search.iterate(() => false);
    return search.best;
  };
  expect(of()).toEqual(of());
});
