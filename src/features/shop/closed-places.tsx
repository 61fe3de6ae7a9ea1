'use client';

import type { Place, PlaceClosure } from '@/core/shop';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { EntryForm, Line, Pick, useSent } from '../frame/entry-form';
import { date } from '../words/format';
import { wallTime } from '@/core/units';
import { minuteOf } from '../frame/wall-clock';
import { useOpen } from '../frame/who';

/** When a booth, bay or bench cannot be used: cleaning, filters, repair. */
export function ClosedPlaces({ places, seen }: { places: readonly Place[]; seen: Record<string, number> }) {
  const live = useOpen('place');
  const send = useSent();
  const keep = (place: Place, closed: PlaceClosure[]) =>
    send({ kind: 'place', place: place.id, seen: seen[place.id]!, set: { closed } });
  const all = places.flatMap((place) => place.closed.map((closure) => ({ place, closure })));
  return (
    <Part title="Places closed">
      {all.length === 0 && <p className="text-quiet">Every place is usable.</p>}
      {all.map(({ place, closure }) => (
        <p key={`${place.id} ${closure.from} ${closure.fromMin}`} className="py-1">
          <strong>{place.name}</strong> {date(closure.from)} {wallTime(closure.fromMin)} to{' '}
          {closure.to !== closure.from && `${date(closure.to)} `}
          {wallTime(closure.toMin)}
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
      <ClosePlace places={places} send={(place, closure) => keep(place, [...place.closed, closure])} />
      <p className="text-small text-quiet">
        A booth that is closed has to be empty. In a bay only the work stops; what stands there stays.
      </p>
    </Part>
  );
}

/** A place, and from when until when. */
function ClosePlace({
  places,
  send,
}: {
  places: readonly Place[];
  send(place: Place, closure: PlaceClosure): Promise<string | null>;
}) {
  return (
    <EntryForm
      deed="place"
      label="Close a place"
      className="flex flex-wrap gap-1 pt-1"
      start={{ place: places[0]?.id ?? '', from: '', to: '', reason: '' }}
      send={(typed) => {
        const [from, fromTime] = typed.from.split('T');
        const [to, toTime] = typed.to.split('T');
        return send(
          places.find((one) => one.id === typed.place)!,
          {
            from: from!,
            fromMin: minuteOf(fromTime!),
            to: to!,
            toMin: minuteOf(toTime!),
            reason: typed.reason,
          },
        );
      }}
    >
      {(form) => (
        <>
          <Pick
            form={form}
            name="place"
            label="Place that is closed"
            options={places.map((one) => ({ value: one.id, text: one.name }))}
          />
          <Line form={form} name="from" type="datetime-local" label="Closed from" required />
          <Line form={form} name="to" type="datetime-local" label="Closed until" required />
          <Line
            form={form}
            name="reason"
            label="Why it is closed"
            placeholder="cleaning, filters …"
            maxLength={80}
            className="w-36"
          />
          <Button type="submit">Add</Button>
        </>
      )}
    </EntryForm>
  );
}
