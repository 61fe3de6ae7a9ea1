'use client';

import { useState } from 'react';
import type { Edit } from '@/core/record';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';

/** The foot of a system or a ladder: begin another like it, return to the trade's, or remove one's own. */
export function WayActions({
  what,
  isStandard,
  isChanged,
  copyAs,
  clear,
}: {
  what: 'system' | 'ladder';
  isStandard: boolean;
  /** The shop has a row for it: its own one, or a change of the trade's. */
  isChanged: boolean;
  copyAs(key: string, name: string): Edit;
  clear(): Edit;
}) {
  const live = useLive();
  const { save } = useSaving();
  const [fault, setFault] = useState<string | null>(null);
  const send = async (edit: Edit) => {
    const outcome = await save(edit);
    setFault(refusalText(outcome));
    return outcome.status === 'saved';
  };
  return (
    <>
      <Part title={`New ${what} like this one`}>
        <form
          className="flex flex-wrap gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            const form = event.currentTarget;
            const given = new FormData(form);
            const [key, name] = ['key', 'name'].map((field) => String(given.get(field) ?? '').trim());
            void send(copyAs(key!, name!)).then((saved) => saved && form.reset());
          }}
        >
          <input
            name="key"
            aria-label={`Key of the new ${what}`}
            placeholder="key"
            required
            maxLength={40}
            className="w-24"
            disabled={!live}
          />
          <input
            name="name"
            aria-label={`Name of the new ${what}`}
            placeholder="name"
            required
            maxLength={80}
            className="w-40"
            disabled={!live}
          />
          <Button type="submit" disabled={!live}>
            Add
          </Button>
        </form>
      </Part>
      {isChanged && (
        <Button className="w-full" disabled={!live} onClick={() => void send(clear())}>
          {isStandard ? 'Return to the trade’s' : `Remove this ${what}`}
        </Button>
      )}
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
    </>
  );
}
