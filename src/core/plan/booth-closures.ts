import type { Commitment } from '../schedule';
import { closedStretches, type Shop } from '../shop';
import type { LocalDate } from '../units';

const closedId = 'closed ';

/** A booth that is closed or not rented has to be empty: no vehicle stands in it meanwhile. Elsewhere only the work stops. */
export function boothClosures(shop: Shop, firstDay: LocalDate, days: number): Commitment[] {
  return shop.places
    .filter((place) => place.kind === 'booth')
    .flatMap((place) =>
      closedStretches(place, shop.timeZone, firstDay, days).map(({ from, to, reason }) => ({
        resource: place.id,
        from,
        to,
        holder:
          closedId +
          (reason === null ? 'days outside its rent' : reason ? `its closing (${reason})` : 'its closing'),
      })),
    );
}

/** How a closing is named where it stands in the way; null for anything else. */
export const closingName = (holder: string): string | null =>
  holder.startsWith(closedId) ? holder.slice(closedId.length) : null;
