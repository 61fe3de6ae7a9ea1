'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';

/** Why a step or coat should wait, and the way to do it all the same with a reason that stays in the log. */
export function EarlyStart({
  name,
  reasons,
  onInsist,
  onLeave,
}: {
  name: string;
  reasons: readonly string[];
  onInsist(note: string): void;
  onLeave(): void;
}) {
  const [note, setNote] = useState('');
  return (
    <div role="alert" className="border border-stop p-3">
      <p className="font-semibold">Not begun: {name}</p>
      <ul className="list-disc pl-5">
        {reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2 pt-2">
        <input
          aria-label="Why it is begun all the same"
          placeholder="why it is begun all the same"
          className="h-12 w-80"
          maxLength={200}
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
        <Button className="h-12" disabled={note.trim() === ''} onClick={() => onInsist(note.trim())}>
          Begin all the same
        </Button>
        <Button className="h-12" onClick={onLeave}>
          Leave it
        </Button>
      </div>
    </div>
  );
}
