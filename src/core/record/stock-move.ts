import type { StockMoveRecord, TrialRecord } from '../concepts/stock';

/** What happened to stock. A row is never changed: a mistake is corrected by a counter-entry. */
export interface StockMove extends StockMoveRecord {
  id: string;
}

/** One consumable tried on a measured area: what it cost and how long it took. */
export interface ConsumableTrial extends TrialRecord {
  id: string;
}
