'use client';

import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { goTo, useDoor } from './use-door';

/** Whoever tapped a badge goes: the tablet stays paired and waits for the next. */
export function LeaveBadge({ name }: { name: string }) {
  const live = useLive();
  const { busy, refusal, send } = useDoor<object>('/api/sign-out');
  return (
    <p className="flex items-center gap-3 pb-4">
      <span>{name} is at this tablet.</span>
      <Button
        disabled={!live || busy}
        onClick={() => void send({}).then((answer) => answer && goTo('/sign-in'))}
      >
        Leave
      </Button>
      {refusal && <span role="alert">{refusal}</span>}
    </p>
  );
}
