'use client';

import type { Repair } from '@/core/film';
import { Button } from '@/ui/button';
import { Table } from '@/ui/layout';
import { useAnswer } from '../frame/asking';
import { usePlanHash } from '../frame/plan-hash';
import { useSaving } from '../frame/saving';
import { date, hours, money, type Locale } from '../words/format';
import type { SectionSeen } from './film-props';

interface SystemRow {
  system: string;
  name: string;
  why: string;
  labourMin: number;
  materialsMinor: number;
  boothMin: number;
  passes: number;
  finishDate: string | null;
  lateDays: number;
  forgiveness: number;
  repair: Repair;
  fits: boolean;
}

const reach: Record<Repair, string> = { spot: 'spot', panel: 'panel', whole: 'whole' };

/** The coat systems this section could have, each through the whole plan from the start, side by side. */
export function SystemCompare({
  job,
  section,
  locale,
}: {
  job: string;
  section: SectionSeen;
  locale: Locale;
}) {
  const { save } = useSaving();
  const planHash = usePlanHash();
  const question = useAnswer<{ systems: SystemRow[] }>(
    `/api/jobs/${job}/systems?section=${encodeURIComponent(section.key)}`,
    [section.system, planHash],
  );
  if (question.isPending) return <p className="py-4 text-quiet">Planning the whole job in each system …</p>;
  if (question.isError)
    return <p className="py-4 text-quiet">The systems could not be planned; choose the section again.</p>;
  const choose = (system: string) =>
    void save({ kind: 'section', job, section: section.key, seen: section.seen, set: { system, coats: {} } });
  return (
    <>
      <p className="pb-2 text-quiet">
        The whole job with {section.name} in each system, from the start. Forgiveness: 5 forgives a slip, 1
        does not.
      </p>
      <Table
        caption={`Coat systems for ${section.name}`}
        head={[
          'System',
          { text: 'Hours', right: true },
          { text: 'Materials', right: true },
          { text: 'Booth h', right: true },
          { text: 'Passes', right: true },
          'Finish',
          { text: 'Forgives', right: true },
          'Mended by',
          '',
        ]}
      >
        {question.data.systems.map((row) => {
          const chosen = row.system === section.system;
          return (
            <tr key={row.system} className="border-b border-line align-top">
              <td className="max-w-72 py-1 pr-3">
                <span className="font-semibold">{row.name}</span>
                {!row.fits && <span className="text-caution"> not made for {section.substrate}</span>}
                <span className="block text-small text-quiet">{row.why}</span>
              </td>
              <td className="py-1 pr-3 text-right tabular-nums">{hours(row.labourMin)}</td>
              <td className="py-1 pr-3 text-right tabular-nums">{money(row.materialsMinor, locale)}</td>
              <td className="py-1 pr-3 text-right tabular-nums">{hours(row.boothMin)}</td>
              <td className="py-1 pr-3 text-right tabular-nums">{row.passes}</td>
              <td className="py-1 pr-3 whitespace-nowrap">
                {row.finishDate ? date(row.finishDate) : '–'}
                {row.lateDays > 0 && <span className="text-stop"> {row.lateDays} d late</span>}
              </td>
              <td className="py-1 pr-3 text-right tabular-nums">{row.forgiveness}</td>
              <td className="py-1 pr-3">{reach[row.repair]}</td>
              <td className="py-1 text-right">
                {chosen ? (
                  <span className="font-semibold">chosen</span>
                ) : (
                  <Button onClick={() => choose(row.system)}>Choose</Button>
                )}
              </td>
            </tr>
          );
        })}
      </Table>
    </>
  );
}
