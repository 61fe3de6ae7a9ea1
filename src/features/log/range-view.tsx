'use client';

import Link from 'next/link';
import { useState } from 'react';
import type { ForecastTold } from '@/core/forecast';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { useForecast } from '../frame/forecast';
import { eventWords, inTen, rangeWords } from '../words/forecast-words';
import { date, hours } from '../words/format';
import type { LogProps } from './log-props';
import { MovedChart, SpreadChart } from './range-charts';
import { RangeBudgets } from './range-budgets';

/** In which range the job ends, what moves it, what may go wrong on the way, and how the forecast has moved. */
export function RangeView(props: LogProps) {
  const { told, state } = useForecast();
  if (state === 'none') return <Empty>This job is finished: there is nothing left to forecast.</Empty>;
  if (state === 'failed' && !told)
    return <Empty>The range could not be drawn. It is tried again with the next change.</Empty>;
  if (!told) return <Empty>Drawing 400 courses of the whole shop …</Empty>;
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_minmax(0,26rem)] gap-6 overflow-auto max-lg:grid-cols-1">
      <div>
        <Finish {...props} told={told} stale={state !== 'current'} />
        <RangeBudgets {...props} told={told} />
        <Moved told={told} />
      </div>
      <div>
        <Drivers told={told} job={props.job} />
        <Wrong told={told} />
        <p className="pt-3 text-small text-quiet">
          Each draw goes through the whole shop: people and places take the work in the order of the plans,
          and a slip in one job reaches the next. The shop’s pace in an operation is drawn from what its log
          leaves open, each day of work varies for itself, and what goes wrong comes by its chance. Chances
          are Coatrel’s own working figures.
        </p>
      </div>
    </div>
  );
}

function Finish({
  told,
  stale,
  range: { promised, finishDate },
}: LogProps & { told: ForecastTold; stale: boolean }) {
  const [table, setTable] = useState(false);
  const drawn = told.job;
  return (
    <section aria-label="When it ends">
      <div className="flex items-baseline gap-3 pb-1">
        <h2 className="font-semibold">When it ends</h2>
        <span role="status" className="text-small text-quiet">
          {stale ? 'the plan has changed; drawing anew …' : ''}
        </span>
        <span className="ml-auto" />
        <Button aria-pressed={table} onClick={() => setTable(!table)}>
          {table ? 'Chart' : 'Table'}
        </Button>
      </div>
      <dl className="flex flex-wrap gap-x-5 gap-y-1 pb-1">
        {(
          [
            ['promised', date(promised), inTen(drawn.kept) + ' kept'],
            ['planned end', finishDate ? date(finishDate) : '–', ''],
            ['half by', date(drawn.finish.p50), 'P50'],
            ['eight in ten by', date(drawn.finish.p80), 'P80'],
            ['nineteen in twenty by', date(drawn.finish.p95), 'P95'],
          ] as const
        ).map(([name, value, beside]) => (
          <div key={name}>
            <dt className="text-small text-quiet">{name}</dt>
            <dd className="text-lead font-semibold whitespace-nowrap tabular-nums">
              {value} <span className="text-small font-normal text-quiet">{beside}</span>
            </dd>
          </div>
        ))}
      </dl>
      <p className="sr-only">{rangeWords(drawn)}</p>
      {table ? (
        <Table caption="Draws by day" head={['Ends on', { text: 'Draws', right: true }]}>
          {drawn.days.map((one) => (
            <tr key={one.date} className="border-b border-line tabular-nums">
              <td className="py-[2px]">{date(one.date)}</td>
              <td className="pr-3 text-right">{one.draws}</td>
            </tr>
          ))}
        </Table>
      ) : (
        <SpreadChart range={drawn} promised={promised} planned={finishDate} />
      )}
    </section>
  );
}

function Moved({ told: { days } }: { told: ForecastTold }) {
  if (days.length < 2)
    return (
      <p className="pt-3 text-small text-quiet">
        The range is kept once a day. How it moves is drawn here from the second day on.
      </p>
    );
  return (
    <section aria-label="How the forecast moved" className="pt-3">
      <h2 className="pb-1 font-semibold">How the forecast moved</h2>
      <MovedChart days={days} />
      <Table
        caption="Forecast by day"
        head={[
          'On',
          'Promised',
          'Planned end',
          'Half by',
          'Eight in ten by',
          'Kept',
          { text: 'Hours P80', right: true },
        ]}
      >
        {days.toReversed().map((one) => (
          <tr key={one.onDate} className="border-b border-line tabular-nums">
            <td className="py-[2px]">{date(one.onDate)}</td>
            <td>{date(one.promised)}</td>
            <td>{date(one.planned)}</td>
            <td>{date(one.p50)}</td>
            <td>{date(one.p80)}</td>
            <td>{inTen(one.kept)}</td>
            <td className="pr-3 text-right">{hours(one.p80LabourMin)}</td>
          </tr>
        ))}
      </Table>
    </section>
  );
}

function Drivers({ told, job }: { told: ForecastTold; job: string }) {
  const { drivers } = told.job;
  return (
    <section aria-label="What moves the end">
      <h2 className="font-semibold">What moves the end</h2>
      {drivers.length === 0 ? (
        <p className="text-quiet">No single step stands out.</p>
      ) : (
        <ol>
          {drivers.map((one) => (
            <li
              key={one.step}
              className="grid grid-cols-[minmax(0,1fr)_72px_40px] items-center gap-2 border-b border-line py-1"
            >
              <Link
                href={`/jobs/${job}/steps#${encodeURIComponent(one.step)}`}
                className="truncate underline"
              >
                {one.name}, {one.subject}
              </Link>
              <span className="h-2 bg-line" aria-hidden="true">
                <span className="block h-2 bg-ink" style={{ width: `${one.rho * 100}%` }} />
              </span>
              <span className="text-right tabular-nums" title="rank correlation of its minutes with the end">
                {one.rho.toFixed(2)}
              </span>
            </li>
          ))}
        </ol>
      )}
      <p className="pt-1 text-small text-quiet">
        How closely the end follows each step’s own minutes, from 0 to 1: where a helper or a spare day is
        worth most.
      </p>
    </section>
  );
}

function Wrong({ told }: { told: ForecastTold }) {
  const { windows } = told.job;
  return (
    <section aria-label="What may go wrong" className="pt-3">
      <h2 className="font-semibold">What may go wrong</h2>
      {windows.length > 0 && (
        <ul className="pb-1">
          {windows.map((one) => (
            <li key={`${one.opens} ${one.step}`} className="border-b border-line py-1">
              <strong>A window closes first: {inTen(one.missed)}</strong>
              <span className="block text-small text-quiet">
                from {one.opens} to {one.closes}
              </span>
            </li>
          ))}
        </ul>
      )}
      <ul>
        {told.events.map((one) => (
          <li key={one.code} className="flex justify-between gap-3 border-b border-line py-1">
            <span>{eventWords[one.code]}</span>
            <span className="whitespace-nowrap tabular-nums">{one.perDraw.toFixed(1)} a draw</span>
          </li>
        ))}
      </ul>
      <p className="pt-1 text-small text-quiet">How often each came in one draw of all open jobs.</p>
    </section>
  );
}
