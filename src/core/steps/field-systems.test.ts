import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { unchosenColour, type Job, type JobSection } from '../record';
import { taperedBand } from '../scheme/band.fixture';
import { lotsOf, partsOfJob } from '../survey';
import { buildSteps } from '.';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 }, level: 'Road' });
/** Sides in base and clear with a band in another colour; the roof has a colour of its own. */
const bandedIn = (system: string | null, over: Partial<Job> = {}): Job => ({
  ...base,
  colours: [...base.colours, { ...unchosenColour, id: 'band', name: 'Band', system }],
  constructions: [taperedBand({ colour: 'band' })],
  sections: base.sections.map((one) => (one.key === 'roof' ? { ...one, colour: 'roof' } : one)),
  ...over,
});
const built = (job: Job) => {
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  const network = buildSteps({ job: { ...job, sections }, parts, shop: demoShop, shelf });
  const filmsOf = (pass: string) =>
    network.programme.passes
      .find((one) => one.key === pass)
      ?.films.filter(({ role }) => role !== 'sealer')
      .map(({ role, product, coats }) => [role, product, coats]);
  return { ...network, filmsOf };
};

describe('a colour of a coat system of its own, on panels of another', () => {
  test('silver on a solid coach: four coats of it, locked under tape, one clear over both', () => {
    const { programme, filmsOf } = built(bandedIn('silver-clear'));
    // Three coats of solid base on the sides; the band by its own system, and a coat of inter-coat clear under the tape.
    expect(filmsOf('sides/colour')).toEqual([['colour', 'base-solid', 3]]);
    expect(filmsOf('sides~band/colour')).toEqual([
      ['colour', 'base-silver', 4],
      ['intercoat', 'inter-clear', 1],
    ]);
    const clears = programme.passes.filter((one) => one.role === 'clear' && one.areas.includes('sides~band'));
    expect(clears.length).toBeGreaterThan(0);
    for (const pass of clears) expect(pass.areas).toContain('sides');
    // All that comes before the colour is one pass with the panels.
    const primed = programme.passes.find((one) => one.areas.includes('sides~band'));
    expect(primed?.areas).toContain('sides');
  });

  test('pearl brings its white sealer and its ground', () => {
    const { programme } = built(bandedIn('pearl-three-stage'));
    const { films } = programme.passes.find((one) => one.key === 'sides~band/colour')!;
    expect(films.map(({ product }) => product)).toEqual([
      'sealer-white',
      'base-solid',
      'base-pearl',
      'inter-clear',
    ]);
  });

  test('candy brings its ground', () => {
    expect(built(bandedIn('candy')).filmsOf('sides~band/colour')).toEqual([
      ['ground', 'base-silver', 3],
      ['candy', 'candy-mid', 4],
      ['intercoat', 'inter-clear', 1],
    ]);
  });

  test('a single-stage band on base and clear is masked and sprayed by itself, without a clear', () => {
    const { programme, filmsOf } = built(bandedIn('single-stage'));
    expect(filmsOf('sides~band/colour')).toEqual([['topcoat', 'single-stage', 3]]);
    expect(
      programme.passes.filter((one) => one.role === 'clear').flatMap((one) => [...one.areas]),
    ).not.toContain('sides~band');
    expect(programme.covers.some((one) => one.key === 'sides~band/colour')).toBe(true);
  });

  test('coats typed for the colour of the section are not those of the field; its typed clear is', () => {
    const sections = bandedIn(null).sections.map((one) =>
      one.key === 'sides' ? { ...one, coats: { colour: 2, clear: 5 } } : one,
    );
    const { filmsOf, programme } = built(bandedIn('silver-clear', { sections }));
    expect(filmsOf('sides/colour')).toEqual([['colour', 'base-solid', 2]]);
    expect(filmsOf('sides~band/colour')?.[0]).toEqual(['colour', 'base-silver', 4]);
    const clears = programme.passes.filter((one) => one.role === 'clear' && one.areas.includes('sides~band'));
    const coats = clears.flatMap((one) => one.films).reduce((sum, film) => sum + film.coats, 0);
    expect(coats).toBe(5);
  });

  test('a colour that a section carries is laid as on that section wherever it goes', () => {
    const job = bandedIn(null);
    const sections = job.sections.map((one) =>
      one.key === 'roof' ? { ...one, colour: 'band', system: 'pearl-three-stage' } : one,
    );
    expect(
      built({ ...job, sections })
        .filmsOf('sides~band/colour')
        ?.slice(0, 2),
    ).toEqual([
      ['ground', 'base-solid', 2],
      ['colour', 'base-pearl', 3],
    ]);
  });

  test('a system of hulls or without a colour changes nothing', () => {
    for (const system of ['marine-two-part', 'underwater', 'nobody-knows'])
      expect(built(bandedIn(system)).filmsOf('sides~band/colour')).toEqual([['colour', 'base-solid', 3]]);
  });
});

test('coats typed for a colour are laid in its fields, whatever the section has', () => {
  const job = bandedIn('silver-clear');
  const colours = job.colours.map((one) => (one.id === 'band' ? { ...one, coats: 6 } : one));
  const { filmsOf } = built({ ...job, colours });
  expect(filmsOf('sides~band/colour')?.[0]).toEqual(['colour', 'base-silver', 6]);
  expect(filmsOf('sides/colour')).toEqual([['colour', 'base-solid', 3]]);
});

describe('insides in a colour of their own', () => {
  const insides = (over: Partial<JobSection> = {}): Job => {
    const saloon = jobFixture({ bodyKind: 'saloon', level: 'Road' });
    return {
      ...saloon,
      colours: [...saloon.colours, { ...unchosenColour, id: 'grey', name: 'Grey', system: 'single-stage' }],
      sections: saloon.sections.map((one) => ({ ...one, insideColour: 'grey', ...over })),
    };
  };

  test('are sprayed before the outside by the system of that colour, and shut for it', () => {
    const { programme, filmsOf } = built(insides());
    const inside = programme.passes.filter((one) => one.role === 'inside');
    expect(inside.length).toBeGreaterThan(0);
    for (const { key } of inside) expect(filmsOf(key)).toEqual([['topcoat', 'single-stage', 3]]);
    const outside = programme.passes.find((one) => one.role === 'colour')!;
    expect(filmsOf(outside.key)?.[0]).toEqual(['colour', 'base-solid', 3]);
    expect(outside.faces).toBe('outside');
  });

  test('have a test card and an approval of their own, once for all of them', () => {
    const { steps } = built({ ...insides(), level: 'Show' });
    const cards = (job: Job) =>
      built(job).steps.flatMap((one) => (one.key.startsWith('test-panel/') ? [one.key] : []));
    expect(steps.length).toBeGreaterThan(0);
    const own = cards(insides());
    expect(own).toHaveLength(2);
    expect(own.filter((key) => key.endsWith('~grey'))).toHaveLength(1);
    expect(cards(insides({ insideColour: null }))).toHaveLength(1);
    // A roof that is grey all over, by the same system, shares its card with the insides.
    const shared = insides();
    const sections = shared.sections.map((one, i) =>
      i === 0 ? { ...one, colour: 'grey', system: 'single-stage', insideColour: null } : one,
    );
    expect(cards({ ...shared, sections }).filter((key) => key.endsWith('~grey'))).toEqual([]);
  });

  test('are not sprayed in one go with an outside of another colour, whatever the method says', () => {
    const { programme } = built(insides({ schools: { openings: 'one-go' } }));
    expect(programme.passes.some((one) => one.role === 'inside')).toBe(true);
    const same = built(insides({ schools: { openings: 'one-go' }, insideColour: null }));
    expect(same.programme.passes.some((one) => one.role === 'inside')).toBe(false);
  });

  test('the colour of the outside named once more is no other colour', () => {
    const job = insides();
    const named = { ...job, sections: job.sections.map((one) => ({ ...one, insideColour: one.colour })) };
    const plain = { ...job, sections: job.sections.map((one) => ({ ...one, insideColour: null })) };
    expect(built(named).programme).toEqual(built(plain).programme);
  });
});
