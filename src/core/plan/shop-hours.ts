import { Calendar, joinStretches, subtractStretches, together, type Stretch } from '../schedule';
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
import type { Step, StepLimit } from '../steps';
import { addDays, minuteAt, wallTime, type LocalDate } from '../units';

/** What a step is bound to in time. */
export interface Bound {
  tags: Step['tags'];
  kind: Step['kind'];
  atHand: Step['atHand'];
  limits: Step['limits'];
  minutes: number;
  /** People and places it takes. */
  uses: readonly string[];
}

/** When the people of a shop are there, when its places can be worked in, when loud work may be done. */
export class ShopHours {
  readonly open: Stretch[];
  /** Hours by person, place and limit; what is not here is bound to no hours. */
  readonly byId: ReadonlyMap<string, Stretch[]>;
  readonly #crews = new Map<string, Calendar>();

  constructor(
    private readonly shop: Shop,
    private readonly firstDay: LocalDate,
    private readonly days: number,
  ) {
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

  /** The limits that bind a step beside its people and places, each with the hours it leaves. */
  limitsOf(step: Pick<Bound, 'tags' | 'atHand' | 'limits' | 'minutes'>): { id: string; open: Stretch[] }[] {
    const ids = [
      ...(step.tags.includes('loud') ? [loudHoursId] : []),
      ...(step.atHand === null ? [] : [atHandId(step.atHand)]),
    ];
    const known = ids.flatMap((id) => {
      const open = this.byId.get(id);
      return open ? [{ id, open }] : [];
    });
    if (step.limits.length === 0) return known;
    return [...known, ...step.limits.map((limit) => this.leftBy(limit, step.minutes))];
  }

  /** What is away is here before it leaves and after it is back; what is fetched at an hour is handed over just before it. */
  private leftBy(limit: StepLimit, minutes: number): { id: string; open: Stretch[] } {
    const { firstDay, days, shop } = this;
    const at = (day: number, minute: number) => minuteAt(addDays(firstDay, day), minute, shop.timeZone);
    if (limit.kind === 'away') {
      const all = [{ from: at(0, 0), to: at(days, 0) }];
      return { id: limitId(limit, minutes), open: subtractStretches(all, [limit]) };
    }
    const { minuteOfDay } = limit;
    const open = Array.from({ length: days }, (_, day) => ({
      from: at(day, minuteOfDay) - minutes,
      to: at(day, minuteOfDay),
    }));
    return { id: limitId(limit, minutes), open: joinStretches(open) };
  }

  /**
   * Minutes in which a step can be worked, by all who do it, where it is done.
   * @param place the place of the stay it lies in   @returns null where nothing binds it
   */
  of(step: Bound, place: string | null): Calendar | null {
    if (step.kind === 'passive') return null;
    const bound = new Map(this.limitsOf(step).map(({ id, open }) => [id, open]));
    for (const id of [...step.uses, ...(place === null ? [] : [place])]) {
      const open = this.byId.get(id);
      if (open) bound.set(id, open);
    }
    if (bound.size === 0) return null;
    const name = [...bound.keys()].sort().join('\n');
    let known = this.#crews.get(name);
    if (!known) {
      known = together([...bound.values()].map((open) => new Calendar(open)));
      this.#crews.set(name, known);
    }
    return known;
  }
}

/** A limit's id among the resources of the calendar; what takes other minutes is handed over at another minute. */
export const limitId = (limit: StepLimit, minutes: number): string =>
  limit.kind === 'away'
    ? `away ${limit.id} ${limit.from} ${limit.to}`
    : `leaves ${limit.minuteOfDay} ${minutes}`;

/** What a reader is told of it: what is away, or at which hour it is fetched. */
export const limitName = (limit: StepLimit): string =>
  limit.kind === 'away' ? limit.what : `Collection at ${wallTime(limit.minuteOfDay)}`;

const known = new WeakMap<Shop, Map<string, ShopHours>>();

/** The hours of a shop over some days, reckoned once for all placings of a plan, and of plans that are compared. */
export function hoursOf(shop: Shop, firstDay: LocalDate, days: number): ShopHours {
  const own = known.get(shop) ?? new Map<string, ShopHours>();
  const key = `${firstDay} ${days}`;
  const hours = own.get(key) ?? new ShopHours(shop, firstDay, days);
  known.set(shop, own.set(key, hours));
  return hours;
}
