import { intersectStretches, joinStretches, subtractStretches, type Stretch } from '../schedule/stretches';
import { addDays, minuteAt, type LocalDate } from '../units';
import type { Place } from './shop';

/** A while in which a place cannot be used, and why; null where it is not the shop's then. */
export interface ClosedStretch extends Stretch {
  reason: string | null;
}

/**
 * When a place cannot be used within some days: its closures, and for a rented one all that lies outside its rent.
 * @param from first local day   @param days how many days
 */
export function closedStretches(
  { closed, rented }: Pick<Place, 'closed' | 'rented'>,
  timeZone: string,
  from: LocalDate,
  days: number,
): ClosedStretch[] {
  const all = { from: minuteAt(from, 0, timeZone), to: minuteAt(addDays(from, days), 0, timeZone) };
  const outside = rented
    ? subtractStretches(
        [all],
        [{ from: minuteAt(rented.from, 0, timeZone), to: minuteAt(addDays(rented.to, 1), 0, timeZone) }],
      )
    : [];
  const closures = closed.map((one) => ({
    from: minuteAt(one.from, one.fromMin, timeZone),
    to: minuteAt(one.to, one.toMin, timeZone),
    reason: one.reason,
  }));
  return [...outside.map((one) => ({ ...one, reason: null })), ...closures]
    .filter((one) => one.from < one.to && one.to > all.from && one.from < all.to)
    .sort((a, b) => a.from - b.from);
}

/**
 * Hours in which a place can be worked in: daylight for one outdoors, less its closures. Null where nothing binds it.
 * @param light daylight of the same days, where the shop says where it stands
 */
export function placeStretches(
  place: Place,
  light: readonly Stretch[] | null,
  timeZone: string,
  from: LocalDate,
  days: number,
): Stretch[] | null {
  const closed = closedStretches(place, timeZone, from, days);
  const day = place.outdoors ? light : null;
  if (closed.length === 0) return day === null ? null : [...day];
  const all = [{ from: minuteAt(from, 0, timeZone), to: minuteAt(addDays(from, days), 0, timeZone) }];
  return subtractStretches(day === null ? all : intersectStretches(all, day), joinStretches(closed));
}
