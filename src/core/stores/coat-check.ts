import { localDateOf, type Minute } from '../units';
import type { StockLevel } from './stock';

/** One coat session as the check sees it: when it starts and what ready mix must stand by. */
export interface CoatToStart {
  job: string;
  session: string;
  product: string;
  readyL: number;
  start: Minute;
}

export interface CoatCheck extends CoatToStart {
  /** On the shelf when it starts, after everything that is laid before it; may be below zero. */
  availableL: number;
  /** What is missing to finish it; 0 = it may start. */
  shortL: number;
  /** The shortage is covered by an order that is due by then. */
  onOrder: boolean;
}

/**
 * Never run out inside a coat: walks through the sessions of all jobs in time and says of each whether the shelf holds
 * enough to finish it. Expired stock does not count; orders count from the day they are due.
 */
export function checkCoats(
  coats: readonly CoatToStart[],
  levels: ReadonlyMap<string, StockLevel>,
  timeZone: string,
): CoatCheck[] {
  const left = new Map<string, number>();
  const usable = (product: string) => {
    const level = levels.get(product);
    return left.get(product) ?? (level ? level.onHand - level.expired : 0);
  };
  const inOrder = [...coats].sort((a, b) => a.start - b.start || a.session.localeCompare(b.session));
  return inOrder.map((coat) => {
    const availableL = usable(coat.product);
    left.set(coat.product, availableL - coat.readyL);
    const shortL = Math.max(0, coat.readyL - Math.max(0, availableL));
    const level = levels.get(coat.product);
    const inTime = level?.dueBy != null && level.dueBy <= localDateOf(coat.start, timeZone);
    const onOrder = shortL > 0 && inTime && availableL + level.onOrder >= coat.readyL;
    return { ...coat, availableL, shortL, onOrder };
  });
}
