import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { unchosenColour, type Job } from '../record';
import { taperedBand } from '../scheme/band.fixture';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps } from './builder';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } });
const body = base.sections[0]!.key;
const band = `${body}~band`;

/** A band of 200 to 100 mm on both sides of a body of 4.4 m, painted before it, and what is kept free meanwhile. */
function built(colourCovers: Job['colourCovers']) {
  const job: Job = {
    ...base,
    colours: [unchosenColour, { ...unchosenColour, id: 'band', name: 'Band' }],
    constructions: [taperedBand({ colour: 'band' })],
    colourCovers,
  };
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  const network = buildSteps({ job: { ...job, sections }, parts, shop: demoShop, shelf });
  return { network, of: (key: string) => network.steps.find((step) => step.key === key) };
}

// Two sides of 4.4 m, 150 mm on the mean, on panels curved by a twentieth: 1.386 m². The lines are 4 × 4.4 = 17.6 m, 100 mm past them 1.76 m².
const [bandM2, pastM2, linesM] = [1.32 * 1.05, 1.76, 17.6];

test('the first colour is sprayed 100 mm past its lines: paint and gun for that too, the film counts on its own area', () => {
  const open = built([]).of(`${band}/paint/colour-1`)!;
  const free = built([{ sprayed: band, covered: body }]).of(`${band}/paint/colour-1`)!;
  expect(open.coat!.areaM2).toBeCloseTo(bandM2, 2);
  expect(open.figure.quantity).toBeCloseTo(bandM2 + pastM2, 1);
  expect(free.figure.quantity).toBeCloseTo(bandM2, 2);
  expect(open.coat!.litres / free.coat!.litres).toBeCloseTo((bandM2 + pastM2) / bandM2, 1);
});

test('the last colour goes past no line, and says so in its programme', () => {
  const { network, of } = built([]);
  const last = of(`${body}/paint/colour-1`)!;
  expect(last.figure.quantity).toBeCloseTo(last.coat!.areaM2, 9);
  const past = network.programme.passes.map(({ key, past: onto }) => [key, onto] as const);
  expect(past.filter(([, onto]) => onto.length > 0)).toEqual([[`${band}/colour`, [body]]]);
});

test('a field that is kept free is taped along its lines and covered before the first colour, and opened after it', () => {
  const covers = [{ sprayed: band, covered: body }];
  expect(built([]).of(`${band}/keep-free`)).toBeUndefined();
  const { network, of } = built(covers);
  const mask = of(`${band}/keep-free`)!;
  expect(mask.covering).toContain(body);
  expect(mask.figure.quantity).toBeCloseTo(linesM, 1);
  const links = network.links.map(({ from, to }) => `${from} > ${to}`);
  expect(links).toContain(`body/mask-${body}/out > ${band}/keep-free`);
  expect(links).toContain(`${band}/keep-free > ${band}/paint/load`);
  expect(of(`${band}/unmask-colour`)).toBeDefined();
  // What stands when the body is sprayed is masked as ever.
  expect(of(`${body}/mask-field`)!.covering).toEqual([band]);
});
