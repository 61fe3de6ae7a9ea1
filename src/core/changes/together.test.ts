import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { commitmentsOf } from '../plan/commitments';
import { planJob, type Plan } from '../plan';
import { minuteAt } from '../units';
import { planTogether, type OpenJob, type Together } from './together';

const around = {
  shop: demoShop,
  shelf: shelfOf(standardShelf),
  now: minuteAt('2026-11-23', 450, 'Europe/London'),
};
const open = (number: string, promised: string): OpenJob => ({
  job: {
    ...jobFixture(
      { number, bodyKind: 'box-body', level: 'Work', promised },
      { depth: 'scuff', oldFinish: 'enamel' },
    ),
  },
  agreedStarts: new Map(),
});
const run = (jobs: OpenJob[]) => {
  const steps: (Together | null)[] = [];
  const search = planTogether(jobs, around);
  for (let next = search.next(); ; next = search.next()) {
    if (next.done) return { best: next.value, steps };
    steps.push(next.value);
  }
};
const alone = (one: OpenJob): Plan => planJob({ ...around, ...one, commitments: [] });

/** Stretches in which one person or place is taken twice. */
function clashes(plans: readonly Plan[]): string[] {
  const taken = plans.flatMap((plan) => commitmentsOf(plan).map((one) => ({ ...one, job: plan.job })));
  return taken.flatMap((a, i) =>
    taken
      .slice(i + 1)
      .filter((b) => a.job !== b.job && a.resource === b.resource && a.from < b.to && b.from < a.to)
      .map((b) => `${a.resource} ${a.holder} ${b.holder}`),
  );
}

test('the job that is promised first takes its hours first, though it came last; nothing is taken twice', () => {
  const early = alone(open('P-9', '2027-06-25')).finishDate!;
  const jobs = [open('P-1', '2027-06-25'), open('P-2', '2027-06-25'), open('P-9', early)];
  const { best } = run(jobs);
  expect(best!.value.lateDays).toBe(0);
  expect(best!.plans.get('P-9')!.finishDate).toBe(early);
  expect(clashes([...best!.plans.values()])).toEqual([]);
});

test('it is never worse than the order as it stands, and the best only gets better on the way', () => {
  const jobs = [open('P-1', '2026-12-05'), open('P-2', '2026-12-08'), open('P-3', '2026-12-03')];
  const { best, steps } = run(jobs);
  const late = steps.flatMap((one) => (one ? [one.value.lateDays] : []));
  late.slice(1).forEach((value, i) => expect(value).toBeLessThanOrEqual(late[i]!));
  expect(best!.value.lateDays).toBeLessThanOrEqual(late[0]!);
  expect([...best!.order].sort()).toEqual(['P-1', 'P-2', 'P-3']);
});

test('one job alone is planned as it is alone; no job gives nothing', () => {
  const one = open('P-1', '2027-06-25');
  expect(run([one]).best!.plans.get('P-1')!.finish).toBe(alone(one).finish);
  expect(run([]).best).toBeNull();
});

test('two jobs alike that cannot both be in time: the one whose lateness counts more goes first', () => {
  const date = alone(open('P-1', '2027-06-25')).finishDate!;
  const heavier = (number: string) => {
    const jobs = ['P-1', 'P-2'].map((one): OpenJob => {
      const { job, agreedStarts } = open(one, date);
      return { job: { ...job, weight: one === number ? 5 : 1 }, agreedStarts };
    });
    return run(jobs).best!;
  };
  for (const [first, second] of [
    ['P-1', 'P-2'],
    ['P-2', 'P-1'],
  ] as const) {
    const best = heavier(first);
    expect(best.plans.get(first)!.lateDays).toBe(0);
    // Its own days count once: the value is what the lighter job is late.
    expect(best.plans.get(second)!.lateDays).toBeGreaterThan(0);
    expect(best.value.lateDays).toBe(best.plans.get(second)!.lateDays);
  }
});
