'use client';

import { useState } from 'react';
import { placeKinds, type Place, type PlaceKind } from '@/core/shop';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { EntryForm, Figure, Line, Pick, useSent } from '../frame/entry-form';
import { date } from '../words/format';
import { useOpen } from '../frame/who';

const sizes = [
  ['lengthM', 'Length, m'],
  ['widthM', 'Width, m'],
  ['heightM', 'Height, m'],
  ['airC', 'Air, °C'],
] as const;

const empty = { name: '', lengthM: '', widthM: '', heightM: '', airC: '', from: '', to: '' };
const emptyPlace: typeof empty & { kind: PlaceKind } = { kind: placeKinds[0], ...empty };

/** Places that are the shop's for some days only: a rented booth, a borrowed bay. */
export function RentedPlaces({ places, seen }: { places: readonly Place[]; seen: Record<string, number> }) {
  const live = useOpen('add-place');
  const send = useSent();
  const [fault, setFault] = useState<string | null>(null);
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
            onClick={() =>
              void send({ kind: 'remove-place', place: place.id, seen: seen[place.id]! }).then(setFault)
            }
          >
            remove
          </button>
        </p>
      ))}
      <RentPlace />
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
    </Part>
  );
}

/** One more place, with its size, its air and its days. */
function RentPlace() {
  const send = useSent();
  return (
    <EntryForm
      deed="add-place"
      label="Rent a place"
      className="flex flex-wrap gap-1 pt-1"
      start={emptyPlace}
      send={(typed) =>
        send({
          kind: 'add-place',
          of: typed.kind,
          name: typed.name,
          lengthM: typedFigure(typed.lengthM),
          widthM: typedFigure(typed.widthM),
          heightM: typedFigure(typed.heightM),
          airC: typedFigure(typed.airC),
          rented: { from: typed.from, to: typed.to },
        })
      }
    >
      {(form) => (
        <>
          <Pick
            form={form}
            name="kind"
            label="Kind of place"
            options={placeKinds.map((kind) => ({ value: kind, text: kind }))}
          />
          <Line
            form={form}
            name="name"
            label="Name of the place"
            placeholder="name"
            required
            maxLength={60}
            className="w-36"
          />
          {sizes.map(([name, label]) => (
            <Figure
              key={name}
              form={form}
              name={name}
              label={label}
              placeholder={label}
              required
              className="w-28"
            />
          ))}
          <Line form={form} name="from" type="date" label="Rented from" required />
          <Line form={form} name="to" type="date" label="Rented to" required />
          <Button type="submit">Add</Button>
        </>
      )}
    </EntryForm>
  );
}
