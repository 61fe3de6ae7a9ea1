import { demoScenario } from '../../demo/load-demo';
import { shelfOf } from '../film';
import { placeNetwork } from '../plan/placed-network';
import { tellPlan, type Plan } from '../plan';
import { commitmentsOf } from '../plan/commitments';
import { courseOf, forecastCourse, type DrawSettings, type ShopForecast } from '.';

const now = Date.parse('2026-12-24T09:00:00Z') / 60000;
const { shop, shelf: products, jobs } = demoScenario(now);
const shelf = shelfOf(products);
/** What an open hold keeps from being booked may be overtaken by other jobs; here every hold is released. */
const booked = (plan: Plan): Plan => ({
  ...plan,
  steps: plan.steps.map((step) => ({ ...step, heldBy: [] })),
});
const course = courseOf(
  jobs
    .filter(({ job }) => job.state !== 'finished')
    .map(({ job, agreed }) => {
      const others = jobs.filter((one) => one.job.number !== job.number && one.agreed);
      const commitments = others.flatMap((one) => commitmentsOf(booked(one.agreed!)));
      const agreedStarts = new Map((agreed?.steps ?? []).map((step) => [step.key, step.start] as const));
      const network = placeNetwork({ job, shop, shelf, now, commitments, agreedStarts });
      return { network, plan: tellPlan(network) };
    }),
);
const uncertainty = { paces: new Map(), labour: true, rework: true };

function run(settings: Partial<DrawSettings> = {}): ShopForecast {
  const draws = forecastCourse(course, { draws: 200, seed: 1, uncertainty, ...settings });
  for (;;) {
    const next = draws.next();
    if (next.done) return next.value;
  }
}

const forecast = run();

test('same seed, same forecast; another seed, another', () => {
  expect(run()).toEqual(forecast);
  expect(run({ seed: 2 })).not.toEqual(forecast);
});

test('ranges are in order, and the promise is kept in as many draws as end by its day', () => {
  expect(forecast.jobs.length).toBeGreaterThan(1);
  forecast.jobs.forEach((one, i) => {
    const { p50, p80, p95 } = one.finish;
    expect([p50, p80, p95]).toEqual([p50, p80, p95].sort());
    const promised = course.jobs[i]!.network.input.job.promised;
    const byThen = one.days.filter((day) => day.date <= promised).reduce((sum, day) => sum + day.draws, 0);
    expect(one.kept).toBe(byThen / one.draws);
    expect(one.days.reduce((sum, day) => sum + day.draws, 0)).toBe(200);
    expect(one.labourMin.p50).toBeLessThanOrEqual(one.labourMin.p80);
  });
});

test('where nothing varies the range is the plan: its day, and its budgets but for the allowance', () => {
  const flat = run({ draws: 3, uncertainty: { paces: new Map(), labour: false, rework: false } });
  flat.jobs.forEach((one, i) => {
    const { plan } = course.jobs[i]!;
    expect(one.finish.p95 <= plan.finishDate!).toBe(true);
    expect(one.labourMin.p95).toBe(
      Math.round(plan.budgets.labourMin.planned - (plan.allowance?.leftMin ?? 0)),
    );
    expect(one.materialsMinor.p50).toBe(Math.round(plan.budgets.materialsMinor.planned));
    expect(one.drivers).toEqual([]);
  });
  expect(flat.events).toEqual([]);
});

test('steps that are told to move the finish are long ones ahead, with ρ in order', () => {
  for (const { drivers } of forecast.jobs) {
    expect(drivers.length).toBeGreaterThan(0);
    const rhos = drivers.map((one) => one.rho);
    expect(rhos).toEqual([...rhos].sort((a, b) => b - a));
    for (const rho of rhos) expect(rho).toBeLessThanOrEqual(1);
  }
});

test('it pauses between draws with their number, so that it can be stopped', () => {
  const draws = forecastCourse(course, { draws: 25, seed: 1, uncertainty });
  expect([draws.next().value, draws.next().value, draws.next().value]).toEqual([0, 10, 20]);
  expect(draws.next().done).toBe(true);
});
