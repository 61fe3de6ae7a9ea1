'use client';

import { useState } from 'react';
import { roleWords } from '@/core/rights';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { askJson, jsonPost, refusalIn } from '../frame/asking';
import { useSaving } from '../frame/saving';
import { useWho } from '../frame/who';
import { DoorField, DoorRefusal } from './door-field';
import { SecondFactorSetUp } from './second-factor-set-up';
import { goTo } from './use-door';

/** One's own account: password, second factor, and the way out. */
export function OwnAccount({ hasSecondFactor }: { hasSecondFactor: boolean }) {
  const live = useLive();
  const who = useWho();
  const leave = async () => {
    await askJson('/api/sign-out', jsonPost({}));
    goTo('/sign-in');
  };
  return (
    <div className="flex flex-col gap-6">
      <p className="flex items-center gap-4">
        <span>
          <strong>{who.name}</strong>, {who.role === null ? '' : roleWords[who.role].name.toLowerCase()}:{' '}
          {who.role === null ? '' : roleWords[who.role].line}.
        </span>
        <Button disabled={!live} onClick={() => void leave()}>
          Sign out
        </Button>
      </p>
      {who.needsFactor && (
        <p role="status" className="border border-strong bg-raised p-2">
          A manager who reaches Coatrel over the network proves it by two things. Until your second factor is
          set up you read only.
        </p>
      )}
      <SecondFactorSetUp has={hasSecondFactor} />
      <PasswordChange />
    </div>
  );
}

function PasswordChange() {
  const live = useLive();
  const { send } = useSaving();
  const [present, setPresent] = useState('');
  const [next, setNext] = useState('');
  const [said, setSaid] = useState<string | null>(null);
  const [done, setDone] = useState(false);
  const submit = async () => {
    try {
      const outcome = await send('/api/own/password', { present, next }, 'Password changed');
      const ok = outcome.status === 'saved';
      setDone(ok);
      setSaid(ok ? null : outcome.faults.map((one) => one.reason).join('; '));
      if (ok) {
        setPresent('');
        setNext('');
      }
    } catch (error) {
      setSaid(refusalIn(error));
    }
  };
  return (
    <form
      aria-label="Password"
      className="flex flex-col items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <h2 className="font-semibold">Password</h2>
      <DoorField
        label="Present password"
        type="password"
        autoComplete="current-password"
        value={present}
        required
        disabled={!live}
        onChange={(event) => setPresent(event.target.value)}
      />
      <DoorField
        label="New password"
        hint="At least 12 characters. Other sessions of yours are signed out."
        type="password"
        autoComplete="new-password"
        value={next}
        required
        disabled={!live}
        onChange={(event) => setNext(event.target.value)}
      />
      <DoorRefusal text={said} />
      {done && <p role="status">The password is changed.</p>}
      <Button type="submit" disabled={!live}>
        Change the password
      </Button>
    </form>
  );
}
