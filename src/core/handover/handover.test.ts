import { demoScenario } from '../../demo/load-demo';
import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { planJob, type Plan, type PlannedStep } from '../plan';
import type { Job } from '../record';
import { minuteAt } from '../units';
import {
  careOf,
  colourRecord,
  handoverRecord,
  moneyRecord,
  openEnds,
  photoPrompts,
  productsUsed,
  surfaceRevisions,
  workedSince,
} from '.';

const zone = demoShop.timeZone;
const now = minuteAt('2026-12-24', 540, zone);
const shelf = shelfOf(standardShelf);
const jobOf = (number: string): Job => demoScenario(now).jobs.find((one) => one.job.number === number)!.job;
const planOf = (job: Job): Plan =>
  planJob({ job, shop: demoShop, shelf, now, commitments: [], agreedStarts: new Map() });
const coach = jobOf('P-014');
const plan = planOf(coach);

describe('open ends', () => {
  const codes = (job: Job, over: Plan = plan) => openEnds(job, over, []).map((one) => one.code);

  test('half way through: work of each stretch that is not done, marks that are not mended, once each', () => {
    const ends = openEnds(coach, plan, []);
    const left = plan.steps.filter(
      (one) =>
        one.state !== 'done' &&
        !one.skipped &&
        one.kind !== 'passive' &&
        one.phase !== 'return' &&
        one.operation !== 'handover',
    ).length;
    const told = ends.reduce((sum, one) => sum + (one.code === 'steps' ? one.count : 0), 0);
    expect(told).toBe(left);
    expect(ends.filter((one) => one.code === 'mark')).toHaveLength(
      coach.marks.filter((one) => !one.mended).length,
    );
  });

  test('nothing is open once all is done', () => {
    const done: Plan = { ...plan, steps: plan.steps.map((one) => ({ ...one, state: 'done' as const })) };
    const clean: Job = {
      ...coach,
      marks: [],
      decisions: [],
      gates: [],
      holes: [],
      sendOuts: [],
      fittings: coach.fittings.map((one) => ({ ...one, state: 'refitted' as const })),
    };
    expect(openEnds(clean, { ...done, warnings: [] }, [])).toEqual([]);
  });

  test('a mask that was laid and not pulled, a question that waits, film under the line', () => {
    const stateOf = new Map(plan.steps.map((one) => [one.key, one.state]));
    const mask = plan.covers.find((one) => one.pulledBy && stateOf.get(one.pulledBy) === 'planned');
    const steps = plan.steps.map((one): PlannedStep =>
      one.key === mask!.step ? { ...one, state: 'done' } : one,
    );
    expect(codes(coach, { ...plan, steps })).toContain('cover');
    const asked: Job = {
      ...coach,
      decisions: [
        {
          id: 'q',
          what: 'which green',
          part: '',
          find: '',
          gate: '',
          ways: [{ name: 'one', hours: 0, moneyMinor: 0, days: 0 }],
          askedOn: '2026-12-20',
          answer: 'open',
          chosen: null,
          answeredBy: '',
          answeredOn: null,
          said: '',
        },
      ],
    };
    expect(openEnds(asked, plan, [])).toContainEqual({ code: 'decision', what: 'which green' });
    expect(openEnds(coach, plan, [{ part: 'R1', roomUm: -4, points: [{}] }])).toContainEqual({
      code: 'film',
      part: 'R1',
      belowUm: 4,
    });
    expect(openEnds(coach, plan, [{ part: 'R1', roomUm: null, points: [] }])).toContainEqual({
      code: 'unread',
      parts: ['R1'],
    });
  });

  test('what was read where nothing is sanded is read; a colour and what a mask covers go by their names', () => {
    const readOnly = openEnds(coach, plan, [{ part: 'R1', roomUm: null, points: [{}] }]);
    expect(readOnly.some((one) => one.code === 'unread')).toBe(false);
    const waits: Plan = planOf({ ...coach, samples: [], log: [] });
    const samples = openEnds(coach, waits, []).flatMap((one) => (one.code === 'sample' ? [one.colour] : []));
    expect(samples).toContain('Pale Barley');
    const [mask] = plan.covers;
    const steps = plan.steps.map((one): PlannedStep =>
      one.key === mask!.step
        ? { ...one, state: 'done' }
        : one.key === mask!.pulledBy
          ? { ...one, state: 'planned' }
          : one,
    );
    const on = openEnds(coach, { ...plan, steps }, []).flatMap((one) =>
      one.code === 'cover' ? [...one.on] : [],
    );
    const names = plan.sections.map((one) => one.name);
    expect(on.length).toBeGreaterThan(0);
    expect(on.every((name) => names.includes(name))).toBe(true);
  });
});

test('a colour has its products with the batch of the last coat by panel, its sample, and what is kept of it', () => {
  const green = colourRecord(coach, plan, { shelf, moves: [], timeZone: zone }).find(
    (one) => one.colour.name === 'Sluice Green',
  )!;
  expect(green.approved).toMatchObject({ verdict: 'accepted' });
  const base = green.products.find((one) => one.batches.some(({ batch }) => batch === 'BA 71'))!;
  expect(base.batches).toEqual([{ batch: 'BA 71', panels: ['G1', 'G2'] }]);
  expect(green.reserves.map((one) => [one.kind, one.colour])).toEqual([
    ['held-back', 'Sluice Green'],
    ['touch-up', 'Sluice Green'],
  ]);
});

test('products in the order in which they are laid, each once, with the date of its sheet', () => {
  const dated = new Map(shelf);
  const [first] = productsUsed(plan, shelf);
  dated.set(first!.code, { ...shelf.get(first!.code)!, sheetDated: '2026-03-01' });
  const used = productsUsed(plan, dated);
  expect(used[0]).toMatchObject({ code: first!.code, sheetDated: '2026-03-01' });
  expect(new Set(used.map((one) => one.code)).size).toBe(used.length);
});

describe('care', () => {
  const laid = (family: string, product: string, end: string): PlannedStep =>
    ({
      coat: { product },
      skipped: false,
      end: minuteAt(end, 600, zone),
      family,
    }) as unknown as PlannedStep;
  const of = (steps: PlannedStep[], over: Partial<Job> = {}) =>
    careOf({ ...coach, ...over }, { steps, sections: plan.sections }, { shelf, timeZone: zone });
  const clear = standardShelf.find((one) => one.coating?.family === 'clear')!;
  const antifouling = standardShelf.find((one) => one.coating?.family === 'antifouling')!;
  const dayOf = (items: ReturnType<typeof of>, code: string) =>
    items.flatMap((one) => (one.code === code && 'day' in one ? [one.day] : []))[0];

  test('a clear of 20 January: washed from the 27th, by hand to 20 April, no wax before 21 March or full cure', () => {
    const items = of([laid('clear', clear.code, '2027-01-20')]);
    expect(dayOf(items, 'no-wash-until')).toBe('2027-01-27');
    expect(dayOf(items, 'hand-wash-until')).toBe('2027-04-20');
    expect(dayOf(items, 'no-wax-until')).toBe('2027-03-21');
    expect(dayOf(items, 'launch-by')).toBeUndefined();
  });

  test('a hull with antifouling of 1 April goes into the water by 30 June, after it has dried', () => {
    const items = of([laid('antifouling', antifouling.code, '2027-04-01')], { keptWhere: 'afloat' });
    expect(dayOf(items, 'launch-by')).toBe('2027-06-30');
    // Laid at 10:00 and handled 12 h later by its family: dry at 22:00, in the water on the day after.
    expect(dayOf(items, 'launch-from')).toBe('2027-04-02');
    // Nothing above the water was painted: nothing is to be washed or waxed.
    expect(dayOf(items, 'no-wax-until')).toBeUndefined();
    expect(items).toContainEqual({ code: 'afloat' });
  });

  test('where it stands, what was kept and what is leaf have words of their own', () => {
    const kept = { ...coach.sections[0]!, level: 'Keep' as const };
    const items = of([], { keptWhere: 'coast', sections: [kept] });
    expect(items).toContainEqual({ code: 'coast-rinse' });
    expect(items).toContainEqual({ code: 'kept-paint' });
    expect(items).not.toContainEqual({ code: 'read-before-polish' });
  });
});

test('hours against the quote: 10 h of stripping taken, 9 quoted; nothing quoted is said so', () => {
  const steps = [
    { phase: 'strip', usedMin: 400 },
    { phase: 'strip', usedMin: 200 },
    { phase: 'colour', usedMin: 0 },
  ] as unknown as PlannedStep[];
  const budgets = {
    labourMin: { used: 600 },
    boothMin: { used: 30 },
    materialsMinor: { used: 1234 },
  } as unknown as Plan['budgets'];
  const line = (kind: string, of: string, quantity: number, sumMinor: number) => ({
    kind,
    of,
    quantity,
    sumMinor,
  });
  const accepted = {
    lines: [
      line('labour', 'strip', 9, 0),
      line('labour', 'colour', 4, 0),
      line('found', '', 2, 0),
      line('booth', '', 1.5, 0),
      line('materials', 'colour', 1, 5000),
      line('disposal', 'solvent', 1, 310),
    ],
    grossMinor: 99_900,
  } as unknown as Parameters<typeof moneyRecord>[1];
  const record = moneyRecord({ steps, budgets }, accepted, []);
  expect(record.phases).toEqual([
    { phase: 'strip', usedMin: 600, quotedMin: 540 },
    { phase: 'colour', usedMin: 0, quotedMin: 240 },
  ]);
  expect(record.labourMin).toEqual({ used: 600, quoted: 900 });
  expect(record.boothMin).toEqual({ used: 30, quoted: 90 });
  expect(record.materialsMinor).toEqual({ used: 1234, quoted: 5310 });
  expect(moneyRecord({ steps, budgets }, null, []).labourMin.quoted).toBeNull();
});

test('a signature binds each panel: work on one opens that one', () => {
  const signed = surfaceRevisions(plan);
  expect(workedSince(signed, surfaceRevisions(plan))).toEqual([]);
  const roof = plan.parts.find((part) => part.key === 'R1')!.section;
  const next = plan.steps.find((one) => one.state === 'planned' && one.sections.includes(roof))!;
  const later = {
    ...plan,
    steps: plan.steps.map((one) =>
      one.key === next.key ? { ...one, state: 'done' as const, end: now + 10 } : one,
    ),
  };
  const opened = workedSince(signed, surfaceRevisions(later));
  expect(opened).toContain('R1');
  const others = plan.parts.filter((part) => !next.sections.includes(part.section)).map((part) => part.key);
  expect(opened.filter((part) => others.includes(part))).toEqual([]);
});

test('pictures are prompted for where they are worth most, until one is there', () => {
  const prompts = photoPrompts(coach, plan, [], now);
  expect(new Set(prompts.map((one) => one.why))).toEqual(
    new Set(['bare', 'before-cover', 'first-coat', 'approval']),
  );
  const bare = prompts.find((one) => one.why === 'bare')!;
  const taken = [{ step: bare.step, part: null, tag: 'before' as const }];
  expect(photoPrompts(coach, plan, taken, now).map((one) => one.step)).not.toContain(bare.step);
  const find = { id: 'f', part: 'B4L', hours: 2, what: 'rot', onDate: '2026-12-20' };
  const found = { ...coach, finds: [find] };
  const said = (photos: Parameters<typeof photoPrompts>[2]) =>
    photoPrompts(found, plan, photos, now).filter((one) => one.why === 'found').length;
  expect([said([]), said([{ step: null, part: 'B4L', tag: 'found' }])]).toEqual([1, 0]);
});

test('an aircraft has its mass in the record, a coach has none', () => {
  const trainer = jobOf('P-016');
  const of = (job: Job, own: Plan) =>
    handoverRecord({ job, plan: own, shop: demoShop, shelf, moves: [], accepted: null });
  expect(of(coach, plan).mass).toBeNull();
  expect(of(trainer, planOf(trainer)).mass?.panels.length).toBeGreaterThan(0);
});
