import type { Plan } from '../plan/model';
import { intersectStretches, joinStretches, subtractStretches, type Stretch } from '../schedule';
import { addDays, costOfMinutes, localDateOf, minuteAt, weekdayOf, type Minor, type Minute } from '../units';

/** Open hours of a booth in one week: what is done with them, and what the empty ones cost. */
export interface BoothWeek {
  place: string;
  from: Minute;
  /** Monday 0:00 after it, exclusive. */
  to: Minute;
  openMin: number;
  /** Somebody loads, wipes, sprays or unloads. */
  workedMin: number;
  /** Held by a job with nobody at work: flash, dust-free, a night that ran into the morning. */
  heldMin: number;
  /** Nobody's: other jobs, or another shop, could have them. */
  emptyMin: number;
  emptyMinor: Minor;
}

const total = (stretches: readonly Stretch[]): number =>
  stretches.reduce((sum, { from, to }) => sum + to - from, 0);
const sorted = (stretches: Stretch[]): Stretch[] =>
  joinStretches(stretches.filter(({ from, to }) => to > from).sort((a, b) => a.from - b.from));

/**
 * The hours of each booth by calendar week from `now`: worked + held + empty = open. Only opening hours count, since an
 * empty night costs nothing that could be sold; empty hours are priced at the booth rate.
 * @param open when the shop is open, ascending and apart
 * @param closed when a booth cannot be used, by place, ascending
 */
export function boothWeeks(
  plans: readonly Pick<Plan, 'steps' | 'stays'>[],
  booths: readonly string[],
  open: readonly Stretch[],
  shop: { timeZone: string; boothRateMinorPerHour: Minor },
  now: Minute,
  weeks: number,
  closed: ReadonlyMap<string, readonly Stretch[]> = new Map(),
): BoothWeek[] {
  const today = localDateOf(now, shop.timeZone);
  const monday = addDays(today, 1 - weekdayOf(today));
  return booths.flatMap((place) => {
    const worked = sorted(
      plans.flatMap(({ steps }) =>
        steps
          .filter((step) => step.kind !== 'passive' && step.crew > 0 && step.uses.includes(place))
          .map((step) => ({ from: step.start, to: step.end })),
      ),
    );
    const held = sorted([
      ...worked,
      ...plans.flatMap(({ stays }) =>
        stays.filter((stay) => stay.place === place).map((stay) => ({ from: stay.start, to: stay.end })),
      ),
    ]);
    return Array.from({ length: weeks }, (_, i): BoothWeek => {
      const from = Math.max(now, minuteAt(addDays(monday, 7 * i), 0, shop.timeZone));
      const to = minuteAt(addDays(monday, 7 * (i + 1)), 0, shop.timeZone);
      const usable = subtractStretches(open, joinStretches(closed.get(place) ?? []));
      const opened = intersectStretches(usable, [{ from, to }]);
      const free = subtractStretches(opened, held);
      const workedMin = total(intersectStretches(opened, worked));
      const [openMin, emptyMin] = [total(opened), total(free)];
      return {
        place,
        from,
        to,
        openMin,
        workedMin,
        emptyMin,
        heldMin: openMin - workedMin - emptyMin,
        emptyMinor: costOfMinutes(emptyMin, shop.boothRateMinorPerHour),
      };
    });
  });
}
