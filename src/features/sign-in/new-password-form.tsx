'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { DoorField, DoorRefusal } from './door-field';
import { goTo, useDoor } from './use-door';

/** Sets a password by a link. */
export function NewPasswordForm({ token, signIn }: { token: string; signIn: string }) {
  const live = useLive();
  const [password, setPassword] = useState('');
  const [again, setAgain] = useState('');
  const { busy, refusal, send } = useDoor<{ needs: 'second-factor' | null }>('/api/sign-in/link');
  const differ = again !== '' && again !== password;
  const submit = async () => {
    if (password !== again) return;
    const answer = await send({ token, password });
    if (answer) goTo(answer.needs ? '/sign-in/second-factor' : '/');
  };
  return (
    <form
      className="flex flex-col items-start gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <p>
        You sign in as <strong>{signIn}</strong>.
      </p>
      <input type="hidden" name="username" autoComplete="username" value={signIn} readOnly />
      <DoorField
        label="New password"
        hint="At least 12 characters. Three or four words that do not belong together are easy to keep."
        type="password"
        value={password}
        autoComplete="new-password"
        autoFocus
        required
        minLength={12}
        maxLength={200}
        disabled={!live}
        onChange={(event) => setPassword(event.target.value)}
      />
      <DoorField
        label="Once more"
        type="password"
        value={again}
        autoComplete="new-password"
        required
        maxLength={200}
        disabled={!live}
        aria-invalid={differ}
        onChange={(event) => setAgain(event.target.value)}
      />
      <DoorRefusal text={differ ? 'The two are not the same.' : refusal} />
      <Button type="submit" look="main" disabled={!live || busy || differ}>
        Set the password and sign in
      </Button>
    </form>
  );
}
