import type { Figures } from '../figures';
import type { Place } from '../shop';
import type { Minute } from '../units';
import type { PlannedStay } from './model';
import { placeTaken } from './place-taken';

/** A masking: on what, and when it is laid. */
interface Mask {
  sections: readonly string[];
  start: Minute;
  end: Minute;
}

/** Days that the tape of a mask comes off cleanly, if it is pulled by a minute. */
export type TapeRating = (mask: Mask, until: Minute) => number;

interface Standing extends Mask {
  hold: string | null;
  place: string | null;
  uses?: readonly string[];
}

/** The rating of the tape, less where what it lies on is worked outdoors meanwhile: sun bakes it on. */
export function tapeRating(
  { steps, stays }: { steps: readonly Standing[]; stays: readonly Pick<PlannedStay, 'key' | 'place'>[] },
  shop: { places: Place[] },
  figures: Figures,
): TapeRating {
  const days = figures('tape.days');
  const byKey = new Map(stays.map((stay) => [stay.key, stay]));
  const outdoors = shop.places.some((place) => place.outdoors)
    ? steps.filter((step) => placeTaken(step, byKey, shop)?.outdoors)
    : [];
  if (outdoors.length === 0) return () => days;
  const inSun = Math.floor(days * figures('tape.sun'));
  return ({ sections, start }, until) =>
    outdoors.some(
      (step) => step.end > start && step.start < until && step.sections.some((one) => sections.includes(one)),
    )
      ? inSun
      : days;
}
