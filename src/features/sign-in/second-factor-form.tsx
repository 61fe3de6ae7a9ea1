'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { DoorField, DoorRefusal } from './door-field';
import { goTo, ownPath, useDoor } from './use-door';

/** The code of the telephone, or one of those that were written down. */
export function SecondFactorForm({ to }: { to: string | null }) {
  const live = useLive();
  const [code, setCode] = useState('');
  const { busy, refusal, send } = useDoor<object>('/api/sign-in/second-factor');
  return (
    <form
      className="flex flex-col items-start gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void send({ code }).then((answer) => answer && goTo(ownPath(to)));
      }}
    >
      <DoorField
        label="Code"
        hint="Six figures from the telephone, or one of the recovery codes."
        value={code}
        autoComplete="one-time-code"
        autoFocus
        required
        maxLength={20}
        disabled={!live}
        onChange={(event) => setCode(event.target.value)}
      />
      <DoorRefusal text={refusal} />
      <Button type="submit" look="main" disabled={!live || busy}>
        Go on
      </Button>
    </form>
  );
}
