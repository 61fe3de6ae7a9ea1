import { Part } from '@/ui/facts';

interface Named {
  id: string;
  name: string;
}

/** Agreed bookings as iCalendar files, for any program that reads them. */
export function CalendarLinks({ job, places, people }: { job: string; places: Named[]; people: Named[] }) {
  const link = (kind: string, id: string, name: string) => (
    <a key={`${kind} ${id}`} className="underline" href={`/api/calendars/${kind}/${encodeURIComponent(id)}`}>
      {name}
    </a>
  );
  return (
    <Part title="Agreed bookings as iCalendar">
      <p className="flex flex-wrap gap-x-3 gap-y-1 text-small">
        {link('job', job, job)}
        {places.map((one) => link('place', one.id, one.name))}
        {people.map((one) => link('person', one.id, one.name))}
      </p>
    </Part>
  );
}
