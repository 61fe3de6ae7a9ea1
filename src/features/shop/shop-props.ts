import type { Shop as CoreShop } from '@/core/shop';
import { catalogue } from '@/core/steps';

/** What the Shop room shows. */
export interface Shop extends Pick<
  CoreShop,
  | 'name'
  | 'timeZone'
  | 'currency'
  | 'labourRateMinorPerHour'
  | 'boothRateMinorPerHour'
  | 'taxBp'
  | 'closures'
  | 'places'
> {
  people: (Omit<CoreShop['people'][number], 'daysOff'> & {
    daysOff: { id: string; from: string; to: string; reason: string }[];
  })[];
  shifts: { weekday: number; day: string; hours: string }[];
  operations: {
    code: string;
    name: string;
    phase: string;
    basis: string;
    rate: number;
    own: number | null;
  }[];
}

/** Row versions the person has seen. */
export interface ShopChangeSeen {
  shop: number;
  daysOff: Record<string, number>;
  rates: Record<string, number>;
}

const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const wall = (minute: number) =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

export function shopProps(
  shop: CoreShop,
  versions: Record<string, number>,
  dayOffIds: Record<string, string[]>,
  shopId: string,
): { shop: Shop; seen: ShopChangeSeen } {
  const people = shop.people.map((person) => ({
    ...person,
    daysOff: person.daysOff.map((off, i) => ({ ...off, id: dayOffIds[person.id]![i]! })),
  }));
  const operations = catalogue
    .filter((one) => one.rate !== null && one.rate > 0)
    .map(({ code, name, phase, basis, rate }) => ({
      code,
      name,
      phase,
      basis,
      rate: rate!,
      own: shop.rates[code] ?? null,
    }));
  const shifts = shop.shifts.map(({ weekday, startMin, endMin }) => ({
    weekday,
    day: weekdays[weekday - 1]!,
    hours: `${wall(startMin)}–${wall(endMin)}`,
  }));
  return {
    shop: { ...shop, people, shifts, operations },
    seen: {
      shop: versions[shopId]!,
      daysOff: Object.fromEntries(
        Object.values(dayOffIds)
          .flat()
          .map((id) => [id, versions[id]!]),
      ),
      rates: Object.fromEntries(Object.keys(shop.rates).map((code) => [code, versions[code]!])),
    },
  };
}
