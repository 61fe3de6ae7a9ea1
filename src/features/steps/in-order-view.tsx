'use client';

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

/** Whether the plan is in order: every law of the work it breaks, where and by how much, and where that is mended. */
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
  if (!data) return <Empty>Holding the plan against the laws of the work …</Empty>;
  if (data.findings.length === 0)
    return (
      <Notice grade="released">
        In order: {data.laws} laws of the work were held against every surface, and none is broken.
      </Notice>
    );
  return (
    <>
      <p className="pb-2 text-quiet">
        Surfaces, covers and films of the plan as it stands, held against {data.laws} laws of the work. What
        is done or insisted on is told too.
      </p>
      <Table caption="What is not in order" head={['When', 'Law', 'What is wrong', 'Panels', 'Mended in']}>
        {gathered(data.findings).map(({ finding, surfaces }) => (
          <tr key={`${finding.law}${finding.breach}${finding.steps.join()}`} className="border-b border-line">
            <td className="py-[3px] pr-3 align-top whitespace-nowrap">{moment(finding.at, locale)}</td>
            <td className="py-[3px] pr-3 align-top">{lawWords[finding.law]}</td>
            <td className="py-[3px] pr-3 align-top">
              {findingSentence(finding, stepName)}
              {finding.insisted && <span className="block text-small text-caution">insisted on</span>}
            </td>
            <td className="py-[3px] pr-3 align-top">{panelsOf(surfaces)}</td>
            <td className="py-[3px] align-top">{stationWords[finding.station]}</td>
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
