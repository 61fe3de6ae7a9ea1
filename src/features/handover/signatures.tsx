'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/button';
import { Notice } from '@/ui/notice';
import { askJson, jsonPost, Refusal } from '../frame/asking';
import { EntryForm, Line, Pick } from '../frame/entry-form';
import { fullDate } from '../words/format';
import { panelsText } from '../words/handover-words';
import type { RecordProps, SignatureShown } from './record-props';
import { useOpen } from '../frame/who';

const sides = { shop: 'For the shop', owner: 'For the owner' };

async function sent(path: string, init: RequestInit): Promise<string | null> {
  try {
    await askJson(path, init);
    return null;
  } catch (error) {
    if (!(error instanceof Refusal) || error.status === 0)
      return 'Coatrel does not answer; nothing was kept.';
    return error.status === 409
      ? 'The plan has changed meanwhile: look at the page again.'
      : `Not kept: ${error.message}.`;
  }
}

/** Signatures of both sides, with what was worked on since. */
export function Signatures({ job, today, inputHash, signatures }: RecordProps) {
  const router = useRouter();
  const path = `/api/jobs/${encodeURIComponent(job)}/signatures`;
  return (
    <section aria-label="Signatures">
      <h2 className="pt-4 font-semibold">Signatures</h2>
      {signatures.map((one) => (
        <Signed key={one.id} signature={one} path={path} />
      ))}
      <EntryForm
        deed="sign-handover"
        label="Take down a signature"
        className="flex flex-wrap items-end gap-2 py-2"
        start={{ side: 'owner', by: '', where: '', on: today }}
        send={async (signs) => {
          const why = await sent(path, jsonPost({ ...signs, seenHash: inputHash }));
          if (why === null) router.refresh();
          return why;
        }}
      >
        {(form) => (
          <>
            <Pick
              form={form}
              name="side"
              label="Side"
              options={Object.entries(sides).map(([value, text]) => ({ value, text }))}
            />
            <Line form={form} name="by" label="Who signed" placeholder="who" maxLength={80} required />
            <Line
              form={form}
              name="where"
              label="Where it was signed"
              placeholder="where"
              maxLength={80}
              required
            />
            <Line form={form} name="on" type="date" label="On which day" required />
            <Button type="submit">Take it down</Button>
          </>
        )}
      </EntryForm>
      <p className="max-w-prose text-quiet">
        A signature binds the surfaces as they stand. Work that is done on a panel afterwards opens it again.
      </p>
    </section>
  );
}

function Signed({ signature, path }: { signature: SignatureShown; path: string }) {
  const router = useRouter();
  const live = useOpen('sign-handover');
  const [refused, setRefused] = useState<string | null>(null);
  const { id, side, by, where, on, seen, opened } = signature;
  const takeBack = async () => {
    const why = await sent(`${path}/${id}`, jsonPost({ seen }));
    setRefused(why);
    if (why === null) router.refresh();
  };
  return (
    <div className="border-b border-line py-1">
      <p className="flex flex-wrap items-center justify-between gap-3">
        <span>
          <span className="font-semibold">{sides[side]}:</span> {by}, {where}, {fullDate(on)}
        </span>
        <Button disabled={!live} onClick={() => void takeBack()}>
          Take it back
        </Button>
      </p>
      {opened.length > 0 && (
        <Notice grade="caution">
          Worked on since it was signed: {panelsText(opened)}. Have it signed again.
        </Notice>
      )}
      {refused && (
        <p role="alert" className="text-stop">
          {refused}
        </p>
      )}
    </div>
  );
}
