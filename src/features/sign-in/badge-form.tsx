'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { DoorRefusal } from './door-field';
import { goTo, ownPath, useDoor } from './use-door';

const keys = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '', '0', '⌫'];

/** Who works at this tablet: a name to tap, then four figures. Keys are large enough for gloves. */
export function BadgeForm({ people, to }: { people: { id: string; name: string }[]; to: string | null }) {
  const live = useLive();
  const [chosen, setChosen] = useState<string | null>(null);
  const [code, setCode] = useState('');
  const { busy, refusal, send } = useDoor<object>('/api/sign-in/badge');
  const press = (key: string) => {
    if (busy) return;
    const next = key === '⌫' ? code.slice(0, -1) : `${code}${key}`.slice(0, 4);
    setCode(next);
    if (next.length < 4 || chosen === null) return;
    void send({ account: chosen, code: next }).then((answer) => {
      if (answer) goTo(ownPath(to));
      else setCode('');
    });
  };
  if (people.length === 0) return <p>Nobody has a badge code yet. A manager sets one in Shop, Accounts.</p>;
  return (
    <div className="flex flex-col gap-4">
      <div role="group" aria-label="Who works here" className="flex flex-wrap gap-2">
        {people.map(({ id, name }) => (
          <Button
            key={id}
            look={id === chosen ? 'main' : 'plain'}
            aria-pressed={id === chosen}
            disabled={!live}
            className="!h-14 min-w-28 text-lead"
            onClick={() => {
              setChosen(id);
              setCode('');
            }}
          >
            {name}
          </Button>
        ))}
      </div>
      {chosen !== null && (
        <div
          className="w-72"
          onKeyDown={(event) => {
            if (/^\d$/.test(event.key)) press(event.key);
            if (event.key === 'Backspace') press('⌫');
          }}
        >
          <p
            role="status"
            aria-label={`${code.length} of 4 figures`}
            className="py-2 text-title tracking-[0.5em]"
          >
            {'●'.repeat(code.length)}
            {'○'.repeat(4 - code.length)}
          </p>
          <div role="group" aria-label="Badge code" className="grid grid-cols-3 gap-2">
            {keys.map((key, i) =>
              key === '' ? (
                <span key={i} />
              ) : (
                <Button
                  key={i}
                  autoFocus={key === '1'}
                  aria-label={key === '⌫' ? 'Take one back' : key}
                  disabled={busy}
                  className="!h-14 text-lead"
                  onClick={() => press(key)}
                >
                  {key}
                </Button>
              ),
            )}
          </div>
          <DoorRefusal text={refusal} />
        </div>
      )}
    </div>
  );
}
