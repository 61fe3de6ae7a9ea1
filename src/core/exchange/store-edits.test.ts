import { standardShelf } from '../film';
import { readEdit } from './edit-schema';

const places = (value: unknown) => {
  const read = readEdit(value);
  return read.status === 'faulty' ? read.faults.map((one) => one.place) : [];
};
const { code, ...clear } = standardShelf.find((product) => product.code === 'clear-21')!;
const product = (over: object = {}, sheet: object = {}) => ({
  kind: 'product',
  code,
  seen: 1,
  product: { ...clear, coating: { ...clear.coating, ...sheet }, ...over },
});
const move = (over: object = {}) => ({
  kind: 'stock',
  move: {
    product: 'clear-21',
    kind: 'received',
    amount: 5,
    costMinor: 100,
    onDate: null,
    untilDate: null,
    job: '',
    phase: '',
    batch: '',
    note: '',
    ...over,
  },
});
const trial = { purpose: 'p', name: 'n', priceMinorEach: 1, used: 1, areaM2: 1, minutes: 1, note: '' };
const air = { workC: 18, nightC: 14, humidity: 60 };

describe('good edits of Shelf and Stores are read', () => {
  test.each([
    ['a sheet', product()],
    ['a receipt', move()],
    ['a count with less than was thought', move({ kind: 'counted', amount: -2 })],
    ['an order for a job', move({ kind: 'ordered', job: 'P-014', untilDate: '2027-01-08' })],
    ['a counter-entry', { kind: 'correct-stock', id: 'move-1', note: '' }],
    ['a trial', { kind: 'add-trial', trial }],
    [
      'air by month',
      { kind: 'place-air', place: 'b', seen: 1, airC: 18, profile: Array(12).fill(air), forecast: [] },
    ],
    [
      'air all year',
      {
        kind: 'place-air',
        place: 'b',
        seen: 1,
        airC: 18,
        profile: null,
        forecast: [{ date: '2026-12-01', ...air }],
      },
    ],
    ['products', { kind: 'add-products', products: [{ code, ...clear }] }],
  ])('%s', (_name, edit) => {
    expect(places(edit)).toEqual([]);
  });

  test('what a sheet leaves out is filled in with the middle of its family', () => {
    const { wetEdgeMin: _wet, application: _gun, ...short } = clear.coating!;
    const read = readEdit({ ...product(), product: { ...clear, coating: short } });
    expect(read).toMatchObject({ status: 'ok', value: { product: { coating: { wetEdgeMin: 8 } } } });
  });
});

describe('bad ones are named by their place', () => {
  const mix = (over: object) => ({ mix: clear.coating!.mix.map((part) => ({ ...part, ...over })) });
  test.each([
    ['a mix of zero parts', product({}, mix({ parts: 0 })), 'product.coating.mix'],
    ['solids over one', product({}, mix({ volumeSolids: 1.2 })), 'product.coating.mix[0].volumeSolids'],
    [
      'a recoat window that closes before it opens',
      product({}, { recoatMinMin: 500, recoatMaxMin: 60 }),
      'product.coating.recoatMaxMin',
    ],
    ['a negative price', product({ packs: [{ size: 1, priceMinor: -1 }] }), 'product.packs[0].priceMinor'],
    [
      'weight without density',
      product({}, { mixBy: 'weight', ...mix({ densityKgL: null }) }),
      'product.coating.mix[0].densityKgL',
    ],
    ['an unknown unit', product({ unit: 'cups' }), 'product.unit'],
    [
      'a pack of a part the mix lacks',
      product({ packs: [{ size: 1, priceMinor: 1, part: 'paste' }] }),
      'product.packs[0].part',
    ],
    ['a coating without a sheet', product({ coating: null }), 'product.coating'],
    [
      'fewer most coats than least',
      product({}, { coatsLeast: 4, coatsMost: 2 }),
      'product.coating.coatsMost',
    ],
    ['air the wrong way round', product({}, { minAirC: 40 }), 'product.coating.maxAirC'],
    ['a figure that is none', product({}, { dryUm: null }), 'product.coating.dryUm'],
    ['a receipt of less than nothing', move({ amount: -1 }), 'move.amount'],
    ['a move of no kind', move({ kind: 'lost' }), 'move.kind'],
    ['a cost of less than nothing', move({ costMinor: -5 }), 'move.costMinor'],
    ['a day that is none', move({ untilDate: '2027-02-30' }), 'move.untilDate'],
    ['a trial on no area', { kind: 'add-trial', trial: { ...trial, areaM2: 0 } }, 'trial.areaM2'],
    [
      'eleven months',
      { kind: 'place-air', place: 'b', seen: 1, airC: 18, profile: Array(11).fill(air) },
      'profile',
    ],
    [
      'the same product twice',
      {
        kind: 'add-products',
        products: [
          { code, ...clear },
          { code, ...clear },
        ],
      },
      'products[1].code',
    ],
    [
      'a ladder that is none',
      { kind: 'section', job: 'P-1', section: 's', seen: 1, set: { ladder: 'Steep one' } },
      'set.ladder',
    ],
  ])('%s', (_name, edit, place) => {
    expect(places(edit)).toContain(place);
  });
});
