import { usualFigures, type Figures } from '../figures';
import { potLifeAt, type Product, type Shelf } from '../film';
import type { Step } from '../steps';
import { potsOf, type Pot, type SprayedCoat } from './pots';
import { kitOfStep } from './protective-kit';

export interface SessionNeed {
  session: string;
  product: string;
  /** Net litres of all coats. */
  netL: number;
  batches: number;
  batchLimitL: number;
  /** Ready mix to have: net with its reserve, and what is lost of each batch and session. */
  readyL: number;
  steps: { step: string; litres: number }[];
  /** What is mixed when, of the net need and its reserve; empty where a coat has no hour yet. */
  pots: Pot[];
}

/**
 * Largest batch: the cup and its refills, or what the gun lays in 0.8 of the pot life at the air of the day.
 * @param airC air where it is used, °C
 */
export function batchLimitL(product: Product, airC: number, figures: Figures = usualFigures): number {
  const sheet = product.coating!;
  const potLife = potLifeAt(sheet, airC);
  const at = { product: product.code };
  const cupsL = figures('mix.cup', at) * figures('mix.fills', at);
  return potLife === null ? cupsL : Math.min(cupsL, sheet.flowLPerMin * 0.8 * potLife);
}

/** Batches of a mix under a limit, at least one. */
export const batchCount = (mixL: number, limitL: number): number =>
  Math.max(1, Math.ceil(mixL / limitL - 1e-9));

/** When a coat is sprayed, its flash left out; null where it found no room. */
export type SprayedAt = (step: Step) => Pick<SprayedCoat, 'from' | 'to'> | null;

/** What the liquids of sessions go by besides their coats. */
export interface MixGiven {
  /** Air where a coat is laid, on its day, °C. */
  airOf(step: Step): number;
  sprayedAt?: SprayedAt;
  figures?: Figures;
}

/**
 * Liquids by session and product: `mix = need × (1 + reserve)`, `batches = ceil(mix / limit)`, more where a pot would die in
 * the flash between two coats; losses on top.
 */
export function sessionNeeds(
  steps: readonly Step[],
  shelf: Shelf,
  { airOf, sprayedAt = () => null, figures = usualFigures }: MixGiven,
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
    const at = { product: code };
    const reserve = 1 + figures('mix.reserve', at);
    const mixL = netL * reserve;
    // The warmest of its coats: the pot that dies soonest sets the batch.
    const airC = Math.max(...coats.map(airOf));
    const limit = batchLimitL(product, airC, figures);
    const pots = potsInTime(product, airC, limit, coats, (step) => withReserve(step, sprayedAt, reserve));
    const batches = Math.max(batchCount(mixL, limit), pots.length);
    return [
      {
        session,
        product: code,
        netL,
        batches,
        batchLimitL: limit,
        readyL: mixL + batches * figures('mix.batch-loss', at) + figures('mix.session-loss', at),
        steps: coats.map((step) => ({ step: step.key, litres: step.coat!.litres })),
        pots,
      },
    ];
  });
}

/** When a coat is sprayed, and the litres mixed for it. */
function withReserve(step: Step, sprayedAt: SprayedAt, reserve: number): SprayedCoat | null {
  const at = sprayedAt(step);
  return at && { ...at, litres: step.coat!.litres * reserve };
}

/** Pots of one mix at the hours of its coats; empty where one of them has none. */
function potsInTime(
  product: Product,
  airC: number,
  limitL: number,
  coats: readonly Step[],
  sprayedOf: (step: Step) => SprayedCoat | null,
): Pot[] {
  const sheet = product.coating!;
  const life = potLifeAt(sheet, airC);
  const timed = coats.flatMap((step) => sprayedOf(step) ?? []);
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
  figures: Figures = usualFigures,
): Map<string, { product: string; amount: number }[]> {
  const drawn = new Map(steps.map((step) => [step.key, [...step.needs, ...kitOfStep(step, shelf, figures)]]));
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
