import type { Product, Shelf } from '../film';
import { orderDay, type Shop } from '../shop';
import { localDateOf, toMinor, type LocalDate, type Minor, type Minute } from '../units';
import { cheapestMix, cheapestPacks, unitPriceMinor, type PackChoice } from './packs';
import type { StockLevel } from './stock';

export interface ShoppingLine {
  product: string;
  name: string;
  /** Of what is tinted: the colour, which no other colour's tin can stand for; null for what has none. */
  colour: DrawnColour | null;
  kind: string;
  unit: string;
  /** Still to be used, in the product's unit. */
  need: number;
  /** Usable on the shelf and on order, and what is missing beyond both. */
  have: number;
  onOrder: number;
  short: number;
  buy: PackChoice | null;
  /** The need at unit price. */
  valueMinor: Minor;
  /** Start of the first step that uses it, and of the first that finds the shelf empty; the same when nothing is there. */
  neededBy: Minute;
  runsOut: Minute;
  orderBy: LocalDate;
  /** What is left over in the packs to buy keeps less than a season. */
  shortLived: boolean;
  jobs: string[];
  /** Of a colour: what it must not be bought before, such as an accepted sample. */
  waitsFor: readonly string[];
}

/** A colour of a job, by its key and name. */
export interface DrawnColour {
  key: string;
  name: string;
}

export interface Draw {
  product: string;
  amount: number;
  at: Minute;
  job: string;
  /** What it is tinted to; left out for what has no colour. */
  colour?: DrawnColour;
  /** What the step that draws it waits for before it may be booked. */
  waitsFor?: readonly string[];
}

type ShopHours = Pick<Shop, 'timeZone' | 'shifts' | 'closures'>;

/** Shorter than this, leftovers will not see the next job, days. */
const seasonDays = 90;

const packsFor = (product: Product, amount: number): PackChoice | null =>
  product.kind === 'coating' && product.coating
    ? cheapestMix(amount, product.coating, product.packs)
    : cheapestPacks(amount, product.packs);

/**
 * Sums what steps still draw, over one job or all of them, takes off what stands on the shelf and is on order, and finds
 * the cheapest whole packs for the rest; ordered by the day on which to order. Each colour of a job is a line of its own: the book
 * does not know what a tin is tinted to, so that what is there goes to the colour that is needed first.
 */
export function shoppingList(
  draws: readonly Draw[],
  shelf: Shelf,
  shop: ShopHours,
  levels: ReadonlyMap<string, StockLevel> = new Map(),
): ShoppingLine[] {
  const byProduct = new Map<string, Draw[]>();
  for (const draw of draws) {
    const own = byProduct.get(draw.product);
    if (own) own.push(draw);
    else byProduct.set(draw.product, [draw]);
  }
  const lines = [...byProduct].flatMap(([code, own]): ShoppingLine[] => {
    const product = shelf.get(code);
    if (!product) return [];
    const level = levels.get(code);
    const supply = {
      have: Math.max(0, (level?.onHand ?? 0) - (level?.expired ?? 0)),
      onOrder: level?.onOrder ?? 0,
    };
    return coloursOf(own).flatMap((draw) => lineOf(product, draw, supply, shop));
  });
  return lines.sort(
    (a, b) =>
      a.orderBy.localeCompare(b.orderBy) ||
      a.name.localeCompare(b.name) ||
      (a.colour?.name ?? '').localeCompare(b.colour?.name ?? ''),
  );
}

/** Draws of a product by what it is tinted to in each job, the colour that is used first before the others. */
function coloursOf(draws: readonly Draw[]): Draw[][] {
  const byColour = new Map<string, Draw[]>();
  for (const draw of draws) {
    const key = draw.colour ? `${draw.job}\n${draw.colour.key}` : '';
    byColour.set(key, [...(byColour.get(key) ?? []), draw]);
  }
  const firstUse = (list: readonly Draw[]) => Math.min(...list.map((draw) => draw.at));
  return [...byColour.values()].sort((a, b) => firstUse(a) - firstUse(b));
}

/** One line of the list. @param supply what is still there; what the line uses is taken off it */
function lineOf(
  product: Product,
  draws: readonly Draw[],
  supply: { have: number; onOrder: number },
  shop: ShopHours,
): ShoppingLine[] {
  const need = draws.reduce((sum, draw) => sum + draw.amount, 0);
  if (need <= 0) return [];
  const { have, onOrder } = supply;
  const short = Math.max(0, need - have - onOrder);
  supply.have = Math.max(0, have - need);
  supply.onOrder = Math.max(0, onOrder - Math.max(0, need - have));
  const { first, runsOut } = firstAndLast(draws, have + onOrder);
  const buy = packsFor(product, short);
  const keepsShort = product.shelfLifeDays !== null && product.shelfLifeDays <= seasonDays;
  return [
    {
      product: product.code,
      name: product.name,
      colour: draws[0]!.colour ?? null,
      kind: product.kind,
      unit: product.unit,
      need,
      have,
      onOrder,
      short,
      buy,
      neededBy: first,
      runsOut,
      valueMinor: toMinor(need * unitPriceMinor(product)),
      orderBy: orderDay(shop, localDateOf(runsOut, shop.timeZone), product.leadDays, product.leadIn),
      shortLived: keepsShort && buy !== null && buy.amount > short * 1.05,
      jobs: [...new Set(draws.map((draw) => draw.job))].sort(),
      waitsFor: [...new Set(draws.flatMap((draw) => draw.waitsFor ?? []))],
    },
  ];
}

/** The first use, and the use at which what is there has gone; the last use where it never goes. */
function firstAndLast(draws: readonly Draw[], supply: number): { first: Minute; runsOut: Minute } {
  const inOrder = [...draws].sort((a, b) => a.at - b.at);
  let left = supply;
  for (const draw of inOrder) {
    left -= draw.amount;
    if (left < -1e-9) return { first: inOrder[0]!.at, runsOut: draw.at };
  }
  return { first: inOrder[0]!.at, runsOut: inOrder.at(-1)!.at };
}
