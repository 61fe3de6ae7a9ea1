import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { blankSurvey, unchosenColour, type Construction, type ConstructionShape, type Job } from '../record';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps, type Step } from '.';

/*
 * Schemes worked on paper: which pass goes on when and why, what is taped against what, how much is covered. A coach of
 * 4.4 m whose sides are 1.05 times as large as they lie flat; fine line lies along edges, a tenth more of it for laps.
 */
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 }, level: 'Road' });
const curve = 1.05;
const lap = 1.1;

const line = (mm: number) => ({
  datum: 'base' as const,
  panel: '',
  fairing: 'straight' as const,
  stations: [{ atMm: 0, mm }],
});
const band = (
  mm: number,
  widthMm: number,
  over: { fromMm?: number; toMm?: number } = {},
): ConstructionShape => ({
  kind: 'band',
  line: line(mm),
  widths: [{ atMm: 0, mm: widthMm }],
  lies: 'above',
  fromMm: over.fromMm ?? null,
  toMm: over.toMm ?? null,
  ends: 'square',
  outline: null,
});
const laid = (id: string, place: number, shape: ConstructionShape, strip = 'left'): Construction => ({
  id,
  name: id,
  colour: id,
  strip,
  place,
  shape,
});

function worked(constructions: Construction[], over: Partial<Job> = {}) {
  const ids = [...new Set(constructions.map((one) => one.colour))];
  const given: Job = {
    ...base,
    colours: [...base.colours, ...ids.map((id) => ({ ...unchosenColour, id, name: id }))],
    constructions,
    // The roof has another colour, so that the sides stand by themselves.
    sections: base.sections.map((one) => (one.key === 'roof' ? { ...one, colour: 'roof' } : one)),
    ...over,
  };
  const { parts, sections } = lotsOf(given, partsOfJob(given));
  const shelf = shelfOf(standardShelf);
  const network = buildSteps({ job: { ...given, sections }, parts, shop: demoShop, shelf });
  const step = (key: string): Step => {
    const found = network.steps.find((one) => one.key === key);
    if (!found) throw new Error(`no step ${key}`);
    return found;
  };
  return {
    ...network,
    step,
    needs: (key: string) => new Map(step(key).needs.map(({ product, amount }) => [product, amount])),
    pass: (key: string) => network.programme.passes.find((one) => one.key === key)!,
    cover: (key: string) => network.programme.covers.find((one) => one.key === key),
    colours: network.programme.passes.filter((one) => one.role === 'colour').map((one) => one.scope),
    areaOf: (area: string) =>
      parts.reduce((sum, part) => sum + (part.section === area ? part.outsideM2 : 0), 0),
  };
}

describe('two bands that cross over each other, in three colours on one side', () => {
  // A band of 100 mm all along at 600 mm, and over it a box of 400 × 300 mm from 1 m on, 500 to 800 mm high.
  const box: ConstructionShape = {
    kind: 'box',
    line: line(500),
    atMm: 1000,
    lengthMm: 400,
    heightMm: 300,
    letters: '',
  };
  const { colours, areaOf, step, cover, pass, needs } = worked([
    laid('ochre', 1, band(600, 100)),
    laid('red', 2, box),
  ]);

  test('areas: the band loses what the box covers, the side what both do', () => {
    expect(areaOf('sides~red')).toBeCloseTo(0.4 * 0.3 * curve, 6);
    expect(areaOf('sides~ochre')).toBeCloseTo((4.4 - 0.4) * 0.1 * curve, 6);
  });

  test('both narrow colours go on before the side that covers them round, one clear over all', () => {
    expect(colours.filter((one) => one.startsWith('sides'))).toHaveLength(3);
    expect(colours.indexOf('sides')).toBeGreaterThan(colours.indexOf('sides~ochre'));
    expect(colours.indexOf('sides')).toBeGreaterThan(colours.indexOf('sides~red'));
    const clear = pass('sides/clear/1');
    expect(new Set(clear.areas)).toEqual(new Set(['sides', 'sides~ochre', 'sides~red']));
  });

  test('tape: the two of them meet along 200 mm, the side meets both along 9.2 m', () => {
    const [first, second] = colours.filter((one) => one.startsWith('sides~')) as [string, string];
    expect(first).not.toBe(second);
    // The box crosses the band with its two ends, 100 mm each.
    expect(cover(`${second}/colour`)!.edgesM.field).toBeCloseTo(0.2, 6);
    // Side against band: two edges of 4.4 m less 0.4 m under the box. Against the box: 2 × 0.4 m along, and its ends
    // of 0.3 m less the 0.1 m where the band meets them.
    const alongM = 2 * (4.4 - 0.4) + 2 * 0.4 + 2 * (0.3 - 0.1);
    expect(alongM).toBeCloseTo(9.2, 9);
    expect(step('sides/mask-field').figure.quantity).toBeCloseTo(alongM, 6);
    expect(needs('sides/mask-field').get('fine-line')).toBeCloseTo(alongM * lap, 6);
    // Both stand and are covered with film, 15 % more for what is cut off.
    const covered = (0.4 * 0.3 + 4 * 0.1) * curve;
    expect(needs('sides/mask-field').get('cover')).toBeCloseTo(covered * 1.15, 6);
  });
});

describe('a metallic band beside solid panels', () => {
  // 100 mm wide from 1 m to 3 m of the left side.
  const shape = band(600, 100, { fromMm: 1000, toMm: 3000 });
  const { step, needs, areaOf, steps, pass } = worked([laid('silver', 1, shape)], {
    colours: [...base.colours, { ...unchosenColour, id: 'silver', name: 'Silver', system: 'silver-clear' }],
  });

  test('the side is taped against it along 4.2 m, its ends included, and the band gets its lock first', () => {
    expect(areaOf('sides~silver')).toBeCloseTo(2 * 0.1 * curve, 6);
    expect(step('sides/mask-field').figure.quantity).toBeCloseTo(2 * 2 + 2 * 0.1, 6);
    expect(needs('sides/mask-field').get('fine-line')).toBeCloseTo(4.2 * lap, 6);
    expect(pass('sides~silver/colour').films.at(-1)).toMatchObject({ role: 'intercoat', coats: 1 });
  });

  test('each of its four coats and the lock is a coat of 0.21 m²', () => {
    const coats = steps.filter((one) => one.coat && one.sections.join() === 'sides~silver');
    const own = coats.filter((one) => one.coat!.role === 'colour' || one.coat!.role === 'intercoat');
    expect(own.map((one) => one.coat!.product)).toEqual([
      ...Array.from({ length: 4 }, () => 'base-silver'),
      'inter-clear',
    ]);
    for (const one of own) expect(one.coat!.areaM2).toBeCloseTo(0.21, 6);
  });
});

test('a number of two figures: two boxes of 86 × 200 mm with 29 mm between them, taped all round', () => {
  // 200 mm long: a figure is 0.6 of a pitch of 0.8, so two and one gap are 1.4 parts: 85.7 mm each, 28.6 mm between.
  const shape: ConstructionShape = {
    kind: 'box',
    line: line(700),
    atMm: 1500,
    lengthMm: 200,
    heightMm: 200,
    letters: '24',
  };
  const { areaOf, cover, step } = worked([laid('white', 1, shape)]);
  const wide = (0.2 * 0.6) / 1.4;
  expect(areaOf('sides~white')).toBeCloseTo(2 * wide * 0.2 * curve, 4);
  const round = 2 * 2 * (wide + 0.2);
  expect(step('sides/mask-field').figure.quantity).toBeCloseTo(round, 4);
  expect(cover('sides/colour')!.edgesM.field).toBeCloseTo(round, 4);
});

describe('a leaf line along a side, with its care', () => {
  const shape = band(700, 6);
  const leaf = { ...unchosenColour, id: 'gold', name: 'Gold leaf', finish: 'leaf' as const };
  const { steps, step, colours, areaOf, links, needs } = worked([laid('gold', 1, shape)], {
    colours: [...base.colours, leaf],
  });

  test('is no field: nothing is sprayed or masked for it, and the side keeps all of its area', () => {
    expect(colours.some((scope) => scope.includes('gold'))).toBe(false);
    expect(steps.some((one) => one.key.includes('mask-field'))).toBe(false);
    const bare = worked([]);
    expect(areaOf('sides')).toBeCloseTo(bare.areaOf('sides'), 9);
  });

  test('is sized and laid by hand along its two edges of 4.4 m, three quarters of an hour to set out', () => {
    const own = step('sides/lay-leaf');
    expect(own.figure.quantity).toBeCloseTo(8.8, 6);
    expect(own.personMinutes).toBeCloseTo(45 + 6 * 8.8, 0);
    expect(needs('sides/lay-leaf').get('leaf')).toBeCloseTo(0.02 * 8.8, 6);
    expect(needs('sides/lay-leaf').get('leaf-size')).toBeCloseTo(0.002 * 8.8, 6);
  });

  test('a shelf that has no size for it is told', () => {
    const { parts, sections } = lotsOf(
      { ...base, colours: [...base.colours, leaf], constructions: [laid('gold', 1, shape)] },
      partsOfJob(base),
    );
    const shelf = shelfOf(standardShelf.filter((one) => one.code !== 'leaf-size'));
    const { warnings } = buildSteps({ job: { ...base, sections }, parts, shop: demoShop, shelf });
    expect(warnings.filter((one) => one.code === 'product-missing')).toEqual([
      { code: 'product-missing', product: 'leaf-size', section: 'sides' },
    ]);
  });

  test('after the last polish and wash, and nothing is fitted before its size has set for a day', () => {
    const before = (key: string): Set<string> => {
      const found = new Set([key]);
      for (const one of found) for (const { from, to } of links) if (to === one) found.add(from);
      return found;
    };
    const earlier = before('sides/lay-leaf');
    expect([...earlier].some((key) => /^sides\/polish/.test(key))).toBe(true);
    expect([...earlier].some((key) => /^sides\/wash-compound/.test(key))).toBe(true);
    const machines = steps.filter((one) => ['polish', 'colour-sand', 'block'].includes(one.operation));
    for (const one of machines) expect(before(one.key).has('sides/lay-leaf')).toBe(false);
    const set = links.filter((link) => link.from === 'sides/lay-leaf' && link.why.code === 'handle-after');
    expect(set.length).toBeGreaterThan(0);
    // 24 h at 20 °C; in the cooler bay of the shop it is longer.
    for (const { min } of set) expect(min).toBeGreaterThanOrEqual(24 * 60);
  });
});

describe('a hull with a stripe above its boot-top and bottom', () => {
  const hull = jobFixture({ bodyKind: 'open-hull', dimensions: { length: 8, beam: 2.6, depth: 1.4 } });
  const shape = band(900, 60, { fromMm: 2100, toMm: 5100 });
  const { colours, areaOf, steps, cover } = worked([laid('stripe', 1, shape, 'both')], {
    ...hull,
    sections: hull.sections.map((one) => ({ ...one, colour: one.key })),
    colours: [
      ...hull.sections.map((one) => ({ ...unchosenColour, id: one.key, name: one.name })),
      { ...unchosenColour, id: 'stripe', name: 'Stripe' },
    ],
    constructions: [laid('stripe', 1, shape, 'both')],
  });

  test('lies on the topsides, 3 m of 60 mm on either side, and is rolled by itself', () => {
    const topsides = [...new Set(steps.flatMap((one) => one.sections))].filter((one) =>
      one.endsWith('~stripe'),
    );
    const sum = topsides.reduce((total, area) => total + areaOf(area), 0);
    expect(topsides.length).toBeGreaterThan(0);
    // Hull panels are larger than they lie flat, by no more than a tenth.
    expect(sum).toBeGreaterThanOrEqual(2 * 3 * 0.06 - 1e-6);
    expect(sum).toBeLessThanOrEqual(2 * 3 * 0.06 * 1.1 + 1e-6);
  });

  test('is masked along 12.24 m: two edges and two ends on either side', () => {
    const own = colours.find((one) => one.endsWith('~stripe'))!;
    const against = colours
      .flatMap((scope) => cover(`${scope}/colour`) ?? [])
      .reduce((most, one) => Math.max(most, one.edgesM.field), 0);
    expect(own).toBeDefined();
    expect(against).toBeCloseTo(2 * (2 * 3 + 2 * 0.06), 4);
  });
});

test('leaf on paint that stays is laid when the rest of the airframe is painted and open again', () => {
  const plane = jobFixture({ bodyKind: 'low-wing' }, { level: 'Keep', depth: 'scuff' });
  const panel = partsOfJob(plane).find((one) => one.section === 'airframe')!.key;
  const { steps } = worked([laid('gold', 1, band(300, 20), 'both')], {
    ...plane,
    colours: [...plane.colours, { ...unchosenColour, id: 'gold', finish: 'leaf' }],
    constructions: [laid('gold', 1, band(300, 20), 'both')],
    surveyed: [{ ...blankSurvey(panel), level: 'Road' }],
  });
  // Steps stand in the order in which they can be done.
  const at = (is: (step: Step) => boolean) => steps.findIndex(is);
  const leaf = at((step) => step.operation === 'lay-leaf');
  const pulled = at((step) => step.key.startsWith('airframe') && step.operation.startsWith('unmask'));
  expect(pulled).toBeGreaterThanOrEqual(0);
  expect(leaf).toBeGreaterThan(pulled);
});
