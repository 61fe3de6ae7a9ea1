import { scarceSteps } from '../../readings/scarce';
import type { Shelf } from '../../film';
import { isRisky } from '../../steps';
import { lastOpenDay, type Shop } from '../../shop';
import { addDays } from '../../units';
import type { PlannedStep } from '../model';
import type { ScarceHands } from './model';

/** A preparation slips by so many days sooner than one would think; days. */
const soonDays = 5;

/** Risky steps ahead that only few can do, and that those miss when the work before slips by a week or less. */
export function scarceHands(steps: readonly PlannedStep[], shop: Shop, shelf: Shelf): ScarceHands[] {
  const risky = (step: PlannedStep) => isRisky(step, shelf);
  return scarceSteps({ steps: [...steps] }, shop.people, risky, shop).flatMap((one): ScarceHands[] => {
    const { step, able, spareDays, missedFrom, backOn } = one;
    if (spareDays === null || missedFrom === null || spareDays > soonDays) return [];
    const lastDay = lastOpenDay(shop, addDays(missedFrom, -1));
    return [{ code: 'scarce-hands', step, able, spareDays, missedFrom, backOn, lastDay }];
  });
}
