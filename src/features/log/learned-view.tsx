'use client';

import type { LearnedRow } from '@/core/log';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { useSaving } from '../frame/saving';
import { hours } from '../words/format';
import { useOpen } from '../frame/who';

const least = 0.005;
const z80 = 1.2816;

/** What the log of all jobs says of the shop's own pace, operation by operation; nothing counts until it is accepted. */
export function LearnedView({ rows }: { rows: readonly LearnedRow[] }) {
  const { save } = useSaving();
  const live = useOpen('learned');
  if (rows.length === 0) return <Empty>No finished step yet: there is nothing to learn from.</Empty>;
  const accept = (row: LearnedRow, factor: number | null) =>
    void save({ kind: 'learned', operation: row.operation, seen: row.seen, factor });
  return (
    <>
      <p className="max-w-prose pb-2 text-quiet">
        Worked over planned of finished steps in all jobs, drawn towards 1 while there are few days behind it.
        The shop’s true factor lies within the range eight times in ten. Rates keep their figures; the factor
        multiplies them. Hours ahead are those still planned by rate in all jobs, now and with what the log
        says.
      </p>
      <Table
        caption="Learned factors"
        head={[
          'Operation',
          { text: 'Jobs', right: true },
          { text: 'Days', right: true },
          { text: 'Worked h', right: true },
          { text: 'By rate h', right: true },
          { text: 'Goes by', right: true },
          { text: 'Log says', right: true },
          { text: 'Range', right: true },
          { text: 'Hours ahead', right: true },
          '',
        ]}
      >
        {rows.map((row) => {
          const same = Math.abs(row.factor - row.accepted) < least;
          const range = (sign: number) => (row.factor * Math.exp(sign * z80 * row.spread)).toFixed(2);
          return (
            <tr key={row.operation} className="border-b border-line">
              <td className="py-1 pr-3">{row.name}</td>
              <td className="pr-3 text-right tabular-nums">{row.jobs}</td>
              <td className="pr-3 text-right tabular-nums">{row.days}</td>
              <td className="pr-3 text-right tabular-nums">{hours(row.actualMin)}</td>
              <td className="pr-3 text-right tabular-nums">{hours(row.plannedMin)}</td>
              <td className="pr-3 text-right tabular-nums">{row.accepted.toFixed(2)}</td>
              <td className="pr-3 text-right font-semibold tabular-nums">{row.factor.toFixed(2)}</td>
              <td className="pr-3 text-right text-quiet whitespace-nowrap tabular-nums">
                {range(-1)} to {range(1)}
              </td>
              <td className="pr-3 text-right whitespace-nowrap tabular-nums">
                {row.aheadMin === 0
                  ? '–'
                  : same
                    ? hours(row.aheadMin)
                    : `${hours(row.aheadMin)} → ${hours(row.thenMin)}`}
              </td>
              <td className="py-[2px] text-right whitespace-nowrap">
                {!same && (
                  <Button
                    disabled={!live}
                    onClick={() => accept(row, Math.round(row.factor * 1000) / 1000)}
                    aria-label={`Accept ${row.factor.toFixed(2)} for ${row.name}`}
                  >
                    Accept
                  </Button>
                )}{' '}
                {row.seen !== null && (
                  <button
                    type="button"
                    className="underline"
                    disabled={!live}
                    aria-label={`Return ${row.name} to the rate alone`}
                    onClick={() => accept(row, null)}
                  >
                    rate alone
                  </button>
                )}
              </td>
            </tr>
          );
        })}
      </Table>
    </>
  );
}
