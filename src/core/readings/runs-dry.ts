import type { Figures } from '../figures';
import type { Shelf } from '../film';
import { drawsAhead } from '../plan/draws';
import { coatedPanels, panelAtShare } from '../plan/coat-round';
import type { Plan, PlannedStep } from '../plan/model';
import { drawnBySteps, type Draw, type StockLevel } from '../stores';
import { localDateOf, type Minute } from '../units';

/** Something on the shelf that ends inside a step. */
export interface RunsDry {
  product: string;
  step: string;
  start: Minute;
  /** What is left when the step begins, and what it draws; in the unit of the product. */
  left: number;
  needed: number;
  /** The panel on which it ends, in the order of the layout; null where the step has none. */
  panel: string | null;
  /** The panel before it, at whose edge one stops; null where it ends on the first. */
  breakAfter: string | null;
}

/**
 * What ends inside a step of a job, product by product: the shelf is drawn down in time by the steps of all open jobs, expired
 * stock left out, orders from the day on which all of them are due. Of each product the first step that finds some and not enough; a step that finds none is a
 * line of the shopping list.
 */
export function runsDry(
  plan: Plan,
  others: readonly Draw[],
  levels: ReadonlyMap<string, StockLevel>,
  { shelf, figures, timeZone }: { shelf: Shelf; figures: Figures; timeZone: string },
): RunsDry[] {
  const drawn = drawnBySteps(plan.steps, plan.sessions, shelf, figures);
  const own = plan.steps
    .filter((step) => step.state === 'planned')
    .flatMap((step) => drawn.get(step.key)!.map((one) => ({ ...one, at: step.start, step })));
  const found: RunsDry[] = [];
  for (const product of new Set(own.map((one) => one.product))) {
    // Gloves and masks are drawn by the person, not along the work.
    if (shelf.get(product)?.kind === 'kit') continue;
    const level = levels.get(product);
    let left = level ? level.onHand - level.expired : 0;
    let due = level?.dueBy ?? null;
    const draws: { amount: number; at: Minute; step?: PlannedStep }[] = [...others, ...own].filter(
      (one) => one.product === product,
    );
    for (const { amount, at, step } of draws.sort((a, b) => a.at - b.at)) {
      if (level && due !== null && due <= localDateOf(at, timeZone)) {
        left += level.onOrder;
        due = null;
      }
      if (left > dust && step && amount > left + dust) {
        const panels = panelsInStep(step, plan, left / amount);
        found.push({ product, step: step.key, start: step.start, left, needed: amount, ...panels });
      }
      left -= amount;
    }
  }
  return found.sort((a, b) => a.start - b.start || a.product.localeCompare(b.product));
}

const dust = 1e-9;

/** The panel on which a share of a step ends, and the one before it. */
function panelsInStep(step: PlannedStep, plan: Plan, share: number) {
  const panels = coatedPanels(step, plan);
  const panel = panelAtShare(panels, share);
  const at = panels.findIndex((one) => one.key === panel);
  return { panel, breakAfter: panels[at - 1]?.key ?? null };
}

/** What the other open jobs draw, by what their plans say today. */
export const drawsOfOthers = (
  plans: readonly { plan: Plan; figures: Figures }[],
  job: string,
  shelf: Shelf,
): Draw[] => plans.flatMap(({ plan, figures }) => (plan.job === job ? [] : drawsAhead(plan, shelf, figures)));
