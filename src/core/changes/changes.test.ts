import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import { blankStepEdit } from '../record';
import { demoShop } from '../../demo/shop';
import { closedStretches } from '../shop';
import { addDays, minuteAt } from '../units';
import {
  figuresOf,
  inputOf,
  levelsDown,
  whatToGiveUp,
  withChange,
  type Change,
  type GiveUps,
  type Situation,
} from '.';

const shelf = shelfOf(standardShelf);
const job = jobFixture({ level: 'Show' });
const situation = (over: Partial<Situation> = {}): Situation => ({
  job,
  shop: demoShop,
  shelf,
  agreedStarts: new Map(),
  promised: new Map(),
  now: minuteAt(job.arrival, 0, demoShop.timeZone),
  ...over,
});
const finish = (given: Situation) => {
  const plan = planJob(inputOf(given));
  return Math.max(...plan.steps.map((step) => step.end));
};
const changed = (change: Change, from = situation()): Situation => {
  const other = withChange(from, change);
  if (!other) throw new Error('changes nothing');
  return other;
};
const runToEnd = (given: Situation): GiveUps | null => {
  const search = whatToGiveUp(given);
  for (;;) {
    const turn = search.next();
    if (turn.done) return turn.value;
  }
};

describe('one thing done otherwise', () => {
  const base = finish(situation());

  test('Saturdays open the hours of a Friday on the sixth day, once', () => {
    const { shop } = changed({ kind: 'saturdays' });
    const friday = demoShop.shifts
      .filter((one) => one.weekday === 5)
      .map(({ startMin, endMin }) => [startMin, endMin]);
    expect(
      shop.shifts.filter((one) => one.weekday === 6).map(({ startMin, endMin }) => [startMin, endMin]),
    ).toEqual(friday);
    expect(withChange(changed({ kind: 'saturdays' }), { kind: 'saturdays' })).toBeNull();
    expect(finish(changed({ kind: 'saturdays' }))).toBeLessThanOrEqual(base);
  });

  test('overtime lengthens the last shift of each day and never passes midnight', () => {
    const { shop } = changed({ kind: 'overtime', minutes: 60 });
    for (const weekday of [1, 2, 3, 4, 5]) {
      const last = (shifts: typeof demoShop.shifts) =>
        Math.max(...shifts.filter((one) => one.weekday === weekday).map((one) => one.endMin));
      expect(last(shop.shifts)).toBe(last(demoShop.shifts) + 60);
    }
    const late = changed({ kind: 'overtime', minutes: 2000 }).shop.shifts;
    expect(Math.max(...late.map((one) => one.endMin))).toBe(1440);
  });

  test('everyone away puts the finish off; the job itself is not touched', () => {
    let given = situation();
    for (const { id } of demoShop.people)
      given = changed({ kind: 'away', person: id, from: job.arrival, to: '2027-12-31' }, given);
    expect(planJob(inputOf(given)).finishDate === null || finish(given) > base).toBe(true);
    expect(given.job).toBe(job);
  });

  test('a lower level costs fewer hours on that section only', () => {
    const { key } = job.sections[0]!;
    const other = changed({ kind: 'level', section: key, level: 'Road' });
    expect(other.job.sections.find((one) => one.key === key)!.level).toBe('Road');
    expect(other.job.sections.slice(1)).toEqual(job.sections.slice(1));
    const [was, now] = [situation(), other].map((one) => figuresOf(planJob(inputOf(one))));
    expect(now!.labourMin).toBeLessThan(was!.labourMin);
  });

  test('a rented booth is there on its days only', () => {
    const other = changed({ kind: 'rented-booth', from: job.arrival, days: 3 });
    const booth = other.shop.places.find((one) => one.id === 'rented-booth' && one.kind === 'booth')!;
    const closed = closedStretches(booth, demoShop.timeZone, addDays(job.arrival, -5), 30);
    const day = minuteAt(job.arrival, 0, demoShop.timeZone);
    expect(closed.map((one) => one.reason)).toEqual([null, null]);
    expect([closed[0]!.to, closed[1]!.from]).toEqual([day, day + 3 * 1440]);
  });

  test('dropping a job frees what it was promised; names that are not there change nothing', () => {
    const commitment = { resource: demoShop.places[0]!.id, from: 0, to: 9, holder: 'P-900' };
    const given = situation({ promised: new Map([['P-900', [commitment]]]) });
    expect(inputOf(given).commitments).toEqual([commitment]);
    expect(inputOf(changed({ kind: 'drop-job', job: 'P-900' }, given)).commitments).toEqual([]);
    const nothing: Change[] = [
      { kind: 'drop-job', job: 'P-901' },
      { kind: 'away', person: 'nobody', from: job.arrival, to: job.arrival },
      { kind: 'away', person: demoShop.people[0]!.id, from: '2027-01-05', to: '2027-01-04' },
      { kind: 'level', section: 'nowhere', level: 'Road' },
      { kind: 'level', section: job.sections[0]!.key, level: job.sections[0]!.level },
      { kind: 'school', section: null, school: 'blocks', option: 'soft' },
      { kind: 'promise', date: job.promised },
    ];
    for (const change of nothing) expect(withChange(given, change)).toBeNull();
  });

  test('levels down', () => {
    expect([levelsDown('Show', 'Road'), levelsDown('Mirror', 'Work'), levelsDown('Road', 'Show')]).toEqual([
      1, 3, 0,
    ]);
  });
});

describe('what to give up', () => {
  test('nothing, where date and caps are kept', () => {
    const free = {
      ...job,
      promised: '2029-01-01',
      caps: { labourHours: 0, materialsMinor: 0, boothHours: 0 },
    };
    expect(runToEnd(situation({ job: free }))).toBeNull();
  });

  test('a pin that cannot be met is told, and taking it out is the smallest change', () => {
    const plan = planJob(inputOf(situation()));
    const step = plan.steps.find((one) => one.operation === 'mask' && one.state === 'planned')!;
    const sunday = minuteAt('2027-01-03', 600, demoShop.timeZone);
    const stepEdits = [{ ...blankStepEdit(step.key), startAt: sunday }];
    const free = {
      ...job,
      promised: '2029-01-01',
      caps: { labourHours: 0, materialsMinor: 0, boothHours: 0 },
    };
    const found = runToEnd(situation({ job: { ...free, stepEdits } }))!;
    expect(found.over.unkept).toBeGreaterThan(0);
    expect(found.best[0]!.change).toMatchObject({ kind: 'unpin', step: step.key });
    expect(withChange(situation(), { kind: 'unpin', step: step.key, name: '' })).toBeNull();
  });

  test('five at most, the most back for the least loss first, each as its own plan says', () => {
    const planned = figuresOf(planJob(inputOf(situation())));
    const caps = {
      labourHours: Math.floor((planned.labourMin / 60) * 0.95),
      materialsMinor: 0,
      boothHours: 0,
    };
    const given = situation({ job: { ...job, caps, promised: '2029-01-01' } });
    const found = runToEnd(given)!;
    expect(found.over.labourMin).toBeGreaterThan(0);
    expect(found.over.lateDays).toBe(0);
    expect(found.best.length).toBeGreaterThan(0);
    expect(found.best.length).toBeLessThanOrEqual(5);
    for (const { change, figures, gain } of found.best) {
      expect(figures).toEqual(figuresOf(planJob(inputOf(withChange(given, change)!))));
      const left = Math.max(0, figures.labourMin - caps.labourHours * 60);
      expect(gain).toBeLessThanOrEqual(1 - left / found.over.labourMin + 1e-9);
    }
    const worth = found.best.map(({ gain, loss }) => gain / (0.1 + loss));
    expect(worth).toEqual([...worth].sort((a, b) => b - a));
  });
});
