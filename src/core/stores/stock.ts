import { type MoveKind, type StockMove } from '../record';
import type { LocalDate } from '../units';

const sign: Record<MoveKind, -1 | 0 | 1> = {
  ordered: 0,
  received: 1,
  drawn: -1,
  counted: 1,
  borrowed: 1,
  'given-back': -1,
  lent: -1,
  'got-back': 1,
  scrapped: -1,
};

/** Moves that stand: neither a counter-entry nor one that was taken back by it. */
export function standingMoves(moves: readonly StockMove[]): StockMove[] {
  const corrected = new Set(moves.flatMap((move) => move.corrects ?? []));
  return moves.filter((move) => move.corrects === null && !corrected.has(move.id));
}

export interface StockLevel {
  product: string;
  onHand: number;
  /** Ordered and not yet received; with the last day it is due, null where nobody said. */
  onOrder: number;
  dueBy: LocalDate | null;
  /** Of what is on hand: past its date. */
  expired: number;
  /** First date on which something on hand runs out; null for none. */
  firstExpiry: LocalDate | null;
  /** Borrowed from others and not given back; lent to others and not got back. */
  owed: number;
  lentOut: number;
}

/**
 * Stock by product from its moves. What was received first is drawn first, so the oldest date on hand is the true one.
 * @param today what carries an earlier date is expired
 */
export function stockLevels(moves: readonly StockMove[], today: LocalDate): Map<string, StockLevel> {
  const byProduct = new Map<string, StockMove[]>();
  for (const move of standingMoves(moves))
    byProduct.set(move.product, [...(byProduct.get(move.product) ?? []), move]);
  return new Map([...byProduct].map(([product, own]) => [product, levelOf(product, own, today)]));
}

function levelOf(product: string, moves: StockMove[], today: LocalDate): StockLevel {
  const sum = (...kinds: MoveKind[]) =>
    moves.filter((move) => kinds.includes(move.kind)).reduce((total, move) => total + move.amount, 0);
  const onHand = moves.reduce((total, move) => total + sign[move.kind] * move.amount, 0);
  const lots = moves
    .filter((move) => sign[move.kind] > 0 && move.amount > 0)
    .map((move) => ({ left: move.amount, until: move.kind === 'received' ? move.untilDate : null }))
    .sort((a, b) => (a.until ?? '9999').localeCompare(b.until ?? '9999'));
  let gone = lots.reduce((total, lot) => total + lot.left, 0) - Math.max(0, onHand);
  for (const lot of lots) {
    const taken = Math.min(lot.left, gone);
    lot.left -= taken;
    gone -= taken;
  }
  const dated = lots.filter((lot) => lot.left > 1e-9 && lot.until !== null);
  const open = openOrders(moves);
  const due = open.flatMap((order) => order.dueBy ?? []);
  const onOrder = open.reduce((total, order) => total + order.left, 0);
  return {
    product,
    onHand,
    onOrder,
    dueBy: onOrder > 0 ? ([...due].sort().at(-1) ?? null) : null,
    expired: dated.filter((lot) => lot.until! < today).reduce((total, lot) => total + lot.left, 0),
    firstExpiry: dated[0]?.until ?? null,
    owed: Math.max(0, sum('borrowed') - sum('given-back')),
    lentOut: Math.max(0, sum('lent') - sum('got-back')),
  };
}

interface OpenOrder {
  left: number;
  dueBy: LocalDate | null;
}

/**
 * Orders that have not come in yet, oldest first. A delivery fills orders that were placed by its day, those for its own
 * job first; what nobody had ordered by then was bought over the counter and fills none that comes later.
 */
function openOrders(moves: readonly StockMove[]): OpenOrder[] {
  const orders: (OpenOrder & { job: string })[] = [];
  const rank = (move: StockMove) => (move.kind === 'ordered' ? 0 : 1);
  const inTime = moves
    .filter((move) => move.kind === 'ordered' || move.kind === 'received')
    .map((move, i) => ({ move, i }))
    .sort((a, b) => a.move.onDate.localeCompare(b.move.onDate) || rank(a.move) - rank(b.move) || a.i - b.i);
  for (const { move } of inTime) {
    if (move.kind === 'ordered') {
      orders.push({ left: move.amount, dueBy: move.untilDate, job: move.job });
      continue;
    }
    let came = move.amount;
    for (const order of [...orders.filter((one) => one.job === move.job), ...orders]) {
      const taken = Math.min(order.left, came);
      order.left -= taken;
      came -= taken;
    }
  }
  return orders.filter((order) => order.left > 1e-9);
}

/** Litres or pieces of a product on hand by the batch on the tin; what carries no batch is left out. */
export function batchesOnHand(
  moves: readonly StockMove[],
  product: string,
): { batch: string; amount: number }[] {
  const batches = new Map<string, number>();
  for (const move of standingMoves(moves))
    if (move.product === product && move.batch !== '')
      batches.set(move.batch, (batches.get(move.batch) ?? 0) + sign[move.kind] * move.amount);
  return [...batches].flatMap(([batch, amount]) => (amount > 1e-9 ? [{ batch, amount }] : []));
}
