'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { DoorField, DoorRefusal } from './door-field';
import { goTo, ownPath, useDoor } from './use-door';

/** Name and password. */
export function PasswordForm({ to }: { to: string | null }) {
  const live = useLive();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const { busy, refusal, send } = useDoor<{ needs: 'second-factor' | null }>('/api/sign-in');
  const submit = async () => {
    const answer = await send({ name, password });
    if (!answer) return;
    const next = encodeURIComponent(ownPath(to));
    goTo(answer.needs ? `/sign-in/second-factor?to=${next}` : ownPath(to));
  };
  return (
    <form
      className="flex flex-col items-start gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <DoorField
        label="Name"
        value={name}
        autoComplete="username"
        autoCapitalize="none"
        autoFocus
        required
        maxLength={60}
        disabled={!live}
        onChange={(event) => setName(event.target.value)}
      />
      <DoorField
        label="Password"
        type="password"
        value={password}
        autoComplete="current-password"
        required
        maxLength={200}
        disabled={!live}
        onChange={(event) => setPassword(event.target.value)}
      />
      <DoorRefusal text={refusal} />
      <Button type="submit" look="main" disabled={!live || busy}>
        Sign in
      </Button>
      <p className="text-small text-quiet">
        Password forgotten? A manager makes you a link in Shop, Accounts; for the last manager the machine
        does: <code>npm run --silent coatrel -- account link NAME</code>.
      </p>
    </form>
  );
}
