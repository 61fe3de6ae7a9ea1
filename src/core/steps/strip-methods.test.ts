import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { rectangle } from '../geometry';
import { partFromOutline } from '../vehicle';
import { clogging, depthEstimates, refusalsOf, remarksOf, stripEstimates } from './strip-methods';

const door = partFromOutline({
  key: 'D1',
  name: 'door',
  section: 'shell',
  side: 'left',
  outline: rectangle(0, 0, 2, 1),
  shape: 'flat',
});
const sheet = {
  substrate: 'steel',
  oldFinish: 'enamel',
  route: 'panel',
  outerSkin: true,
  leadPositive: false,
  sheetMm: null,
  airC: 16,
  outsideQuoteMinor: null,
} as const;
const shop = { ...demoShop, rates: {}, labourRateMinorPerHour: 6000 };
const shelf = shelfOf(standardShelf);
const codes = (method: Parameters<typeof refusalsOf>[0], over: object) =>
  refusalsOf(method, { ...sheet, ...over }).map((one) => one.code);

describe('what must never be done, and where', () => {
  test.each([
    ['stripper on laminate', 'chemical', { substrate: 'laminate' }, ['attacks']],
    ['stripper on timber', 'chemical', { substrate: 'timber' }, ['attacks']],
    ['stripper on lacquer smears', 'chemical', { oldFinish: 'lacquer' }, ['smears']],
    ['stripper on aircraft aluminium', 'chemical', { substrate: 'aluminium', route: 'aircraft' }, []],
    ['solvent on enamel', 'solvent', {}, ['does-not-move']],
    ['solvent on lacquer', 'solvent', { oldFinish: 'lacquer' }, []],
    ['disc on aircraft skins', 'disc', { substrate: 'aluminium', route: 'aircraft' }, ['aircraft-skin']],
    ['disc on gelcoat', 'disc', { substrate: 'laminate', route: 'hull' }, []],
    ['disc where lead was found', 'disc', { leadPositive: true }, ['lead-dry']],
    ['blasting outer sheet', 'blast', {}, ['warps']],
    ['blasting 3 mm plate', 'blast', { sheetMm: 3 }, []],
    ['blasting a steel frame', 'blast', { outerSkin: false }, []],
    ['blasting zinc', 'blast', { substrate: 'galvanised', outerSkin: false }, ['attacks']],
    ['sending a hull out', 'outside', { substrate: 'laminate' }, ['attacks']],
  ] as const)('%s', (_name, method, over, expected) => {
    expect(codes(method, over)).toEqual(expected);
  });
});

test('thin sheet and the disc, solvents in warm air, gel in the cold: care is asked for', () => {
  const codesOf = (method: Parameters<typeof remarksOf>[0], over: object) =>
    remarksOf(method, { ...sheet, ...over }).map((one) => one.code);
  expect(codesOf('disc', { sheetMm: 0.7 })).toEqual(['thin-heat']);
  expect(codesOf('disc', { sheetMm: 1.2 })).toEqual([]);
  expect(codesOf('solvent', { airC: 28 })).toEqual(['evaporates']);
  expect(codesOf('solvent', { airC: 12 })).toEqual([]);
  expect(codesOf('chemical', { airC: 6 })).toEqual(['too-cold']);
});

test('a quote stands in place of the Shelf’s price', () => {
  const [outside] = stripEstimates(
    [door],
    { ...sheet, outsideQuoteMinor: 12_345 },
    { shop, shelf, operations: [] },
  ).filter((one) => one.method === 'outside');
  expect(outside).toMatchObject({ quoted: true, materialsMinor: 12_345 });
});

describe('hours and risk of each depth on the same door', () => {
  const bare = stripEstimates([door], sheet, { shop, shelf, operations: [] });
  const of = (advised: 'scuff' | 'stable' | 'bare', tested: boolean) =>
    depthEstimates([door], bare, { advised, tested }, { shop, shelf, operations: [] });

  test('scuff 8 × 2 = 16 min, to the sound layer 35 × 2 = 70, bare by disc 100', () => {
    expect(of('scuff', true).map((one) => [one.depth, one.personMinutes])).toEqual([
      ['scuff', 16],
      ['stable', 70],
      ['bare', 100],
    ]);
  });

  test('shallower than advised is a high risk; as advised it is low once tested', () => {
    expect(of('stable', true).map((one) => one.risk)).toEqual(['high', 'low', 'low']);
    expect(of('scuff', false).map((one) => one.risk)).toEqual(['untested', 'untested', 'low']);
    expect(of('bare', false).map((one) => one.risk)).toEqual(['high', 'high', 'low']);
  });

  test('where no method is admissible bare is not offered', () => {
    const refused = bare.map((one) => ({ ...one, refusals: [{ code: 'warps' as const }] }));
    const depths = depthEstimates(
      [door],
      refused,
      { advised: 'scuff', tested: true },
      { shop, shelf, operations: [] },
    );
    expect(depths.map((one) => one.depth)).toEqual(['scuff', 'stable']);
  });
});

test('peeling clear clogs discs half as much again, gummy films five times', () => {
  expect([clogging('enamel'), clogging('peeling-clear'), clogging('lacquer'), clogging('one-part')]).toEqual([
    1, 1.5, 5, 5,
  ]);
});

describe('hours and cost of 2 m² of flat steel at 60.00 an hour, by hand', () => {
  const estimates = stripEstimates([door], sheet, { shop, shelf, operations: [] });
  const of = (method: string) => estimates.find((one) => one.method === method)!;

  test('disc: 50 × 2 = 100 min; 6 discs P80 at 18.50 / 50 and 2 P150 alike = 2.96; 100.00 + 2.96', () => {
    expect(of('disc')).toMatchObject({ personMinutes: 100, materialsMinor: 296, costMinor: 10296 });
  });

  test('sent out: three hours of transport and 2 × 42.00', () => {
    expect(of('outside')).toMatchObject({ personMinutes: 180, materialsMinor: 8400, costMinor: 26400 });
  });

  test('admissible ones first, the cheapest of them first, refused ones with their reasons after', () => {
    expect(estimates.map((one) => one.refusals.length > 0)).toEqual([false, false, false, true, true]);
    const usable = estimates.filter((one) => one.refusals.length === 0).map((one) => one.costMinor);
    expect(usable).toEqual([...usable].sort((a, b) => a - b));
  });

  test('the shop’s own rate counts: 40 min/m² by disc are 80 min', () => {
    const own = stripEstimates([door], sheet, {
      shop: { ...shop, rates: { 'strip-disc': 40 } },
      shelf,
      operations: [],
    });
    expect(own.find((one) => one.method === 'disc')!.personMinutes).toBe(80);
  });

  test('the lead and chromate caution stands with everything that takes old paint off in the shop', () => {
    for (const one of estimates.filter((each) => each.method !== 'outside'))
      expect(one.cautions).toContain('lead-chromate');
  });
});
