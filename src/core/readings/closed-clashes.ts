import type { Plan } from '../plan/model';
import { closedStretches, type Shop } from '../shop';
import { addDays, daysBetween, localDateOf, type Minute } from '../units';

/** A booking that was made before its place was closed for that time, or that lies outside its rent. */
export interface ClosedClash {
  job: string;
  place: string;
  subject: string;
  start: Minute;
  end: Minute;
  /** Why the place is closed; null where it is not rented then. */
  reason: string | null;
}

/**
 * What is booked into closed places from now on: in a booth the whole stay, since it has to be empty; elsewhere the work that
 * would begin while it is closed. Earliest first.
 */
export function closedClashes(
  plans: readonly Pick<Plan, 'job' | 'steps' | 'stays'>[],
  shop: Pick<Shop, 'places' | 'timeZone'>,
  now: Minute,
): ClosedClash[] {
  const last = Math.max(now, ...plans.flatMap(({ stays }) => stays.map((stay) => stay.end)));
  const today = localDateOf(now, shop.timeZone);
  const days = daysBetween(today, addDays(localDateOf(last, shop.timeZone), 1));
  const found: ClosedClash[] = [];
  for (const place of shop.places) {
    const closed = closedStretches(place, shop.timeZone, today, days);
    for (const { job, steps, stays } of plans) {
      const booked =
        place.kind === 'booth'
          ? stays.filter((stay) => stay.place === place.id)
          : steps
              .filter((step) => step.state === 'planned' && step.kind !== 'passive' && step.minutes > 0)
              .filter((step) => step.uses.includes(place.id))
              .map(({ name, start }) => ({ subject: name, start, end: start + 1 }));
      for (const { subject, start, end } of booked) {
        const over = closed.find((one) => end > now && one.from < end && start < one.to);
        if (over) found.push({ job, place: place.id, subject, start, end, reason: over.reason });
      }
    }
  }
  return found.sort((a, b) => a.start - b.start || a.job.localeCompare(b.job));
}
