import type { BoothWeek } from '@/core/readings/booth-hours';
import { Empty, Table } from '@/ui/layout';
import { day, hours, money, type Locale } from '../words/format';

const figure = (text: string) => ({ text, right: true });

/** What is done with the booth's opening hours week by week, over all jobs, and what the empty ones cost. */
export function BoothHours({
  weeks,
  placeOf,
  locale,
}: {
  weeks: readonly BoothWeek[];
  placeOf(id: string): string;
  locale: Locale;
}) {
  if (weeks.length === 0) return <Empty>The shop has no booth of its own.</Empty>;
  return (
    <>
      <Table
        caption="Hours of the booth by week"
        head={[
          'Week from',
          'Booth',
          figure('Open'),
          figure('At work'),
          figure('Held, nobody in it'),
          figure('Empty'),
          figure('Empty hours cost'),
        ]}
      >
        {weeks.map((week) => (
          <tr key={`${week.place}${week.from}`} className="border-b border-line">
            <td className="py-[3px] pr-3 whitespace-nowrap">{day(week.from, locale)}</td>
            <td className="pr-3">{placeOf(week.place)}</td>
            {week.openMin === 0 ? (
              <td colSpan={5} className="pr-3 text-right text-quiet">
                closed
              </td>
            ) : (
              <>
                <td className="pr-3 text-right tabular-nums">{hours(week.openMin)} h</td>
                <td className="pr-3 text-right tabular-nums">{hours(week.workedMin)} h</td>
                <td className="pr-3 text-right tabular-nums">{hours(week.heldMin)} h</td>
                <td className="pr-3 text-right tabular-nums">{hours(week.emptyMin)} h</td>
                <td className="pr-3 text-right tabular-nums">{money(week.emptyMinor, locale)}</td>
              </>
            )}
          </tr>
        ))}
      </Table>
      <p className="pt-1 text-small text-quiet">
        All jobs as they are agreed, this one as it is planned; opening hours only, at the booth rate of the
        shop.
      </p>
    </>
  );
}
