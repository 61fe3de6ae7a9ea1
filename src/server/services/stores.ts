import { figuresFrom, type Figures } from '../../core/figures';
import type { Shelf } from '../../core/film';
import type { Plan } from '../../core/plan';
import { coatsAhead, drawsAhead } from '../../core/plan/draws';
import type { ConsumableTrial, StockMove } from '../../core/record';
import {
  checkCoats,
  committedMinor,
  shoppingList,
  stockLevels,
  type CoatCheck,
  type ShoppingLine,
  type StockLevel,
} from '../../core/stores';
import { drawsOfOthers, runsDry, type RunsDry } from '../../core/readings/runs-dry';
import { localDateOf } from '../../core/units';
import { database } from '../database/client';
import { loadStockMoves, loadTrials } from '../repositories/stock-repository';
import { currentMinute } from './clock';
import { currentPlans, requireShop } from './plans';

export interface Stores {
  moves: StockMove[];
  levels: Map<string, StockLevel>;
  /** What all open jobs still need, less what stands on the shelf and is on order. */
  shopping: ShoppingLine[];
  /** Of every session ahead, in time: whether the shelf can finish it. */
  checks: CoatCheck[];
  /** What ends inside a step of a job, by job. */
  dry: Map<string, RunsDry[]>;
}

/** The stores of the whole shop as they stand now. */
export async function currentStores(): Promise<Stores> {
  const [{ shop, shelf }, plans, moves] = await Promise.all([
    requireShop(),
    currentPlans(),
    loadStockMoves(database()),
  ]);
  const today = localDateOf(currentMinute(), shop.timeZone);
  const levels = stockLevels(moves, today);
  const standing = plans.filter((one) => one.stored.job.state !== 'finished');
  const open = standing.map((one) => one.plan);
  return {
    moves,
    levels,
    shopping: shoppingList(
      standing.flatMap(({ plan, stored }) =>
        drawsAhead(plan, shelf, figuresFrom(shop.figures, stored.job.figures)),
      ),
      shelf,
      shop,
      levels,
    ),
    checks: checkCoats(open.flatMap(coatsAhead), levels, shop.timeZone),
    dry: dryByJob(
      standing.map(({ plan, stored }) => ({ plan, figures: figuresFrom(shop.figures, stored.job.figures) })),
      levels,
      { shelf, timeZone: shop.timeZone },
    ),
  };
}

function dryByJob(
  plans: readonly { plan: Plan; figures: Figures }[],
  levels: Stores['levels'],
  { shelf, timeZone }: { shelf: Shelf; timeZone: string },
): Stores['dry'] {
  return new Map(
    plans.map(({ plan, figures }) => [
      plan.job,
      runsDry(plan, drawsOfOthers(plans, plan.job, shelf), levels, { shelf, figures, timeZone }),
    ]),
  );
}

/** What is on the shelf today, by product. */
export async function onHandToday(timeZone: string): Promise<Record<string, number>> {
  const levels = stockLevels(await loadStockMoves(database()), localDateOf(currentMinute(), timeZone));
  return Object.fromEntries([...levels].map(([product, level]) => [product, level.onHand]));
}

/** What has been ordered or received for a job, minor units. */
export const committedOf = ({ moves }: Pick<Stores, 'moves'>, job: string): number =>
  committedMinor(moves, job);

export const currentTrials = (): Promise<{ trials: ConsumableTrial[]; versions: Record<string, number> }> =>
  loadTrials(database());

/** Every entry of the stock book. */
export const stockBook = (): Promise<StockMove[]> => loadStockMoves(database());
