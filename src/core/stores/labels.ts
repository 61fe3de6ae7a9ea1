import type { Shelf } from '../film';
import type { StockMove } from '../record';
import { addDays, type LocalDate } from '../units';
import type { ColourPool } from './pools';
import { standingMoves } from './stock';

/** A label for a tin that is kept after the job. */
export interface ReserveLabel {
  kind: 'held-back' | 'touch-up';
  product: string;
  name: string;
  colour: string;
  litres: number;
  /** Batches on the tins it is taken from; empty where none was written down. */
  batches: string[];
  madeOn: LocalDate;
  /** Last day by the tins, else by the sheet's shelf life from the day it was made; null = no limit is known. */
  useBy: LocalDate | null;
  /** Where the last day comes from. */
  by: 'tin' | 'sheet' | null;
  /** Parts of the mix it does not hold yet: it is kept unactivated. */
  without: string[];
}

/**
 * Labels of what is held back of a pool and of the touch-up made on top of it. Both are kept unactivated: activated
 * paint does not keep. A tin once opened may not last as long as its date: the label says from where the date comes.
 * @param madeOn day of the first coat from the pool   @param batches tins it was laid from, as the log has them: one
 *   product stands on the shelf in many colours, so only these tell the date
 */
export function reserveLabels(
  pool: ColourPool,
  {
    shelf,
    moves,
    madeOn,
    batches,
  }: { shelf: Shelf; moves: readonly StockMove[]; madeOn: LocalDate; batches: readonly string[] },
): ReserveLabel[] {
  const product = shelf.get(pool.product);
  if (!product?.coating) return [];
  const tins = standingMoves(moves).filter(
    ({ product: code, kind, batch }) =>
      code === pool.product && kind === 'received' && batches.includes(batch),
  );
  const dates = tins.flatMap((move) => move.untilDate ?? []).sort();
  const life = product.shelfLifeDays;
  const bySheet = life === null ? null : addDays(madeOn, life);
  // The tin that goes first decides, and never later than the sheet allows from today.
  const first = dates[0] ?? null;
  const byTin = first !== null && (bySheet === null || first <= bySheet);
  const without = product.coating.mix.slice(1).map((part) => part.label);
  const label = (kind: ReserveLabel['kind'], litres: number): ReserveLabel => ({
    kind,
    product: pool.product,
    name: product.name,
    colour: pool.colourName,
    litres,
    madeOn,
    batches: [...batches],
    useBy: byTin ? first : bySheet,
    by: byTin ? 'tin' : bySheet ? 'sheet' : null,
    without,
  });
  return [label('held-back', pool.heldBackL), label('touch-up', pool.touchUpL)];
}
