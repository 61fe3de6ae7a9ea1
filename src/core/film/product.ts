import type { ProductRecord } from '../concepts/product';

export * from './coating-sheet';

export interface Product extends ProductRecord {
  code: string;
}

/** The shelf: every product by its code. */
export type Shelf = ReadonlyMap<string, Product>;
