import { demoShop } from '../../demo/shop';
import type { TypedFigure } from '../figures';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { ownPartOf, type Job, type JobSection } from '../record';
import { acceptedSample } from '../record/sample.fixture';
import { minuteAt } from '../units';
import { partFromOutline, type Shape } from '../vehicle';
import { planJob } from '.';

/**
 * Whole jobs reckoned on paper, with figures of a shop's own: areas, coats and films of the sheets, the trade's labour anchors.
 * Nothing of the paper comes from the code: mixes are parts × solids, minutes are anchors × area × shape.
 */
const shelf = shelfOf(standardShelf);
const now = minuteAt('2026-11-23', 420, demoShop.timeZone);
const places = demoShop.places.map((one) => ({ ...one, airC: 20, profile: null, forecast: [] }));

/** The figures of this shop: half of the spray stays, a fifth is mixed on top, small losses, filler at 2 mm in palettes of 200 g. */
const own: [TypedFigure['key'], number][] = [
  ['transfer.flat', 0.5],
  ['transfer.curved', 0.4],
  ['mix.reserve', 0.2],
  ['mix.batch-loss', 0.03],
  ['mix.session-loss', 0.1],
  ['filler.depth', 2],
  ['filler.palette', 0.2],
  ['seam.cartridge', 300],
  ['seam.left', 0.05],
];
const figures = own.map(([key, value]): TypedFigure => ({ key, scope: 'shop', of: '', value }));
const shop = { ...demoShop, places, figures };

/** Panels of 2.5 m² each, of steel, in enamel, taken to bare: nothing but what lies on them. */
function panels(count: number, shape: Shape, over: Partial<JobSection>, seamM = 0): Job {
  const ring: [number, number][] = [
    [0, 0],
    [2.5, 0],
    [2.5, 1],
    [0, 1],
  ];
  const base = jobFixture({ bodyKind: 'loose-parts', level: over.level ?? 'Road' }, over);
  const parts = Array.from({ length: count }, (_, i) =>
    partFromOutline({
      key: `L${i + 1}`,
      name: `Panel ${i + 1}`,
      section: 'parts',
      side: 'loose',
      outline: ring,
      shape,
      insideM2: 0,
      seamM,
    }),
  );
  return {
    ...base,
    ownParts: parts.map(ownPartOf),
    samples: base.colours.map(({ id }) => acceptedSample(id)),
  };
}

const plan = (job: Job) => planJob({ job, shop, shelf, now, commitments: [], agreedStarts: new Map() });
type Made = ReturnType<typeof plan>;
/** Litres net by product, over all coats. */
const litres = (made: Made, product: string) =>
  made.steps.reduce((sum, { coat }) => sum + (coat?.product === product ? coat.litres : 0), 0);
/** Person-minutes of a step without its fixed part and the flashes that are stood by. */
const ownMinutes = ({ personMinutes, figure, crew }: Made['steps'][number]) =>
  personMinutes - figure.fixedMin - figure.flashMin * crew;
/** The same of each step of one operation. */
const minutes = (made: Made, operation: string) =>
  some(made.steps.filter((step) => step.operation === operation)).map(ownMinutes);
const ready = (made: Made, product: string) =>
  made.sessions
    .filter((one) => one.product === product)
    .map(({ readyL, batches }) => [readyL, batches] as const);
/** Steps that there must be. */
const some = (list: Made['steps']) => {
  expect(list.length).toBeGreaterThan(0);
  return list;
};
/** Litres for a square metre of each coat of a product. */
const litresPerM2 = (made: Made, product: string) =>
  some(made.steps.filter(({ coat }) => coat?.product === product)).map(
    ({ coat }) => coat!.litres / coat!.areaM2,
  );
/** Within one per cent, as paper and plan are to be. */
const near = (figure: number, paper: number) => {
  expect(Math.abs(figure - paper)).toBeLessThanOrEqual(Math.abs(paper) * 0.01);
};

describe('four flat panels, 10 m², at Road', () => {
  const job = panels(4, 'flat', { level: 'Road', depth: 'bare' }, 3);
  const made = plan(job);

  test('litres: area × film ÷ (1000 × solids × 0.5), by the parts of each mix', () => {
    // Epoxy (0.5 + 0.4) ÷ 2 = 0.45: 10 × 35 ÷ (1000 × 0.45 × 0.5) = 1.5556.
    near(litres(made, 'epoxy-primer'), 1.5556);
    // Build (4 × 0.55 + 0.45) ÷ 5.5 = 0.48182, four coats of 60: 4 × 10 × 60 ÷ 240.91 = 9.9623.
    near(litres(made, 'high-build-41'), 9.9623);
    // Sealer (4 × 0.42 + 0.4) ÷ 6 = 0.34667: 10 × 25 ÷ 173.33 = 1.4423.
    near(litres(made, 'sealer-grey'), 1.4423);
    // Base 0.45 ÷ 2 = 0.225, three coats of 14: 3 × 10 × 14 ÷ 112.5 = 3.7333.
    near(litres(made, 'base-solid'), 3.7333);
    // Clear (2 × 0.52 + 0.38) ÷ 3 = 0.47333, two coats of 30: 2 × 10 × 30 ÷ 236.67 = 2.5352.
    near(litres(made, 'clear-21'), 2.5352);
  });

  test('to mix: a fifth on top, 0.03 L a batch and 0.1 L a session; no more than 5 L at a time', () => {
    // 1.5556 × 1.2 + 0.03 + 0.1 = 1.9967; sealer 1.8608; base 4.48 + 0.13 = 4.61; clear 3.0423 + 0.13 = 3.1723.
    for (const [product, paper] of [
      ['epoxy-primer', 1.9967],
      ['sealer-grey', 1.8608],
      ['base-solid', 4.61],
      ['clear-21', 3.1723],
    ] as const) {
      const [[litresReady, batches]] = ready(made, product) as [readonly [number, number]];
      near(litresReady, paper);
      expect(batches).toBe(1);
    }
    // Two rounds of two coats: 4.9811 × 1.2 = 5.9774 L in two batches, 0.06 and 0.1 L lost: 6.1374.
    expect(ready(made, 'high-build-41')).toHaveLength(2);
    for (const [litresReady, batches] of ready(made, 'high-build-41')) {
      near(litresReady, 6.1374);
      expect(batches).toBe(2);
    }
  });

  test('filler at 2 mm: 15 % of 10 m² take 4 kg a square metre, 6 kg in 30 palettes of 200 g with 5 g of hardener', () => {
    const [fill] = made.steps.filter((step) => step.operation === 'fill');
    near(fill!.spread!.massKg, 6);
    expect(fill!.spread!.palettes).toBe(30);
    near(fill!.spread!.paletteKg, 0.2);
    near(fill!.spread!.hardenerG!, 5);
    // 45 a square metre hold for 2.4 kg in palettes of 250 g: 2.4 × (4 + 8.3333) = 29.6 of them.
    // 4 kg in palettes of 200 g: 4 × (5 + 8.3333) = 53.3333. 45 − 29.6 + 53.3333 = 68.7333; × 1.5 = 103.1.
    near(minutes(made, 'fill')[0]!, 103.1);
  });

  test('twelve metres of seam: 28.274 mL each, 285 mL a cartridge: 1.1905 of them, two to buy', () => {
    const [seal] = made.steps.filter((step) => step.operation === 'seal-seams');
    near(seal!.needs.find((one) => one.product === 'seam-sealer')!.amount, 1.1905);
    const line = made.shopping.find((one) => one.product === 'seam-sealer')!;
    expect(line.buy!.packs.reduce((sum, pack) => sum + pack.size * pack.count, 0)).toBe(2);
  });

  test('minutes by the anchors: 75 a square metre and round, 0.7 of guide coat, 3, 2.5 and 3 of spraying', () => {
    // 180 in the first round; 240 and 320 in the second, as 25 to 12 of 37.
    const blocked = minutes(made, 'block');
    expect(blocked).toHaveLength(3);
    near(blocked[0]!, 750);
    near(blocked[1]!, 506.76);
    near(blocked[2]!, 243.24);
    for (const one of minutes(made, 'guide-coat')) near(one, 7);
    const sprayed = (product: string) =>
      some(made.steps.filter((step) => step.coat?.product === product)).map(ownMinutes);
    for (const one of sprayed('epoxy-primer')) near(one, 30);
    for (const one of sprayed('base-solid')) near(one, 25);
    for (const one of sprayed('clear-21')) near(one, 30);
    // Discs 1500 and 3000: 8 and 4; then 12 and 8 by the pads.
    near(
      made.steps.filter((step) => step.grit?.grit === 1500).reduce((sum, one) => sum + one.personMinutes, 0),
      80,
    );
    near(
      made.steps.filter((step) => step.grit?.grit === 3000).reduce((sum, one) => sum + one.personMinutes, 0),
      40,
    );
  });

  test('packs: the cheapest whole ones, by the price list of the shelf', () => {
    const bought = (product: string) => {
      const { packs, costMinor } = made.shopping.find((one) => one.product === product)!.buy!;
      return [costMinor, ...packs.map((pack) => `${pack.count} × ${pack.size}`).sort()];
    };
    // 1.9967 L: one of 2 L. 1.8608 L: two of 1.5 L, since 6 L cost 165. 4.61 L: two of 2 L and one of 1 L.
    expect(bought('epoxy-primer')).toEqual([5400, '1 × 2']);
    expect(bought('sealer-grey')).toEqual([9600, '2 × 1.5']);
    expect(bought('base-solid')).toEqual([18_700, '1 × 1', '2 × 2']);
    // 3.1723 L: three of 1.5 L. 2 × 6.1374 = 12.2748 L: two of 5.5 L and one of 1.375 L.
    expect(bought('clear-21')).toEqual([12_900, '3 × 1.5']);
    expect(bought('high-build-41')).toEqual([29_450, '1 × 1.375', '2 × 5.5']);
  });

  test('dates: bare steel primed within 8 hours, clear sanded 18 hours after its last coat', () => {
    const of = (operation: string) => some(made.steps.filter((step) => step.operation === operation));
    const coats = (product: string) => some(made.steps.filter((step) => step.coat?.product === product));
    const treated = Math.max(...of('treat-steel').map((step) => step.end));
    const primed = Math.min(...coats('epoxy-primer').map((step) => step.start));
    expect(primed - treated).toBeLessThanOrEqual(480);
    const cleared = Math.max(...coats('clear-21').map((step) => step.end));
    const sanded = Math.min(
      ...some(made.steps.filter((step) => step.grit && step.phase === 'finish')).map((step) => step.start),
    );
    expect(sanded - cleared).toBeGreaterThanOrEqual(18 * 60);
  });

  test('clear: 60 µm laid, 5 + 1.25 + 2 + 0.5 taken, 4 kept for the second look: 47.25 µm stay', () => {
    const clear = made.sections[0]!.clear!;
    near(clear.leftFlatUm, 47.25);
  });
});

describe('six curved panels, 15 m², at Show', () => {
  const made = plan(panels(6, 'curved', { level: 'Show', depth: 'bare' }));

  test('litres with two fifths that stay; four clears are laid for 45 + 32.9 + 4 µm of flats', () => {
    near(litres(made, 'epoxy-primer'), (15 * 35) / (450 * 0.4)); // 2.9167
    near(litres(made, 'high-build-41'), 18.6792); // 4 × 15 × 60 ÷ (481.818 × 0.4)
    near(litres(made, 'sealer-grey'), 2.7043); // 15 × 25 ÷ (346.667 × 0.4)
    near(litres(made, 'base-solid'), 7); // 3 × 15 × 14 ÷ (225 × 0.4)
    near(litres(made, 'clear-21'), 9.507); // 4 × 15 × 30 ÷ (473.333 × 0.4)
  });

  test('two rounds of filler over two fifths: 24 kg and 120 palettes each, 536 minutes, blocked in 1365', () => {
    const fills = made.steps.filter((step) => step.operation === 'fill');
    expect(fills).toHaveLength(2);
    for (const { spread } of fills) {
      near(spread!.massKg, 24);
      expect(spread!.palettes).toBe(120);
    }
    // 68.7333 × 6 m² × 1.3; 175 × 6 × 1.3.
    for (const one of minutes(made, 'fill')) near(one, 536.12);
    // 80 and 150, as 25 to 12 of 37.
    const blocked = minutes(made, 'block-filler');
    expect(blocked).toHaveLength(4);
    for (const one of [blocked[0]!, blocked[2]!]) near(one, 922.3);
    for (const one of [blocked[1]!, blocked[3]!]) near(one, 442.7);
  });

  test('blocking 175 × 15 × 1.3 a round; grits 25, then 12 a square metre; pads 12, 8 and 6', () => {
    const blocked = minutes(made, 'block');
    expect(blocked).toHaveLength(3);
    near(blocked[0]!, 3412.5);
    near(blocked[1]!, 2305.74);
    near(blocked[2]!, 1106.76);
    const by = (grit: number) =>
      made.steps.filter((step) => step.grit?.grit === grit).reduce((sum, one) => sum + one.personMinutes, 0);
    near(by(800), 487.5);
    for (const grit of [1000, 1500, 2000, 3000, 5000]) near(by(grit), 234);
    const pads = made.steps
      .filter((step) => step.operation === 'polish')
      .map(({ personMinutes, figure }) => personMinutes - figure.fixedMin);
    near(
      pads.reduce((sum, one) => sum + one, 0),
      26 * 15 * 1.3,
    );
  });

  test('looked at again two weeks after the last polish, not before', () => {
    const ends = (operation: string, pick: (step: Made['steps'][number]) => number) =>
      some(made.steps.filter((step) => step.operation === operation)).map(pick);
    const polished = Math.max(...ends('polish', (step) => step.end));
    const looked = Math.min(...ends('second-look', (step) => step.start));
    expect(looked - polished).toBeGreaterThanOrEqual(14 * 1440);
    expect(looked - polished).toBeLessThan(28 * 1440);
  });
});

describe('four flat panels that keep their paint and are polished', () => {
  const job = panels(4, 'flat', { level: 'Keep', depth: 'scuff' });
  const readings = job.ownParts.map(({ key }, i) => ({
    id: `r${i}`,
    part: key,
    um: 110,
    spot: '',
    onDate: '2026-11-20',
    gauge: 'magnetic' as const,
    fromLeftMm: null,
    fromTopMm: null,
    source: 'typed' as const,
  }));
  const made = plan({ ...job, readings });

  test('one pad of 6 minutes a square metre takes half a micrometre: nothing is laid, nothing is too thin', () => {
    const pads = made.steps.filter((step) => step.operation === 'polish');
    near(
      pads.reduce((sum, { personMinutes, figure }) => sum + personMinutes - figure.fixedMin, 0),
      60,
    );
    expect(pads.flatMap((step) => step.grit?.takes.map((one) => one.flatUm) ?? [])).toEqual([0.5]);
    expect(made.steps.filter((step) => step.coat)).toEqual([]);
    expect(made.warnings.filter((one) => one.code === 'kept-thin' || one.code === 'kept-unread')).toEqual([]);
  });
});

describe('a hull of 5 m by roller, nine tenths of the paint on it', () => {
  const figure: TypedFigure = { key: 'transfer.roller', scope: 'job', of: '', value: 0.9 };
  const made = plan({
    ...jobFixture({ bodyKind: 'open-hull', dimensions: { length: 5 }, level: 'Work' }),
    figures: [figure],
  });
  const perM2 = (product: string) => litresPerM2(made, product);

  test('primer 45 µm at 48 % solids is 0.1042 L a square metre, topcoat 32 µm at 43.03 % is 0.0826 L', () => {
    // (2 × 0.5 + 0.44) ÷ 3 = 0.48: 45 ÷ (480 × 0.9). (2 × 0.5 + 0.42) ÷ 3.3 = 0.430303: 32 ÷ (430.303 × 0.9).
    expect(perM2('marine-primer-2k').length).toBeGreaterThanOrEqual(4);
    for (const one of perM2('marine-primer-2k')) near(one, 0.104167);
    for (const one of perM2('marine-topcoat-2k')) near(one, 0.082629);
  });

  test('barrier 100 µm at 58 % and antifouling 50 µm at 50 %: 0.1916 and 0.1111 L a square metre', () => {
    // (2 × 0.62 + 0.5) ÷ 3 = 0.58: 100 ÷ (580 × 0.9). 50 ÷ (500 × 0.9).
    for (const one of perM2('epoxy-barrier')) near(one, 0.191571);
    for (const one of perM2('antifouling')) near(one, 0.111111);
  });

  test('each coat of the boot-top, curved all over, takes half an hour of set-up and 13 minutes a square metre', () => {
    const coats = made.steps.filter((step) => step.coat && step.sections.includes('boot-top'));
    expect(coats.length).toBeGreaterThanOrEqual(4);
    for (const { coat, personMinutes } of coats) near(personMinutes, 30 + 10 * 1.3 * coat!.areaM2);
  });
});

describe('a trainer of bare aluminium, half of the spray on it', () => {
  const half = (['transfer.curved', 'transfer.riveted', 'transfer.beaded', 'transfer.inside'] as const).map(
    (key): TypedFigure => ({ key, scope: 'job', of: '', value: 0.5 }),
  );
  const made = plan({
    ...jobFixture({ bodyKind: 'low-wing', level: 'Work' }, { depth: 'bare' }),
    figures: half,
  });

  test('epoxy 20 µm at 40 % is 0.1 L a square metre, two topcoats of 30 µm at 41.14 % are 0.1458 each', () => {
    const perM2 = (product: string) => litresPerM2(made, product);
    // (0.42 + 0.38) ÷ 2 = 0.4: 20 ÷ (400 × 0.5). (2 × 0.5 + 0.44) ÷ 3.5 = 0.411429: 30 ÷ (411.429 × 0.5).
    for (const one of perM2('epoxy-aircraft')) near(one, 0.1);
    for (const one of perM2('aircraft-topcoat')) near(one, 0.145833);
    // Two coats wherever one of epoxy lies.
    expect(perM2('aircraft-topcoat')).toHaveLength(2 * perM2('epoxy-aircraft').length);
  });

  test('no filler, no blocking, no clear: 80 µm of new film in all', () => {
    expect(made.steps.filter((step) => ['fill', 'fair', 'block'].includes(step.operation))).toEqual([]);
    for (const { layers } of made.sections)
      near(
        layers.reduce((sum, one) => sum + one.coats * one.dryUm, 0),
        80,
      );
  });
});
