import { Table } from '@/ui/layout';
import { hours } from '../words/format';
import { phaseName } from '../words/phase-names';
import type { QuotesProps } from './quotes-props';

/** What the job that this one was made after really took, beside what this one is planned with. */
export function AgainstLast({ last }: { last: NonNullable<QuotesProps['last']> }) {
  return (
    <details className="pb-2">
      <summary className="cursor-pointer">
        What {last.job} took{last.isFinished ? '' : ' so far'}
      </summary>
      <Table
        caption={`What ${last.job} took`}
        head={[
          'Hours',
          { text: 'Planned here', right: true },
          { text: `${last.job} took`, right: true },
          { text: 'For as much area', right: true },
          { text: 'Planned less', right: true },
        ]}
      >
        {last.rows.map((one) => (
          <tr key={one.phase} className="border-b border-line tabular-nums">
            <td className="py-[2px]">{phaseName(one.phase)}</td>
            <td className="pr-3 text-right">{hours(one.plannedMin)}</td>
            <td className="pr-3 text-right">{hours(one.tookMin)}</td>
            <td className="pr-3 text-right">{hours(one.scaledMin)}</td>
            <td
              className={`text-right ${one.scaledMin > one.plannedMin ? 'font-semibold text-caution' : ''}`}
            >
              {hours(one.scaledMin - one.plannedMin)}
            </td>
          </tr>
        ))}
      </Table>
    </details>
  );
}
