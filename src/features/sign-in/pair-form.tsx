'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { DoorField, DoorRefusal } from './door-field';
import { goTo, useDoor } from './use-door';

/** Pairs this tablet with its place by the code that Shop shows. */
export function PairForm() {
  const live = useLive();
  const [code, setCode] = useState('');
  const { busy, refusal, send } = useDoor<{ name: string }>('/api/sign-in/pair');
  return (
    <form
      className="flex flex-col items-start gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void send({ code }).then((answer) => answer && goTo('/sign-in'));
      }}
    >
      <DoorField
        label="Pairing code"
        hint="A manager makes it in Shop, Accounts; it is good for ten minutes."
        value={code}
        autoCapitalize="characters"
        autoFocus
        required
        maxLength={20}
        disabled={!live}
        onChange={(event) => setCode(event.target.value)}
      />
      <DoorRefusal text={refusal} />
      <Button type="submit" look="main" disabled={!live || busy}>
        Pair this tablet
      </Button>
    </form>
  );
}
