import { shelfOf, standardShelf } from '../film';
import type { StockMove } from '../record';
import { reserveLabels } from './labels';

const product = standardShelf.find((one) => one.code === 'base-solid')!;
const shelf = (shelfLifeDays: number | null) => shelfOf([{ ...product, shelfLifeDays }]);
const pool = {
  product: 'base-solid',
  colour: 'c.1',
  colourName: 'Sluice Green',
  netL: 4,
  mixL: 4.4,
  heldBackL: 0.22,
  touchUpL: 0.1,
  sessions: ['s'],
};
const tin = (batch: string, untilDate: string | null): StockMove => ({
  id: `${batch}${untilDate}`,
  product: 'base-solid',
  kind: 'received',
  amount: 4,
  costMinor: 0,
  onDate: '2026-12-01',
  untilDate,
  job: '',
  phase: '',
  batch,
  note: '',
  corrects: null,
});
const labels = (days: number | null, moves: StockMove[], batches: string[] = []) =>
  reserveLabels(pool, { shelf: shelf(days), moves, madeOn: '2026-12-14', batches });

test('two labels a pool, kept without hardener and reducer, with the day the sheet allows from making', () => {
  // 14 December 2026 and 365 days more is 14 December 2027.
  const [held, touch] = labels(365, []);
  expect(held).toMatchObject({
    kind: 'held-back',
    litres: 0.22,
    useBy: '2027-12-14',
    by: 'sheet',
    batches: [],
  });
  expect(touch).toMatchObject({ kind: 'touch-up', litres: 0.1, colour: 'Sluice Green' });
  expect(held!.without).toEqual(product.coating!.mix.slice(1).map((part) => part.label));
});

test('the tin that goes first decides, but never a later day than the sheet gives', () => {
  const tins = [tin('mix 3', '2027-03-01'), tin('mix 2', '2027-02-01'), tin('mix 3', null)];
  const used = ['mix 3', 'mix 2'];
  expect(labels(365, tins, used)[0]).toMatchObject({
    useBy: '2027-02-01',
    by: 'tin',
    batches: ['mix 3', 'mix 2'],
  });
  expect(labels(30, tins, used)[0]).toMatchObject({ useBy: '2027-01-13', by: 'sheet' });
});

test('tins of another colour, and products nobody keeps on the shelf, give nothing', () => {
  expect(labels(null, [tin('barley', '2027-02-01')], ['mix 3'])[0]).toMatchObject({ useBy: null, by: null });
  expect(reserveLabels(pool, { shelf: new Map(), moves: [], madeOn: '2026-12-14', batches: [] })).toEqual([]);
});
