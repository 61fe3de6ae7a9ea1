'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import { date, money } from '../words/format';
import type { StepsRoomProps } from './steps-props';

/** What was added to the job or taken from it since it was agreed: hours, money, days, and who agreed. */
export function ScopeLog(props: StepsRoomProps) {
  return (
    <>
      <NewChange job={props.job} locale={props.locale} />
      {props.scope.length === 0 ? (
        <Empty>The scope is as it was agreed at the start.</Empty>
      ) : (
        <Changes job={props.job} scope={props.scope} locale={props.locale} />
      )}
    </>
  );
}

function NewChange({ job, locale }: Pick<StepsRoomProps, 'job' | 'locale'>) {
  const { save } = useSaving();
  const live = useLive();
  const [fault, setFault] = useState<string | null>(null);
  const submit = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const text = (name: string) => String(given.get(name) ?? '').trim();
    const figure = (name: string) => Number(text(name).replace(',', '.') || '0');
    const wrong = ['hours', 'money', 'days'].find((name) => !Number.isFinite(figure(name)));
    if (wrong) return setFault(`${wrong} must be a figure.`);
    const outcome = await save({
      kind: 'add-scope',
      job,
      change: {
        what: text('what'),
        agreedBy: text('agreedBy'),
        hours: figure('hours'),
        moneyMinor: Math.round(figure('money') * 100),
        days: Math.round(figure('days')),
      },
    });
    setFault(refusalText(outcome));
    if (outcome.status === 'saved') form.reset();
  };
  return (
    <form
      aria-label="Change of scope"
      className="flex flex-wrap gap-2 pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(event.currentTarget);
      }}
    >
      <input
        name="what"
        aria-label="What is added or dropped"
        placeholder="what is added or dropped"
        className="w-72"
        maxLength={200}
        required
        disabled={!live}
      />
      <input
        name="hours"
        aria-label="Hours more"
        placeholder="hours"
        inputMode="decimal"
        className="w-20"
        disabled={!live}
      />
      <input
        name="money"
        aria-label={`Money more, ${locale.currency}`}
        placeholder={locale.currency}
        inputMode="decimal"
        className="w-24"
        disabled={!live}
      />
      <input
        name="days"
        aria-label="Days more"
        placeholder="days"
        inputMode="numeric"
        className="w-16"
        disabled={!live}
      />
      <input
        name="agreedBy"
        aria-label="Who agreed"
        placeholder="who agreed"
        className="w-36"
        maxLength={80}
        required
        disabled={!live}
      />
      <Button type="submit" disabled={!live}>
        Add
      </Button>
      {fault && (
        <p role="alert" className="w-full text-small text-stop">
          {fault}
        </p>
      )}
    </form>
  );
}

function Changes({ job, scope, locale }: Pick<StepsRoomProps, 'job' | 'scope' | 'locale'>) {
  const { save } = useSaving();
  const live = useLive();
  const sum = (pick: (one: (typeof scope)[number]) => number) =>
    scope.reduce((total, one) => total + pick(one), 0);
  return (
    <Table
      caption="Changes of scope"
      head={[
        'Day',
        'What',
        { text: 'Hours', right: true },
        { text: 'Money', right: true },
        { text: 'Days', right: true },
        'Agreed by',
        '',
      ]}
    >
      {scope.map((one) => (
        <tr key={one.id} className="border-b border-line">
          <td className="py-1 pr-3 whitespace-nowrap">{date(one.onDate)}</td>
          <td className="pr-3">{one.what}</td>
          <td className="pr-3 text-right tabular-nums">{one.hours}</td>
          <td className="pr-3 text-right tabular-nums">{money(one.moneyMinor, locale, 2)}</td>
          <td className="pr-3 text-right tabular-nums">{one.days}</td>
          <td className="pr-3">{one.agreedBy}</td>
          <td className="text-right">
            <button
              type="button"
              className="underline"
              disabled={!live}
              aria-label={`Remove: ${one.what}`}
              onClick={() => void save({ kind: 'remove-scope', job, id: one.id, seen: one.seen })}
            >
              remove
            </button>
          </td>
        </tr>
      ))}
      <tr className="font-semibold tabular-nums">
        <td />
        <td className="py-1">Together</td>
        <td className="pr-3 text-right">{sum((one) => one.hours)}</td>
        <td className="pr-3 text-right">
          {money(
            sum((one) => one.moneyMinor),
            locale,
            2,
          )}
        </td>
        <td className="pr-3 text-right">{sum((one) => one.days)}</td>
        <td colSpan={2} />
      </tr>
    </Table>
  );
}
