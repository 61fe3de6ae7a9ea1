'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { askJson, jsonPost, refusalOf } from '../frame/asking';
import { EntryForm, Figure, Line } from '../frame/entry-form';
import { Decisions, type DecisionsProps } from './decisions-part';
import { date, moment, type Locale } from '../words/format';

export interface OwnerLinkShown {
  id: string;
  forWhom: string;
  madeOn: string;
  until: string;
  revokedOn: string | null;
  uses: number;
  lastUsedMin: number | null;
  seen: number;
}

export interface OwnerProps {
  job: string;
  today: string;
  locale: Locale;
  links: OwnerLinkShown[];
  asked: DecisionsProps;
  words: { kind: string; about: string; said: string; saidBy: string; atMinute: number }[];
}

const saysWords: Readonly<Record<string, string>> = {
  ask: 'asks',
  accepted: 'accepts',
  refused: 'refuses',
  'card-accepted': 'accepts',
  'card-refused': 'refuses',
  decide: 'decides',
};

/** Links to the page of the owner, and what was said on it. */
export function OwnerLinks(props: OwnerProps) {
  const { job, words, locale } = props;
  return (
    <section aria-label="The owner’s page">
      <p className="max-w-prose text-quiet">
        A link opens one page of this job: where the object stands, what is next, what waits for the owner,
        hours, payments, and quotes as you gave them. It shows no other job, no prices but those of its quotes
        and nobody’s name. Whoever has the link can read it and answer: give it to the owner alone.
      </p>
      <MakeLink job={job} />
      <LinkTable {...props} />
      <Decisions {...props.asked} />
      <h2 className="pt-5 font-semibold">What the owner said</h2>
      {words.length === 0 && <Empty>Nothing yet.</Empty>}
      <ul>
        {words.map((one, i) => (
          <li key={i} className="border-b border-line py-1">
            <span className="font-semibold">
              {one.saidBy} {saysWords[one.kind] ?? one.kind}
            </span>{' '}
            {one.about} <span className="text-quiet">{moment(one.atMinute, locale)}</span>
            {one.said !== '' && <p>{one.said}</p>}
          </li>
        ))}
      </ul>
    </section>
  );
}

function MakeLink({ job }: { job: string }) {
  const router = useRouter();
  const [made, setMade] = useState<string | null>(null);
  return (
    <>
      <EntryForm
        deed="owner-link"
        label="Make a link"
        className="flex flex-wrap items-end gap-2 py-3"
        start={{ forWhom: '', days: '120' }}
        send={async ({ forWhom, days }) => {
          try {
            const { path } = await askJson<{ path: string }>(
              `/api/jobs/${encodeURIComponent(job)}/owner-links`,
              jsonPost({ forWhom, days: typedFigure(days) }),
            );
            setMade(`${window.location.origin}${path}`);
            router.refresh();
            return null;
          } catch (error) {
            return refusalOf(error instanceof Error ? error : new Error());
          }
        }}
      >
        {(form) => (
          <>
            <Line
              form={form}
              name="forWhom"
              label="For whom the link is"
              placeholder="for whom"
              maxLength={80}
              required
            />
            <Figure
              form={form}
              name="days"
              label="Days it opens the page"
              className="w-20"
              least={1}
              most={400}
              whole
              required
            />
            <span className="pb-2 text-quiet">days</span>
            <Button type="submit" look="main">
              Make a link
            </Button>
          </>
        )}
      </EntryForm>
      {made && (
        <p role="status" className="pb-3">
          Copy it now; it is not kept and not shown again:{' '}
          <span className="font-semibold break-all select-all">{made}</span>
        </p>
      )}
    </>
  );
}

function LinkTable({ job, links, today, locale }: OwnerProps) {
  const router = useRouter();
  const [refused, setRefused] = useState<string | null>(null);
  if (links.length === 0) return <Empty>No link has been made.</Empty>;
  const takeBack = async ({ id, seen }: OwnerLinkShown) => {
    try {
      await askJson(`/api/jobs/${encodeURIComponent(job)}/owner-links/${id}`, jsonPost({ seen }));
      setRefused(null);
      router.refresh();
    } catch (error) {
      setRefused(refusalOf(error instanceof Error ? error : new Error()));
    }
  };
  return (
    <>
      {refused && (
        <p role="alert" className="text-stop">
          {refused}
        </p>
      )}
      <Table
        caption="Links"
        head={['For whom', 'Made', 'Opens until', { text: 'Opened', right: true }, 'Last', '']}
      >
        {links.map((link) => {
          const isOpen = link.revokedOn === null && link.until >= today;
          return (
            <tr key={link.id} className="border-b border-line tabular-nums">
              <td className="py-1">{link.forWhom}</td>
              <td>{date(link.madeOn)}</td>
              <td>{link.revokedOn === null ? date(link.until) : `taken back ${date(link.revokedOn)}`}</td>
              <td className="pr-3 text-right">{link.uses}</td>
              <td>{link.lastUsedMin === null ? 'never' : moment(link.lastUsedMin, locale)}</td>
              <td className="text-right">
                {isOpen && <Button onClick={() => void takeBack(link)}>Take it back</Button>}
              </td>
            </tr>
          );
        })}
      </Table>
    </>
  );
}
