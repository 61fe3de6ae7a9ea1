import { Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { counted, firstTwo } from '../words/counted';
import { hours, money } from '../words/format';
import type { LogProps } from './log-props';
import type { SumRow } from './sums-shown';

/** Running totals: by phase against the plan, by month, by person, and what was done again by its cause. */
export function TimeView({
  sums,
  unrecorded,
  rateMinorPerHour,
  locale,
}: Pick<LogProps, 'sums' | 'unrecorded' | 'rateMinorPerHour' | 'locale'>) {
  const cost = (minutes: number) => money(Math.round((minutes / 60) * rateMinorPerHour), locale);
  return (
    <div className="flex flex-col gap-5">
      <p className="text-title tabular-nums">
        {hours(sums.all.firstMin)} h worked
        {sums.all.redoMin > 0 && (
          <span className="text-caution">
            {' '}
            and {hours(sums.all.redoMin)} h done again, {cost(sums.all.redoMin)}
          </span>
        )}
      </p>
      <Gaps {...unrecorded} />
      <Sums title="By phase" rows={sums.phases} planned />
      <Sums title="By month" rows={sums.months} />
      {sums.people.length > 0 && <Sums title="By person" rows={sums.people} />}
      {sums.causes.length > 0 && (
        <section>
          <h2 className="pb-1 font-semibold">Done again, by cause</h2>
          <Table
            caption="Rework by cause"
            head={['Cause', { text: 'Hours', right: true }, { text: 'Cost', right: true }]}
          >
            {sums.causes.map(([cause, minutes]) => (
              <tr key={cause} className="border-b border-line">
                <td className="py-1 pr-3">{cause}</td>
                <td className="pr-3 text-right tabular-nums">{hours(minutes)}</td>
                <td className="text-right tabular-nums">{cost(minutes)}</td>
              </tr>
            ))}
          </Table>
        </section>
      )}
    </div>
  );
}

/** Work that was done and is in nobody's record. */
function Gaps({ implied, overtaken }: LogProps['unrecorded']) {
  const sum = (list: typeof implied) => hours(list.reduce((total, one) => total + one.plannedMin, 0));
  const named = (list: typeof implied) => firstTwo(list.map(({ name, subject }) => `${name}, ${subject}`));
  return (
    <>
      {overtaken.length > 0 && (
        <Notice grade="caution">
          Not recorded: {counted(overtaken.length, 'step')} of about {sum(overtaken)} h, in no sum here and
          not learned from ({named(overtaken)}). Work behind them has begun.
        </Notice>
      )}
      {implied.length > 0 && (
        <p className="text-quiet">
          In the sums as planned, since nobody recorded them: {counted(implied.length, 'step')} of{' '}
          {sum(implied)} h ({named(implied)}). They are not learned from.
        </p>
      )}
    </>
  );
}

function Sums({
  title,
  rows,
  planned = false,
}: {
  title: string;
  rows: readonly SumRow[];
  planned?: boolean;
}) {
  return (
    <section>
      <h2 className="pb-1 font-semibold">{title}</h2>
      <Table
        caption={title}
        head={[
          title.replace('By ', '').replace(/^./, (sign) => sign.toUpperCase()),
          { text: 'Hours', right: true },
          { text: 'Done again', right: true },
          ...(planned ? [{ text: 'Planned in all', right: true }] : []),
        ]}
      >
        {rows.map((row) => (
          <tr key={row.name} className="border-b border-line">
            <td className="py-1 pr-3">{row.name}</td>
            <td className="pr-3 text-right tabular-nums">{hours(row.firstMin)}</td>
            <td className="pr-3 text-right tabular-nums">{row.redoMin > 0 ? hours(row.redoMin) : '–'}</td>
            {planned && (
              <td className="pr-3 text-right text-quiet tabular-nums">{hours(row.plannedMin ?? 0)}</td>
            )}
          </tr>
        ))}
      </Table>
    </section>
  );
}
