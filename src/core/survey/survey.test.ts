import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { planJob } from '../plan';
import {
  blankSurvey,
  type FilmReading,
  type Job,
  type Mark,
  type MarkKind,
  type PartSurvey,
} from '../record';
import { minuteAt } from '../units';
import { partFromOutline } from '../vehicle';
import {
  adviseDepth,
  advicePart,
  filmSummary,
  finishOf,
  gaugeFor,
  gaugeReads,
  incompatibilities,
  levelOfPart,
  lotsOf,
  netOfJob,
  optionJob,
  partsOfJob,
  plainAreaM2,
  untestedShare,
} from './index';

const survey = (over: Partial<PartSurvey> = {}): PartSurvey => ({ ...blankSurvey('B1L'), ...over });
const section = { oldFinish: 'enamel', system: 'base-clear', level: 'Road' } as const;
const marks = (...kinds: MarkKind[]) => kinds.map((kind) => ({ kind, mended: false }));
const film = (...um: number[]) => filmSummary(um.map((one) => ({ um: one })));
const advise = (over: Partial<Parameters<typeof adviseDepth>[0]> = {}) =>
  adviseDepth({ survey: survey(), marks: [], film: null, section, ...over });

describe('film readings', () => {
  test('median and range: 96, 178, 181, 184, 190, 412 have the median 182.5', () => {
    expect(film(184, 96, 178, 412, 190, 181)).toEqual({
      count: 6,
      medianUm: 182.5,
      lowestUm: 96,
      highestUm: 412,
    });
    expect(film(120, 100, 140)!.medianUm).toBe(120);
    expect(film()).toBeNull();
  });

  test('magnetic on steel, eddy on aluminium, neither on laminate, timber or plastic; a cut edge everywhere', () => {
    expect(gaugeReads('magnetic', 'galvanised')).toBe(true);
    expect(gaugeReads('magnetic', 'aluminium')).toBe(false);
    expect(gaugeReads('eddy', 'aluminium')).toBe(true);
    expect(gaugeReads('eddy', 'steel')).toBe(false);
    for (const substrate of ['laminate', 'timber', 'plastic'] as const) {
      expect(gaugeReads('magnetic', substrate)).toBe(false);
      expect(gaugeReads('eddy', substrate)).toBe(false);
      expect(gaugeReads(gaugeFor(substrate), substrate)).toBe(true);
      expect(gaugeReads('cut-edge', substrate)).toBe(true);
    }
  });
});

test('2 m² beaded with 1 m² inside works like 2 × 1.6 + 1 × 1.5 = 4.7 m² of plain sheet', () => {
  const outline = [
    [0, 0],
    [2, 0],
    [2, 1],
    [0, 1],
  ] as [number, number][];
  const part = partFromOutline({
    key: 'G',
    name: 'g',
    section: 's',
    side: 'loose',
    outline,
    shape: 'beaded',
    insideM2: 1,
  });
  expect(plainAreaM2([part])).toBeCloseTo(4.7, 9);
  expect(plainAreaM2([])).toBe(0);
});

describe('how far down: the trade’s rules, one by one', () => {
  test.each([
    ['nothing known against it: scuff', {}, 'scuff'],
    [
      'dull paint at Keep: correct it',
      { marks: marks('dull'), section: { ...section, level: 'Keep' as const } },
      'revive',
    ],
    ['chips: scuff', { marks: marks('chip', 'dull') }, 'scuff'],
    ['a lifting film comes off the whole panel', { marks: marks('peel') }, 'stable'],
    ['clear that peels', { section: { ...section, oldFinish: 'peeling-clear' as const } }, 'stable'],
    ['rust goes through', { marks: marks('rust', 'chip') }, 'bare'],
    ['351 µm: filler or several repaints', { film: film(340, 351, 345) }, 'bare'],
    ['350 µm even all over is not yet too thick', { film: film(350, 345) }, 'scuff'],
    ['scatter of 151 µm', { film: film(100, 251) }, 'bare'],
    ['scatter of 150 µm is let pass', { film: film(100, 250) }, 'scuff'],
    ['a film that softens', { survey: survey({ solventTest: 'softens' }) }, 'stable'],
    ['a film that dissolves', { survey: survey({ solventTest: 'dissolves' }) }, 'bare'],
    ['lacquer under urethane', { section: { ...section, oldFinish: 'lacquer' as const } }, 'stable'],
    [
      'lacquer two layers down',
      { survey: survey({ under: [{ kind: 'lacquer', um: null, year: null, sound: true }] }) },
      'stable',
    ],
    [
      'lacquer under one-part enamel may stay',
      { section: { ...section, oldFinish: 'lacquer' as const, system: 'marine-one-part' } },
      'scuff',
    ],
    [
      'old filler of unknown age',
      { survey: survey({ under: [{ kind: 'old-filler', um: null, year: null, sound: true }] }) },
      'bare',
    ],
    [
      'an unsound layer beneath',
      { survey: survey({ under: [{ kind: 'primer', um: null, year: null, sound: false }] }) },
      'bare',
    ],
    ['a replaced panel in its primer', { survey: survey({ replaced: true }) }, 'scuff'],
  ] as const)('%s', (_rule, facts, depth) => {
    expect(advise(facts as never).depth).toBe(depth);
  });

  test('mended marks pull nothing', () => {
    expect(advise({ marks: [{ kind: 'rust', mended: true }] }).depth).toBe('scuff');
  });

  test('every fact is listed, the one that decides first, and what is unknown is said', () => {
    const advice = advise({ marks: marks('chip', 'chip', 'rust'), survey: survey({ solventTest: 'holds' }) });
    expect(advice.because).toEqual([
      { code: 'mark', kind: 'rust', count: 1, pulls: 'bare' },
      { code: 'mark', kind: 'chip', count: 2, pulls: 'scuff' },
      { code: 'holds', pulls: 'scuff' },
    ]);
    expect(advice.unknown).toEqual(['film', 'lead-test']);
  });
});

describe('what may stay beneath', () => {
  test('lacquer and one-part lift under two-part paint; bare keeps nothing', () => {
    const codes = (
      depth: 'scuff' | 'stable' | 'bare',
      old: 'lacquer' | 'one-part' | 'enamel',
      system: string,
    ) => incompatibilities(depth, old, survey(), system).map((one) => `${one.grade} ${one.code}`);
    expect(codes('scuff', 'lacquer', 'base-clear')).toEqual(['stop lacquer-lifts']);
    expect(codes('scuff', 'one-part', 'marine-two-part')).toEqual(['stop one-part-lifts']);
    expect(codes('scuff', 'one-part', 'marine-one-part')).toEqual([]);
    expect(codes('scuff', 'enamel', 'single-stage')).toEqual(['caution enamel-needs-seal']);
    expect(codes('bare', 'lacquer', 'base-clear')).toEqual([]);
  });

  test('down to the sound layer keeps only what is sound underneath', () => {
    const under = [
      { kind: 'lacquer' as const, um: null, year: null, sound: false },
      { kind: 'unknown' as const, um: null, year: null, sound: true },
    ];
    const found = incompatibilities('stable', 'enamel', { under, patch: 'not-done' }, 'base-clear');
    expect(found.map((one) => one.beneath)).toEqual(['unknown']);
  });
});

const surveyedJob = (panels: Record<string, Partial<PartSurvey>>, over: Partial<Job> = {}): Job => ({
  ...jobFixture({ level: 'Show' }),
  surveyed: Object.entries(panels).map(([key, own]) => ({ ...blankSurvey(key), ...own })),
  ...over,
});

describe('panels treated otherwise form lots', () => {
  test('one panel to the sound layer: a lot of its own, everything else as before', () => {
    const job = surveyedJob({ B3L: { depth: 'stable' }, B4L: { note: 'nothing else' } });
    const { sections, parts } = lotsOf(job, partsOfJob(job));
    expect(sections.map((one) => one.key)).toEqual(['sides', 'sides:stable', 'roof']);
    expect(sections[1]).toMatchObject({ base: 'sides', depth: 'stable', colour: sections[0]!.colour });
    expect(parts.filter((part) => part.section === 'sides:stable').map((part) => part.key)).toEqual(['B3L']);
  });

  test('a choice that is the section’s own makes no lot', () => {
    const job = surveyedJob({ B3L: { depth: 'bare', level: 'Show', substrate: 'steel' } });
    expect(lotsOf(job, partsOfJob(job)).sections).toHaveLength(2);
  });

  test('a section whose panels are all treated otherwise leaves nothing behind', () => {
    const base = jobFixture({});
    const roof = netOfJob(base).filter((part) => part.section === 'roof');
    const job = surveyedJob(Object.fromEntries(roof.map((part) => [part.key, { depth: 'scuff' as const }])));
    expect(lotsOf(job, partsOfJob(job)).sections.map((one) => one.key)).toEqual(['sides', 'roof:scuff']);
  });

  test('hidden faces are finished to Work at most, unless a level is typed', () => {
    expect(levelOfPart({ level: 'Show' }, survey({ visibility: 'lined' }))).toBe('Work');
    expect(levelOfPart({ level: 'Keep' }, survey({ visibility: 'hidden' }))).toBe('Keep');
    expect(levelOfPart({ level: 'Show' }, survey({ visibility: 'hidden', level: 'Road' }))).toBe('Road');
    expect(levelOfPart({ level: 'Show' }, undefined)).toBe('Show');
  });
});

describe('the plan follows the survey', () => {
  const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
  const shelf = shelfOf(standardShelf);
  const plan = (job: Job) =>
    planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map() });
  const plain = plan(surveyedJob({}));

  test('a panel left out takes its area and its hours with it', () => {
    const less = plan(surveyedJob({ R1: { absent: true } }));
    const area = (one: typeof plain) => one.sections.reduce((sum, each) => sum + each.outsideM2, 0);
    // One of five roof panels: 7.6 / 5 × 2.3 m, crowned 3 %.
    expect(area(plain) - area(less)).toBeCloseTo((7.6 / 5) * 2.3 * 1.03, 6);
    expect(less.budgets.labourMin.planned).toBeLessThan(plain.budgets.labourMin.planned);
  });

  test('a chosen method stands in the steps with its reason', () => {
    const made = plan(surveyedJob({ R1: { method: 'chemical' } }));
    const step = made.steps.find((one) => one.key === 'roof/strip.R1')!;
    expect(step.operation).toBe('strip-chemical');
    expect(step.because[0]).toEqual({ code: 'chosen-method', method: 'chemical' });
    // Only that panel: 60 min/m², roof panels curved × 1.3.
    expect(step.figure.quantity).toBeCloseTo((7.6 / 5) * 2.3 * 1.03, 6);
    expect(step.figure.weighted).toBeCloseTo((7.6 / 5) * 2.3 * 1.03 * 1.3, 6);
  });

  test('panels to be lined cost less: Work in place of Show', () => {
    const ends = { E1: { visibility: 'lined' as const }, E3: { visibility: 'lined' as const } };
    expect(plan(surveyedJob(ends)).budgets.labourMin.planned).toBeLessThan(plain.budgets.labourMin.planned);
  });

  test('measured insides and seams replace the net’s', () => {
    const [part] = partsOfJob(
      surveyedJob({ B1L: { insideM2: 0.7, trimM: 3, seamM: 2.5, beadM: 1.5, rivetM: 0 } }),
    ).filter((one) => one.key === 'B1L');
    expect(part).toMatchObject({ insideM2: 0.7, trimM: 3, seamM: 2.5, beadM: 1.5, rivetM: 0 });
  });

  test('every step has a key of its own, areas of one section share theirs', () => {
    const made = plan(
      surveyedJob({ B1L: { depth: 'stable' }, R2: { level: 'Work' }, E1: { substrate: 'aluminium' } }),
    );
    expect(new Set(made.steps.map((step) => step.key)).size).toBe(made.steps.length);
    expect(made.steps.filter((step) => step.key.includes(':'))).toEqual([]);
    const paint = made.steps.find((step) => step.key === 'sides/paint/wipe')!;
    expect(paint.sections).toEqual(['sides', 'sides:aluminium', 'sides:stable']);
    expect(made.sections.map((one) => one.section)).toEqual([
      'sides',
      'sides:aluminium',
      'sides:stable',
      'roof',
      'roof:Work',
    ]);
  });
});

describe('the three ways', () => {
  const mark: Mark = {
    id: 'm1',
    part: 'R1',
    kind: 'rust',
    x: 0,
    y: 0,
    sizeMm: 40,
    depthMm: null,
    note: '',
    mended: false,
    round: 0,
  };
  const reading: FilmReading = {
    id: 'f1',
    part: 'R2',
    um: 420,
    gauge: 'magnetic',
    source: 'typed',
    fromLeftMm: null,
    fromTopMm: null,
    onDate: '2026-11-23',
  };
  const job = surveyedJob({ R3: { solventTest: 'holds' } }, { marks: [mark], readings: [reading] });
  const parts = partsOfJob(job);
  const depths = (option: 'correct' | 'partial' | 'full') =>
    new Map(optionJob(job, parts, option).surveyed.map((one) => [one.key, [one.depth, one.level]]));

  test('correct keeps everything; partial takes only what its facts pull down; full refinishes all', () => {
    expect(new Set([...depths('correct').values()].map(String))).toEqual(new Set(['scuff,Keep']));
    const partial = depths('partial');
    expect([...partial].filter(([, [depth]]) => depth === 'bare').map(([key]) => key)).toEqual(['R1', 'R2']);
    expect(partial.get('R3')).toEqual(['scuff', 'Keep']);
    const full = depths('full');
    expect(full.get('R1')![0]).toBe('bare');
    expect(full.get('R3')).toEqual(['scuff', null]);
  });

  test('the untested share counts only panels that keep their film: by area', () => {
    const area = (keys: (key: string) => boolean) =>
      parts.filter((part) => keys(part.key)).reduce((sum, part) => sum + part.outsideM2, 0);
    const all = area(() => true);
    expect(untestedShare(job, parts, () => true)).toBeCloseTo((all - area((key) => key === 'R3')) / all, 9);
    expect(untestedShare(job, parts, () => false)).toBe(0);
    expect(untestedShare(job, [], () => true)).toBe(0);
  });

  test('the finish is said from its lowest to its highest', () => {
    expect(finishOf([{ level: 'Show' }, { level: 'Keep' }, { level: 'Road' }])).toEqual({
      lowest: 'Keep',
      highest: 'Show',
    });
    expect(finishOf([])).toBeNull();
  });

  test('advice for a section kept is asked as it stands', () => {
    expect(advicePart(job, { ...job.sections[1]!, level: 'Keep' }, 'R4').depth).toBe('revive');
    expect(advicePart(job, job.sections[1]!, 'R1').depth).toBe('bare');
  });
});
