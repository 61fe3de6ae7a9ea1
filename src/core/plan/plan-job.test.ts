import { proposeJob } from '../survey';
import { shelfOf, standardShelf } from '../film';
import { demoShop } from '../../demo/shop';
import { planJob, type Plan } from '.';
import type { Job, JobSection } from '../record';
import { minutesWithin } from '../schedule';
import { openStretches } from '../shop';
import { addDays, localDateOf, minuteAt } from '../units';
import { bodyKindOf, completeDimensions } from '../vehicle';

const shelf = shelfOf(standardShelf);
const zone = demoShop.timeZone;
const now = minuteAt('2026-11-23', 420, zone);

function jobOf(bodyKind: string, over: Partial<Job> = {}, sectionOver: Partial<JobSection> = {}): Job {
  const kind = bodyKindOf(bodyKind)!;
  const dimensions = completeDimensions(kind, over.dimensions ?? {});
  const sections = kind.sections(dimensions).map((section) => ({
    ...section,
    level: 'Road' as const,
    colour: 'c.1',
    insideColour: null,
    coats: {},
    ladder: null,
    schools: {},
    rounds: {},
    stopRule: null,
    ...sectionOver,
  }));
  return {
    ...proposeJob({
      number: 'P-001',
      name: '',
      owner: '',
      bodyKind: 'box-body',
      dimensions: {},
      level: 'Road',
      arrival: '2026-11-23',
      promised: '2027-01-22',
      capLabourHours: 0,
      capMaterialsMinor: 0,
      capBoothHours: 0,
    }),
    number: 'T-1',
    name: 'Test',
    owner: 'Nobody',
    bodyKind,
    level: 'Road',
    state: 'planned',
    arrival: '2026-11-23',
    promised: '2027-02-26',
    weight: 1,
    caps: { labourHours: 0, materialsMinor: 0, boothHours: 0 },
    measured: [],
    surveyed: [],
    marks: [],
    readings: [],
    ownParts: [],
    fittings: [],
    holes: [],
    gates: [],
    finds: [],
    builtYear: null,
    priorRepair: 'none',
    facts: [],
    log: [],
    milestones: [],
    openings: [],
    covers: [],
    blends: [],
    sendOuts: [],
    looseItems: [],
    alternatives: [],
    matchAttempts: [],
    stepEdits: [],
    placingOrder: [],
    addedSteps: [],
    schools: {},
    scope: [],
    signOffs: [],
    sections,
    ...over,
    dimensions,
  };
}
const plan = (job: Job, over = {}) =>
  planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map(), ...over });
const step = (given: Plan, key: string) => given.steps.find((one) => one.key === key)!;
const van = () => jobOf('box-body', { dimensions: { length: 4.2, width: 1.7, height: 1.9, sideGlass: 8 } });

describe('a plan keeps what the shop and the sheets demand', () => {
  const given = plan(van());

  test('bare steel sees its first coat within 8 hours of treatment', () => {
    const treat = step(given, 'body/treat-steel');
    const coat = step(given, 'body/epoxy/epoxy-1');
    expect(coat.start - treat.end).toBeGreaterThanOrEqual(0);
    expect(coat.start - treat.end).toBeLessThanOrEqual(480);
    expect(given.windows.find((one) => one.code === 'bare-metal')!.state).not.toBe('broken');
  });

  test('coats of a session follow within three flashes, and no session crosses closing', () => {
    const coats = given.steps.filter((one) => one.coat?.session === 'body/build-1');
    expect(coats).toHaveLength(2);
    // High-build: flash 8 min at 20 °C, attended within the first coat; window 3 × 8 − 8.
    expect(coats[1]!.start - coats[0]!.end).toBeLessThanOrEqual(16);
    const open = openStretches(demoShop, '2026-11-20', 120);
    for (const one of given.steps.filter((each) => each.coat))
      expect(minutesWithin(open, one.start, one.end)).toBe(one.end - one.start);
  });

  test('high-build is blocked no sooner than 4 h at 20 °C, 4 h × 2^0.2 = 276 min in a bay at 18 °C', () => {
    const film = step(given, 'body/build-1/build-2');
    for (const key of ['sides/block-1-p180', 'roof/block-1-p180'])
      expect(step(given, key).start - film.end).toBeGreaterThanOrEqual(276);
  });

  test('no person and no place serves two things at once', () => {
    const spans = given.steps.flatMap((one) =>
      one.uses
        .filter((id) => demoShop.people.some((person) => person.id === id))
        .map((id) => ({ id, from: one.start, to: one.end })),
    );
    const stays = given.stays.map((one) => ({ id: one.place, from: one.start, to: one.end }));
    for (const list of [spans, stays])
      list.forEach((a, i) =>
        list.slice(i + 1).forEach((b) => expect(a.id === b.id && a.from < b.to && b.from < a.to).toBe(false)),
      );
  });

  test('every step has a reason to be there, and planned work a reason not to be earlier', () => {
    for (const one of given.steps) {
      if (one.kind !== 'passive') expect(one.because.length).toBeGreaterThan(0);
      expect(one.whyNotEarlier.length).toBeGreaterThan(0);
    }
  });

  test('the promise is late by calendar days, not by hours', () => {
    const early = plan({ ...van(), promised: given.finishDate! });
    expect(early.lateDays).toBe(0);
    expect(plan({ ...van(), promised: '2026-11-24' }).warnings).toContainEqual({
      code: 'late',
      days: expect.any(Number),
    });
  });
});

describe('minutes, litres and money of one section, by hand', () => {
  // The transom, topsides and all: a hull whose boot-top is 8 strips of 0.12 m × length / 4.
  const given = plan(
    jobOf('open-hull', { dimensions: { length: 5, beam: 1.9, depth: 0.8 } }, { level: 'Work' }),
  );
  const area = 2 * 5 * 0.12;

  test('boot-top 1.2 m² curved: a roller coat takes 30 + 10 × 1.2 × 1.3 = 45.6, so 46 minutes of one person', () => {
    const coat = step(given, 'boot-top/topcoat-1');
    expect(coat.coat!.areaM2).toBeCloseTo(area, 9);
    expect(coat).toMatchObject({ minutes: 46, personMinutes: 46, crew: 1 });
  });

  test('its topcoat: solids (2×0.50 + 0.42) / 3.3, 32 µm, roller 93 %: 1.2 × 32 / 1000 / 0.4303 / 0.93 = 0.0960 L', () => {
    expect(step(given, 'boot-top/topcoat-1').coat!.litres).toBeCloseTo(
      (area * 0.032) / (1.42 / 3.3) / 0.93,
      9,
    );
  });

  test('ready mix of that coat: 0.0960 × 1.1 + 0.05 + 0.15', () => {
    const session = given.sessions.find((one) => one.session === 'boot-top/topcoat-1')!;
    expect(session.readyL).toBeCloseTo(0.096 * 1.1 + 0.2, 3);
  });

  test('two primer and four roller colours on a 5 m hull land in 25–45 h', () => {
    const hours = given.budgets.labourMin.planned / 60;
    expect(hours).toBeGreaterThan(25);
    expect(hours).toBeLessThan(45);
  });
});

describe('changes of the input show in the plan', () => {
  test('a measured area replaces the computed one and is marked', () => {
    const job = van();
    const before = plan(job);
    const after = plan({ ...job, measured: [{ key: 'R1', outsideM2: 10 }] });
    expect(after.parts.find((part) => part.key === 'R1')).toMatchObject({ outsideM2: 10, measured: true });
    expect(after.budgets.labourMin.planned).toBeGreaterThan(before.budgets.labourMin.planned);
  });

  test('days off of both painters move the first coat behind them', () => {
    const before = step(plan(van()), 'body/epoxy/epoxy-1');
    const off = [{ from: '2026-11-23', to: '2027-01-10', reason: 'leave' }];
    const people = demoShop.people.map((one) =>
      one.skills.includes('paint') ? { ...one, daysOff: off } : one,
    );
    const after = step(plan(van(), { shop: { ...demoShop, people } }), 'body/epoxy/epoxy-1');
    expect(after.start).toBeGreaterThanOrEqual(minuteAt('2027-01-11', 450, zone));
    expect(after.start).toBeGreaterThan(before.start);
  });

  test('a dearer hour raises the quote by the difference times the hours', () => {
    const base = plan(van());
    const dear = plan(van(), { shop: { ...demoShop, labourRateMinorPerHour: 5800 } });
    expect(dear.quote.labourMinor - base.quote.labourMinor).toBeCloseTo(
      (base.budgets.labourMin.planned / 60) * 1000,
      -1,
    );
  });

  test('two clears typed where the finish needs four is said, with what would be left', () => {
    const job = jobOf('box-body', {}, { level: 'Show', coats: { clear: 2 } });
    // 2 × 30 − 32.9 − 4 on flats. Four go on in two sessions: the scuff between takes 2 µm, so that edges are taped through
    // 1000 as well (3 × 18 = 54 < 30 + 2 + 24.8 ≤ 4 × 18); of two coats 2 × 30 × 0.6 − 24.8 are left there.
    expect(plan(job).warnings).toContainEqual({
      code: 'thin-clear',
      section: 'sides',
      typed: 2,
      needed: 4,
      leftFlatUm: expect.closeTo(23.1, 6),
      leftEdgeUm: expect.closeTo(11.2, 6),
    });
  });

  test('more than three clears become two sessions', () => {
    const given = plan(jobOf('box-body', {}, { level: 'Show' }));
    const sessions = new Set(
      given.steps
        .filter((one) => one.coat?.role === 'clear' && one.sections[0] === 'sides')
        .map((one) => one.coat!.session),
    );
    expect(sessions.size).toBe(2);
  });

  test('a finished step counts what was logged, and keeps its time', () => {
    const start = minuteAt('2026-11-23', 450, zone);
    const fact = {
      step: 'body/strip/in',
      status: 'done' as const,
      start,
      end: start + 40,
      remainingMin: null,
      personMinutes: 80,
      materialsMinor: 0,
      uses: ['jun', 'sal', 'wash'],
    };
    const given = plan({ ...van(), facts: [fact] }, { now: start + 40 });
    expect(step(given, 'body/strip/in')).toMatchObject({ state: 'done', start, end: start + 40 });
    expect(given.budgets.labourMin.used).toBe(80);
  });

  test('a recoat window that the shop’s closure breaks is remedied with scuffing, and the plan says so', () => {
    const job = jobOf('open-hull', {}, { level: 'Work' });
    const places = demoShop.places.map((place) => ({ ...place, profile: null }));
    const open = plan(job, { shop: { ...demoShop, places } });
    // The barrier takes its antifouling for four days; the shop closes for twelve from the day after its last coat.
    const film = open.windows.find((one) => one.product === 'epoxy-barrier' && one.state !== 'remedied')!;
    const first = addDays(localDateOf(film.opened, zone), 1);
    const closures = Array.from({ length: 12 }, (_, i) => ({ date: addDays(first, i), reason: 'closed' }));
    const given = plan(job, { shop: { ...demoShop, closures, places } });
    const remedied = given.windows.filter((one) => one.state === 'remedied');
    expect(remedied.length).toBeGreaterThan(0);
    const scuffing = step(given, `${remedied[0]!.to}/scuff-again`);
    // The demo shop's hour is £48.
    expect(given.warnings).toContainEqual({
      code: 'remedied',
      product: remedied[0]!.product,
      step: remedied[0]!.to,
      personMinutes: scuffing.personMinutes,
      costMinor: Math.round(scuffing.personMinutes * 80) + scuffing.materialsMinor,
    });
    expect(scuffing.materialsMinor).toBeGreaterThan(0);
    expect(step(given, `${remedied[0]!.to}/scuff-again`).end).toBeLessThanOrEqual(remedied[0]!.met);
  });

  test('a shop too cold for a product is told to stop, not given a time', () => {
    const places = demoShop.places.map((place) => ({ ...place, airC: 8 }));
    expect(plan(van(), { shop: { ...demoShop, places } }).warnings).toContainEqual(
      expect.objectContaining({ code: 'air-outside-limits', airC: 8, minAirC: 12 }),
    );
  });
});
