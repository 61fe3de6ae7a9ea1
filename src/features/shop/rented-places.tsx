'use client';

import { useState } from 'react';
import { placeKinds, type Place, type PlaceKind } from '@/core/shop';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import { date } from '../words/format';

const sizes = [
  ['lengthM', 'Length, m'],
  ['widthM', 'Width, m'],
  ['heightM', 'Height, m'],
  ['airC', 'Air, °C'],
] as const;

/** Places that are the shop's for some days only: a rented booth, a borrowed bay. */
export function RentedPlaces({ places, seen }: { places: readonly Place[]; seen: Record<string, number> }) {
  const live = useLive();
  const { save } = useSaving();
  const [fault, setFault] = useState<string | null>(null);
  const send = async (edit: Parameters<typeof save>[0]) => {
    const outcome = await save(edit);
    setFault(refusalText(outcome));
    return outcome.status === 'saved';
  };
  const add = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const text = (name: string) => String(given.get(name)).trim();
    const figure = (name: string) => Number(text(name).replace(',', '.'));
    const made = await send({
      kind: 'add-place',
      of: text('kind') as PlaceKind,
      name: text('name'),
      lengthM: figure('lengthM'),
      widthM: figure('widthM'),
      heightM: figure('heightM'),
      airC: figure('airC'),
      rented: { from: text('from'), to: text('to') },
    });
    if (made) form.reset();
  };
  const rented = places.filter((place) => place.rented !== null);
  return (
    <Part title="Rented or borrowed">
      {rented.length === 0 && <p className="text-quiet">Every place is the shop’s own.</p>}
      {rented.map((place) => (
        <p key={place.id} className="py-1">
          <strong>{place.name}</strong>, {place.kind}, {date(place.rented!.from)} to {date(place.rented!.to)}{' '}
          <button
            type="button"
            className="underline"
            disabled={!live}
            aria-label={`Remove ${place.name}`}
            onClick={() => void send({ kind: 'remove-place', place: place.id, seen: seen[place.id]! })}
          >
            remove
          </button>
        </p>
      ))}
      <RentPlace add={add} live={live} />
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
    </Part>
  );
}

/** One more place, with its size, its air and its days. */
function RentPlace({ add, live }: { add: (form: HTMLFormElement) => Promise<void>; live: boolean }) {
  return (
    <form
      aria-label="Rent a place"
      className="flex flex-wrap gap-1 pt-1"
      onSubmit={(event) => {
        event.preventDefault();
        void add(event.currentTarget);
      }}
    >
      <select name="kind" aria-label="Kind of place" disabled={!live}>
        {placeKinds.map((kind) => (
          <option key={kind}>{kind}</option>
        ))}
      </select>
      <input
        name="name"
        aria-label="Name of the place"
        placeholder="name"
        required
        maxLength={60}
        className="w-36"
        disabled={!live}
      />
      {sizes.map(([name, label]) => (
        <input
          key={name}
          name={name}
          type="number"
          step="any"
          required
          aria-label={label}
          placeholder={label}
          className="w-28"
          disabled={!live}
        />
      ))}
      <input type="date" name="from" aria-label="Rented from" required disabled={!live} />
      <input type="date" name="to" aria-label="Rented to" required disabled={!live} />
      <Button type="submit" disabled={!live}>
        Add
      </Button>
    </form>
  );
}
