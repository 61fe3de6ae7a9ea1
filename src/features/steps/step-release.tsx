'use client';

import { useState } from 'react';
import type { PlannedStep } from '@/core/plan';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import { date } from '../words/format';
import type { StepsRoomProps } from './steps-props';

/** Steps that somebody has to release: licensed holds, and what the owner approves. */
export const isReleased = (
  step: Pick<PlannedStep, 'cautions' | 'operation'>,
): 'licence' | 'approval' | null =>
  step.cautions.includes('licensed-hold')
    ? 'licence'
    : step.operation === 'approve-sample' || step.operation === 'approve-first'
      ? 'approval'
      : null;

/** The typed release of a hold or an approval: name, licence, day. A record of the shop, not an authority. */
export function StepRelease({
  job,
  step,
  signOffs,
  today,
}: Pick<StepsRoomProps, 'job' | 'signOffs' | 'today'> & { step: PlannedStep }) {
  const kind = isReleased(step);
  const { save } = useSaving();
  const live = useLive();
  const [fault, setFault] = useState<string | null>(null);
  if (kind === null) return null;
  const signed = signOffs[step.key];
  if (signed)
    return (
      <Part title="Released">
        <Fact label={signed.name}>{date(signed.date)}</Fact>
        {signed.licence && <Fact label="Licence">{signed.licence}</Fact>}
        <p className="text-small text-quiet">Entered by the shop, unverified.</p>
        <Button
          disabled={!live}
          onClick={() => void save({ kind: 'remove-sign-off', job, step: step.key, seen: signed.seen })}
        >
          Take it back
        </Button>
      </Part>
    );
  const submit = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const text = (name: string) => String(given.get(name) ?? '').trim();
    if (kind === 'licence' && text('licence') === '') return setFault('A licensed hold needs the licence.');
    const signOff = { step: step.key, name: text('name'), licence: text('licence'), date: text('date') };
    const outcome = await save({ kind: 'sign-off', job, signOff });
    setFault(refusalText(outcome));
  };
  return (
    <Part title={kind === 'licence' ? 'Release by the licensed engineer' : 'Approval'}>
      <form
        aria-label="Release"
        className="grid gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          void submit(event.currentTarget);
        }}
      >
        <input name="name" aria-label="Name" placeholder="name" maxLength={80} required disabled={!live} />
        {kind === 'licence' && (
          <input name="licence" aria-label="Licence" placeholder="licence" maxLength={60} disabled={!live} />
        )}
        <input
          name="date"
          aria-label="Day of the release"
          type="date"
          defaultValue={today}
          required
          disabled={!live}
        />
        <Button type="submit" disabled={!live}>
          {kind === 'licence' ? 'Enter the release' : 'Enter the approval'}
        </Button>
        {fault && (
          <p role="alert" className="text-small text-stop">
            {fault}
          </p>
        )}
        <p className="text-small text-quiet">Entered by the shop, unverified: a record, not an authority.</p>
      </form>
    </Part>
  );
}
