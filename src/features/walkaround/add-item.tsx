'use client';

import { useState } from 'react';
import type { Edit } from '@/core/record';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';

/** One line that starts a row of a list: what it is, and the panel or section it belongs to. */
export function AddItem({
  label,
  panels,
  place = 'Panel',
  toEdit,
}: {
  label: string;
  panels: readonly { key: string; name: string }[];
  place?: string;
  toEdit(name: string, place: string): Edit;
}) {
  const { save } = useSaving();
  const live = useLive();
  const [name, setName] = useState('');
  const [where, setWhere] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const submit = async () => {
    const outcome = await save(toEdit(name.trim(), where || (panels[0]?.key ?? '')));
    setFault(refusalText(outcome));
    if (outcome.status === 'saved') setName('');
  };
  return (
    <form
      aria-label={label}
      className="flex items-center gap-2 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <input
        aria-label={`${label}: what`}
        placeholder="what"
        maxLength={80}
        value={name}
        disabled={!live}
        onChange={(event) => setName(event.target.value)}
        className="w-56"
      />
      {place !== 'Job' && (
        <select
          aria-label={`${label}: ${place.toLowerCase()}`}
          value={where}
          disabled={!live}
          onChange={(event) => setWhere(event.target.value)}
          className="w-48"
        >
          {panels.map((panel) => (
            <option key={panel.key} value={panel.key}>
              {place === 'Panel' ? `${panel.key} ${panel.name}` : panel.name}
            </option>
          ))}
        </select>
      )}
      <Button type="submit" disabled={!live}>
        {label}
      </Button>
      {fault && (
        <span role="alert" className="text-small text-stop">
          {fault}
        </span>
      )}
    </form>
  );
}
