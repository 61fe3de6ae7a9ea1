import type { PlanBecause, PlannedStep } from '../plan/model';
import { chainBack, endAccount } from './end-account';

// Open 08:00–16:00 on two days: 480–960 and 1920–2400.
const open = [
  { from: 480, to: 960 },
  { from: 1920, to: 2400 },
];
const step = (
  key: string,
  [start, end]: [number, number],
  whyNotEarlier: PlanBecause[],
  more: Partial<PlannedStep> = {},
) => ({
  key,
  start,
  end,
  whyNotEarlier,
  state: 'planned',
  phase: 'prime',
  kind: 'contiguous',
  ...more,
});
const after = (from: string, min = 0): PlanBecause => ({ kind: 'link', from, min, why: { code: 'order' } });
const plan = (steps: object[]) => ({ steps: steps as PlannedStep[] });
const none = { work: 0, wait: 0, busy: 0, agreed: 0, rest: 0 };

describe('the chain of reasons', () => {
  const one = (key: string, from?: string) => step(key, [0, 1], from ? [after(from)] : [{ kind: 'now' }]);
  test('goes back from step to step and ends where nothing was waited for', () => {
    const { steps } = plan([one('a'), one('b', 'a'), one('c', 'b')]);
    expect(chainBack(steps, 'c')).toEqual(['c', 'b', 'a']);
  });
  test('ends where it meets itself: a ring would be our bug and must not hang the page', () => {
    expect(chainBack(plan([one('a', 'b'), one('b', 'a')]).steps, 'a')).toEqual(['a', 'b']);
  });
});

describe('open hours until the end, worked by hand', () => {
  test('work, the wait of a film, a busy painter and a night: every open minute once', () => {
    // Epoxy 480–600; its film wants 120 min, to 720; Ines is busy 700–800; high build 800–900; sanding does not fit
    // the hour that is left of the shift and begins the next morning, for 180 min.
    const account = endAccount(
      plan([
        step('epoxy', [480, 600], [{ kind: 'now' }]),
        step(
          'build',
          [800, 900],
          [
            { kind: 'resource', who: ['Ines'], holders: ['P-015 clear'], from: 700, to: 800 },
            after('epoxy', 120),
          ],
        ),
        step(
          'sand',
          [1920, 2100],
          [
            { kind: 'closed', who: ['Ines'], from: 960, to: 1920 },
            { kind: 'short', who: ['Ines'], from: 900, to: 960 },
            after('build'),
          ],
        ),
      ]),
      480,
      open,
    )!;
    expect(account.chain).toEqual(['sand', 'build', 'epoxy']);
    // 480 min of the first day and 180 of the second.
    expect(account.openMin).toBe(660);
    expect(account.causes).toEqual({ work: 120 + 100 + 180, wait: 120, busy: 80, agreed: 0, rest: 60 });
    expect(account.items.map(({ cause, step: at, openMin }) => [cause, at, openMin])).toEqual([
      ['work', 'sand', 180],
      ['work', 'epoxy', 120],
      ['wait', 'build', 120],
      ['work', 'build', 100],
      ['busy', 'build', 80],
      ['rest', 'sand', 60],
    ]);
  });

  test('what is over counts no more, what runs only from now; a cure is a wait, a kept start is agreed', () => {
    const account = endAccount(
      plan([
        step('strip', [480, 540], [], { state: 'done' }),
        step('cure', [540, 660], [after('strip')], { state: 'running', kind: 'passive' }),
        step('block', [720, 780], [{ kind: 'agreed', from: 660 }, after('cure')]),
        step('return look', [1920, 1980], [after('block')], { phase: 'return' }),
      ]),
      600,
      open,
    )!;
    expect(account.chain).toEqual(['block', 'cure']);
    expect(account.openMin).toBe(180);
    expect(account.causes).toEqual({ ...none, wait: 60, agreed: 60, work: 60 });
  });

  test('the same people at the same other work are one line', () => {
    const busy = (from: number, to: number): PlanBecause => ({
      kind: 'resource',
      who: ['booth'],
      holders: ['P-016 base'],
      from,
      to,
    });
    const account = endAccount(
      plan([step('a', [540, 600], [busy(480, 540)]), step('b', [690, 700], [busy(600, 690), after('a')])]),
      480,
      open,
    )!;
    expect(account.items[0]).toEqual({
      cause: 'busy',
      step: 'a',
      who: ['booth'],
      holders: ['P-016 base'],
      openMin: 150,
    });
    expect(account.causes).toEqual({ ...none, busy: 150, work: 70 });
  });

  test('nothing is said of a job that has nothing left before its handover', () => {
    expect(endAccount(plan([step('a', [480, 540], [], { state: 'done' })]), 600, open)).toBeNull();
  });
});
