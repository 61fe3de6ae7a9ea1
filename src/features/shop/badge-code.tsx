'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';

/** Four figures that somebody taps at a tablet. */
export function BadgeCode({
  name,
  shut,
  onSet,
}: {
  name: string;
  shut: boolean;
  onSet(code: string): Promise<void>;
}) {
  const live = useLive();
  const [code, setCode] = useState('');
  return (
    <form
      className="flex gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        void onSet(code).then(() => setCode(''));
      }}
    >
      <input
        aria-label={`Badge code of ${name}`}
        value={code}
        inputMode="numeric"
        autoComplete="off"
        pattern="[0-9]{4}"
        maxLength={4}
        placeholder="4 figures"
        disabled={!live || shut}
        className="w-20"
        onChange={(event) => setCode(event.target.value)}
      />
      {code.length === 4 && <Button type="submit">Set</Button>}
    </form>
  );
}
