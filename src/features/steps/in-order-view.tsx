'use client';

import Link from 'next/link';
import type { Finding } from '@/core/audit';
import { Empty, Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { refusalOf, useAnswer } from '../frame/asking';
import { usePlanHash } from '../frame/plan-hash';
import { findingSentence, lawWords, stationWords } from '../words/finding-words';
import { moment, type Locale } from '../words/format';

interface Answer {
  findings: Finding[];
  laws: number;
}

/** Whether the plan is in order: every law of the work it breaks, where and by how much, and where to fix it. */
export function InOrderView({
  job,
  stepName,
  locale,
}: {
  job: string;
  stepName(key: string): string;
  locale: Locale;
}) {
  const planHash = usePlanHash();
  const { data, error } = useAnswer<Answer>(`/api/jobs/${job}/in-order`, [planHash]);
  if (error) return <Notice grade="stop">{refusalOf(error)}</Notice>;
  if (!data) return <Empty>Checking the plan against the laws of the work …</Empty>;
  if (data.laws === 0) return <Empty>There is no work to check yet.</Empty>;
  if (data.findings.length === 0)
    return (
      <Notice grade="released">{data.laws} laws of the work checked on every surface, no findings.</Notice>
    );
  return (
    <>
      <p className="pb-2 text-quiet">
        {data.laws} laws of the work checked on every surface of this plan. Finished work and overrides are
        listed too.
      </p>
      <Table caption="Findings" head={['When', 'Law', 'Finding', 'Panels', 'Fix in']}>
        {gathered(data.findings).map(({ finding, surfaces }) => (
          <tr key={`${finding.law}${finding.breach}${finding.steps.join()}`} className="border-b border-line">
            <td className="py-[3px] pr-3 align-top whitespace-nowrap">{moment(finding.at, locale)}</td>
            <td className="py-[3px] pr-3 align-top">{lawWords[finding.law]}</td>
            <td className="py-[3px] pr-3 align-top">
              {findingSentence(finding, stepName)}
              {finding.insisted && <span className="block text-small text-caution">overridden by hand</span>}
            </td>
            <td className="py-[3px] pr-3 align-top">{panelsOf(surfaces)}</td>
            <td className="py-[3px] align-top">
              <Link href={`/jobs/${job}/${finding.station}`} className="underline underline-offset-2">
                {stationWords[finding.station]}
              </Link>
            </td>
          </tr>
        ))}
      </Table>
    </>
  );
}

/** One line for the same breach between the same steps, with all the surfaces it is about. */
function gathered(findings: readonly Finding[]): { finding: Finding; surfaces: string[] }[] {
  const lines = new Map<string, { finding: Finding; surfaces: string[] }>();
  for (const finding of findings) {
    const key = `${finding.law}${finding.breach}${finding.steps.join()}`;
    const line = lines.get(key);
    if (line) line.surfaces.push(...finding.surfaces);
    else lines.set(key, { finding, surfaces: [...finding.surfaces] });
  }
  return [...lines.values()];
}

const mostNamed = 6;

function panelsOf(surfaces: readonly string[]): string {
  const panels = [...new Set(surfaces.map((surface) => surface.replace(/\.\w+$/, '')))];
  return panels.length > mostNamed
    ? `${panels.slice(0, mostNamed).join(', ')} and ${panels.length - mostNamed} more`
    : panels.join(', ');
}
