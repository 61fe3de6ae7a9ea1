import type { CalendarBooking } from '../exchange/bookings-ical';
import type { Plan, PlannedStep } from '../plan/model';
import { timesTaken } from '../plan/taken-times';
import { intersectStretches, joinStretches, type Stretch } from '../schedule';
import { openStretches, personStretches, type Shop } from '../shop';
import { addDays, daysBetween, localDateOf } from '../units';

/** Whose calendar: one of the shop's people or places, or a job. */
export type CalendarOf = { kind: 'person' | 'place' | 'job'; id: string };

export interface AgreedPlan {
  plan: Plan;
  /** How often this job's plan has been agreed. */
  version: number;
}

/**
 * Bookings of one person, place or job out of the agreed plans. What a person does over several days is told day by day;
 * drying and waiting book nobody, and what an open gate holds is not booked.
 */
export function calendarBookings(
  whose: CalendarOf,
  agreed: readonly AgreedPlan[],
  shop: Shop,
): CalendarBooking[] {
  const names = new Map([...shop.people, ...shop.places].map((one) => [one.id, one.name]));
  const placeIds = new Set(shop.places.map((one) => one.id));
  return agreed.flatMap(({ plan, version }) => {
    const booking = (
      key: string,
      { from, to }: Stretch,
      summary: string,
      location: string,
    ): CalendarBooking => ({
      uid: `${encodeURIComponent(`${plan.job} ${key}`)}@coatrel`,
      sequence: version,
      from,
      to,
      location,
      summary: `${plan.job} ${summary}`,
    });
    const placeOf = (step: PlannedStep) =>
      step.uses
        .filter((id) => placeIds.has(id))
        .map((id) => names.get(id)!)
        .join(', ');
    const ahead = plan.steps.filter((step) => step.heldBy.length === 0 && step.end > step.start);
    if (whose.kind === 'place') {
      const unbooked = new Set(plan.steps.flatMap((step) => (step.heldBy.length > 0 ? [step.hold] : [])));
      const stays = plan.stays.filter((stay) => stay.place === whose.id && !unbooked.has(stay.key));
      const held = new Set(stays.map((stay) => stay.key));
      const steps = ahead.filter((step) => step.uses.includes(whose.id) && !held.has(step.hold ?? ''));
      return [
        ...stays.map((stay) =>
          booking(stay.key, { from: stay.start, to: stay.end }, stay.subject, names.get(whose.id) ?? ''),
        ),
        ...steps.map((step) =>
          booking(step.key, { from: step.start, to: step.end }, step.name, names.get(whose.id) ?? ''),
        ),
      ];
    }
    if (whose.kind === 'job' && plan.job !== whose.id) return [];
    const own = ahead.filter((step) =>
      whose.kind === 'person' ? step.uses.includes(whose.id) : step.kind !== 'passive',
    );
    return own.flatMap((step) =>
      inHours(step, whose, shop).map((piece, i) =>
        // The first piece keeps the identity of the whole, so that a calendar moves it when work comes to be split.
        booking(i === 0 ? step.key : `${step.key} ${i + 1}`, piece, step.name, placeOf(step)),
      ),
    );
  });
}

/** Work that pauses overnight is told in the hours in which it is done. */
function inHours(step: PlannedStep, whose: CalendarOf, shop: Shop): Stretch[] {
  const whole = { from: step.start, to: step.end };
  if (step.kind !== 'splittable') return [whole];
  const taken = whose.kind === 'person' ? joinStretches(timesTaken(step, whose.id)) : [whole];
  const first = localDateOf(step.start, shop.timeZone);
  const days = daysBetween(first, localDateOf(step.end, shop.timeZone)) + 1;
  const open = openStretches(shop, addDays(first, -1), days + 2);
  const person = whose.kind === 'person' ? shop.people.find((one) => one.id === whose.id) : undefined;
  const hours = person ? personStretches(open, person, shop.timeZone) : open;
  const pieces = intersectStretches(hours, taken);
  return pieces.length > 0 ? pieces : [whole];
}
