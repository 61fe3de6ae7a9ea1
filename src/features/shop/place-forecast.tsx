'use client';

import { useState } from 'react';
import type { DayAir, Place } from '@/core/shop';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import { date } from '../words/format';

/** Days of a place whose air is known better than the month: typed from a forecast, they stand before it in the plan. */
export function PlaceForecast({ place, seen }: { place: Place; seen: number }) {
  const { save } = useSaving();
  const live = useLive();
  const [fault, setFault] = useState<string | null>(null);
  const days = [...(place.forecast ?? [])].sort((a, b) => a.date.localeCompare(b.date));
  const keep = async (forecast: DayAir[]) => {
    const { id, airC, profile } = place;
    const outcome = await save({ kind: 'place-air', place: id, seen, airC, profile, forecast });
    setFault(refusalText(outcome));
    return outcome.status === 'saved';
  };
  const add = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const figure = (name: string) => Number(String(given.get(name)).replace(',', '.'));
    const day: DayAir = {
      date: String(given.get('date')),
      workC: figure('workC'),
      nightC: figure('nightC'),
      humidity: figure('humidity'),
    };
    if (await keep([...days.filter((one) => one.date !== day.date), day])) form.reset();
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
      <form
        aria-label={`Forecast for ${place.name}`}
        className="flex flex-wrap justify-end gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          void add(event.currentTarget);
        }}
      >
        <input type="date" name="date" aria-label="Day" required disabled={!live} />
        {(
          [
            ['workC', 'By day, °C'],
            ['nightC', 'At night, °C'],
            ['humidity', 'Humidity, %'],
          ] as const
        ).map(([name, label]) => (
          <input
            key={name}
            name={name}
            type="number"
            step="any"
            required
            disabled={!live}
            aria-label={label}
            placeholder={label}
            className="w-28"
          />
        ))}
        <Button type="submit" disabled={!live}>
          Add
        </Button>
        {fault && (
          <p role="alert" className="w-full text-small text-stop">
            {fault}
          </p>
        )}
      </form>
    </div>
  );
}
