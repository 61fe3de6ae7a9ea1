'use client';

import { useState } from 'react';
import type { Edit } from '@/core/record';
import { Button } from '@/ui/button';
import { useSent } from '../frame/entry-form';
import { NewCopy } from './new-copy';
import { useOpen } from '../frame/who';

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
  const live = useOpen('coat-system');
  const send = useSent();
  const [fault, setFault] = useState<string | null>(null);
  return (
    <>
      <NewCopy what={what} keyed="key" keyLength={40} copyAs={copyAs} />
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
