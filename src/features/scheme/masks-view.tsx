import { Printer } from 'lucide-react';
import Link from 'next/link';
import type { RemaskWhy } from '@/core/readings/mask-sheets';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { counted } from '../words/counted';
import { amount, day, hours, moment, type Locale } from '../words/format';
import type { MaskRow, MasksProps } from './masks-props';

/** Every mask with its tape, what lies beneath it and the tab it is pulled by; then the order of pulling, and the rolls. */
export function MasksView({ job, rows, pulls, rolls, taken, locale }: MasksProps) {
  if (rows.length === 0) return <Empty>Nothing of this job is masked yet: it has no coats to spray.</Empty>;
  return (
    <>
      <div className="flex items-baseline gap-3 pt-2 pb-1">
        <h2 className="font-semibold">Masks of {job}, as they are laid</h2>
        <span className="text-quiet">the tab is written on the end of the tape that comes off first</span>
        <Button className="no-print ml-auto" onClick={() => window.print()}>
          <Printer size={14} aria-hidden="true" className="mr-1 inline" />
          Print
        </Button>
      </div>
      <Table
        caption="Masks"
        head={[
          { text: 'Tab', width: '3rem' },
          { text: 'Laid', width: '7rem' },
          'Mask',
          'Beneath it, and when it comes free',
          { text: 'Tape and film', width: '11rem' },
          { text: 'Off at the latest', width: '7rem' },
        ]}
      >
        {rows.map((row) => (
          <Row key={row.step} job={job} row={row} locale={locale} />
        ))}
      </Table>
      <div className="grid grid-cols-2 gap-8 pt-5 max-lg:grid-cols-1">
        <Pulls pulls={pulls} locale={locale} />
        <Rolls rolls={rolls} />
        {taken.length > 0 && <Taken taken={taken} />}
      </div>
    </>
  );
}

function Row({ job, row, locale }: { job: string; row: MaskRow; locale: Locale }) {
  return (
    <tr className="border-b border-line align-top tabular-nums">
      <th scope="row" className="py-1 pr-3 text-left font-semibold">
        {row.tab}
      </th>
      <td className="py-1 pr-3">
        {row.ahead ? '' : 'laid '}
        {moment(row.start, locale)}
      </td>
      <td className="py-1 pr-3">
        <Link className="underline" href={`/jobs/${job}/steps#${encodeURIComponent(row.step)}`}>
          {row.name}
        </Link>
        , {row.subject}
        {row.remask.map((why) => (
          <span key={why.code} className="block text-caution">
            {remaskWords(why, locale)}
          </span>
        ))}
      </td>
      <td className="py-1 pr-3">
        {row.over.length === 0 && <span className="text-quiet">glass, trim and openings</span>}
        {row.over.map(({ names, pulledAt }) => (
          <span key={names} className="block">
            {names}, {pulledAt === null ? 'nothing pulls it yet' : moment(pulledAt, locale)}
          </span>
        ))}
      </td>
      <td className="py-1 pr-3">
        {row.uses.map((use) => (
          <span key={use.product} className="block">
            {amount(use.amount, use.unit)} {use.name}
          </span>
        ))}
      </td>
      <td className="py-1 whitespace-nowrap">{day(row.pullBy, locale)}</td>
    </tr>
  );
}

function remaskWords(why: RemaskWhy, locale: Locale): string {
  switch (why.code) {
    case 'dust':
      return `Change the film before the next coat: “${why.step}” makes dust on it on ${day(why.at, locale)}.`;
    case 'rating':
      return `It stays ${counted(why.days, 'day')}; this tape comes off cleanly for ${why.ratedDays}. Lay it again, or take a longer-rated tape.`;
  }
}

function Pulls({ pulls, locale }: Pick<MasksProps, 'pulls' | 'locale'>) {
  return (
    <section aria-label="Order of pulling">
      <h2 className="pb-1 font-semibold">Order of pulling</h2>
      <Table
        caption="Order of pulling"
        head={[{ text: 'When', width: '9rem' }, 'Tabs, first to last', 'Step']}
      >
        {pulls.map((pull) => (
          <tr key={pull.step} className="border-b border-line align-top tabular-nums">
            <td className="py-1 pr-3 whitespace-nowrap">{moment(pull.at, locale)}</td>
            <td className="py-1 pr-3 font-semibold">{pull.tabs.join(', ')}</td>
            <td className="py-1 pr-3">{pull.name}</td>
          </tr>
        ))}
      </Table>
      <p className="pt-1 text-quiet">
        Fold the tape back on itself and pull low, away from the fresh edge. Torn or wetted film is changed
        before the next coat, whatever the day.
      </p>
    </section>
  );
}

function Rolls({ rolls }: Pick<MasksProps, 'rolls'>) {
  return (
    <section aria-label="Rolls for the masks ahead">
      <h2 className="pb-1 font-semibold">Rolls for the masks ahead</h2>
      {rolls.length === 0 ? (
        <p className="text-quiet">Every mask of this job has been laid.</p>
      ) : (
        <Table
          caption="Rolls for the masks ahead"
          head={['Tape, film', { text: 'Needed', right: true }, { text: 'Rolls', right: true }]}
        >
          {rolls.map((line) => (
            <tr key={line.product} className="border-b border-line tabular-nums">
              <td className="py-1 pr-3">{line.name}</td>
              <td className="py-1 pr-3 text-right">{amount(line.amount, line.unit)}</td>
              <td className="py-1 text-right">
                {line.rolls} of {amount(line.rollSize, line.unit)}
              </td>
            </tr>
          ))}
        </Table>
      )}
    </section>
  );
}

function Taken({ taken }: Pick<MasksProps, 'taken'>) {
  return (
    <section aria-label="Masking done">
      <h2 className="pb-1 font-semibold">Masking done, against the rates</h2>
      <Table
        caption="Masking done, against the rates"
        head={[
          'Masking',
          { text: 'By the rates', right: true },
          { text: 'By the log', right: true },
          { text: 'Ratio', right: true },
        ]}
      >
        {taken.map(({ operation, name, plannedMin, takenMin }) => (
          <tr key={operation} className="border-b border-line tabular-nums">
            <td className="py-1 pr-3">{name}</td>
            <td className="py-1 pr-3 text-right">{workText(plannedMin)}</td>
            <td className="py-1 pr-3 text-right">{workText(takenMin)}</td>
            <td className="py-1 text-right">{(takenMin / plannedMin).toFixed(2)}</td>
          </tr>
        ))}
      </Table>
    </section>
  );
}

/** Work of less than an hour in minutes. */
const workText = (minutes: number): string =>
  minutes < 60 ? `${Math.round(minutes)} min` : `${hours(minutes)} h`;
