'use client';

import Link from 'next/link';
import type { PlannedStep } from '@/core/plan';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { EntryForm, Line, useSent } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import { date } from '../words/format';
import type { StepsRoomProps } from './steps-props';
import { Notice } from '@/ui/notice';
import { counted } from '../words/counted';
import { useOpen, useWho } from '../frame/who';

/** Steps that somebody has to release: licensed holds, and what the owner approves. */
export const isReleased = (
  step: Pick<PlannedStep, 'cautions' | 'operation'>,
): 'licence' | 'approval' | null =>
  step.cautions.includes('licensed-hold')
    ? 'licence'
    : step.operation === 'approve-sample' || step.operation === 'approve-first'
      ? 'approval'
      : null;

/** The verdict on a sample is kept with the sample itself. */
function SampleVerdict({ job }: { job: string }) {
  return (
    <Part title="Verdict">
      <p className="text-small">
        Written down with the sample, its size and light:{' '}
        <Link className="underline" href={`/jobs/${encodeURIComponent(job)}/scheme`}>
          Scheme, Colours, Samples
        </Link>
        .
      </p>
    </Part>
  );
}

/** The typed release of a hold or an approval: name, licence, day. A record of the shop, not an authority. */
export function StepRelease({
  job,
  step,
  signOffs,
  today,
}: Pick<StepsRoomProps, 'job' | 'signOffs' | 'today'> & { step: PlannedStep }) {
  const kind = isReleased(step);
  const { save } = useSaving();
  const live = useOpen('remove-sign-off');
  const send = useSent();
  const who = useWho();
  const engineer = who.rights.includes('engineer');
  if (kind === null) return null;
  const signed = signOffs[step.key];
  if (signed)
    return (
      <Part title="Released">
        <Fact label={signed.name}>{date(signed.date)}</Fact>
        {signed.licence && <Fact label="Licence">{signed.licence}</Fact>}
        <p className="text-small text-quiet">
          {signed.isSigned ? 'Signed by the engineer’s own sign-in.' : 'Entered by the shop, unverified.'}{' '}
          {signed.binds > 0 && `It binds ${counted(signed.binds, 'panel')} as they stood then.`}
        </p>
        {signed.changed.length > 0 && (
          <Notice grade="caution">
            the record of the work beneath it was changed since, on {signed.changed.slice(0, 6).join(', ')}
            {signed.changed.length > 6 && ` and ${signed.changed.length - 6} more`}: look again and sign anew
          </Notice>
        )}
        <Button
          disabled={!live}
          onClick={() => void save({ kind: 'remove-sign-off', job, step: step.key, seen: signed.seen })}
        >
          Take it back
        </Button>
      </Part>
    );
  if (step.operation === 'approve-sample') return <SampleVerdict job={job} />;
  return (
    <Part title={kind === 'licence' ? 'Release by the licensed engineer' : 'Approval'}>
      <EntryForm
        deed="sign-off"
        label="Release"
        className="grid gap-1"
        start={{ name: engineer ? who.name : '', licence: engineer ? 'of your account' : '', date: today }}
        send={(typed) => send({ kind: 'sign-off', job, signOff: { step: step.key, ...typed } })}
      >
        {(form) => (
          <>
            {engineer && (
              <p className="text-small">You sign as {who.name}, with the licence of your account.</p>
            )}
            {!engineer && (
              <Line form={form} name="name" label="Name" placeholder="name" maxLength={80} required />
            )}
            {!engineer && kind === 'licence' && (
              <Line
                form={form}
                name="licence"
                label="Licence"
                placeholder="licence"
                maxLength={60}
                required
              />
            )}
            <Line form={form} name="date" label="Day of the release" type="date" required />
            <Button type="submit">{kind === 'licence' ? 'Enter the release' : 'Enter the approval'}</Button>
          </>
        )}
      </EntryForm>
      <p className="text-small text-quiet">Entered by the shop, unverified: a record, not an authority.</p>
    </Part>
  );
}
