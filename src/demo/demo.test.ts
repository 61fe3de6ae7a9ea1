import { shelfOf } from '../core/film';
import { coatCounter, readyJob } from '../core/log';
import { planJob } from '../core/plan';
import { colourOfKey } from '../core/record';
import { addDays, daysBetween, localDateOf, weekdayOf } from '../core/units';
import { openedSince } from '../core/offer';
import { demoScenario } from './load-demo';
import { demoShop } from './shop';

const thursday = Date.parse('2026-12-24T09:00:00Z') / 60000;
const scenario = demoScenario(thursday);
const jobOf = (number: string) => scenario.jobs.find((one) => one.job.number === number)!;
const share = (number: string) => {
  const { job, agreed } = jobOf(number);
  const { facts } = readyJob(job, { shop: scenario.shop, shelf: shelfOf(scenario.shelf) }, thursday).build();
  return facts.filter((fact) => fact.status === 'done').length / agreed!.steps.length;
};

test('Thursday of the loading week is day 32 of the coach, and day 61, a Friday, is promised', () => {
  const { job } = jobOf('P-014');
  expect(daysBetween(job.arrival, '2026-12-24') + 1).toBe(32);
  expect(daysBetween(job.arrival, job.promised) + 1).toBe(61);
  expect(weekdayOf(job.promised)).toBe(5);
});

test('loaded in another week, the same states stand on other dates', () => {
  const later = demoScenario(Date.parse('2027-07-15T08:00:00Z') / 60000);
  const coach = later.jobs.find((one) => one.job.number === 'P-014')!.job;
  expect(coach.arrival).toBe(addDays('2027-07-12', -28));
  expect(coach.facts.length).toBeGreaterThan(20);
});

test('the van is finished, the coach half way, the trainer in stripping, the cutter just surveyed', () => {
  expect(share('P-011')).toBe(1);
  expect(share('P-014')).toBeGreaterThan(0.35);
  expect(share('P-014')).toBeLessThan(0.75);
  const trainer = jobOf('P-016');
  const phases = new Map(trainer.agreed!.steps.map((step) => [step.key, step.phase]));
  const running = trainer.job.facts.filter((fact) => fact.status === 'running');
  expect(running.map((fact) => phases.get(fact.step))).toEqual(['strip']);
  expect(jobOf('P-015')).toMatchObject({ agreed: null, job: { facts: [], state: 'surveyed' } });
});

test('every coat that lies on the coach was tapped once on every panel of its sections', () => {
  const { job, agreed } = jobOf('P-014');
  const done = agreed!.steps.filter((step) => step.coat && step.end <= thursday);
  expect(done.length).toBeGreaterThan(5);
  for (const step of done) {
    const outside = agreed!.parts.filter(
      (part) => step.sections.includes(part.section) && (step.coat!.faces !== 'inside' || part.insideM2 > 0),
    );
    const counter = coatCounter(
      [step.key],
      outside.map((part) => part.key),
      job.log,
    );
    expect(counter.every((row) => row.marks[0]!.state === 'laid')).toBe(true);
  }
});

test('the coach is two-tone, Show on the sides, Road on the roof, with wings that lack two clears', () => {
  const { job } = jobOf('P-014');
  const section = (key: string) => job.sections.find((one) => one.key === key)!;
  expect([section('sides').level, section('roof').level]).toEqual(['Show', 'Road']);
  const colour = (key: string) => colourOfKey(job, section(key).colour).name;
  expect([colour('sides'), colour('roof')]).toEqual(['Sluice Green', 'Pale Barley']);
  const plan = planJob({
    job,
    shop: scenario.shop,
    shelf: shelfOf(scenario.shelf),
    now: thursday,
    commitments: [],
    agreedStarts: new Map(),
  });
  expect(plan.warnings).toContainEqual(
    expect.objectContaining({ code: 'thin-clear', section: 'wings', typed: 2, needed: 4 }),
  );
});

test('no fact lies in the future, and what was used is never less than nothing', () => {
  for (const { job } of scenario.jobs)
    for (const fact of job.facts) {
      expect(fact.start).toBeLessThan(thursday);
      if (fact.end !== null) expect(fact.end).toBeLessThanOrEqual(thursday);
      expect(fact.personMinutes).toBeGreaterThanOrEqual(0);
    }
});

test('agreed plans share people and places without a clash', () => {
  const spans = scenario.jobs.flatMap(({ job, agreed }) =>
    (agreed?.stays ?? []).map((stay) => ({
      job: job.number,
      place: stay.place,
      from: stay.start,
      to: stay.end,
    })),
  );
  spans.forEach((a, i) =>
    spans.slice(i + 1).forEach((b) => {
      if (a.job !== b.job) expect(a.place === b.place && a.from < b.to && b.from < a.to).toBe(false);
    }),
  );
});

test('the shelf holds 25 products and more, the shop six people, and nobody is planned on a closed day', () => {
  expect(scenario.shelf.length).toBeGreaterThanOrEqual(25);
  expect(scenario.shop.people.map((person) => person.name)).toEqual([
    'Ines',
    'Marek',
    'Dot',
    'Rafe',
    'Jun',
    'Sal',
  ]);
  const closed = new Set(scenario.shop.closures.map((closure) => closure.date));
  for (const { agreed } of scenario.jobs)
    for (const step of agreed?.steps ?? [])
      if (step.crew > 0) expect(closed.has(localDateOf(step.start, scenario.shop.timeZone))).toBe(false);
});

test('the coach came with an accepted quote: its hours and sums are those of the plan that was agreed, and no choice was opened since', () => {
  const { job, accepted } = jobOf('P-014');
  expect(accepted).toMatchObject({ number: 1, madeOn: job.arrival, scope: [] });
  const sum = accepted!.lines.reduce((total, line) => total + line.sumMinor, 0);
  expect(sum).toBe(accepted!.netMinor);
  expect(openedSince(accepted!, job)).toEqual([]);
  expect(demoShop.labourRateMinorPerHour).toBe(4800);
  for (const line of accepted!.lines)
    if (line.kind === 'labour') expect(line.sumMinor).toBe(Math.round(line.quantity * 4800));
});
