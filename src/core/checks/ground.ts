import type { Shelf } from '../film';
import type { Shop } from '../shop';
import type { Operation } from '../steps';
import type { Minute } from '../units';

/** What an edit is held against: the shop, its shelf, its own operations, and the clock. */
export interface Ground {
  shop: Shop;
  shelf: Shelf;
  operations: readonly Operation[];
  now: Minute;
}
