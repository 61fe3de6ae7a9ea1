'use client';

import { useId, useState } from 'react';
import { Button } from '@/ui/button';
import { refusalText, useSaving } from '../frame/saving';
import { date } from '../words/format';
import type { Shop, ShopChangeSeen } from './shop-props';
import { useOpen } from '../frame/who';

/** When a person is away, each entry to be taken out. */
export function DaysOff({ person, seen }: { person: Shop['people'][number]; seen: ShopChangeSeen }) {
  const { save } = useSaving();
  if (person.daysOff.length === 0) return <p className="text-quiet">no days off</p>;
  return (
    <ul>
      {person.daysOff.map((off) => (
        <li key={off.id} className="flex items-center gap-2">
          <span>
            {date(off.from)}
            {off.to !== off.from && ` to ${date(off.to)}`}
            {off.reason && `, ${off.reason}`}
          </span>
          <button
            type="button"
            className="underline"
            aria-label={`Remove days off of ${person.name} from ${date(off.from)}`}
            onClick={() => void save({ kind: 'remove-day-off', id: off.id, seen: seen.daysOff[off.id]! })}
          >
            remove
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Two days and a press put days off in. */
export function AddDaysOff({ person, name }: { person: string; name: string }) {
  const id = useId();
  const { save } = useSaving();
  const live = useOpen('add-day-off');
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const add = async () => {
    const outcome = await save({ kind: 'add-day-off', person, from, to: to || from, reason: '' });
    if (outcome.status === 'saved') {
      setFrom('');
      setTo('');
    }
    setFault(refusalText(outcome));
  };
  return (
    <span className="flex flex-wrap items-center gap-2">
      <label htmlFor={`${id}-from`} className="sr-only">
        First day off of {name}
      </label>
      <input
        id={`${id}-from`}
        type="date"
        value={from}
        disabled={!live}
        onChange={(event) => setFrom(event.target.value)}
        aria-invalid={fault !== null}
      />
      <span className="text-quiet">to</span>
      <label htmlFor={`${id}-to`} className="sr-only">
        Last day off of {name}
      </label>
      <input
        id={`${id}-to`}
        type="date"
        value={to}
        disabled={!live}
        onChange={(event) => setTo(event.target.value)}
        aria-invalid={fault !== null}
      />
      <Button disabled={from === ''} onClick={() => void add()}>
        Add
      </Button>
      {fault && (
        <span role="alert" className="text-small text-stop">
          {fault}
        </span>
      )}
    </span>
  );
}
