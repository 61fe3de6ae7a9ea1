import type { Shelf } from '../../film';
import type { Shop } from '../../shop';
import type { Catalogue } from '../../steps';
import type { PlannedStay, PlannedStep } from '../model';
import { placeTaken, workAirC } from '../place-taken';
import type { WorkAir } from './model';

/**
 * Work ahead in air that its entry, or the sheet of what it spreads, does not allow, by the air of its place on its day; of
 * each operation the first step, and how many there are.
 */
export function workAir(
  steps: readonly PlannedStep[],
  {
    entries,
    stays,
    shop,
    shelf,
  }: { entries: Catalogue; stays: readonly PlannedStay[]; shop: Shop; shelf: Shelf },
): WorkAir[] {
  const byStay = new Map(stays.map((stay) => [stay.key, stay]));
  const found = new Map<string, WorkAir>();
  for (const step of [...steps].sort((a, b) => a.start - b.start)) {
    if (step.state !== 'planned' || step.skipped || step.crew === 0 || step.coat !== null) continue;
    const { leastC, mostC } = limitsOf(step, entries, shelf);
    if (leastC === null && mostC === null) continue;
    const place = placeTaken({ ...step, place: step.place ?? 'bay' }, byStay, shop);
    const airC = workAirC(place, step.start, shop.timeZone);
    const isCold = leastC !== null && airC < leastC;
    if (!isCold && (mostC === null || airC <= mostC)) continue;
    const before = found.get(step.operation);
    if (before) before.steps += 1;
    else
      found.set(step.operation, {
        code: 'work-air',
        step: step.key,
        place: place?.id ?? null,
        airC,
        limitC: isCold ? leastC : mostC!,
        steps: 1,
      });
  }
  return [...found.values()];
}

/** The narrowest limits of an operation and of what it spreads. */
function limitsOf(step: PlannedStep, entries: Catalogue, shelf: Shelf) {
  const entry = entries.get(step.operation);
  const sheets = step.needs.flatMap(({ product }) => {
    const sheet = shelf.get(product)?.coating;
    return sheet?.method === 'spread' ? [sheet] : [];
  });
  const least = [entry?.leastC ?? null, ...sheets.map((one) => one.minAirC)].flatMap((one) => one ?? []);
  const most = [entry?.mostC ?? null, ...sheets.map((one) => one.maxAirC)].flatMap((one) => one ?? []);
  return {
    leastC: least.length > 0 ? Math.max(...least) : null,
    mostC: most.length > 0 ? Math.min(...most) : null,
  };
}
