'use client';

import type { Edit } from '@/core/record';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { EntryForm, Line, useSent } from '../frame/entry-form';

/** Something new of the shop's own that begins as a copy of what is shown, under a key and a name. */
export function NewCopy({
  what,
  keyed,
  keyLength,
  copyAs,
}: {
  what: string;
  /** What its key is called. */
  keyed: 'code' | 'key';
  keyLength: number;
  copyAs(key: string, name: string): Edit;
}) {
  const send = useSent();
  const Keyed = keyed === 'code' ? 'Code' : 'Key';
  return (
    <Part title={`New ${what} like this one`}>
      <EntryForm
        deed="coat-system"
        className="flex flex-wrap gap-1"
        start={{ key: '', name: '' }}
        send={({ key, name }) => send(copyAs(key, name))}
      >
        {(form) => (
          <>
            <Line
              form={form}
              name="key"
              label={`${Keyed} of the new ${what}`}
              placeholder={keyed}
              required
              maxLength={keyLength}
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
  );
}
