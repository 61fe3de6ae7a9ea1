import { effectFamilies, type Shelf } from '../../film';
import type { Shop } from '../../shop';
import type { PlannedStep } from '../model';
import type { PainterChanges } from './model';

/**
 * Coats ahead of one session that want one pair of hands from end to end, effect colours and clear, and change painters; of
 * each product the first coat that somebody else lays.
 */
export function painterChanges(steps: readonly PlannedStep[], shop: Shop, shelf: Shelf): PainterChanges[] {
  const names = new Map(shop.people.map((one) => [one.id, one.name]));
  const paintersOf = (step: PlannedStep) => step.uses.filter((id) => names.has(id));
  const first = new Map<string, PlannedStep>();
  const found = new Map<string, PainterChanges>();
  for (const step of [...steps].sort((a, b) => a.start - b.start)) {
    const { coat, state } = step;
    if (coat === null || state !== 'planned' || step.skipped) continue;
    const family = shelf.get(coat.product)?.coating?.family;
    if (coat.role !== 'clear' && (family === undefined || !effectFamilies.has(family))) continue;
    const key = `${coat.session}\n${coat.product}`;
    const before = first.get(key);
    if (!before) first.set(key, step);
    else if (!found.has(key) && paintersOf(step).join() !== paintersOf(before).join()) {
      const told = (one: PlannedStep) => paintersOf(one).map((id) => names.get(id)!);
      found.set(key, {
        code: 'painter-changes',
        step: step.key,
        product: coat.product,
        from: told(before),
        to: told(step),
      });
    }
  }
  return [...found.values()];
}
