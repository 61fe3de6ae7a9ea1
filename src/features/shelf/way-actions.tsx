'use client';

import { useState } from 'react';
import type { Edit } from '@/core/record';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { EntryForm, Line, useSent } from '../frame/entry-form';

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
  const send = useSent();
  const [fault, setFault] = useState<string | null>(null);
  return (
    <>
      <Part title={`New ${what} like this one`}>
        <EntryForm
          className="flex flex-wrap gap-1"
          start={{ key: '', name: '' }}
          send={({ key, name }) => send(copyAs(key, name))}
        >
          {(form) => (
            <>
              <Line
                form={form}
                name="key"
                label={`Key of the new ${what}`}
                placeholder="key"
                required
                maxLength={40}
                className="w-24"
              />
              <Line
                form={form}
                name="name"
                label={`Name of the new ${what}`}
                placeholder="name"
                required
                maxLength={80}
                className="w-40"
              />
              <Button type="submit">Add</Button>
            </>
          )}
        </EntryForm>
      </Part>
      {isChanged && (
        <Button className="w-full" disabled={!live} onClick={() => void send(clear()).then(setFault)}>
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
