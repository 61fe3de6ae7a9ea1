import Link from 'next/link';
import { Swatch } from '@/ui/swatch';
import { Table } from '@/ui/layout';
import { date, hours, money, moment } from '../words/format';
import { RangeOf } from './ranges';
import { NetThumbnail } from '../frame/net-thumbnail';
import type { YardRow } from './yard-row';

const stateWords = { surveyed: 'surveyed', planned: 'planned', running: 'in work', finished: 'finished' };

function Share({ used, planned, cap, text }: { used: number; planned: number; cap: number; text: string }) {
  const over = cap > 0 && planned > cap;
  return (
    <td className="py-2 pr-3 text-right align-top">
      <span className={`whitespace-nowrap ${over ? 'font-semibold' : ''}`}>{text}</span>
      <svg
        viewBox="0 0 90 6"
        className="mt-1 ml-auto block h-[6px] w-[90px]"
        preserveAspectRatio="none"
        aria-hidden="true"
      >
        <rect width="90" height="6" fill="currentColor" opacity=".15" />
        <rect
          width={90 * Math.min(1, planned / Math.max(cap, planned, 1))}
          height="6"
          fill="url(#hatch-planned)"
        />
        <rect width={90 * Math.min(1, used / Math.max(cap, planned, 1))} height="6" fill="currentColor" />
      </svg>
      {over && <span className="text-small text-caution">over cap</span>}
    </td>
  );
}

/** The object as it looks today; its colours where it has no panels. */
function SmallNet({ row }: { row: YardRow }) {
  if (!row.thumbnail) return <Swatch colours={row.swatch} label={`colours of ${row.number}`} />;
  return (
    <NetThumbnail
      thumbnail={row.thumbnail}
      label={`${row.number} as it looks today`}
      className="h-[68px] w-[104px] shrink-0"
    />
  );
}

/** Every job that stands here: state, what is next, what is at risk. */
export function YardTable({ rows }: { rows: readonly YardRow[] }) {
  return (
    <Table
      caption="Jobs in the yard"
      head={[
        'Job',
        'State',
        'Next',
        { text: 'Hours', right: true },
        { text: 'Materials', right: true },
        { text: 'Booth h', right: true },
        'Promised',
        'Ends',
        'At risk',
      ]}
    >
      {rows.map((row) => (
        <tr key={row.number} className="border-b border-line">
          <td className="py-2 pr-3 align-top">
            <Link href={`/jobs/${row.number}/walkaround`} className="flex items-start gap-2" prefetch={false}>
              <SmallNet row={row} />
              <span>
                <span className="block font-semibold underline-offset-2 hover:underline">
                  {row.number} {row.name}
                </span>
                <span className="block text-small text-quiet">
                  {row.kindName}, {row.length.toFixed(1)} m · {row.level}
                </span>
              </span>
            </Link>
          </td>
          <td className="py-2 pr-3 align-top">
            {stateWords[row.state]}
            <span className="block text-small text-quiet">{row.doneShare}</span>
          </td>
          <td className="max-w-52 py-2 pr-3 align-top">
            {row.next ? (
              <>
                <span className="line-clamp-2">{row.next.name}</span>
                <span className="block text-small text-quiet">
                  {row.next.running ? 'since ' : ''}
                  {moment(row.next.start, row.locale)}
                </span>
              </>
            ) : (
              <span className="text-quiet">nothing left</span>
            )}
          </td>
          <Share
            {...row.budgets.labourMin}
            text={`${hours(row.budgets.labourMin.used)} / ${hours(row.budgets.labourMin.planned)}`}
          />
          <Share
            {...row.budgets.materialsMinor}
            text={`${money(row.budgets.materialsMinor.used, row.locale)} / ${money(row.budgets.materialsMinor.planned, row.locale)}`}
          />
          <Share
            {...row.budgets.boothMin}
            text={`${hours(row.budgets.boothMin.used)} / ${hours(row.budgets.boothMin.planned)}`}
          />
          <td className="py-2 pr-3 align-top whitespace-nowrap">{date(row.promised)}</td>
          <td className="py-2 pr-3 align-top whitespace-nowrap">
            {row.finishDate ? date(row.finishDate) : '–'}
            {row.lateDays > 0 && (
              <span className="block text-small font-semibold text-stop">{row.lateDays} d late</span>
            )}
            <RangeOf job={row.number} />
          </td>
          <td className="max-w-64 py-2 align-top">
            {row.risk ? (
              <span>
                <span className={`font-semibold ${row.risk.grade === 'stop' ? 'text-stop' : 'text-caution'}`}>
                  {row.risk.grade === 'stop' ? 'Stop: ' : 'Caution: '}
                </span>
                {row.risk.text}
                {row.moreRisks > 0 && <span className="text-quiet"> and {row.moreRisks} more</span>}
              </span>
            ) : (
              <span className="text-quiet">nothing</span>
            )}
          </td>
        </tr>
      ))}
    </Table>
  );
}
