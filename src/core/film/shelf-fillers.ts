import type { Product } from './product';
import { coating, day, h, packs, part, ready, times } from './shelf-entry';

const byHand = { method: 'spread' as const, leadDays: 2 };

/** A film that is spread, gunned from a cartridge or speckled on: bought ready or with its hardener, by pack. */
const filler = (unit: Product['unit'], ...given: Parameters<typeof coating>): Product => ({
  ...coating(...given),
  kind: 'filler',
  unit,
});

/**
 * Filler, putty, sealant and texture with the times of their sheets at 20 °C: the middle of the trade's usual figures
 * (polyester 4–6 min to work it, 20–30 min to sanding; epoxy compound overnight). Pot life is the working time.
 */
export const fillersOfShelf: readonly Product[] = [
  filler(
    'kg',
    'filler',
    'Polyester filler with hardener',
    'filler',
    [ready(1.8)],
    1000,
    times(5, 0, 5, null, 25),
    packs([1.5, 1450], [3, 2600]),
    ['peroxide', 'dust'],
    { ...byHand, recoatMinMin: 25, minAirC: 10, maxAirC: 35, shelfLifeDays: 365 },
  ),
  filler(
    'kg',
    'fairing',
    'Epoxy fairing compound',
    'filler',
    [ready(0.9)],
    1500,
    times(40, 0, 6 * h, null, 12 * h),
    packs([1, 3200], [5, 13900]),
    ['dust'],
    { ...byHand, recoatMinMin: 12 * h, minAirC: 10, maxAirC: 35, fullCureMin: 7 * day },
  ),
  filler(
    'kg',
    'glaze',
    'Glaze putty',
    'putty',
    [ready(1.8)],
    300,
    times(4, 0, 5, null, 20),
    packs([0.9, 1900]),
    ['peroxide', 'dust'],
    { ...byHand, recoatMinMin: 20, minAirC: 10, maxAirC: 35, shelfLifeDays: 365 },
  ),
  filler(
    'each',
    'seam-sealer',
    'Seam sealer, cartridge',
    'sealant',
    [part('ready', 1, 1)],
    2000,
    times(15, 0, 30, null, 60),
    packs([1, 980], [12, 9900]),
    [],
    { ...byHand, recoatMinMin: 60, minAirC: 5, maxAirC: 35, shelfLifeDays: 365 },
  ),
  filler(
    'L',
    'chip-guard',
    'Chip guard, textured',
    'texture',
    [part('ready', 1, 0.5)],
    400,
    times(null, 10, 30, null, 4 * h),
    packs([1, 1350]),
    ['solvent'],
    { ...byHand, method: 'spray', recoatMinMin: h, minAirC: 12, maxAirC: 32 },
  ),
  filler(
    'L',
    'leaf-size',
    'Size for leaf, quick',
    'leaf-size',
    [part('ready', 1, 0.4)],
    10,
    times(90, 0, 3 * h, null, 24 * h),
    packs([0.25, 1800]),
    ['solvent'],
    { ...byHand, minAirC: 12, maxAirC: 28, shelfLifeDays: 365 },
  ),
];
