import { demoScenario } from '@/demo/load-demo';
import { shelfOf } from '@/core/film';
import { planJob } from '@/core/plan';
import { minuteAt } from '@/core/units';
import { baysProps } from '../bays/bays-props';
import { walkaroundProps } from '../walkaround/walkaround-props';
import { yardRow } from '../yard/yard-row';
import { findablesOf } from './findables';
import { jobView } from './job-view';

const now = Date.parse('2026-12-24T09:00:00Z') / 60000;
const { shop, shelf, jobs } = demoScenario(now);
const coach = jobs.find((one) => one.job.number === 'P-014')!;
const trainer = jobs.find((one) => one.job.number === 'P-016')!;
const productName = (code: string) => shelf.find((product) => product.code === code)?.name ?? code;
const plan = planJob({
  job: coach.job,
  shop,
  shelf: shelfOf(shelf),
  now,
  commitments: [],
  agreedStarts: new Map(),
});
const view = jobView({
  job: coach.job,
  plan,
  agreed: coach.agreed,
  inputHash: 'h',
  seen: 1,
  shop,
  productName,
  now,
});

describe('what the frame shows of a job', () => {
  test('the days reach from the arrival to the promise or the end, whichever is later', () => {
    expect(view.days.first).toBe(minuteAt('2026-11-23', 0, shop.timeZone));
    expect(view.days.promisedEnd).toBe(minuteAt('2027-01-23', 0, shop.timeZone));
    expect(view.days.last).toBeGreaterThanOrEqual(view.days.promisedEnd);
  });

  test('the stretches of the bar follow one another without overlap, strip first, refit last', () => {
    view.phases.slice(1).forEach((one, i) => expect(one.from).toBeGreaterThanOrEqual(view.phases[i]!.to));
    expect(view.phases[0]!.phase).toBe('walkaround');
    expect(view.phases[1]!.phase).toBe('strip');
    expect(view.phases.at(-1)!.phase).toBe('refit');
  });

  test('a station with a thin clear needs attention, others do not', () => {
    expect(view.stationStates).toMatchObject({
      film: 'attention',
      walkaround: 'ready',
      scheme: 'ready',
      handover: 'empty',
      log: 'drafted',
    });
  });

  test('against the agreed plan it says what was used beyond it', () => {
    expect(view.agreed!.same).toBe(false);
    // The demo plays filling, blocking and stripping slower than they were planned.
    expect(view.agreed!.labourMin).toBeGreaterThan(0);
    const same = jobView({
      job: coach.job,
      plan,
      agreed: plan,
      inputHash: 'h',
      seen: 1,
      shop,
      productName,
      now,
    });
    expect(same.agreed).toMatchObject({ same: true, days: 0, labourMin: 0, materialsMinor: 0, boothMin: 0 });
  });

  test('warnings come as sentences with the names of sections, not their keys', () => {
    expect(view.warnings.map((one) => one.text).join()).toContain('Front wings: 2 clear coats typed');
  });
});

describe('a line of the yard', () => {
  test('shows the running step as next, and the graver warning first', () => {
    const row = yardRow(coach.job, plan, shop, productName, now);
    expect(row.next).toMatchObject({ running: true });
    expect(row.risk!.grade).toBe('stop');
    expect(row.doneShare).toMatch(/^\d+ of \d+ steps$/);
  });

  test('a finished job is at no risk and not late any more', () => {
    const row = yardRow(
      { ...coach.job, state: 'finished', promised: '2026-11-24' },
      { ...plan, lateDays: 59 },
      shop,
      productName,
      now,
    );
    expect(row).toMatchObject({ risk: null, lateDays: 0 });
  });
});

describe('what can be found from within a job', () => {
  const found = findablesOf(coach.job, plan, shelf);

  test('every panel, section, product and attended or waiting step once', () => {
    const count = (kind: string) => found.filter((one) => one.kind === kind).length;
    expect(count('part')).toBe(new Set(plan.parts.map((part) => part.key)).size);
    expect(count('section')).toBe(3);
    expect(count('product')).toBe(shelf.length);
    expect(count('step')).toBe(plan.steps.filter((step) => step.minutes > 0).length);
  });

  test('a step leads to its row, whatever signs its key has', () => {
    const step = found.find((one) => one.kind === 'step')!;
    expect(step.href).toMatch(/^\/jobs\/P-014\/steps#[^/]+$/);
  });
});

describe('the walkaround', () => {
  test('carries the version of every row it can edit', () => {
    const versions = Object.fromEntries([
      ['P-014', 3],
      ...coach.job.sections.map((section) => [`P-014/${section.key}`, 2]),
      ...coach.job.measured.map((one) => [`P-014/${one.key}`, 5]),
    ]);
    const props = walkaroundProps(coach.job, versions, plan, shop, productName);
    expect(props.job.seen).toBe(3);
    expect(props.sections.map((section) => section.seen)).toEqual([2, 2, 2]);
    const measured = props.panels.filter((panel) => panel.measuredSeen !== null);
    expect(measured.map((panel) => [panel.part.key, panel.measuredSeen])).toEqual([
      ['B4L', 5],
      ['B4R', 5],
    ]);
    expect(measured[0]!.part).toMatchObject({ outsideM2: 0.97, measured: true });
  });

  test('the areas of the sections add up to those of the panels', () => {
    const sum = plan.parts.reduce((total, part) => total + part.outsideM2, 0);
    expect(plan.sections.reduce((total, section) => total + section.outsideM2, 0)).toBeCloseTo(sum, 9);
  });
});

describe('the bays', () => {
  const props = baysProps(
    { job: coach.job, plan },
    [{ job: trainer.job, plan: trainer.agreed! }],
    shop,
    shelf,
  );

  test('days follow one another without a gap, weekends and holidays closed', () => {
    props.days.slice(1).forEach((day, i) => expect(day.from).toBe(props.days[i]!.to));
    const christmas = props.days.find((day) => day.from === minuteAt('2026-12-25', 0, shop.timeZone))!;
    expect(christmas.open).toBeNull();
    const thursday = props.days.find((day) => day.from === minuteAt('2026-12-24', 0, shop.timeZone))!;
    expect(thursday.open).toEqual({ from: thursday.from + 450, to: thursday.from + 990 });
  });

  test('blocks lie in places only; the other job’s are shown and marked as not one’s own', () => {
    const lanes = new Set(shop.places.map((place) => place.id));
    expect(props.blocks.every((block) => lanes.has(block.lane))).toBe(true);
    expect(props.blocks.some((block) => !block.own && block.job === 'P-016')).toBe(true);
    expect(props.steps.every((step) => step.key !== 'airframe/strip')).toBe(true);
  });

  test('nobody is taken more than the whole of a day, and days away are told from idle ones', () => {
    for (const person of props.people) {
      expect(person.load).toHaveLength(props.days.length);
      for (const [i, load] of person.load.entries()) {
        expect(load).toBeLessThanOrEqual(1);
        expect(load === -1).toBe(props.days[i]!.open === null);
      }
    }
  });

  test('a day off shows as away', () => {
    const off = [{ from: '2026-12-23', to: '2026-12-23', reason: 'leave' }];
    const people = shop.people.map((person) => (person.id === 'dot' ? { ...person, daysOff: off } : person));
    const away = baysProps({ job: coach.job, plan }, [], { ...shop, people }, shelf);
    const wednesday = away.days.findIndex((day) => day.from === minuteAt('2026-12-23', 0, shop.timeZone));
    expect(away.people.find((person) => person.id === 'dot')!.load[wednesday]).toBe(-1);
    expect(away.people.find((person) => person.id === 'jun')!.load[wednesday]).toBeGreaterThanOrEqual(0);
  });

  test('windows that were met in the past are not shown any more', () => {
    const done = new Set(plan.steps.filter((step) => step.state === 'done').map((step) => step.key));
    expect(props.windows.every((window) => !done.has(window.to))).toBe(true);
  });
});
