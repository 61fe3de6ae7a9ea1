import type { LocalDate, Minor } from '../units';
import type { StockMove } from '../record';
import { standingMoves } from './stock';

export interface LedgerLine {
  key: string;
  orderedMinor: Minor;
  receivedMinor: Minor;
  drawnMinor: Minor;
}

/** Sums of money by month, phase or item, from the moves that stand. Ordered counts whole packs, drawn what left the shelf. */
export function ledgerBy(moves: readonly StockMove[], by: 'month' | 'phase' | 'product'): LedgerLine[] {
  const lines = new Map<string, LedgerLine>();
  for (const move of standingMoves(moves)) {
    if (move.costMinor === 0) continue;
    const key =
      by === 'month' ? move.onDate.slice(0, 7) : by === 'phase' ? move.phase || 'shelf' : move.product;
    const line = lines.get(key) ?? { key, orderedMinor: 0, receivedMinor: 0, drawnMinor: 0 };
    if (move.kind === 'ordered') line.orderedMinor += move.costMinor;
    if (move.kind === 'received') line.receivedMinor += move.costMinor;
    if (move.kind === 'drawn') line.drawnMinor += move.costMinor;
    lines.set(key, line);
  }
  return [...lines.values()].sort((a, b) => a.key.localeCompare(b.key));
}

/** What the shop owes its suppliers for a job: orders, and what was received without one. */
export function committedMinor(moves: readonly StockMove[], job: string): Minor {
  const own = standingMoves(moves).filter((move) => move.job === job);
  const byProduct = new Map<string, { ordered: number; received: number }>();
  for (const move of own) {
    const sum = byProduct.get(move.product) ?? { ordered: 0, received: 0 };
    if (move.kind === 'ordered') sum.ordered += move.costMinor;
    if (move.kind === 'received') sum.received += move.costMinor;
    byProduct.set(move.product, sum);
  }
  return [...byProduct.values()].reduce((sum, one) => sum + Math.max(one.ordered, one.received), 0);
}

export interface SpendPoint {
  date: LocalDate;
  /** Cumulative minor units; used is null after today. */
  plannedMinor: Minor;
  usedMinor: Minor | null;
}

/** The spend curve of a job: planned by the end of each step, used by the steps that are done, day by day. */
export function spendCurve(
  steps: readonly { date: LocalDate; materialsMinor: Minor; done: boolean }[],
  today: LocalDate,
): SpendPoint[] {
  const days = [...new Set([...steps.map((step) => step.date), today])].sort();
  let [planned, used] = [0, 0];
  return days.map((date) => {
    for (const step of steps.filter((one) => one.date === date)) {
      planned += step.materialsMinor;
      if (step.done) used += step.materialsMinor;
    }
    return { date, plannedMinor: planned, usedMinor: date <= today ? used : null };
  });
}
