import { demoShop } from '../../demo/shop';
import { shelfOf, standardShelf } from '../film';
import { jobFixture } from '../job.fixture';
import type { Part } from '../vehicle';
import { StepDraft } from './draft';
import type { SessionLayer } from './session';
import { splitByShift } from './session-split';

const shelf = shelfOf(standardShelf);
const layer = (role: SessionLayer['role'], product: string, coats: number): SessionLayer => ({
  role,
  product: shelf.get(product)!,
  coats,
  firstCoat: 1,
  allCoats: coats,
  because: [],
  partsOf: null,
});
/** A shop of one shift of so many minutes; loading and unloading take it 16 minutes each. */
const split = (areaM2: number, shiftMin: number, layers: SessionLayer[]) => {
  const shop = {
    ...demoShop,
    shifts: demoShop.shifts.map((shift) => ({ ...shift, endMin: shift.startMin + shiftMin })),
  };
  const draft = new StepDraft({ job: jobFixture({ bodyKind: 'saloon' }), parts: [], shop, shelf });
  const part = { key: 'P', section: 'shell', shape: 'flat', outsideM2: areaM2, insideM2: 0 } as Part;
  return splitByShift(draft, { layers, parts: [part], faces: 'outside' }).map((list) =>
    list.map((one) => one.role),
  );
};
const candy = [
  layer('ground', 'base-silver', 2),
  layer('candy', 'candy-mid', 4),
  layer('clear', 'clear-21', 2),
];

// By hand, 0.5 m², flat, flash 12 min: load 30 min by two, 16; wipe 35 + 0.5 × 2 = 36; ground 2 × (2 + 12) = 28; candy
// 4 × (3 + 12) = 60; clear 2 × (2 + 12) = 28; less the flash of the last: 16 + 36 + 28 + 60 + 28 − 12 = 156.
test('a shift that just holds all of it takes it in one session', () => {
  expect(split(0.5, 156, candy)).toEqual([['ground', 'candy', 'clear']]);
});

test('a minute less, and it breaks after the ground, not after the candy, though either would fit', () => {
  expect(split(0.5, 155, candy)).toEqual([['ground'], ['candy', 'clear']]);
});

test('a colour and its clears are parted between them', () => {
  const plain = [
    layer('sealer', 'sealer-grey', 1),
    layer('colour', 'base-solid', 3),
    layer('clear', 'clear-21', 3),
  ];
  expect(split(12, 300, plain).at(-1)).toEqual(['clear']);
});

test('two layers of one clear do not lie thicker in a session than it bears, however long the shift', () => {
  // The sheet takes three coats a session: 2 + 2 are one too many.
  const buried = [
    layer('flake', 'flake-clear', 2),
    layer('clear', 'clear-21', 2),
    layer('candy', 'candy-mid', 2),
    layer('clear', 'clear-21', 2),
  ];
  expect(split(0.5, 900, buried)).toEqual([
    ['flake', 'clear'],
    ['candy', 'clear'],
  ]);
});
