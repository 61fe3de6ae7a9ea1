import type { Figures } from '../figures';
import type { Shelf } from '../film';
import type { Shop } from '../shop';
import type { Part } from '../vehicle';
import { dryEdgeOf, painterOf, roundOfCoat, type DryEdge } from './coat-round';
import type { PlannedStay, PlannedStep } from './model';
import { placeTaken, workAirC } from './place-taken';

/** Coats ahead whose edge dries; of one product in one session the worst. */
export function dryEdges(
  steps: readonly PlannedStep[],
  {
    stays,
    parts,
    shop,
    shelf,
    figures,
  }: {
    stays: readonly PlannedStay[];
    parts: readonly Part[];
    shop: Shop;
    shelf: Shelf;
    figures: Figures;
  },
): DryEdge[] {
  const byKey = new Map(stays.map((stay) => [stay.key, stay]));
  const worst = new Map<string, DryEdge>();
  for (const step of steps) {
    const { coat, state } = step;
    if (coat === null || state !== 'planned') continue;
    const sheet = shelf.get(coat.product)?.coating;
    if (!sheet || sheet.method !== 'spray') continue;
    const airC = workAirC(placeTaken(step, byKey, shop), step.start, shop.timeZone);
    const round = roundOfCoat({ ...step, coat }, parts, {
      sheet,
      airC,
      figures,
      painter: painterOf(step, shop.people),
    });
    const given = { minutes: step.end - step.start, hands: Math.max(1, step.crew), airC };
    const found = dryEdgeOf(round, given, shop.labourRateMinorPerHour);
    if (!found) continue;
    const key = `${coat.session} ${coat.product}`;
    const before = worst.get(key);
    if (!before || before.roundMin < found.roundMin)
      worst.set(key, { step: step.key, product: coat.product, ...found });
  }
  return [...worst.values()];
}
