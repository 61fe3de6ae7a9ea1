'use client';

import { zones, type Place } from '@/core/shop';
import { EditChoice } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { useOpen } from '../frame/who';

/** What a room is kept for, whether it stands outdoors, and which rooms share its air. */
export function PlaceZone({ place, places, seen }: { place: Place; places: readonly Place[]; seen: number }) {
  const live = useOpen('place');
  const { save } = useSaving();
  return (
    <div className="flex flex-wrap items-center gap-x-3">
      <label className="inline-flex items-center gap-1 text-small">
        <input
          type="checkbox"
          disabled={!live}
          checked={place.outdoors}
          onChange={(event) =>
            void save({ kind: 'place', place: place.id, seen, set: { outdoors: event.target.checked } })
          }
        />
        <span>
          <span className="sr-only">{place.name} stands </span>outdoors
        </span>
      </label>
      <EditChoice
        label={`${place.name} is kept for`}
        quiet
        className="w-28"
        value={place.zone ?? ''}
        choices={[{ value: '', text: 'anything' }, ...zones.map((zone) => ({ value: zone, text: zone }))]}
        toEdit={(text) => ({
          kind: 'place',
          place: place.id,
          seen,
          set: { zone: (text || null) as Place['zone'] },
        })}
      />
      {places
        .filter((other) => other.id !== place.id)
        .map((other) => (
          <label key={other.id} className="inline-flex items-center gap-1 text-small">
            <input
              type="checkbox"
              disabled={!live}
              checked={place.airWith.includes(other.id)}
              onChange={(event) =>
                void save({
                  kind: 'place',
                  place: place.id,
                  seen,
                  set: {
                    airWith: event.target.checked
                      ? [...place.airWith, other.id]
                      : place.airWith.filter((id) => id !== other.id),
                  },
                })
              }
            />
            <span>
              <span className="sr-only">{place.name} shares air with </span>
              {other.name}
            </span>
          </label>
        ))}
    </div>
  );
}
