import { demoShop } from '../../demo/shop';
import { checkEntry } from '../checks/log-faults';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob, withWork } from '../log';
import { entry } from '../log/log.fixture';
import { blankStepEdit, type Job, type LogEntry } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { minuteAt } from '../units';
import type { StepNetwork } from './step';

const around = { shop: demoShop, shelf: shelfOf(standardShelf) };
const now = minuteAt('2026-11-25', 600, demoShop.timeZone);
const colour = jobFixture().colours[0]!.id;
const job = (level: Job['level'], over: Partial<Job> = {}): Job => ({
  ...jobFixture({ bodyKind: 'saloon', level }),
  samples: [acceptedSample(colour)],
  ...over,
});
const build = (one: Job): StepNetwork => readyJob(one, around, now).build();
const show = build(job('Show'));
const grits = (network: StepNetwork, section: string) =>
  network.steps.filter((step) => step.grit !== null && step.key.startsWith(`${section}/`));
const wordsOf = (network: StepNetwork, section: string) =>
  grits(network, section).map((step) => step.key.split('/')[1]);

test('Show goes through six grits by block and three pads, each a step; Road through two discs and two pads', () => {
  expect(wordsOf(show, 'shell')).toEqual([
    ...[800, 1000, 1500, 2000, 3000, 5000].map((grit) => `colour-sand-p${grit}`),
    'polish-cut',
    'polish-medium',
    'polish-fine',
  ]);
  expect(wordsOf(build(job('Road')), 'shell')).toEqual([
    'colour-sand-p1500',
    'colour-sand-p3000',
    'polish-cut',
    'polish-fine',
  ]);
});

test('minutes by the grit: 25 for the first block, 12 for each next, 12, 8 and 6 at the pads, on every m²', () => {
  const own = grits(show, 'shell');
  const rates = own.map((step) => step.figure.rate);
  expect(rates).toEqual([25, 12, 12, 12, 12, 12, 12, 8, 6]);
  for (const step of own)
    expect(step.personMinutes).toBe(Math.round(step.figure.rate * own[0]!.figure.weighted));
});

test('sheets by the grit: a quarter a m² to 1000, 0.15 from 1500; wool cuts and foam polishes', () => {
  const own = grits(show, 'shell');
  const m2 = own[0]!.figure.quantity;
  const perM2 = (product: string) =>
    own.map((step) => {
      const need = step.needs.find((one) => one.product === product);
      return need ? Number((need.amount / m2).toFixed(4)) : 0;
    });
  expect(perM2('fine-sheet')).toEqual([0.25, 0.25, 0.15, 0.15, 0.15, 0.15, 0, 0, 0]);
  expect(perM2('wool-pad')).toEqual([0, 0, 0, 0, 0, 0, 0.02, 0, 0]);
  expect(perM2('foam-pad')).toEqual([0, 0, 0, 0, 0, 0, 0, 0.01, 0.01]);
  // 0.05 L a m² in all, by the minutes of the pads: 12, 8 and 6 of 26.
  expect(perM2('compound').slice(6)).toEqual([0.0231, 0.0154, 0.0115]);
});

test('what they take comes to what the clear budget takes; edges lose twice as much from where the tape is off', () => {
  const own = grits(show, 'shell');
  const takes = own.map((step) => step.grit!.takes[0]!);
  // 12.5 + 8 + 5 + 2.5 + 1.25 + 0.65 + 2 + 0.5 + 0.5
  expect(takes.reduce((sum, one) => sum + one.flatUm, 0)).toBeCloseTo(32.9, 6);
  // Taped through 1000: 2 × (32.9 − 20.5).
  expect(own.map((step) => step.grit!.edgesTaped)).toEqual([true, true, ...Array<boolean>(7).fill(false)]);
  expect(takes.reduce((sum, one) => sum + one.edgeUm, 0)).toBeCloseTo(24.8, 6);
});

test('the tape comes off the edges between the last taped grit and the next', () => {
  const after = (from: string) =>
    show.links.flatMap((link) => (link.from === `shell/${from}` ? [link.to] : []));
  expect(after('colour-sand-p1000')).toEqual(['shell/untape-edges-p1000']);
  expect(after('untape-edges-p1000')).toEqual(['shell/colour-sand-p1500']);
});

test('what was changed of the whole sanding before grits were steps is shared out by their minutes', () => {
  const edit = { ...blankStepEdit('shell/colour-sand'), personMinutes: 850, startAt: now + 9000 };
  const edited = grits(build(job('Show', { stepEdits: [edit] })), 'shell').slice(0, 6);
  // 25 and five times 12 of 85.
  expect(edited.map((step) => step.personMinutes)).toEqual([250, 120, 120, 120, 120, 120]);
  expect(edited.map((step) => step.pinnedAt !== null)).toEqual([true, ...Array<boolean>(5).fill(false)]);
});

describe('signed off by grit and panel', () => {
  const base = job('Road');
  const closures = readyJob(base, around, now).parts.filter((part) => part.section === 'closures');
  const [first, second] = closures.map((part) => part.key) as [string, string];
  const log = (...entries: LogEntry[]): Job => {
    const written = { ...base, log: entries };
    return { ...written, log: withWork(written, around, now) };
  };
  const step = (grit: string) => `closures/colour-sand-${grit}`;
  const sanded = (grit: string, parts: string[]) => [
    entry({ kind: 'began', at: now - 120, step: step(grit), parts }),
    entry({ kind: 'ended', at: now - 60, step: step(grit), people: [], parts }),
  ];
  const begin = (one: Job, grit: string, parts: string[], insist = false, note = '') =>
    checkEntry(
      {
        kind: 'log',
        job: base.number,
        insist,
        entry: { ...entry({ kind: 'began', at: now, step: step(grit), parts }), note },
      },
      one,
      { ...around, operations: [], now },
    ).faults;

  test('the next grit is begun on the panel that has the one before it, though others have not', () => {
    expect(begin(log(...sanded('p1500', [first])), 'p3000', [first])).toEqual([]);
  });

  test('a panel that skipped one is named before the next; who insists says why', () => {
    const one = log(...sanded('p1500', [first]));
    const [fault, ...more] = begin(one, 'p3000', [first, second]);
    expect(more).toEqual([]);
    expect(fault!.reason).toContain(`P1500” is not signed off on ${second}:`);
    expect(begin(one, 'p3000', [second], true)[0]!.place).toBe('entry.note');
    expect(begin(one, 'p3000', [second], true, 'was fine already')).toEqual([]);
  });

  test('what stands between the grits goes by the panel too: a pad waits for the look at its own panel', () => {
    const looked = (parts: string[]) => [
      entry({ kind: 'began', at: now - 50, step: 'closures/inspect-cut', parts }),
      entry({
        kind: 'ended',
        at: now - 40,
        step: 'closures/inspect-cut',
        people: [],
        parts,
        note: 'nothing found',
      }),
      entry({ kind: 'began', at: now - 39, step: 'closures/try-polish' }),
      entry({ kind: 'ended', at: now - 30, step: 'closures/try-polish', people: [] }),
    ];
    const one = log(...sanded('p1500', [first, second]), ...sanded('p3000', [first]), ...looked([first]));
    const pad = (parts: string[]) =>
      checkEntry(
        {
          kind: 'log',
          job: base.number,
          insist: false,
          entry: { ...entry({ kind: 'began', at: now, step: 'closures/polish-cut', parts }), note: '' },
        },
        one,
        { ...around, operations: [], now },
      ).faults.map(({ reason }) => reason);
    expect(pad([first])).toEqual([]);
    expect(pad([second]).join()).toContain(`not signed off on ${second}`);
  });
});
