import { asc } from 'drizzle-orm';
import type { ConsumableTrial, StockMove } from '../../core/record';
import type { Connection } from '../database/client';
import { stockMove, trial } from '../database/schema';

/** Every entry of the stock book, oldest first. */
export async function loadStockMoves(connection: Connection): Promise<StockMove[]> {
  const rows = await connection.select().from(stockMove).orderBy(asc(stockMove.onDate), asc(stockMove.id));
  return rows.map(({ version: _version, ...row }) => row);
}

/** Trials with the versions that guard their removal. */
export async function loadTrials(
  connection: Connection,
): Promise<{ trials: ConsumableTrial[]; versions: Record<string, number> }> {
  const rows = await connection.select().from(trial).orderBy(asc(trial.purpose), asc(trial.id));
  return {
    trials: rows.map(({ version: _version, ...row }) => row),
    versions: Object.fromEntries(rows.map((row) => [row.id, row.version])),
  };
}
