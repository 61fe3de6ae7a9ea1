import { closingMin, dryingFactor, type LayerRole, type Product, type Shelf } from '../film';
import type { Step } from '../steps';

/** Mixed above the net need, so that the last panel never runs dry. */
export const reserveShare = 0.1;
const batchLossL = 0.05;
const sessionLossL = 0.15;
const largestPotL = 5;
/** Litres a minute through the gun or off the roller, by what is laid. */
const flowLPerMin: Partial<Record<LayerRole, number>> = {
  epoxy: 0.18,
  build: 0.22,
  colour: 0.15,
  topcoat: 0.18,
  clear: 0.18,
};

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
}

/**
 * Largest batch: the pot, or what the gun lays in 0.8 of the pot life at the air of the day.
 * @param airC air where it is used, °C
 */
export function batchLimitL(product: Product, role: LayerRole, airC: number): number {
  const sheet = product.coating!;
  if (sheet.potLifeMin === null) return largestPotL;
  const potLife = closingMin(sheet.potLifeMin, dryingFactor(sheet, airC) ?? 1);
  return Math.min(largestPotL, (flowLPerMin[role] ?? 0.18) * 0.8 * potLife);
}

/** Liquids by session and product: `mix = need × 1.1`, `batches = ceil(mix / limit)`, losses on top. */
export function sessionNeeds(steps: readonly Step[], shelf: Shelf, airC: number): SessionNeed[] {
  const groups = new Map<string, Step[]>();
  for (const step of steps)
    if (step.coat) {
      const key = `${step.coat.session}\n${step.coat.product}`;
      groups.set(key, [...(groups.get(key) ?? []), step]);
    }
  return [...groups.values()].flatMap((coats) => {
    const { session, product: code, role } = coats[0]!.coat!;
    const product = shelf.get(code);
    if (!product?.coating) return [];
    const netL = coats.reduce((sum, step) => sum + step.coat!.litres, 0);
    const mixL = netL * (1 + reserveShare);
    const limit = batchLimitL(product, role, airC);
    const batches = Math.max(1, Math.ceil(mixL / limit - 1e-9));
    return [
      {
        session,
        product: code,
        netL,
        batches,
        batchLimitL: limit,
        readyL: mixL + batches * batchLossL + sessionLossL,
        steps: coats.map((step) => ({ step: step.key, litres: step.coat!.litres })),
      },
    ];
  });
}

/** What each step draws from the shelf: its consumables, and for a coat its share of the session's ready mix. */
export function drawnBySteps(
  steps: readonly Step[],
  sessions: readonly SessionNeed[],
): Map<string, { product: string; amount: number }[]> {
  const drawn = new Map(steps.map((step) => [step.key, [...step.needs]]));
  for (const session of sessions)
    for (const coat of session.steps)
      drawn.get(coat.step)!.push({
        product: session.product,
        amount: session.netL > 0 ? (session.readyL * coat.litres) / session.netL : session.readyL,
      });
  return drawn;
}
