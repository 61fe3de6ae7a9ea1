'use client';

import type { Edit } from '@/core/record';
import { useState } from 'react';
import type { MonthAir, Place } from '@/core/shop';
import { PlaceForecast } from './place-forecast';
import { EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { May } from '../frame/who';

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const columns = [
  ['workC', 'by day, °C'],
  ['nightC', 'at night, °C'],
  ['humidity', 'humidity, %'],
] as const;

/** The air of a place: one temperature all year, or by month in working hours and at night; windows are reckoned at it. */
export function PlaceAir({ place, seen }: { place: Place; seen: number }) {
  const { save } = useSaving();
  const [open, setOpen] = useState(false);
  const forecast = place.forecast ?? [];
  const edit = (airC: number, profile: MonthAir[] | null) =>
    ({ kind: 'place-air', place: place.id, seen, airC, profile, forecast }) as const;
  const { profile } = place;
  return (
    <div className="flex flex-col items-end gap-1">
      <span className="flex items-center gap-2">
        {profile === null && (
          <EditText
            label={`Air in ${place.name}`}
            quiet
            type="number"
            step="any"
            className="w-16"
            unit="°C"
            value={String(place.airC)}
            toEdit={(text) => edit(Number(text), null)}
          />
        )}
        {profile && <span>by month</span>}
        <button type="button" className="underline" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'close' : profile ? 'show' : 'by month'}
        </button>
      </span>
      {open && !profile && (
        <May deed="place-air">
          <button
            type="button"
            className="underline"
            onClick={() =>
              void save(
                edit(
                  place.airC,
                  months.map(() => ({ workC: place.airC, nightC: place.airC, humidity: 55 })),
                ),
              )
            }
          >
            begin with {place.airC} °C in every month
          </button>
        </May>
      )}
      {open && profile && <MonthsTable place={place} profile={profile} edit={edit} />}
      {open && <PlaceForecast place={place} seen={seen} />}
      {open && profile && (
        <May deed="place-air">
          <button type="button" className="underline" onClick={() => void save(edit(place.airC, null))}>
            return to one temperature, {place.airC} °C
          </button>
        </May>
      )}
    </div>
  );
}

/** The air by month, in working hours and at night. */
function MonthsTable({
  place,
  profile,
  edit,
}: {
  place: Place;
  profile: MonthAir[];
  edit(airC: number, profile: MonthAir[] | null): Edit;
}) {
  return (
    <table className="tabular-nums">
      <caption className="sr-only">Air of {place.name} by month</caption>
      <thead>
        <tr className="text-small text-quiet">
          <th scope="col">Month</th>
          {columns.map(([key, label]) => (
            <th key={key} scope="col" className="px-1 text-right">
              {label}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {profile.map((air, month) => (
          <tr key={months[month]}>
            <td className="pr-2">{months[month]}</td>
            {columns.map(([key, label]) => (
              <td key={key} className="px-1">
                <EditText
                  label={`${months[month]} ${label} in ${place.name}`}
                  quiet
                  type="number"
                  step="any"
                  className="w-16"
                  value={String(air[key])}
                  toEdit={(text) =>
                    edit(
                      place.airC,
                      profile.map((one, i) => (i === month ? { ...one, [key]: Number(text) } : one)),
                    )
                  }
                />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
