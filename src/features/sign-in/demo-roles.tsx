'use client';

import { Fragment } from 'react';
import { accountRoles, roleWords, type Role } from '@/core/rights';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { goTo, useDoor } from './use-door';

/** The demo signs in by itself; one tries out here what others see. */
export function DemoRoles({ role }: { role: Role | null }) {
  const live = useLive();
  const { busy, refusal, send } = useDoor<object>('/api/sign-in/demo');
  return (
    <div className="grid grid-cols-[11rem_minmax(0,1fr)] items-center gap-x-4 gap-y-2">
      {accountRoles.map((one) => (
        <Fragment key={one}>
          <Button
            look={one === role ? 'main' : 'plain'}
            aria-pressed={one === role}
            disabled={!live || busy}
            className="text-left"
            onClick={() => void send({ role: one }).then((answer) => answer && goTo('/'))}
          >
            {roleWords[one].name}
          </Button>
          <span className="text-quiet">{roleWords[one].line}</span>
        </Fragment>
      ))}
      {refusal && <p role="alert">{refusal}</p>}
    </div>
  );
}
