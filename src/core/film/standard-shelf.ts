import type { Product, Shelf } from './product';
import { colours } from './shelf-colours';
import { fillersOfShelf } from './shelf-fillers';
import { goodsOfShelf } from './shelf-goods';
import { handApplied } from './shelf-hand-applied';
import { primers } from './shelf-primers';

/**
 * Generic products with working defaults at 20 °C: the middle of what data sheets of each type say. The maker's sheet
 * always wins; every figure is editable on the Shelf. Prices are invented. Kits are litres of ready mix.
 */
export const standardShelf: readonly Product[] = [
  ...primers,
  ...colours,
  ...handApplied,
  ...fillersOfShelf,
  ...goodsOfShelf,
];

const fillerSheets = new Map(fillersOfShelf.map((one) => [one.code, one.coating]));

/** A filler that was kept before fillers had sheets: it goes by the sheet of its kind. */
export const withFillerSheet = <P extends Product>(product: P): P =>
  product.kind === 'filler' && product.coating === null
    ? { ...product, coating: fillerSheets.get(product.code) ?? fillerSheets.get('filler')! }
    : product;

/** The shelf of a shop: every product by its code, each film with a sheet. */
export const shelfOf = (products: readonly Product[]): Shelf =>
  new Map(products.map((one) => [one.code, withFillerSheet(one)]));
