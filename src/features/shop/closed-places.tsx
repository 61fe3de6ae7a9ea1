'use client';

import { useState } from 'react';
import type { Place, PlaceClosure } from '@/core/shop';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import { date } from '../words/format';
import { minuteOf, wall } from './wall-clock';

/** When a booth, bay or bench cannot be used: cleaning, filters, repair. */
export function ClosedPlaces({ places, seen }: { places: readonly Place[]; seen: Record<string, number> }) {
  const live = useLive();
  const { save } = useSaving();
  const [fault, setFault] = useState<string | null>(null);
  const keep = async (place: Place, closed: PlaceClosure[]) => {
    const outcome = await save({ kind: 'place', place: place.id, seen: seen[place.id]!, set: { closed } });
    setFault(refusalText(outcome));
    return outcome.status === 'saved';
  };
  const add = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const place = places.find((one) => one.id === given.get('place'))!;
    const [from, fromTime] = String(given.get('from')).split('T');
    const [to, toTime] = String(given.get('to')).split('T');
    const closure = {
      from: from!,
      fromMin: minuteOf(fromTime!),
      to: to!,
      toMin: minuteOf(toTime!),
      reason: String(given.get('reason')).trim(),
    };
    if (await keep(place, [...place.closed, closure])) form.reset();
  };
  const all = places.flatMap((place) => place.closed.map((closure) => ({ place, closure })));
  return (
    <Part title="Places closed">
      {all.length === 0 && <p className="text-quiet">Every place is usable.</p>}
      {all.map(({ place, closure }) => (
        <p key={`${place.id} ${closure.from} ${closure.fromMin}`} className="py-1">
          <strong>{place.name}</strong> {date(closure.from)} {wall(closure.fromMin)} to{' '}
          {closure.to !== closure.from && `${date(closure.to)} `}
          {wall(closure.toMin)}
          {closure.reason && `, ${closure.reason}`}{' '}
          <button
            type="button"
            className="underline"
            disabled={!live}
            aria-label={`Remove the closing of ${place.name} on ${date(closure.from)}`}
            onClick={() =>
              void keep(
                place,
                place.closed.filter((one) => one !== closure),
              )
            }
          >
            remove
          </button>
        </p>
      ))}
      <form
        aria-label="Close a place"
        className="flex flex-wrap gap-1 pt-1"
        onSubmit={(event) => {
          event.preventDefault();
          void add(event.currentTarget);
        }}
      >
        <select name="place" aria-label="Place that is closed" disabled={!live}>
          {places.map((place) => (
            <option key={place.id} value={place.id}>
              {place.name}
            </option>
          ))}
        </select>
        <input type="datetime-local" name="from" aria-label="Closed from" required disabled={!live} />
        <input type="datetime-local" name="to" aria-label="Closed until" required disabled={!live} />
        <input
          name="reason"
          aria-label="Why it is closed"
          placeholder="cleaning, filters …"
          maxLength={80}
          className="w-36"
          disabled={!live}
        />
        <Button type="submit" disabled={!live}>
          Add
        </Button>
      </form>
      <p className="text-small text-quiet">
        A booth that is closed has to be empty. In a bay only the work stops; what stands there stays.
      </p>
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
    </Part>
  );
}
