'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { askJson, jsonPost, refusalIn } from '../frame/asking';
import { useSaving } from '../frame/saving';
import { DoorField, DoorRefusal } from './door-field';

const path = '/api/own/second-factor';

/** Sets a second factor up: a picture to read with a telephone, a code to type back, recovery codes to write down. */
export function SecondFactorSetUp({ has }: { has: boolean }) {
  const live = useLive();
  const { refresh } = useSaving();
  const [asked, setAsked] = useState<{ picture: string; secret: string } | null>(null);
  const [code, setCode] = useState('');
  const [present, setPresent] = useState('');
  const [codes, setCodes] = useState<string[] | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const ask = async <A,>(body: object): Promise<A | null> => {
    try {
      const answer = await askJson<A>(path, jsonPost(body));
      setSaid(null);
      return answer;
    } catch (error) {
      setSaid(refusalIn(error));
      return null;
    }
  };
  const confirm = async () => {
    const answer = await ask<{ codes: string[] }>({ step: 'confirm', code });
    if (!answer) return;
    setCodes(answer.codes);
    setAsked(null);
    refresh();
  };
  const drop = async () => {
    if (!(await ask<object>({ step: 'drop', present }))) return;
    setPresent('');
    setCodes(null);
    refresh();
  };
  return (
    <section aria-label="Second factor" className="flex flex-col items-start gap-3">
      <h2 className="font-semibold">Second factor</h2>
      {codes && <RecoveryCodes codes={codes} />}
      {has ? (
        <>
          <p>The telephone is asked for a code at each sign-in.</p>
          <DoorField
            label="Password, to take it away"
            type="password"
            autoComplete="current-password"
            value={present}
            disabled={!live}
            onChange={(event) => setPresent(event.target.value)}
          />
          <Button disabled={!live || present === ''} onClick={() => void drop()}>
            Take it away
          </Button>
        </>
      ) : asked ? (
        <form
          className="flex flex-col items-start gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void confirm();
          }}
        >
          <p>Read this with an app for one-time codes, or type the key there; then type the code it shows.</p>
          {/* eslint-disable-next-line @next/next/no-img-element -- a picture that is made in the answer has no size to optimise */}
          <img src={asked.picture} alt="The key as a picture" className="size-48" />
          <code className="break-all">{asked.secret.replace(/(.{4})/g, '$1 ').trim()}</code>
          <DoorField
            label="Code"
            inputMode="numeric"
            autoComplete="one-time-code"
            value={code}
            maxLength={7}
            required
            disabled={!live}
            onChange={(event) => setCode(event.target.value)}
          />
          <Button type="submit" disabled={!live}>
            Set it up
          </Button>
        </form>
      ) : (
        <>
          <p className="text-quiet">
            A code of your telephone besides the password. Managers should have one.
          </p>
          <Button
            disabled={!live}
            onClick={() => void ask<{ picture: string; secret: string }>({ step: 'ask' }).then(setAsked)}
          >
            Set a second factor up
          </Button>
        </>
      )}
      <DoorRefusal text={said} />
    </section>
  );
}

const RecoveryCodes = ({ codes }: { codes: readonly string[] }) => (
  <div role="status">
    <p>
      It is set up. Write these recovery codes down: each signs you in once when the telephone is lost. They
      are shown this once.
    </p>
    <ul className="grid w-72 grid-cols-2 gap-1 py-2 font-semibold">
      {codes.map((one) => (
        <li key={one}>
          {one.slice(0, 4)} {one.slice(4)}
        </li>
      ))}
    </ul>
  </div>
);
