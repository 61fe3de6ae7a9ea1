import type { Product } from '@/core/film';
import { daylightOn, type Shop as CoreShop } from '@/core/shop';
import { catalogue, catalogueWith, type Operation } from '@/core/steps';
import { localDateOf } from '@/core/units';
import type { FiguresProps } from '../figures/figure-place';
import { shopFigures } from '../figures/figures-props';
import { wallTime } from '@/core/units';
import { weekdays } from '../frame/wall-clock';

/** What the Shop room shows. */
export interface Shop extends Pick<
  CoreShop,
  | 'name'
  | 'timeZone'
  | 'currency'
  | 'labourRateMinorPerHour'
  | 'boothRateMinorPerHour'
  | 'taxBp'
  | 'vocLimitGL'
  | 'keepForMin'
  | 'approvalFrom'
  | 'sampleSideMm'
  | 'offerTerms'
  | 'letterhead'
  | 'markSha256'
  | 'loudHours'
  | 'site'
  | 'closures'
  | 'places'
> {
  people: (Omit<CoreShop['people'][number], 'daysOff'> & {
    daysOff: { id: string; from: string; to: string; reason: string }[];
  })[];
  shifts: { weekday: number; startMin: number; endMin: number; day: string; hours: string }[];
  operations: OperationShown[];
  /** Sunrise and sunset of today where the shop stands; null where nobody said, or the sun does not rise. */
  daylight: { from: number; to: number } | null;
}

/** An entry of the catalogue as the shop has it. */
export interface OperationShown {
  entry: Operation;
  /** The shop's own rate, in place of the entry's. */
  ownRate: number | null;
  /** Row version where the shop has its own entry; null where the catalogue's stands. */
  seen: number | null;
  /** The catalogue knows it too, so that its own entry can come back. */
  isStandard: boolean;
}

/** Row versions the person has seen. */
export interface ShopChangeSeen {
  shop: number;
  daysOff: Record<string, number>;
  rates: Record<string, number>;
  places: Record<string, number>;
  people: Record<string, number>;
  /** By the ids of their rows. */
  shifts: Record<string, number>;
  closures: Record<string, number>;
}

const startingWith = (versions: Record<string, number>, prefix: string): Record<string, number> =>
  Object.fromEntries(Object.entries(versions).filter(([id]) => id.startsWith(prefix)));

export function shopProps(
  shop: CoreShop,
  versions: Record<string, number>,
  dayOffIds: Record<string, string[]>,
  shopId: string,
  now: number,
  /** The shop's own entries of the operation catalogue, with their versions by code. */
  own: { operations: readonly Operation[]; versions: Record<string, number> } = {
    operations: [],
    versions: {},
  },
  products: readonly Product[] = [],
): { shop: Shop; seen: ShopChangeSeen; figures: FiguresProps } {
  const people = shop.people.map((person) => ({
    ...person,
    daysOff: person.daysOff.map((off, i) => ({ ...off, id: dayOffIds[person.id]![i]! })),
  }));
  const known = new Set(catalogue.map((one) => one.code));
  const operations = [...catalogueWith(own.operations).values()].map((entry) => ({
    entry,
    ownRate: shop.rates[entry.code] ?? null,
    seen: own.versions[entry.code] ?? null,
    isStandard: known.has(entry.code),
  }));
  const shifts = shop.shifts.map(({ weekday, startMin, endMin }) => ({
    weekday,
    startMin,
    endMin,
    day: weekdays[weekday - 1]!,
    hours: `${wallTime(startMin)}–${wallTime(endMin)}`,
  }));
  const daylight = daylightOn(shop, localDateOf(now, shop.timeZone));
  return {
    shop: { ...shop, people, shifts, operations, daylight },
    figures: shopFigures(shop.figures, products, shop.people, versions[shopId]!),
    seen: {
      shop: versions[shopId]!,
      daysOff: Object.fromEntries(
        Object.values(dayOffIds)
          .flat()
          .map((id) => [id, versions[id]!]),
      ),
      places: Object.fromEntries(shop.places.map((place) => [place.id, versions[place.id]!])),
      people: Object.fromEntries(shop.people.map((person) => [person.id, versions[person.id]!])),
      shifts: startingWith(versions, 'shift-'),
      closures: startingWith(versions, 'closed-'),
      rates: Object.fromEntries(Object.keys(shop.rates).map((code) => [code, versions[code]!])),
    },
  };
}
