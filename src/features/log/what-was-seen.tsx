'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';

/** A look ends with what was seen: nothing, or what and where. */
export function WhatWasSeen({
  light,
  disabled,
  onDone,
}: {
  /** How to look: the lamp and its angle. */
  light: string;
  disabled: boolean;
  onDone(note: string): void;
}) {
  const [seen, setSeen] = useState('');
  return (
    <>
      {light !== '' && <span className="text-small text-quiet">{light}</span>}
      <input
        className="h-12 w-56 text-lead"
        aria-label="What was seen"
        placeholder="what was seen, and where"
        maxLength={200}
        disabled={disabled}
        value={seen}
        onChange={(event) => setSeen(event.target.value)}
      />
      <Button className="h-16 px-4 text-lead" disabled={disabled} onClick={() => onDone('nothing found')}>
        Nothing found
      </Button>
      <Button
        look="main"
        className="h-16 px-5 text-lead"
        disabled={disabled || seen.trim() === ''}
        onClick={() => onDone(seen.trim())}
      >
        Done
      </Button>
    </>
  );
}
