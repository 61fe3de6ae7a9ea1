'use client';

import Link from 'next/link';
import { useState } from 'react';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { EntryForm, Line, Pick } from '../frame/entry-form';
import { counted } from '../words/counted';
import { date, money, type Locale } from '../words/format';
import { choiceNames, lineKindNames, lineText, stageNames } from '../words/offer-words';
import { AgainstLast } from './against-last';
import { MakeQuote } from './make-quote';
import { QuoteDocument } from './quote-document';
import type { QuotesProps, QuoteShown } from './quotes-props';
import { useOffers } from './use-offers';

/** The quotes of a job: made from the plan of today, answered once, and what has been opened again since one was signed. */
export function QuotesView(props: QuotesProps) {
  const { job, quotes, locale, accepted } = props;
  const [picked, setPicked] = useState<number | null>(null);
  const shown = quotes.find((one) => one.offer.number === picked) ?? quotes[0];
  return (
    <section aria-label="Quotes">
      {accepted && <Signed accepted={accepted} />}
      {props.stops > 0 && (
        <Notice grade="caution">
          The plan has {counted(props.stops, 'warning')} that must be settled before the work goes on: see{' '}
          <Link className="underline" href={`/jobs/${job}/steps`}>
            Steps, Warnings
          </Link>
          , before you quote from it.
        </Notice>
      )}
      {props.last && <AgainstLast last={props.last} />}
      <MakeQuote {...props} />
      {quotes.length === 0 ? (
        <Empty>
          No quote has been made. One is made from the plan as it stands, and never changes afterwards.
        </Empty>
      ) : (
        <div className="flex flex-wrap gap-1 pb-3" role="group" aria-label="Which quote">
          {quotes.map(({ offer, answer }) => (
            <Button
              key={offer.number}
              look={offer === shown?.offer ? 'main' : 'plain'}
              aria-pressed={offer === shown?.offer}
              onClick={() => setPicked(offer.number)}
            >
              Quote {offer.number}
              {answer !== 'open' && `, ${answer}`}
            </Button>
          ))}
        </div>
      )}
      {shown && (
        <>
          <Said job={job} quote={shown} today={props.today} />
          {shown.change && <Changed quote={shown} change={shown.change} locale={locale} />}
          {accepted?.number === shown.offer.number && <Due job={job} accepted={accepted} locale={locale} />}
          <p className="pb-2">
            <Link className="underline" href={`/jobs/${job}/documents/quote?number=${shown.offer.number}`}>
              To print
            </Link>
          </p>
          <QuoteDocument offer={shown.offer} locale={locale} />
        </>
      )}
    </section>
  );
}

/** What is no longer as it was signed. */
function Signed({ accepted: { number, opened } }: { accepted: NonNullable<QuotesProps['accepted']> }) {
  if (opened.length === 0) return null;
  return (
    <Notice grade="caution">
      Quote {number} was signed for other choices:{' '}
      {opened
        .map(({ name, what }) => `${name} (${what.map((one) => choiceNames[one]).join(', ')})`)
        .join('; ')}
      . Make another and have it signed.
    </Notice>
  );
}

/** What the owner said, or where it is written down. */
function Said({ job, quote, today }: { job: string; quote: QuoteShown; today: string }) {
  const { send, busy } = useOffers(job);
  const { offer, answer, answeredBy, answeredWhere, answeredOn, seen } = quote;
  if (answer !== 'open')
    return (
      <p className="pb-2">
        <span className="font-semibold">{answer === 'accepted' ? 'Accepted' : 'Refused'}</span> by{' '}
        {answeredBy}, {answeredWhere}
        {answeredOn && `, on ${date(answeredOn)}`}.
      </p>
    );
  return (
    <EntryForm
      deed="answer-quote"
      label={`Answer to quote ${offer.number}`}
      className="flex flex-wrap items-end gap-2 pb-2"
      start={{ answer: 'accepted', by: '', where: '', on: today }}
      send={(said) => send(`/${offer.number}/answer`, { ...said, seen })}
    >
      {(form) => (
        <>
          <Pick
            form={form}
            name="answer"
            label="What was said"
            options={[
              { value: 'accepted', text: 'accepted' },
              { value: 'refused', text: 'refused' },
            ]}
          />
          <Line form={form} name="by" label="By whom" placeholder="by whom" maxLength={80} required />
          <Line
            form={form}
            name="where"
            label="Where it was said"
            placeholder="where"
            maxLength={80}
            required
          />
          <Line form={form} name="on" type="date" label="On which day" required />
          <Button type="submit" disabled={busy}>
            Write it down
          </Button>
        </>
      )}
    </EntryForm>
  );
}

/** What this version changes, and why. */
function Changed({
  quote,
  change,
  locale,
}: {
  quote: QuoteShown;
  change: NonNullable<QuoteShown['change']>;
  locale: Locale;
}) {
  const cost = (minor: number | null) => (minor === null ? '–' : money(minor, locale, 2));
  return (
    <section aria-label={`What quote ${quote.offer.number} changes`} className="pb-3">
      <h3 className="font-semibold">
        Against quote {quote.offer.number - 1}: {change.grossMinor >= 0 ? '+' : '−'}
        {money(Math.abs(change.grossMinor), locale, 2)} to pay
      </h3>
      {change.why.map((one) => (
        <p key={one.id}>
          {one.what}
          {one.agreedBy !== '' && `, agreed by ${one.agreedBy}`}
        </p>
      ))}
      {change.lines.length > 0 && (
        <Table
          caption="Changed lines"
          head={['Line', { text: 'Before', right: true }, { text: 'Now', right: true }]}
        >
          {change.lines.slice(0, 12).map((one) => (
            <tr key={one.key} className="border-b border-line tabular-nums">
              <td className="py-[2px]">
                {lineKindNames[one.line.kind]}: {lineText(one.line)}
              </td>
              <td className="pr-3 text-right">{cost(one.beforeMinor)}</td>
              <td className="text-right">{cost(one.afterMinor)}</td>
            </tr>
          ))}
        </Table>
      )}
    </section>
  );
}

/** Which payments of the accepted quote are due. */
function Due({
  job,
  accepted,
  locale,
}: {
  job: string;
  accepted: NonNullable<QuotesProps['accepted']>;
  locale: Locale;
}) {
  return (
    <section aria-label="Payments" className="pb-3">
      <h3 className="font-semibold">Payments today</h3>
      <Table caption="Payments today" head={['', { text: 'Sum', right: true }, 'Due']}>
        {accepted.stages.map((stage) => (
          <tr key={stage.state} className="border-b border-line tabular-nums">
            <td className="py-[2px]">{stageNames[stage.state]}</td>
            <td className="pr-3 text-right">{money(stage.grossMinor, locale, 2)}</td>
            <td className={stage.isReached ? 'font-semibold' : 'text-quiet'}>
              {stage.isReached ? 'due' : 'not yet'}
            </td>
          </tr>
        ))}
      </Table>
      <a className="underline" href={`/api/jobs/${job}/offers/${accepted.number}/stages`} download>
        For the accounts, as CSV
      </a>
    </section>
  );
}
