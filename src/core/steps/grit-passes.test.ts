import { demoShop } from '../../demo/shop';
import { checkEntry } from '../checks/log-faults';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob, withWork } from '../log';
import { entry } from '../log/log.fixture';
import { blankStepEdit, type Job, type LogEntry } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { minuteAt } from '../units';
import { ofRound } from './block-grits';
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
  network.steps.filter(
    (step) => step.grit !== null && step.phase === 'finish' && step.key.startsWith(`${section}/`),
  );
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

describe('filler, blocking and refining go by their grits', () => {
  const beneath = (network: StepNetwork) =>
    network.steps.filter(
      (step) => step.grit !== null && step.phase !== 'finish' && step.key.startsWith('shell/'),
    );
  const wordOf = ({ key }: { key: string }) => key.slice('shell/'.length);
  const own = beneath(show);
  const of = (word: string) => own.find((step) => wordOf(step) === word)!;

  test('Show: 80 and 150 on each filler, 180 in the first round, 240 and 320 in the second, 400 and 500 to refine', () => {
    expect(own.map(wordOf)).toEqual([
      'block-filler-1-p80',
      'block-filler-1-p150',
      'block-filler-2-p80',
      'block-filler-2-p150',
      'block-1-p180',
      'block-2-p240',
      'block-2-p320',
      'refine-p400',
      'refine-p500',
    ]);
    expect(of('block-2-p320').name).toBe('Block, round 2 of 2, P320');
  });

  test('a round has the minutes of its level, shared as 25 to 12: 175 and 12 a m² of the flat', () => {
    expect(of('block-1-p180').figure.rate).toBeCloseTo(175, 6);
    expect(of('block-2-p240').figure.rate).toBeCloseTo((175 * 25) / 37, 6);
    expect(of('block-2-p320').figure.rate).toBeCloseTo((175 * 12) / 37, 6);
    expect(of('refine-p400').figure.rate).toBeCloseTo((12 * 25) / 37, 6);
    expect(of('refine-p500').figure.rate).toBeCloseTo((12 * 12) / 37, 6);
  });

  test('sheets too: 1.2 a m² of a round, whichever grits it has', () => {
    const perM2 = (word: string) => {
      const { needs, figure } = of(word);
      return needs.find((one) => one.product === 'sheet-block')!.amount / figure.quantity;
    };
    expect(perM2('block-1-p180')).toBeCloseTo(1.2, 6);
    expect(perM2('block-2-p240') + perM2('block-2-p320')).toBeCloseTo(1.2, 6);
  });

  test('stopped at 220 the rest is refined by machine, shared as its discs are; a typed rate is shared the same way', () => {
    const by = (over: Partial<Job>) =>
      beneath(build(job('Show', over))).filter((step) => /^shell\/(block-\d|refine)/.test(step.key));
    const stopped = by({ schools: { 'block-finish': 'stop-220' } });
    expect(stopped.map(wordOf)).toEqual([
      'block-1-p180',
      'block-2-p220',
      'refine-p320',
      'refine-p400',
      'refine-p500',
    ]);
    const typed = by({ rates: { refine: 37 } });
    expect(typed.map((step) => [step.figure.rateFrom, Math.round(step.figure.rate)])).toEqual([
      ['catalogue', 175],
      // 118.2 and 56.8 of 175.
      ['catalogue', 118],
      ['catalogue', 57],
      ['job', 25],
      ['job', 12],
    ]);
  });

  test('what was logged of a round as one step is told of its grits, the hours by their minutes', () => {
    const fact = {
      step: 'shell/block-2',
      status: 'done' as const,
      start: now - 500,
      end: now - 60,
      personMinutes: 370,
      uses: [],
      remainingMin: null,
      materialsMinor: null,
    };
    const { facts } = readyJob(job('Show', { facts: [fact] }), around, now).build();
    expect(facts.map((one) => [one.step, one.status, Math.round(one.personMinutes / 10)])).toEqual([
      ['shell/block-2-p240', 'done', 25],
      ['shell/block-2-p320', 'done', 12],
    ]);
  });

  test('more rounds than grits: the finest comes again', () => {
    expect([1, 2, 3, 4].map((round) => ofRound([180, 220], round, 4))).toEqual([[180], [180], [220], [220]]);
    expect([1, 2].map((round) => ofRound([180, 240, 320, 400, 500], round, 2))).toEqual([
      [180, 240],
      [320, 400, 500],
    ]);
  });
});
