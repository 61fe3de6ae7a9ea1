import { airOnDay, type Place, type PlaceKind, type Shop } from '../shop';
import { localDateOf, type Minute } from '../units';
import type { PlannedStay } from './model';

/** A step as far as its place and day go. */
interface Standing {
  hold: string | null;
  place: string | null;
  uses?: readonly string[];
  start: Minute;
}

/**
 * The place a step really takes: that of the stay it belongs to, else one it uses itself, else the first of its kind.
 * Undefined where the shop has none.
 */
export function placeTaken(
  step: Standing,
  stays: ReadonlyMap<string, Pick<PlannedStay, 'place'>>,
  { places }: Pick<Shop, 'places'>,
): Place | undefined {
  const held = step.hold === null ? undefined : stays.get(step.hold)?.place;
  const used = held ?? step.uses?.find((id) => places.some((one) => one.id === id));
  return (
    places.find((one) => one.id === used) ??
    places.find((one) => one.kind === ((step.place ?? 'booth') as PlaceKind))
  );
}

/** Air of a place in the working hours of a minute's day, by forecast, month or its one figure, °C; 20 without a place. */
export const workAirC = (place: Place | undefined, at: Minute, timeZone: string): number =>
  place ? airOnDay(place, localDateOf(at, timeZone)).workC : 20;
