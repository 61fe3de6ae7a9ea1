import type { Product } from './product';
import { colours } from './shelf-colours';
import { goodsOfShelf } from './shelf-goods';
import { handApplied } from './shelf-hand-applied';
import { primers } from './shelf-primers';

/**
 * Generic products with working defaults at 20 °C: the middle of what data sheets of each type say. The maker's sheet
 * always wins; every figure is editable on the Shelf. Prices are invented. Kits are litres of ready mix.
 */
export const standardShelf: readonly Product[] = [...primers, ...colours, ...handApplied, ...goodsOfShelf];
