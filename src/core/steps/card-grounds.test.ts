import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { unchosenColour, type Job, type JobColour } from '../record';
import { taperedBand } from '../scheme/band.fixture';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps } from '.';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 }, level: 'Show' });
const colour = (over: Partial<JobColour>): JobColour => ({ ...unchosenColour, ...over });
const built = (over: Partial<Job>) => {
  const job = { ...base, ...over };
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  return buildSteps({ job: { ...job, sections }, parts, shop: demoShop, shelf });
};
const cardsOf = (over: Partial<Job>) => built(over).steps.filter((one) => one.operation === 'test-panel');
const withoutSealer = base.sections.map((one) => ({
  ...one,
  schools: { ...one.schools, sealer: 'none' as const },
}));

/** A body that goes on after a band and is sprayed over what went past its line. */
const overBand = (hex: string, sections: Job['sections'] = withoutSealer): Partial<Job> => ({
  colours: [colour({ name: 'Body', hex }), colour({ id: 'band', name: 'Band', hex: '#101010' })],
  constructions: [taperedBand({ colour: 'band' })],
  sections,
});

describe('a card over a further ground', () => {
  test('is asked for where a pale body lies on a black band past its line, and named by both', () => {
    const names = cardsOf(overBand('#eceae2')).map((one) => [one.key, one.name]);
    expect(names).toHaveLength(3);
    expect(names).toContainEqual([
      expect.stringMatching(/^test-panel\/.*\.over-band$/),
      'Spray a test card of Body over Band',
    ]);
  });

  test('says how far it is off, and is approved with the others of its colour', () => {
    const { steps, links } = built(overBand('#eceae2'));
    const card = steps.find((one) => one.key.endsWith('.over-band'))!;
    const [why] = card.because;
    if (why?.code !== 'ground-shows') throw new Error('another reason');
    expect(why.ground).toBe('Band');
    expect(why.deltaE).toBeGreaterThan(1);
    const [word] = card.key.replace('test-panel/', '').split('.over-');
    expect(links.some((one) => one.from === card.key && one.to === `approve-sample/${word}`)).toBe(true);
  });

  test('is not asked for where the colour hides it, where a sealer lies between, or where the field is kept free', () => {
    expect(cardsOf(overBand('#101010'))).toHaveLength(2);
    expect(cardsOf(overBand('#eceae2', base.sections))).toHaveLength(2);
    const free = base.sections.map(({ key }) => ({ sprayed: `${key}~band`, covered: key }));
    expect(cardsOf({ ...overBand('#eceae2'), colourCovers: free })).toHaveLength(2);
  });

  test('is asked for where some panels have another undercoat that shows, once for all of them', () => {
    // The first section is coloured on its build primer, the others on a grey sealer.
    const sections = base.sections.map((one, i) => (i === 0 ? withoutSealer[0]! : one));
    expect(sections.length).toBeGreaterThan(1);
    const keys = (hex: string, own = sections) =>
      cardsOf({ colours: [colour({ hex })], sections: own }).map((one) => one.key);
    const pale = keys('#eceae2');
    expect(pale).toHaveLength(2);
    expect(pale.filter((key) => /\.over-(sealer|high-build)/.test(key))).toHaveLength(1);
    expect(keys('#101010')).toHaveLength(1);
    expect(keys('#eceae2', base.sections)).toHaveLength(1);
  });
});
