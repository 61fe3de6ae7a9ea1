import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { materialCapFaults, sendOutFaults } from './item-faults';

const shelf = shelfOf(standardShelf);
const clear = standardShelf.find((one) => one.kind === 'coating')!;
const cap = { kind: 'coating' as const, product: '', mostMinor: null, mostAmount: null };
const places = (faults: { place: string }[]) => faults.map((one) => one.place);

test.each([
  ['nothing typed', cap, ['item.mostMinor']],
  ['an amount of a kind', { ...cap, mostAmount: 5 }, ['item.mostAmount']],
  ['no such product', { ...cap, product: 'moon-dust', mostAmount: 5 }, ['item.product']],
  [
    'a product of another kind',
    { ...cap, kind: 'wipe' as const, product: clear.code, mostAmount: 5 },
    ['item.kind'],
  ],
  ['money for a kind', { ...cap, mostMinor: 100 }, []],
  ['litres of one product', { ...cap, product: clear.code, mostAmount: 5 }, []],
])('a cap: %s', (_, given, faults) => {
  expect(places(materialCapFaults(given, 'item', shelf))).toEqual(faults);
});

const out = {
  what: 'doors',
  part: 'B2L',
  vendor: '',
  leadDays: 3,
  leadIn: 'open' as const,
  sentOn: '2026-12-01',
  leaveAt: 840,
  dueOn: '2026-12-04',
  backAt: 600,
  returnedOn: null,
  condition: '',
  phase: 'epoxy' as const,
};

test('what leaves at an hour at which nobody is there, or is back before it left, is refused with the hour', () => {
  expect(sendOutFaults(out, 'set', demoShop)).toEqual([]);
  expect(sendOutFaults({ ...out, leaveAt: 1380 }, 'set', demoShop)).toEqual([
    { place: 'set.leaveAt', reason: 'the shop is not open at 23:00 on any day' },
  ]);
  expect(places(sendOutFaults({ ...out, dueOn: '2026-11-30' }, 'set', demoShop))).toEqual(['set.dueOn']);
  expect(places(sendOutFaults({ ...out, returnedOn: '2026-11-30' }, 'set', demoShop))).toEqual([
    'set.returnedOn',
  ]);
});
