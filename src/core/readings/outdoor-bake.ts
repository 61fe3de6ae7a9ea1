import { waitAcross, type Shelf } from '../film';
import type { Plan } from '../plan/model';
import { airFrom, type Shop } from '../shop';
import type { Minute } from '../units';

/** A cure ahead that would be over sooner outdoors. */
export interface OutdoorBake {
  step: string;
  product: string;
  from: Minute;
  place: string;
  /** Minutes it takes where it is planned, and outdoors. */
  plannedMin: number;
  outdoorsMin: number;
}

const daysAhead = 45;
/** Below this nobody pushes a vehicle out and in again. */
const worthMin = 240;

/**
 * Cures ahead for which an outdoor place is warm enough to be worth the move: the wait for sanding at the air of that place,
 * its nights included, against the wait as planned. The sun on a panel is left out; it only makes it shorter.
 */
export function outdoorBakes(
  plan: Pick<Plan, 'steps'>,
  shop: Shop,
  shelf: Shelf,
  now: Minute,
): OutdoorBake[] {
  const outdoors = shop.places.filter((place) => place.outdoors);
  if (outdoors.length === 0) return [];
  return plan.steps.flatMap((step): OutdoorBake[] => {
    if (step.kind !== 'passive' || step.state !== 'planned' || step.start < now) return [];
    const lead = plan.steps
      .flatMap((before) => before.leadsTo.map((one) => ({ ...one, end: before.end })))
      .find((one) => one.step === step.key && one.why.code === 'sand-after');
    const sheet = lead?.why.code === 'sand-after' ? shelf.get(lead.why.product)?.coating : undefined;
    if (!lead || lead.why.code !== 'sand-after' || !sheet) return [];
    const { product } = lead.why;
    return outdoors
      .flatMap((place): OutdoorBake[] => {
        const wait = waitAcross(sheet, 'sandAfterMin', lead.end, airFrom(place, shop, lead.end, daysAhead));
        const plannedMin = step.end - lead.end;
        if (wait === null || plannedMin - wait < worthMin) return [];
        return [
          {
            step: step.key,
            product,
            from: lead.end,
            place: place.id,
            plannedMin,
            outdoorsMin: Math.ceil(wait),
          },
        ];
      })
      .sort((a, b) => a.outdoorsMin - b.outdoorsMin)
      .slice(0, 1);
  });
}
