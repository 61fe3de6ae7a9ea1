import { potLifeAt, type Product, type Shelf } from '../film';
import type { Step } from '../steps';
import { potsOf, type Pot, type SprayedCoat } from './pots';
import { kitOfStep } from './protective-kit';

/** Mixed above the net need, so that the last panel never runs dry. */
export const reserveShare = 0.1;
const batchLossL = 0.05;
const sessionLossL = 0.15;
/** Cup of the gun, or the roller's tray kept small: litres, and how often it is filled of one batch. */
const cupL = 1;
const refills = 5;

export interface SessionNeed {
  session: string;
  product: string;
  /** Net litres of all coats. */
  netL: number;
  batches: number;
  batchLimitL: number;
  /** Ready mix to have: net × 1.1 + 0.05 a batch + 0.15 a session. */
  readyL: number;
  steps: { step: string; litres: number }[];
  /** What is mixed when, of the net need and its reserve; empty where a coat has no hour yet. */
  pots: Pot[];
}

/**
 * Largest batch: the cup and its refills, or what the gun lays in 0.8 of the pot life at the air of the day.
 * @param airC air where it is used, °C
 */
export function batchLimitL(product: Product, airC: number): number {
  const sheet = product.coating!;
  const potLife = potLifeAt(sheet, airC);
  if (potLife === null) return cupL * refills;
  return Math.min(cupL * refills, sheet.flowLPerMin * 0.8 * potLife);
}

/** Batches of a mix under a limit, at least one. */
export const batchCount = (mixL: number, limitL: number): number =>
  Math.max(1, Math.ceil(mixL / limitL - 1e-9));

/** When a coat is sprayed, its flash left out; null where it found no room. */
export type SprayedAt = (step: Step) => Pick<SprayedCoat, 'from' | 'to'> | null;

/**
 * Liquids by session and product: `mix = need × 1.1`, `batches = ceil(mix / limit)`, more where a pot would die in the
 * flash between two coats; losses on top.
 * @param airOf air where a coat is laid, on its day, °C
 */
export function sessionNeeds(
  steps: readonly Step[],
  shelf: Shelf,
  airOf: (step: Step) => number,
  sprayedAt: SprayedAt = () => null,
): SessionNeed[] {
  const groups = new Map<string, Step[]>();
  for (const step of steps)
    if (step.coat) {
      const key = `${step.coat.session}\n${step.coat.product}`;
      groups.set(key, [...(groups.get(key) ?? []), step]);
    }
  return [...groups.values()].flatMap((coats) => {
    const { session, product: code } = coats[0]!.coat!;
    const product = shelf.get(code);
    if (!product?.coating) return [];
    const netL = coats.reduce((sum, step) => sum + step.coat!.litres, 0);
    const mixL = netL * (1 + reserveShare);
    // The warmest of its coats: the pot that dies soonest sets the batch.
    const airC = Math.max(...coats.map(airOf));
    const limit = batchLimitL(product, airC);
    const pots = potsInTime(product, airC, limit, coats, sprayedAt);
    const batches = Math.max(batchCount(mixL, limit), pots.length);
    return [
      {
        session,
        product: code,
        netL,
        batches,
        batchLimitL: limit,
        readyL: mixL + batches * batchLossL + sessionLossL,
        steps: coats.map((step) => ({ step: step.key, litres: step.coat!.litres })),
        pots,
      },
    ];
  });
}

/** Pots of one mix at the hours of its coats; empty where one of them has none. */
function potsInTime(
  product: Product,
  airC: number,
  limitL: number,
  coats: readonly Step[],
  sprayedAt: SprayedAt,
): Pot[] {
  const sheet = product.coating!;
  const life = potLifeAt(sheet, airC);
  const timed = coats.flatMap((step): SprayedCoat[] => {
    const at = sprayedAt(step);
    return at ? [{ ...at, litres: step.coat!.litres * (1 + reserveShare) }] : [];
  });
  if (timed.length < coats.length) return [];
  timed.sort((a, b) => a.from - b.from);
  // A pot lives from its mixing, and is used when its induction is over.
  return potsOf(timed, limitL, life === null ? null : life - sheet.inductionMin);
}

/**
 * What each step draws from the shelf: its consumables, for a coat its share of the session's ready mix, for the first
 * coat of a mix its cups and strainers, and the protective kit of everybody who does it.
 */
export function drawnBySteps(
  steps: readonly Step[],
  sessions: readonly SessionNeed[],
  shelf: Shelf,
): Map<string, { product: string; amount: number }[]> {
  const drawn = new Map(steps.map((step) => [step.key, [...step.needs, ...kitOfStep(step, shelf)]]));
  for (const session of sessions) {
    for (const coat of session.steps)
      // A coat without room in the calendar stands in no plan and draws nothing yet.
      drawn.get(coat.step)?.push({
        product: session.product,
        amount: session.netL > 0 ? (session.readyL * coat.litres) / session.netL : session.readyL,
      });
    const first = session.steps[0];
    if (first)
      drawn.get(first.step)?.push(
        // A cup to mix in and one to pour from; one strainer a batch.
        { product: 'cup', amount: 2 * session.batches },
        { product: 'strainer', amount: session.batches },
      );
  }
  return drawn;
}
