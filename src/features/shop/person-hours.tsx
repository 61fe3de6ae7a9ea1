'use client';

import { useState } from 'react';
import type { Shift } from '@/core/shop';
import { EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import type { Shop } from './shop-props';
import { wallTime } from '@/core/units';
import { minuteOf, timeFault, weekdays } from '../frame/wall-clock';
import { useOpen } from '../frame/who';

type Person = Shop['people'][number];
/** Where the shop itself is closed on that weekday. */
const usual = { startMin: 450, endMin: 990 };
const short = (weekday: number) => weekdays[weekday - 1]!.slice(0, 3);

/** When a person works: as the shop does, or part-time by hours of their own within it. */
export function PersonHours({
  person,
  shifts,
  seen,
}: {
  person: Person;
  shifts: Shop['shifts'];
  seen: number;
}) {
  const live = useOpen('person');
  const { save } = useSaving();
  const [open, setOpen] = useState(false);
  const { hours } = person;
  const edit = (set: Shift[] | null) =>
    ({ kind: 'person', person: person.id, seen, set: { hours: set } }) as const;
  const whole = wholeDays(shifts);
  const days = [...(hours ?? [])].sort((a, b) => a.weekday - b.weekday);
  const missing = [1, 2, 3, 4, 5, 6, 7].filter((day) => !days.some((one) => one.weekday === day));
  const hour = (one: Shift, key: 'startMin' | 'endMin', word: string) => (
    <EditText
      label={`${person.name} ${word} on ${weekdays[one.weekday - 1]}`}
      quiet
      className="w-16"
      value={wallTime(one[key])}
      check={timeFault}
      toEdit={(text) =>
        edit(days.map((day) => (day.weekday === one.weekday ? { ...day, [key]: minuteOf(text) } : day)))
      }
    />
  );
  const act = (text: string, label: string, set: () => void) => (
    <button type="button" className="underline" disabled={!live} aria-label={label} onClick={set}>
      {text}
    </button>
  );
  if (hours === null)
    return (
      <p>
        <span className="text-quiet">the shop’s hours,</span>{' '}
        {act('make part-time', `Hours of their own for ${person.name}`, () => {
          setOpen(true);
          void save(edit(whole));
        })}
      </p>
    );
  return (
    <div>
      <p>
        {days.length === 0
          ? 'no hours'
          : days
              .map((one) => `${short(one.weekday)} ${wallTime(one.startMin)}–${wallTime(one.endMin)}`)
              .join(', ')}{' '}
        <button type="button" className="underline" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'close' : 'change'}
        </button>
      </p>
      {open && (
        <div role="group" aria-label={`Hours of ${person.name}`} className="py-1">
          {days.map((one) => (
            <p key={one.weekday} className="flex items-center gap-2">
              <span className="w-10">{short(one.weekday)}</span>
              {hour(one, 'startMin', 'begins')} to {hour(one, 'endMin', 'ends')}
              {act(
                'remove',
                `${person.name} does not work on ${weekdays[one.weekday - 1]}`,
                () => void save(edit(days.filter((day) => day !== one))),
              )}
            </p>
          ))}
          <p className="flex flex-wrap gap-3 pt-1">
            {missing.map((day) => (
              <span key={day}>
                {act(
                  `add ${short(day)}`,
                  `${person.name} works on ${weekdays[day - 1]}`,
                  () =>
                    void save(
                      edit([...days, whole.find((one) => one.weekday === day) ?? { ...usual, weekday: day }]),
                    ),
                )}
              </span>
            ))}
            {act('as the shop', `${person.name} works when the shop does`, () => void save(edit(null)))}
          </p>
        </div>
      )}
    </div>
  );
}

/** From the first opening to the last closing of each weekday; breaks bind all the same. */
function wholeDays(shifts: Shop['shifts']): Shift[] {
  const days = new Map<number, Shift>();
  for (const { weekday, startMin, endMin } of shifts) {
    const known = days.get(weekday) ?? { weekday, startMin, endMin };
    days.set(weekday, {
      weekday,
      startMin: Math.min(known.startMin, startMin),
      endMin: Math.max(known.endMin, endMin),
    });
  }
  return [...days.values()];
}
