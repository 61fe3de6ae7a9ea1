import type { Figures } from '../figures';
import type { Shelf } from '../film';
import type { Plan } from '../plan/model';
import type { MaterialCap } from '../record';
import { drawnBySteps, unitPriceMinor } from '../stores';
import { toMinor } from '../units';

/** What all steps of a plan draw of what a cap names, in money and, of one product, in its unit. */
export interface MaterialUse {
  cap: MaterialCap;
  minor: number;
  amount: number;
}

/** Each cap with what the whole plan draws of it; what is done counts as it was reckoned. */
export function materialUse(
  caps: readonly MaterialCap[],
  plan: Pick<Plan, 'steps' | 'sessions'>,
  shelf: Shelf,
  figures: Figures,
): MaterialUse[] {
  if (caps.length === 0) return [];
  const drawn = [...drawnBySteps(plan.steps, plan.sessions, shelf, figures).values()].flat();
  return caps.map((cap) => {
    const own = drawn.filter(({ product }) =>
      cap.product === '' ? shelf.get(product)?.kind === cap.kind : product === cap.product,
    );
    return {
      cap,
      minor: toMinor(own.reduce((sum, one) => sum + one.amount * unitPriceMinor(shelf.get(one.product)), 0)),
      amount: own.reduce((sum, one) => sum + one.amount, 0),
    };
  });
}
