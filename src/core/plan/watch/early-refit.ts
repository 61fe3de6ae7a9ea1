import type { Figures } from '../../figures';
import { isUpperRole, waitingAt, type Shelf } from '../../film';
import type { Shop } from '../../shop';
import type { PlannedStay, PlannedStep } from '../model';
import { placeTaken, workAirC } from '../place-taken';
import type { RefitEarly } from './model';

/**
 * Refit steps ahead that begin before the last coat on their sections has stood the share of its full cure that a clamp
 * waits for.
 */
export function earlyRefit(
  steps: readonly PlannedStep[],
  {
    stays,
    shop,
    shelf,
    figures,
  }: { stays: readonly PlannedStay[]; shop: Shop; shelf: Shelf; figures: Figures },
): RefitEarly[] {
  const byStay = new Map(stays.map((stay) => [stay.key, stay]));
  const share = figures('refit.clamp');
  return steps.flatMap((step): RefitEarly[] => {
    if (step.state !== 'planned' || step.phase !== 'refit' || step.skipped || step.minutes === 0) return [];
    const before = steps.filter(
      (one) => one.end <= step.start && one.sections.some((key) => step.sections.includes(key)),
    );
    const coats = before.filter((one) => one.coat !== null && isUpperRole(one.coat.role));
    const last = coats.reduce<PlannedStep | null>(
      (late, one) => (late && late.end >= one.end ? late : one),
      null,
    );
    const sheet = last?.coat ? shelf.get(last.coat.product)?.coating : undefined;
    if (!last?.coat || !sheet) return [];
    const airC = workAirC(placeTaken(step, byStay, shop), last.end, shop.timeZone);
    const cure = waitingAt(sheet, 'fullCureMin', airC);
    const neededMin = cure === null ? 0 : Math.ceil(cure * share);
    const waitedMin = step.start - last.end;
    if (waitedMin >= neededMin) return [];
    return [{ code: 'refit-early', step: step.key, product: last.coat.product, waitedMin, neededMin }];
  });
}
