import { Calendar, together, type Stretch } from '../schedule';
import {
  atHandId,
  daylightStretches,
  loudHoursId,
  loudStretches,
  openStretches,
  personStretches,
  placeStretches,
  type Shop,
} from '../shop';
import type { Step } from '../steps';
import type { LocalDate } from '../units';

/** What a step is bound to in time. */
export interface Bound {
  tags: Step['tags'];
  kind: Step['kind'];
  atHand: Step['atHand'];
  /** People and places it takes. */
  uses: readonly string[];
}

/** When the people of a shop are there, when its places can be worked in, when loud work may be done. */
export class ShopHours {
  readonly open: Stretch[];
  /** Hours by person, place and limit; what is not here is bound to no hours. */
  readonly byId: ReadonlyMap<string, Stretch[]>;
  readonly #crews = new Map<string, Calendar>();

  constructor(shop: Shop, firstDay: LocalDate, days: number) {
    this.open = openStretches(shop, firstDay, days);
    const loud = loudStretches(shop, firstDay, days);
    const light = shop.places.some((place) => place.outdoors)
      ? daylightStretches(shop, firstDay, days)
      : null;
    this.byId = new Map([
      ...shop.people.flatMap((person) => {
        const hers = personStretches(this.open, person, shop.timeZone);
        return [[person.id, hers] as const, [atHandId(person.id), hers] as const];
      }),
      ...shop.places.flatMap((place) => {
        const usable = placeStretches(place, light, shop.timeZone, firstDay, days);
        return usable ? [[place.id, usable] as const] : [];
      }),
      ...(loud ? [[loudHoursId, loud] as const] : []),
    ]);
  }

  /** The limits that bind a step beside its people and places. */
  limitsOf({ tags, atHand }: Pick<Bound, 'tags' | 'atHand'>): string[] {
    const loud = tags.includes('loud') && this.byId.has(loudHoursId) ? [loudHoursId] : [];
    return atHand === null ? loud : [...loud, atHandId(atHand)];
  }

  /**
   * Minutes in which a step can be worked, by all who do it, where it is done.
   * @param place the place of the stay it lies in   @returns null where nothing binds it
   */
  of(step: Bound, place: string | null): Calendar | null {
    if (step.kind === 'passive') return null;
    const ids = [...new Set([...step.uses, ...(place === null ? [] : [place]), ...this.limitsOf(step)])]
      .filter((id) => this.byId.has(id))
      .sort();
    if (ids.length === 0) return null;
    const name = ids.join('\n');
    let known = this.#crews.get(name);
    if (!known) {
      known = together(ids.map((id) => new Calendar(this.byId.get(id)!)));
      this.#crews.set(name, known);
    }
    return known;
  }
}

const known = new WeakMap<Shop, Map<string, ShopHours>>();

/** The hours of a shop over some days, reckoned once for all placings of a plan, and of plans that are compared. */
export function hoursOf(shop: Shop, firstDay: LocalDate, days: number): ShopHours {
  const own = known.get(shop) ?? new Map<string, ShopHours>();
  const key = `${firstDay} ${days}`;
  const hours = own.get(key) ?? new ShopHours(shop, firstDay, days);
  known.set(shop, own.set(key, hours));
  return hours;
}
