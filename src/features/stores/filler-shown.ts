import type { Figures } from '@/core/figures';
import { readyDensity, type Shelf, type SpreadFigures, type SpreadSheet } from '@/core/film';
import type { Plan } from '@/core/plan';
import { spreadFigures, type SpreadOfStep } from '@/core/steps';
import type { ShoppingLine } from '@/core/stores';

/** Filler or putty of a step ahead. */
export interface FillRow extends SpreadOfStep {
  step: string;
  name: string;
  subject: string;
  start: number;
  /** Null where enough is on the shelf. */
  orderBy: string | null;
}

export interface FillerShown {
  fills: FillRow[];
  /** The usual filler of the shelf, for a reckoner; null where the shelf has none. */
  filler: { sheet: SpreadSheet; densityKgL: number; figures: SpreadFigures } | null;
}

/** The day by which a product has to be ordered; null where nothing is short. */
export const orderDay = (product: string, shopping: readonly ShoppingLine[]): string | null =>
  shopping.find((line) => line.product === product && line.short > 0)?.orderBy ?? null;

/** Filler and putty ahead, and what the reckoner goes by. */
export function fillerShown(
  ahead: Plan['steps'],
  shopping: readonly ShoppingLine[],
  shelf: Shelf,
  figures: Figures,
): FillerShown {
  const fills = ahead
    .flatMap(({ key, subject, start, spread }): FillRow[] =>
      spread && spread.massKg > 0
        ? [
            {
              ...spread,
              step: key,
              name: shelf.get(spread.product)?.name ?? spread.product,
              subject,
              start,
              orderBy: orderDay(spread.product, shopping),
            },
          ]
        : [],
    )
    .sort((a, b) => a.start - b.start);
  const product = shelf.get('filler');
  const sheet = product?.coating;
  const filler =
    product && sheet
      ? { sheet, densityKgL: readyDensity(sheet), figures: spreadFigures(figures, product) }
      : null;
  return { fills, filler };
}
