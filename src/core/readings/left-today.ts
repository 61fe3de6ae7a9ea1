import { waitingAt, type Shelf } from '../film';
import type { ShopHours } from '../plan/shop-hours';
import type { PlannedStep } from '../plan/model';
import { loudHoursId } from '../shop';
import type { Minute } from '../units';

/** What is left of today for a step that could begin now. */
export interface LeftToday {
  /** Last minute in which it can be worked today. */
  until: Minute;
  /** What ends it: the shift or leave of its people, the hours for loud work, sunset. */
  why: 'close' | 'loud' | 'dark';
  /** Minutes it takes with its film dust-free and everything cleaned up. */
  needMin: number;
  fits: boolean;
}

/** Guns, tools, lids and floor at the end of a day; our own working figure. */
export const cleanUpMin = 15;

/**
 * What of today is left for a step, by the hours of its people, loud work and daylight, and whether it can be done with its
 * film dust-free and the tools cleaned before that.
 * @param hours of today   @param place where it lies, for its air and its light; null where nobody knows
 * @returns null where it cannot be worked any more today
 */
export function leftToday(
  step: Pick<PlannedStep, 'tags' | 'kind' | 'atHand' | 'limits' | 'uses' | 'minutes' | 'coat'>,
  hours: ShopHours,
  { place, airC, shelf }: { place: string | null; airC: number; shelf: Shelf },
  now: Minute,
): LeftToday | null {
  const until = lastEnd(hours.of(step, place)?.stretches() ?? hours.open);
  if (until <= now) return null;
  const endOf = (id: string) => lastEnd(hours.byId.get(id) ?? []);
  const isLoud = step.tags.includes('loud') && endOf(loudHoursId) === until;
  const isDark = place !== null && endOf(place) === until;
  const sheet = step.coat && shelf.get(step.coat.product)?.coating;
  const dustMin = sheet ? (waitingAt(sheet, 'dustFreeMin', airC) ?? 0) : 0;
  const needMin = step.minutes + dustMin + cleanUpMin;
  return {
    until,
    needMin,
    fits: needMin <= until - now,
    why: isLoud ? 'loud' : isDark ? 'dark' : 'close',
  };
}

const lastEnd = (stretches: readonly { to: Minute }[]): Minute => stretches.at(-1)?.to ?? -Infinity;
