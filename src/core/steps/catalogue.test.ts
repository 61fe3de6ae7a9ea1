import { shelfOf, standardShelf } from '../film';
import { cautions } from '../safety';
import { standardShop } from '../shop';
import { demoShop } from '../../demo/shop';
import { catalogue, catalogueWith, operationOf } from './catalogue';
import { checkOperation } from './check-operation';
import { phases } from './operation';

const shelf = shelfOf(standardShelf);

test('codes are distinct, and an unknown one is our own bug', () => {
  expect(new Set(catalogue.map((one) => one.code)).size).toBe(catalogue.length);
  expect(() => operationOf('paint-by-wishing')).toThrow('no such operation');
});

test.each(catalogue.map((one) => [one.code, one] as const))(
  '%s: known phase, goods, cautions; figures that can be',
  (_code, one) => {
    expect(phases).toContain(one.phase);
    expect(one.rate === null || one.rate >= 0).toBe(true);
    expect(one.fixedMin).toBeGreaterThanOrEqual(0);
    expect(one.usualCrew).toBeGreaterThanOrEqual(1);
    expect(one.usualCrew).toBeLessThanOrEqual(4);
    for (const { product, perUnit } of one.consumes) {
      expect(shelf.has(product)).toBe(true);
      expect(perUnit).toBeGreaterThan(0);
    }
    for (const caution of one.cautions) expect(cautions[caution].length).toBeGreaterThan(20);
  },
);

test('both shops have hands and rooms for every operation', () => {
  for (const shop of [standardShop, demoShop])
    for (const one of catalogue) {
      expect(shop.people.some((person) => person.skills.includes(one.skill))).toBe(true);
      if (one.place !== null && one.place !== 'yard')
        expect(shop.places.some((place) => place.kind === one.place)).toBe(true);
    }
});

test('what happens in a spraying booth never pauses over the night', () => {
  for (const one of catalogue.filter(
    (operation) => operation.place === 'booth' && operation.skill === 'paint',
  ))
    expect(one.pauses).toBe(false);
});

test('spraying operations warn of ignition, polishing ones of the polisher', () => {
  const sprayed = catalogue.filter((one) => one.code.startsWith('spray'));
  expect(sprayed.length).toBeGreaterThan(2);
  for (const one of sprayed) expect(one.cautions).toContain('ignition');
  const polished = catalogue.filter((one) => one.leaves === 'polished' && one.skill === 'polish');
  for (const one of polished) expect(one.cautions).toContain('polisher');
});

describe('the catalogue as data', () => {
  test('holds ninety operations and more, each with why it exists and what is lost without it', () => {
    expect(catalogue.length).toBeGreaterThanOrEqual(90);
    for (const one of catalogue) {
      expect([one.code, one.why.length > 8, one.lost.length > 4]).toEqual([one.code, true, true]);
      expect([one.code, checkOperation(one)]).toEqual([one.code, null]);
    }
  });

  test('covers every phase, the four substrates, and vehicle, hull and aircraft', () => {
    expect(new Set(catalogue.map((one) => one.phase))).toEqual(new Set(phases));
    for (const substrate of ['steel', 'aluminium', 'laminate', 'timber'] as const)
      expect(catalogue.some((one) => one.when.substrate?.includes(substrate))).toBe(true);
    for (const route of ['panel', 'hull', 'aircraft'] as const)
      expect(catalogue.filter((one) => one.when.route?.includes(route)).length).toBeGreaterThan(4);
  });

  test('dust, wet work, fumes, open film, heat and noise are tagged', () => {
    const tags = new Set(catalogue.flatMap((one) => one.tags));
    expect(tags).toEqual(new Set(['dusty', 'wet', 'fume', 'open-film', 'hot', 'loud']));
    for (const one of catalogue.filter((each) => each.code.startsWith('spray')))
      expect(one.tags).toContain('open-film');
    const loud = catalogue.filter((one) => one.tags.includes('loud')).map((one) => one.code);
    expect(loud).toEqual(expect.arrayContaining(['strip-disc', 'strip-blast', 'metalwork']));
    expect(loud).not.toContain('strip-chemical');
  });

  test('the trade’s anchors: person-minutes a unit as the labour table gives them', () => {
    const rates = Object.fromEntries(catalogue.map((one) => [one.code, one.rate]));
    expect(rates).toMatchObject({
      wash: 3,
      scuff: 8,
      'strip-disc': 50,
      'strip-chemical': 60,
      'clean-seams': 4,
      fill: 45,
      'spray-primer': 3,
      'spray-colour': 2.5,
      'spray-clear': 3,
      'guide-coat': 0.7,
      wipe: 2,
      unmask: 0.5,
      roll: 10,
      'sand-between': 10,
      mask: 5,
    });
  });

  test('an entry out of order is named: crews, a rate nothing sets, a need that comes later', () => {
    const entry = operationOf('blow-out');
    expect(checkOperation({ ...entry, leastCrew: 3 })).toContain('crew');
    expect(checkOperation({ ...entry, rate: null })).toContain('rate');
    expect(checkOperation({ ...entry, needs: ['cleared'] })).toContain('wait for itself');
    expect(checkOperation({ ...entry, makes: 'masked' })).toContain('cannot make');
  });

  test('the shop’s entry stands in the place of the catalogue’s, its own ones at the end', () => {
    const own = catalogueWith([
      { ...operationOf('wash'), rate: 9 },
      { ...operationOf('own-work'), code: 'ionise' },
    ]);
    expect(own.get('wash')!.rate).toBe(9);
    expect([...own.keys()].indexOf('wash')).toBe(catalogue.findIndex((one) => one.code === 'wash'));
    expect([...own.keys()].at(-1)).toBe('ionise');
  });
});
