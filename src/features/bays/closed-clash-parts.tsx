import type { ClosedClash } from '@/core/readings/closed-clashes';
import { Notice } from '@/ui/notice';
import { moment, type Locale } from '../words/format';

/** Bookings that stand in places which have been closed since, in all jobs. */
export function ClosedClashParts({
  clashes,
  placeOf,
  locale,
}: {
  clashes: readonly ClosedClash[];
  placeOf(id: string): string;
  locale: Locale;
}) {
  if (clashes.length === 0) return null;
  return (
    <section aria-label="Booked while closed" className="pb-3">
      <h2 className="font-semibold">Booked while closed</h2>
      <ul>
        {clashes.map((one) => (
          <li key={`${one.job} ${one.place} ${one.start}`} className="border-b border-line py-2">
            <Notice grade="caution">
              {one.job} has {one.subject} in {placeOf(one.place)} from {moment(one.start, locale)};{' '}
              {one.reason === null
                ? 'it is not rented then'
                : `it is closed then${one.reason ? `, ${one.reason}` : ''}`}
              . Accepting its working plan moves it.
            </Notice>
          </li>
        ))}
      </ul>
    </section>
  );
}
