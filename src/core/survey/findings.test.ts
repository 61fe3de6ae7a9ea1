import { usualFigures } from '../figures';
import { jobFixture } from '../job.fixture';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { planJob } from '../plan';
import { commitmentsOf } from '../plan/commitments';
import { blankSurvey, type Gate, type Job } from '../record';
import { minuteAt } from '../units';
import {
  adviseDepth,
  bakeLimitC,
  coversBeforePaint,
  incompatibilities,
  netOfJob,
  partOfOwn,
  primableFrom,
  roundProgress,
  cartridgeMl,
  sealantCartridges,
  undersidePart,
} from './index';

const survey = blankSurvey('B1L');
const layer = (kind: 'old-filler' | 'unknown') => ({ kind, um: null, year: null, sound: true });

describe('test patches', () => {
  const of = (patch: 'not-done' | 'holds' | 'lifts', depth: 'scuff' | 'bare' = 'scuff') =>
    incompatibilities(depth, 'unknown', { under: [], patch }, 'base-clear').map(
      (one) => `${one.grade} ${one.code}`,
    );

  test('an unknown film asks for one; a patch that holds answers, one that lifts is a stop until all is bare', () => {
    expect(of('not-done')).toEqual(['caution unknown-needs-patch']);
    expect(of('holds')).toEqual([]);
    expect(of('lifts')).toEqual(['stop patch-failed', 'caution unknown-needs-patch']);
    expect(of('lifts', 'bare')).toEqual([]);
  });

  test('a patch that wrinkles pulls the panel to bare', () => {
    const advice = adviseDepth({
      survey: { ...survey, patch: 'wrinkles' },
      marks: [],
      film: null,
      section: { oldFinish: 'enamel', system: 'base-clear', level: 'Road' },
    });
    expect(advice.depth).toBe('bare');
    expect(advice.because[0]).toMatchObject({ code: 'patch', result: 'wrinkles' });
  });
});

test('the hottest bake: plastics 60 °C, laminate 50, steel over old filler 60, bonded aircraft structure none', () => {
  expect(bakeLimitC('steel', { under: [] })).toBeNull();
  expect(bakeLimitC('steel', { under: [layer('old-filler')] })).toBe(60);
  expect(bakeLimitC('plastic', { under: [] })).toBe(60);
  expect(bakeLimitC('laminate', { under: [layer('old-filler')] })).toBe(50);
  expect(bakeLimitC('laminate', { under: [] }, 'aircraft')).toBe(0);
});

test('sealant: a 6 mm bead takes 28.27 mL/m, a cartridge gives 279 mL: 9.8 m with one, 10 m with two', () => {
  expect([0, 9.8, 10, 19.7, 20].map((seamM) => sealantCartridges(seamM, cartridgeMl(usualFigures)))).toEqual([
    0, 1, 2, 2, 3,
  ]);
  expect(primableFrom('2026-12-31')).toBe('2027-01-01');
  expect(primableFrom(null)).toBeNull();
});

test('the high and low map shrinks from round to round: discs of 100, 100 and 50 mm, chips do not count', () => {
  const mark = (kind: 'low' | 'high' | 'chip', sizeMm: number, round: number, mended = false) => ({
    kind,
    sizeMm,
    round,
    mended,
  });
  const rounds = roundProgress([
    mark('low', 50, 2),
    mark('low', 100, 1, true),
    mark('high', 100, 1),
    mark('chip', 500, 0),
  ]);
  expect(rounds.map(({ round, found, open }) => [round, found, open])).toEqual([
    [1, 2, 1],
    [2, 1, 1],
  ]);
  // π/4 · 0.1² = 0.00785 m² each, π/4 · 0.05² = 0.00196 m².
  expect(rounds[0]!.foundM2).toBeCloseTo(0.015708, 6);
  expect(rounds[1]!.foundM2).toBeCloseTo(0.0019635, 6);
});

describe('panels that get covered', () => {
  const noon = minuteAt('2026-12-24', 720, 'Europe/London');
  const late = (coveredOn: string | null, end = noon) =>
    coversBeforePaint(
      [{ key: 'F1', coveredBy: 'carpet', coveredOn }],
      [{ key: 'F1', section: 'floor:Work' }],
      [
        { sections: ['floor:Work'], end, coat: {} },
        { sections: ['floor:Work'], end: end + 5000, coat: null },
        { sections: ['roof'], end: end + 9000, coat: {} },
      ],
      'Europe/London',
    );

  test('the day of the cover must come after the last coat of its lot', () => {
    expect(late('2026-12-24')).toEqual([
      { part: 'F1', coveredBy: 'carpet', coveredOn: '2026-12-24', painted: noon },
    ]);
    expect(late('2026-12-25')).toEqual([]);
    expect(late(null)).toEqual([]);
  });

  test('the plan stops where carpet would go over bare primer', () => {
    const job = jobFixture();
    const surveyed = [{ ...blankSurvey('R1'), visibility: 'lined' as const, coveredOn: '2026-11-24' }];
    expect(plan({ ...job, surveyed }).warnings).toContainEqual(
      expect.objectContaining({ code: 'covered-unpainted', part: 'R1' }),
    );
  });
});

const plan = (job: Job) =>
  planJob({
    job,
    shop: demoShop,
    shelf: shelfOf(standardShelf),
    now: minuteAt('2026-11-23', 450, 'Europe/London'),
    commitments: [],
    agreedStarts: new Map(),
  });

describe('primer behind an open gate', () => {
  const gate: Gate = {
    id: 'g1',
    section: 'roof',
    kind: 'welded',
    what: 'hatch frame',
    gapMm: null,
    flushMm: null,
    attempts: 0,
    done: false,
    doneOn: null,
    holds: 'prime' as const,
  };
  const base = jobFixture({ level: 'Work' });
  const open = plan({ ...base, gates: [gate] });
  const first = open.steps.find((step) => step.coat && step.sections.includes('roof'))!;

  test('is planned but not booked: its session takes neither booth nor people from other jobs', () => {
    expect(first.heldBy).toEqual(['hatch frame']);
    const at = (commitment: { from: number; to: number }) =>
      commitment.from < first.end && commitment.to > first.start;
    const booked = (of: ReturnType<typeof plan>) =>
      commitmentsOf(of).filter((one) => first.uses.includes(one.resource) && at(one));
    expect(booked(open)).toEqual([]);
    expect(booked(plan({ ...base, gates: [{ ...gate, done: true }] })).length).toBeGreaterThan(0);
  });

  test('what follows it is shown and not booked either; what comes before it is booked, and primer that is on is not held', () => {
    const later = open.steps.filter(
      (step) =>
        step.coat &&
        step.coat.session !== first.coat!.session &&
        step.sections.some((one) => first.sections.includes(one)),
    );
    expect(later.length).toBeGreaterThan(0);
    expect(later.every((step) => step.heldBy.includes('hatch frame'))).toBe(true);
    const earlier = open.steps.filter((step) => step.phase === 'strip');
    expect(earlier.length).toBeGreaterThan(0);
    expect(earlier.every((step) => step.heldBy.length === 0)).toBe(true);
    const done = { step: first.key, status: 'done' as const, start: 0, end: 10, remainingMin: null };
    const facts = [{ ...done, personMinutes: 10, materialsMinor: 0, uses: [] }];
    const begun = plan({ ...base, gates: [gate], facts });
    expect(begun.steps.every((step) => step.heldBy.length === 0)).toBe(true);
    expect(begun.warnings.some((one) => one.code === 'gate-open')).toBe(false);
  });
});

test('an outside quote on every panel of a lot is its price in the plan', () => {
  const job = jobFixture({ level: 'Work' });
  const roof = netOfJob(job).filter((part) => part.section === 'roof');
  const priced = (quote: number | null) => {
    const surveyed = roof.map((part) => ({
      ...blankSurvey(part.key),
      method: 'outside' as const,
      depth: 'bare' as const,
      outsideQuoteMinor: quote,
    }));
    return plan({ ...job, surveyed }).steps.find((step) => step.operation === 'send-out')!;
  };
  expect(priced(10_000)).toMatchObject({ quotedMinor: 10_000 * roof.length });
  expect(priced(10_000).materialsMinor).toBe(10_000 * roof.length);
  expect(priced(null).quotedMinor).toBeNull();
});

test('the underside is length × width less a tenth for the wheels', () => {
  const own = undersidePart({ length: 4, width: 1.5 }, 'shell', [], new Set(['U1']));
  expect(own).toMatchObject({ key: 'U12', side: 'bottom', section: 'shell' });
  expect(partOfOwn(own).outsideM2).toBeCloseTo(5.4, 9);
});
