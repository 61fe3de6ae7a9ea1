'use client';

import type { PlanFigures } from '@/core/changes';
import type { SchoolKey } from '@/core/record';
import { useAnswer } from '../frame/asking';
import { date, hours, money, type Locale } from '../words/format';
import { counted } from '../words/counted';

interface OptionRow extends PlanFigures {
  option: string;
}

const signed = (text: string, value: number) => `${value > 0 ? '+' : value < 0 ? '−' : '±'}${text}`;

/** Each option of a school through the whole plan, beside the one that is followed. */
export function SchoolCost({
  job,
  section,
  school,
  followed,
  nameOf,
  stamp,
  locale,
}: {
  job: string;
  section: string | null;
  school: SchoolKey;
  followed: string | null;
  nameOf(option: string): string;
  /** Changes when the schools do, so that the figures are asked for again. */
  stamp: string;
  locale: Locale;
}) {
  const query = `school=${school}${section === null ? '' : `&section=${encodeURIComponent(section)}`}`;
  const question = useAnswer<{ options: OptionRow[] }>(`/api/jobs/${job}/schools?${query}`, [stamp]);
  if (question.isPending) return <p className="text-quiet">Planning the whole job each way …</p>;
  if (question.isError) return <p className="text-quiet">The ways could not be planned.</p>;
  const rows = question.data.options;
  const base = rows.find((row) => row.option === followed);
  return (
    <table className="w-full text-small tabular-nums">
      <caption className="sr-only">Cost of each way</caption>
      <tbody>
        {rows.map((row) => (
          <tr key={row.option} className={row.option === followed ? 'font-semibold' : ''}>
            <td className="pr-2">{nameOf(row.option)}</td>
            <td className="pr-2 text-right whitespace-nowrap">
              {base && base !== row
                ? signed(hours(Math.abs(row.labourMin - base.labourMin)), row.labourMin - base.labourMin)
                : hours(row.labourMin)}{' '}
              h
            </td>
            <td className="pr-2 text-right whitespace-nowrap">
              {base && base !== row
                ? signed(
                    money(Math.abs(row.materialsMinor - base.materialsMinor), locale),
                    row.materialsMinor - base.materialsMinor,
                  )
                : money(row.materialsMinor, locale)}
            </td>
            <td className="pr-2 text-right whitespace-nowrap">{counted(row.passes, 'pass')}</td>
            <td className="text-right whitespace-nowrap">
              {row.finishDate ? date(row.finishDate) : '–'}
              {row.lateDays > 0 && <span className="text-stop"> {row.lateDays} d late</span>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
