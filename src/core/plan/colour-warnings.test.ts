import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import { readyJob } from '../log';
import { schemeOf, unchosenColour, type Alternative, type Job, type MatchAttempt } from '../record';
import { taperedBand } from '../scheme/band.fixture';
import { stackOf } from '../steps';
import { minuteAt } from '../units';
import { colourWarnings } from './colour-warnings';
import { fieldLines } from './field-lines';

const shelf = shelfOf(standardShelf);
const base = jobFixture({ dimensions: { length: 4.4, sideGlass: 0 } });
const own = (over: Partial<Job['colours'][number]>) => ({ ...unchosenColour, ...over });
const told = (over: Partial<Job>, day = '2026-11-23') => {
  const job: Job = { ...base, colours: [own({ hex: '#2f5d43' })], ...over };
  const now = minuteAt(day, 600, demoShop.timeZone);
  const ready = readyJob(job, { shop: demoShop, shelf }, now);
  return colourWarnings(ready.job, ready.sections, {
    stackOf: (area) => stackOf(area, shelf),
    lines: fieldLines(ready.sections, ready.parts, ready.build().programme),
    now,
    timeZone: demoShop.timeZone,
  });
};
const banded = (colour: Partial<Job['colours'][number]>): Partial<Job> => ({
  colours: [own({ hex: '#2f5d43' }), own({ id: 'band', name: 'Band', ...colour })],
  constructions: [taperedBand({ colour: 'band' })],
});

describe('a ground that shows', () => {
  test('a deep green hides grey in its coats: nothing is said', () => {
    expect(told({})).toEqual([]);
  });

  test('white over grey does not: it is said of the band alone, with the coats that hide it', () => {
    const [warning, ...rest] = told(banded({ hex: '#eceae2' }));
    expect(rest).toEqual([]);
    expect(warning).toMatchObject({ code: 'ground-shows', colour: 'Band', planned: 3, face: 'outside' });
    if (warning?.code !== 'ground-shows') throw new Error('another warning');
    expect(warning.areas.every((area) => area.endsWith('~band'))).toBe(true);
    expect(warning.deltaE).toBeGreaterThan(1);
    expect(warning.coats).toBeGreaterThan(3);
    // As many coats as it asks for are enough, one fewer is not.
    const coats = warning.coats!;
    expect(told(banded({ hex: '#eceae2', coats }))).toEqual([]);
    expect(told(banded({ hex: '#eceae2', coats: coats - 1 }))).toHaveLength(1);
  });

  test('what keeps its paint lies on nothing of ours', () => {
    const sections = base.sections.map((one) => ({ ...one, level: 'Keep' as const }));
    expect(told({ sections, colours: [own({ hex: '#ffffff' })] })).toEqual([]);
  });
});

describe('a colour that shines through', () => {
  test('gets as many coats everywhere, or its two looks are a stop', () => {
    const candy = { hex: '#7a1020', system: 'candy', finish: 'candy' as const };
    expect(told(banded(candy))).toEqual([]);
    const sections = base.sections.map((one) => ({ ...one, system: 'candy' }));
    const colours = [own({ hex: '#7a1020', finish: 'candy', coats: null, system: null })];
    expect(told({ sections, colours })).toEqual([]);
    const [roof] = sections.filter((one) => one.key === 'roof');
    const uneven = sections.map((one) => (one === roof ? { ...one, coats: { candy: 6 } } : one));
    expect(told({ sections: uneven, colours })).toEqual([
      {
        code: 'unequal-coats',
        colour: unchosenColour.name,
        counts: expect.arrayContaining([
          { coats: 4, areas: expect.arrayContaining(['sides']) },
          { coats: 6, areas: ['roof'] },
        ]),
      },
    ]);
  });
});

test('a metallic that is laid as a solid is told, and silver laid as one is not', () => {
  expect(told(banded({ hex: '#20242c', finish: 'metallic' }))).toEqual([
    {
      code: 'finish-not-laid',
      colour: 'Band',
      finish: 'metallic',
      product: 'base-solid',
      areas: expect.any(Array),
    },
  ]);
  expect(told(banded({ hex: '#20242c', finish: 'metallic', system: 'silver-clear' }))).toEqual([]);
});

test('leaf lines are laid by hand; a section that is called leaf would be sprayed, which is told', () => {
  expect(told(banded({ hex: '#d0b060', finish: 'leaf' }))).toEqual([]);
  const whole = told({ colours: [own({ hex: '#20242c', finish: 'leaf' })] });
  expect(whole.map((one) => one.code)).toEqual(['finish-not-laid']);
});

test('an inside in leaf or called metallic is told as an outside is', () => {
  const saloon = jobFixture({ bodyKind: 'saloon' });
  const inside = (over: Partial<Job['colours'][number]>) =>
    told({
      bodyKind: saloon.bodyKind,
      dimensions: saloon.dimensions,
      sections: saloon.sections.map((one) => ({ ...one, insideColour: 'in' })),
      colours: [own({ hex: '#2f5d43' }), own({ id: 'in', name: 'In', hex: '#20242c', ...over })],
    }).map((one) => one.code);
  expect(inside({})).toEqual([]);
  expect(inside({ finish: 'metallic' })).toEqual(['finish-not-laid']);
  expect(inside({ finish: 'leaf' })).toEqual(['finish-not-laid']);
  expect(inside({ finish: 'metallic', system: 'silver-clear' })).toEqual([]);
});

test('a section and its colour name one coat system', () => {
  const colours = [own({ hex: '#2f5d43', system: 'single-stage' })];
  expect(told({ colours }).map((one) => one.code === 'system-differs' && one.section)).toEqual(
    base.sections.map((one) => one.key),
  );
  const sections = base.sections.map((one) => ({ ...one, system: 'single-stage' }));
  expect(told({ colours, sections })).toEqual([]);
});

describe('a match that is given up', () => {
  const alternatives = (over: Partial<Alternative> = {}): Alternative[] => [
    {
      id: 'a',
      name: 'All of it',
      scheme: schemeOf(base),
      ifUnmatched: 'c.1',
      mostAttempts: 2,
      lastDay: '2026-12-03',
      chosenBy: '',
      chosenOn: null,
      note: '',
      ...over,
    },
  ];
  const tries = (...verdicts: MatchAttempt['verdict'][]): MatchAttempt[] =>
    verdicts.map((verdict, i) => ({
      id: String(i),
      colour: 'c.1',
      onDate: '2026-11-20',
      change: 'less yellow',
      verdict,
      light: '',
      note: '',
    }));
  const codes = (over: Partial<Job>, day?: string) => told(over, day).map((one) => one.code);

  test('by as many attempts as were allowed', () => {
    expect(codes({ alternatives: alternatives(), matchAttempts: tries('fails') })).toEqual([]);
    expect(codes({ alternatives: alternatives(), matchAttempts: tries('fails', 'waiting') })).toEqual([]);
    expect(codes({ alternatives: alternatives(), matchAttempts: tries('fails', 'fails') })).toEqual([
      'match-given-up',
    ]);
  });

  test('or by its last day, which is still a day for it', () => {
    const given = { alternatives: alternatives(), matchAttempts: tries('fails') };
    expect(codes(given, '2026-12-03')).toEqual([]);
    expect(codes(given, '2026-12-04')).toEqual(['match-given-up']);
  });

  test('not where it was found, was chosen already, or hangs on nothing', () => {
    const failed = tries('fails', 'fails');
    expect(codes({ alternatives: alternatives(), matchAttempts: [...failed, ...tries('matches')] })).toEqual(
      [],
    );
    expect(codes({ alternatives: alternatives({ chosenOn: '2026-11-21' }), matchAttempts: failed })).toEqual(
      [],
    );
    expect(codes({ alternatives: alternatives({ ifUnmatched: null }), matchAttempts: failed })).toEqual([]);
  });
});

describe('a colour that lies on another past its line', () => {
  // The body goes on after its band; a sealer of its own, where the method has one, lies between.
  const overBlack = (hex: string, sealer: 'sealer' | 'none', over: Partial<Job> = {}) =>
    told({
      colours: [own({ name: 'Body', hex }), own({ id: 'band', name: 'Band', hex: '#101010' })],
      constructions: [taperedBand({ colour: 'band' })],
      sections: base.sections.map((one) => ({ ...one, schools: { ...one.schools, sealer } })),
      ...over,
    }).filter((one) => one.code === 'line-shows');

  test('is told where it does not hide it, with the coats that would', () => {
    const [line, ...rest] = overBlack('#eceae2', 'none');
    expect(rest).toEqual([]);
    expect(line).toMatchObject({ colour: 'Body', ground: 'Band', planned: 3 });
    if (line?.code !== 'line-shows') throw new Error('another warning');
    expect(line.coats).toBeGreaterThan(3);
  });

  test('is silent where it hides it, where a sealer lies between, and where its field is kept free', () => {
    expect(overBlack('#101010', 'none')).toEqual([]);
    expect(overBlack('#eceae2', 'sealer')).toEqual([]);
    const { key } =
      base.sections.find((one) => one.colour === 'c.1' && one.key === 'sides') ?? base.sections[0]!;
    expect(
      overBlack('#eceae2', 'none', { colourCovers: [{ sprayed: `${key}~band`, covered: key }] }),
    ).toEqual([]);
  });
});
