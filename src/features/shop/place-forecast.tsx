'use client';

import type { DayAir, Place } from '@/core/shop';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { EntryForm, Figure, Line, useSent } from '../frame/entry-form';
import { date } from '../words/format';
import { useOpen } from '../frame/who';

const airFigures = [
  ['workC', 'By day, °C'],
  ['nightC', 'At night, °C'],
  ['humidity', 'Humidity, %'],
] as const;

/** Days of a place whose air is known better than the month: typed from a forecast, they stand before it in the plan. */
export function PlaceForecast({ place, seen }: { place: Place; seen: number }) {
  const send = useSent();
  const live = useOpen('place-air');
  const days = [...(place.forecast ?? [])].sort((a, b) => a.date.localeCompare(b.date));
  const keep = (forecast: DayAir[]) => {
    const { id, airC, profile } = place;
    return send({ kind: 'place-air', place: id, seen, airC, profile, forecast });
  };
  return (
    <div className="flex flex-col items-end gap-1">
      <h3 className="font-semibold">Forecast</h3>
      {days.length === 0 && <p className="text-quiet">No day is known better than that.</p>}
      {days.map((one) => (
        <p key={one.date} className="tabular-nums">
          {date(one.date)}: {one.workC} °C, night {one.nightC} °C, {one.humidity} %{' '}
          <button
            type="button"
            className="underline"
            disabled={!live}
            aria-label={`Remove the forecast of ${date(one.date)} for ${place.name}`}
            onClick={() => void keep(days.filter((other) => other.date !== one.date))}
          >
            remove
          </button>
        </p>
      ))}
      <EntryForm
        deed="place-air"
        label={`Forecast for ${place.name}`}
        className="flex flex-wrap justify-end gap-1"
        start={{ date: '', workC: '', nightC: '', humidity: '' }}
        send={(typed) =>
          keep([
            ...days.filter((one) => one.date !== typed.date),
            {
              date: typed.date,
              workC: typedFigure(typed.workC),
              nightC: typedFigure(typed.nightC),
              humidity: typedFigure(typed.humidity),
            },
          ])
        }
      >
        {(form) => (
          <>
            <Line form={form} name="date" type="date" label="Day" required />
            {airFigures.map(([name, label]) => (
              <Figure
                key={name}
                form={form}
                name={name}
                label={label}
                placeholder={label}
                className="w-28"
                required
              />
            ))}
            <Button type="submit">Add</Button>
          </>
        )}
      </EntryForm>
    </div>
  );
}
