import { demoShop } from '../../../demo/shop';
import { figuresFrom, usualFigures } from '../../figures';
import { shelfOf, standardShelf } from '../../film';
import { jobFixture } from '../../job.fixture';
import { coatOf, entry } from '../../log/log.fixture';
import { acceptedSample } from '../../record/sample.fixture';
import { catalogueWith } from '../../steps';
import type { Surface } from '../../surface';
import { minuteAt } from '../../units';
import { planJob, type PlannedStep, type PlanWindow } from '..';
import {
  allowanceAhead,
  batchesApart,
  closingWindows,
  earlyRefit,
  hardDays,
  lateRounds,
  overMaterialCaps,
  painterChanges,
  scarceHands,
  workAir,
} from '.';

const zone = demoShop.timeZone;
const now = minuteAt('2026-11-23', 420, zone);
const shelf = shelfOf(standardShelf);
const places = demoShop.places.map((one) => ({ ...one, airC: 20, profile: null, forecast: [] }));
const shop = { ...demoShop, places };
const base = jobFixture({ level: 'Road' });
const job = { ...base, samples: base.colours.map(({ id }) => acceptedSample(id)) };
const plan = planJob({ job, shop, shelf, now, commitments: [], agreedStarts: new Map() });

describe('windows that close', () => {
  const window = (over: Partial<PlanWindow>): PlanWindow => ({
    key: 'w',
    code: 'recoat-max',
    product: 'epoxy-primer',
    from: 'a',
    to: 'b',
    opened: 1000,
    closes: 2000,
    met: 1900,
    state: 'tight',
    remedy: null,
    ...over,
  });
  const step = (key: string, over: Partial<PlannedStep> = {}) => ({
    key,
    state: 'planned' as const,
    start: 1900,
    pinnedAt: null,
    whyNotEarlier: [],
    ...over,
  });

  test('the one with least slack of a step and product is told, with what is left of it', () => {
    const told = closingWindows([window({}), window({ key: 'v', met: 1960 })], [step('b')]);
    expect(told).toEqual([
      {
        code: 'window-tight',
        step: 'b',
        from: 'a',
        product: 'epoxy-primer',
        slackMin: 40,
        lengthMin: 1000,
        closes: 2000,
      },
    ]);
  });

  test('kept with room, or behind us, is silent', () => {
    expect(closingWindows([window({ state: 'kept' })], [step('b')])).toEqual([]);
    expect(closingWindows([window({})], [step('b', { state: 'done' })])).toEqual([]);
  });

  test('a fixed start that the late step waits for is named, through what lies between', () => {
    const late = window({ state: 'broken', met: 2300 });
    const link = (from: string) => ({ kind: 'link' as const, from, min: 0, why: { code: 'order' as const } });
    const steps = [
      step('b', { start: 2300, whyNotEarlier: [link('between')] }),
      step('between', { start: 2250, whyNotEarlier: [link('pinned')] }),
      step('pinned', { start: 2200, pinnedAt: 2200 }),
    ];
    expect(closingWindows([late], steps)).toMatchObject([
      { code: 'pin-closes-window', step: 'pinned', to: 'b', lateMin: 300, closes: 2000 },
    ]);
    // A fixed start before the window opens has not closed it.
    const early = steps.map((one) => (one.key === 'pinned' ? { ...one, start: 900, pinnedAt: 900 } : one));
    expect(closingWindows([late], early)).toEqual([]);
  });
});

describe('refit on fresh film', () => {
  // Clear 2:1 cures in 21 days at 20 °C; a clamp waits for 15 % of it: 30 240 × 0.15 = 4536 minutes.
  const refit = plan.steps.find((one) => one.operation === 'refit')!;
  const coats = plan.steps.filter(
    (one) => one.coat?.role === 'clear' && one.sections.some((key) => refit.sections.includes(key)),
  );
  const last = Math.max(...coats.map((one) => one.end));
  const at = (start: number) =>
    earlyRefit(
      plan.steps.map((one) => (one === refit ? { ...one, start } : one)),
      { stays: plan.stays, shop, shelf, figures: usualFigures },
    ).filter((one) => one.step === refit.key);

  test('a minute before the clamp may bear on it is told with both times, the minute itself is silent', () => {
    expect(coats.length).toBeGreaterThan(0);
    expect(at(last + 4535)).toEqual([
      { code: 'refit-early', step: refit.key, product: 'clear-21', waitedMin: 4535, neededMin: 4536 },
    ]);
    expect(at(last + 4536)).toEqual([]);
  });
});

describe('hands that will be away', () => {
  const polish: PlannedStep = {
    ...plan.steps[0]!,
    key: 'polish',
    operation: 'polish',
    coat: null,
    people: ['polish'],
    crew: 1,
    skipped: false,
    state: 'planned',
    start: minuteAt('2026-12-01', 480, zone),
    end: minuteAt('2026-12-01', 900, zone),
  };
  const awayFrom = (from: string) =>
    scarceHands(
      [polish],
      {
        ...shop,
        people: shop.people.map((one) =>
          one.skills.includes('polish') ? { ...one, daysOff: [{ from, to: '2026-12-11', reason: '' }] } : one,
        ),
      },
      shelf,
    );

  test('Tuesday’s polish with both polishers away from Friday on may slip two days, by Thursday at the latest', () => {
    expect(awayFrom('2026-12-04')).toMatchObject([
      { step: 'polish', spareDays: 2, missedFrom: '2026-12-04', lastDay: '2026-12-03', backOn: '2026-12-14' },
    ]);
  });

  test('two weeks of room, or nobody away, is silent', () => {
    expect(awayFrom('2026-12-11')).toEqual([]);
    expect(scarceHands([polish], shop, shelf)).toEqual([]);
  });
});

describe('hidden damage, carried on over the panels to come', () => {
  const strip: PlannedStep = {
    ...plan.steps[0]!,
    key: 'body/strip',
    operation: 'strip-disc',
    sections: ['body'],
    coat: null,
    faces: 'outside',
    shut: [],
    skipped: false,
    state: 'planned',
  };
  const surface = (panel: string, areaM2: number): Surface => ({
    key: `${panel}.outside`,
    panel,
    areaM2,
    face: 'outside',
    section: 'body',
    body: 'body',
    loose: false,
    shape: 'flat',
    lengthsM: { trim: 0, bead: 0, rivet: 0, seam: 0, field: 0 },
    fieldEdges: [],
    substrate: 'steel',
    depth: 'bare',
    level: 'Road',
  });
  const surfaces = new Map([['body', [surface('L1', 1), surface('L2', 3)]]]);
  const ended = [{ ...entry({ kind: 'ended', at: 100, step: strip.key }), on: ['L1.outside'], share: 1 }];
  const told = (foundMin: number, heldMin: number, matched = ended) =>
    allowanceAhead({ share: 0.3, heldMin, foundMin, leftMin: 0 }, [strip], {
      entries: catalogueWith([]),
      matched,
      surfaces,
    });

  test('2 h on a quarter of the area are 8 h in all: more than 7 h held is told, 8 h is not', () => {
    expect(told(120, 420)).toEqual([
      { code: 'allowance-short', heldMin: 420, foundMin: 120, projectedMin: 480, panelsDone: 1, panels: 2 },
    ]);
    expect(told(120, 480)).toEqual([]);
  });

  test('before the first panel, and with nothing found, it is silent', () => {
    expect(told(120, 10, [])).toEqual([]);
    expect(told(0, 0)).toEqual([]);
  });
});

describe('batches of a colour', () => {
  const colour = plan.steps.find((one) => one.coat?.role === 'colour')!;
  const parts = plan.parts.filter((one) => colour.sections.includes(one.section)).map((one) => one.key);
  const tap = (part: string, batch: string, at: number) =>
    entry({
      kind: 'coat',
      at,
      step: colour.key,
      parts: [part],
      coat: coatOf({ product: colour.coat!.product, role: 'colour', batch }),
    });
  const told = (...batches: string[]) =>
    batchesApart({ ...job, log: batches.map((batch, i) => tap(parts[i]!, batch, i)) }, plan);

  test('a panel from another batch is named; one name on all, and none written, are silent', () => {
    expect(told('A1', 'A1', 'B2')).toMatchObject([
      { code: 'batches-apart', batches: ['A1', 'B2'], panels: [parts[2]] },
    ]);
    expect(told('A1', 'A1', 'A1')).toEqual([]);
    expect(told('A1', '', '')).toEqual([]);
  });
});

describe('a stop rule against the pace of the job', () => {
  // The shop is open from 7:30 to 16:30.
  const block = plan.steps.find((one) => one.operation === 'block')!;
  const section = block.sections[0]!;
  const monday = minuteAt('2026-12-07', 450, zone);
  const round: PlannedStep = {
    ...block,
    state: 'planned',
    start: monday,
    end: minuteAt('2026-12-07', 990, zone),
    minutes: 510,
    personMinutes: 510,
    leftMin: 510,
    figure: { ...block.figure, learned: 1 },
  };
  const told = (lastDay: string, ratio: number) =>
    lateRounds(
      job.sections.map((one) =>
        one.key === section ? { ...one, stopRule: { hollowMm: null, lastDay } } : one,
      ),
      [round],
      // A hundred days of the same say all but everything: the factor is the ratio, within 1.3 %.
      new Map([['block', { actualMin: 100 * ratio, plannedMin: 100, days: 100 }]]),
      shop,
    );

  test('planned for Monday and twice as slow, it ends on Tuesday: a working day after its last', () => {
    expect(told('2026-12-07', 2)).toEqual([
      { code: 'rounds-late', section, lastDay: '2026-12-07', ends: '2026-12-08', workDays: 1 },
    ]);
    expect(told('2026-12-08', 2)).toEqual([]);
  });

  test('five times as slow it ends on Friday, four working days late; a weekend is none', () => {
    expect(told('2026-12-07', 5)).toMatchObject([{ ends: '2026-12-11', workDays: 4 }]);
    // From Friday's last day to a Saturday nobody works: nothing is late.
    expect(told('2026-12-04', 1)).toMatchObject([{ ends: '2026-12-07', workDays: 1 }]);
  });

  test('a round that is part done goes by its panels already: its pace is not counted twice', () => {
    const running: PlannedStep = { ...round, state: 'running', partDone: { share: 0.1, personMin: 102 } };
    const sections = job.sections.map((one) =>
      one.key === section ? { ...one, stopRule: { hollowMm: null, lastDay: '2026-12-07' } } : one,
    );
    const slow = new Map([['block', { actualMin: 500, plannedMin: 100, days: 100 }]]);
    expect(lateRounds(sections, [running], slow, shop)).toEqual([]);
    expect(lateRounds(sections, [{ ...running, partDone: null }], slow, shop)).toHaveLength(1);
  });

  test('at the planned pace, and without a last day, it is silent', () => {
    expect(told('2026-12-07', 1)).toEqual([]);
    expect(lateRounds(job.sections, [round], new Map(), shop)).toEqual([]);
  });
});

describe('days that are too hard', () => {
  const block = plan.steps.find((one) => one.operation === 'block')!;
  const day = (from: number, to: number): PlannedStep => ({
    ...block,
    state: 'planned',
    uses: ['jun'],
    start: minuteAt('2026-12-07', from, zone),
    end: minuteAt('2026-12-07', to, zone),
  });
  const told = (step: PlannedStep, figures = usualFigures) =>
    hardDays({ steps: [step], finish: step.end }, shop, figures, now);

  test('blocking from 8:00 to 12:30 is half an hour too long for one; at a limit of 270 minutes it is not', () => {
    expect(told(day(480, 750))).toEqual([
      {
        code: 'hard-days',
        kind: 'hand',
        days: 1,
        person: 'Jun',
        date: '2026-12-07',
        minutes: 270,
        limitMin: 240,
      },
    ]);
    const figures = figuresFrom([{ key: 'strain.hand', scope: 'shop', of: '', value: 270 }]);
    expect(told(day(480, 750), figures)).toEqual([]);
  });

  test('three hours are silent', () => {
    expect(told(day(480, 660))).toEqual([]);
  });
});

describe('a change of painter', () => {
  const clears = plan.steps.filter((one) => one.coat?.role === 'clear').slice(0, 2);
  const by = (...painters: string[]): PlannedStep[] =>
    clears.map((step, i) => ({
      ...step,
      state: 'planned' as const,
      uses: [painters[i]!, 'booth'],
      coat: { ...step.coat!, session: 's', product: 'clear-21' },
    }));

  test('the coat that another goes on with is named, with both; one painter for both is silent', () => {
    expect(clears).toHaveLength(2);
    const [, second] = [...clears].sort((a, b) => a.start - b.start);
    expect(painterChanges(by('ines', 'marek'), shop, shelf)).toMatchObject([
      { code: 'painter-changes', step: second!.key, product: 'clear-21' },
    ]);
    expect(painterChanges(by('ines', 'ines'), shop, shelf)).toEqual([]);
  });

  test('primer wants no one hand', () => {
    const primed = by('ines', 'marek').map((step) => ({
      ...step,
      coat: { ...step.coat!, role: 'build' as const, product: 'high-build-41' },
    }));
    expect(painterChanges(primed, shop, shelf)).toEqual([]);
  });
});

describe('work in the wrong air', () => {
  const mask = plan.steps.find((one) => one.operation === 'mask')!;
  const fill = plan.steps.find((one) => one.operation === 'fill')!;
  const told = (airC: number, ...steps: PlannedStep[]) =>
    workAir(
      steps.map((step) => ({ ...step, state: 'planned' as const })),
      {
        entries: catalogueWith([]),
        stays: plan.stays,
        shop: { ...shop, places: places.map((one) => ({ ...one, airC })) },
        shelf,
      },
    );

  test('tape at 9 °C is a degree too cold, with how many steps; at 10 °C it is silent', () => {
    expect(told(9, mask, { ...mask, key: 'again', start: mask.start + 5000 })).toMatchObject([
      { code: 'work-air', step: mask.key, airC: 9, limitC: 10, steps: 2 },
    ]);
    expect(told(10, mask)).toEqual([]);
  });

  test('filler goes by its sheet, 10 to 35 °C; what has no limit is silent', () => {
    expect(told(36, fill)).toMatchObject([{ step: fill.key, airC: 36, limitC: 35 }]);
    expect(told(35, fill)).toEqual([]);
    const wash = plan.steps.find((one) => one.operation === 'wash')!;
    expect(told(-5, wash)).toEqual([]);
  });

  test('a limit of the shop’s own stands; an entry of before there were limits keeps the trade’s', () => {
    const entry = catalogueWith([]).get('mask')!;
    const { leastC: _least, mostC: _most, ...older } = entry;
    const limitOf = (one: object) => catalogueWith([one as typeof entry]).get('mask')!.leastC;
    expect(limitOf({ ...entry, leastC: 14 })).toBe(14);
    expect(limitOf({ ...entry, leastC: null })).toBeNull();
    expect(limitOf(older)).toBe(10);
  });
});

describe('caps by kind of material', () => {
  // Summed here from what the steps name: masking is drawn by steps alone, no session adds to it.
  const masking = [...shelf.values()].filter((one) => one.kind === 'masking');
  const amountOf = (code: string) =>
    plan.steps
      .flatMap((step) => step.needs)
      .reduce((sum, one) => sum + (one.product === code ? one.amount : 0), 0);
  const [most] = [...masking].sort((a, b) => amountOf(b.code) - amountOf(a.code));
  const used = amountOf(most!.code);
  const cap = (over: object) => [
    { id: 'c', kind: 'masking' as const, product: '', mostMinor: null, mostAmount: null, ...over },
  ];
  const told = (over: object) => overMaterialCaps(cap(over), plan, shelf, usualFigures);

  test('of one product in its unit: a hundredth over the cap is told, the cap itself is not', () => {
    expect(used).toBeGreaterThan(1);
    expect(told({ product: most!.code, mostAmount: used })).toEqual([]);
    const [over] = told({ product: most!.code, mostAmount: used - 0.01 });
    expect(over).toMatchObject({ product: most!.code, unit: most!.unit, cap: used - 0.01 });
    expect(over!.planned).toBeCloseTo(used, 6);
  });

  test('of a kind in money, all its products by the cheapest price of their packs', () => {
    const minor = masking.reduce((sum, { code, packs }) => {
      const each = Math.min(...packs.map((pack) => pack.priceMinor / pack.size));
      const own = amountOf(code);
      return own === 0 ? sum : sum + own * each;
    }, 0);
    expect(told({ mostMinor: Math.ceil(minor) + 1 })).toEqual([]);
    const [over] = told({ mostMinor: Math.floor(minor) - 1 });
    expect(over).toMatchObject({ kind: 'masking', product: null, unit: null });
    expect(Math.abs(over!.planned - minor)).toBeLessThanOrEqual(1);
  });

  test('no cap, no word; a cap on what the job does not use is silent', () => {
    expect(overMaterialCaps([], plan, shelf, usualFigures)).toEqual([]);
    expect(told({ kind: 'coating', product: 'antifouling', mostAmount: 0.01 })).toEqual([]);
  });
});
