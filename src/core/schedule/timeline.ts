import type { Minute } from '../units';
import { firstEndingAfter, type Stretch } from './stretches';

interface Booking extends Stretch {
  holder: string;
}

/** The bookings of one resource in order of time. Capacity is one: bookings never overlap. */
export class Timeline {
  readonly #bookings: Booking[] = [];

  /** First booking that overlaps [from, to), or null. */
  clash(from: Minute, to: Minute): Booking | null {
    const booking = this.#bookings[firstEndingAfter(this.#bookings, from)];
    return booking && booking.from < to ? booking : null;
  }

  /** End of the booking that covers `minute`, or null when the resource is free then. */
  busyUntil(minute: Minute): Minute | null {
    return this.clash(minute, minute + 1)?.to ?? null;
  }

  /** Overlapping demands are kept side by side: facts of the past are never questioned. */
  book(from: Minute, to: Minute, holder: string): void {
    if (to <= from) return;
    const at = firstEndingAfter(this.#bookings, from);
    const next = this.#bookings[at];
    if (next && next.from < to) {
      if (from < next.from) this.#bookings.splice(at, 0, { from, to: next.from, holder });
      this.book(next.to, to, holder);
      return;
    }
    this.#bookings.splice(at, 0, { from, to, holder });
  }

  /** Takes back exactly the booking that was made with these figures. */
  unbook(from: Minute, to: Minute, holder: string): void {
    const at = this.#bookings.findIndex((one) => one.from === from && one.to === to && one.holder === holder);
    if (at >= 0) this.#bookings.splice(at, 1);
  }
}
