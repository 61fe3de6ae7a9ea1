import type { Plan } from '../plan/model';
import type { Place } from '../shop';
import type { Minute } from '../units';

/** A while in which a shell or hull lies upside down. */
export interface Turned {
  from: Minute;
  /** When it is turned back; null when no step turns it back before the end. */
  to: Minute | null;
  /** The room in which it is turned over; null in the yard. */
  place: string | null;
  /** Height and width it takes while it turns about its long axis, m: the diagonal of the two. */
  clearM: number;
  /** The room is high and wide enough; null in the yard or where a size is not known. */
  fits: boolean | null;
}

/**
 * When the body lies upside down: each turning over turns it once, the next one back. About its long axis it needs the
 * diagonal of width and height, √(w² + h²), free in both.
 * @param size width and height of the body, m
 */
export function turnedSpans(
  { steps, stays }: Pick<Plan, 'steps' | 'stays'>,
  size: { widthM: number | undefined; heightM: number | undefined },
  places: readonly Pick<Place, 'id' | 'widthM' | 'heightM'>[],
): Turned[] {
  const turns = steps
    .filter((step) => step.operation === 'turn-over' && !step.skipped)
    .sort((a, b) => a.start - b.start);
  const { widthM = 0, heightM = 0 } = size;
  const clearM = Math.hypot(widthM, heightM);
  const spans: Turned[] = [];
  for (let i = 0; i < turns.length; i += 2) {
    const turn = turns[i]!;
    const held = stays.find((stay) => stay.key === turn.hold)?.place ?? null;
    const around = stays.find((stay) => stay.start <= turn.start && turn.end <= stay.end)?.place ?? null;
    const place = held ?? around;
    const room = places.find((one) => one.id === place);
    const isKnown = room !== undefined && widthM > 0 && heightM > 0;
    spans.push({
      from: turn.end,
      to: turns[i + 1]?.start ?? null,
      place,
      clearM,
      fits: isKnown ? Math.min(room.widthM, room.heightM) >= clearM : null,
    });
  }
  return spans;
}
