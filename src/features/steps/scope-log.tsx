'use client';

import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { EntryForm, Figure, Line, useSent } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import { date, money } from '../words/format';
import type { StepsRoomProps } from './steps-props';
import { useOpen } from '../frame/who';

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
  const send = useSent();
  return (
    <EntryForm
      deed="add-scope"
      label="Change of scope"
      className="flex flex-wrap gap-2 pb-3"
      start={{ what: '', hours: '', money: '', days: '', agreedBy: '' }}
      send={({ what, hours, money: asked, days, agreedBy }) =>
        send({
          kind: 'add-scope',
          job,
          change: {
            what,
            agreedBy,
            hours: typedFigure(hours || '0'),
            moneyMinor: Math.round(typedFigure(asked || '0') * 100),
            days: typedFigure(days || '0'),
          },
        })
      }
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="what"
            label="What is added or dropped"
            placeholder="what is added or dropped"
            className="w-72"
            maxLength={200}
            required
          />
          <Figure form={form} name="hours" label="Hours more" placeholder="hours" className="w-20" />
          <Figure
            form={form}
            name="money"
            label={`Money more, ${locale.currency}`}
            placeholder={locale.currency}
            className="w-24"
          />
          <Figure form={form} name="days" label="Days more" placeholder="days" className="w-16" whole />
          <Line
            form={form}
            name="agreedBy"
            label="Who agreed"
            placeholder="who agreed"
            className="w-36"
            maxLength={80}
            required
          />
          <Button type="submit">Add</Button>
        </>
      )}
    </EntryForm>
  );
}

function Changes({ job, scope, locale }: Pick<StepsRoomProps, 'job' | 'scope' | 'locale'>) {
  const { save } = useSaving();
  const live = useOpen('remove-scope');
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
