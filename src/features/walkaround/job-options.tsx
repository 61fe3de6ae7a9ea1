'use client';

import { useAnswer } from '../frame/asking';
import { usePlanHash } from '../frame/plan-hash';
import type { ReactNode } from 'react';
import type { OptionKey } from '@/core/survey';
import { Table } from '@/ui/layout';
import { date, hours, money, type Locale } from '../words/format';

/** What the server reckons for each option. */
interface CostedOption {
  option: OptionKey;
  labourMin: number;
  materialsMinor: number;
  boothMin: number;
  grossMinor: number;
  finishDate: string | null;
  lateDays: number;
  finish: { lowest: string; highest: string } | null;
  untested: number;
}

const names: Record<OptionKey, { name: string; what: string }> = {
  correct: { name: 'Correct what is there', what: 'the old finish stays everywhere and is polished' },
  partial: { name: 'Part repaint', what: 'only panels that ask for a sound layer or bare are refinished' },
  full: { name: 'Full repaint', what: 'every panel, as deep as its facts ask' },
};

/** Correct, part or full: the same job through the whole pipeline, side by side, before anything is booked. */
export function JobOptions({ job, locale }: { job: string; locale: Locale }) {
  const planHash = usePlanHash();
  const question = useAnswer<{ options: CostedOption[] }>(`/api/jobs/${job}/options`, [planHash]);
  if (question.isPending) return <p className="pt-3 text-quiet">Planning three times …</p>;
  if (question.isError)
    return <p className="pt-3 text-quiet">The options could not be reckoned; open this page again.</p>;
  const { options } = question.data;
  const row = (label: string, cell: (one: CostedOption) => ReactNode) => (
    <tr className="border-b border-line align-baseline">
      <th scope="row" className="py-2 pr-4 text-left font-normal text-quiet">
        {label}
      </th>
      {options.map((one) => (
        <td key={one.option} className="py-2 pr-4 tabular-nums">
          {cell(one)}
        </td>
      ))}
    </tr>
  );
  return (
    <>
      <Table
        caption="Three ways to do the job"
        head={['', ...options.map((one) => ({ text: names[one.option].name, width: '26%' }))]}
      >
        {row('What is done', (one) => names[one.option].what)}
        {row('Labour', (one) => `${hours(one.labourMin)} h`)}
        {row('Materials', (one) => money(one.materialsMinor, locale))}
        {row('Booth', (one) => `${hours(one.boothMin)} h`)}
        {row('Quote with tax', (one) => money(one.grossMinor, locale))}
        {row('Finish', (one) =>
          one.finish
            ? one.finish.lowest === one.finish.highest
              ? one.finish.lowest
              : `${one.finish.lowest} to ${one.finish.highest}`
            : 'none',
        )}
        {row('Ready', (one) => (
          <>
            {one.finishDate ? date(one.finishDate) : 'nothing to do'}
            {one.lateDays > 0 && <span className="text-stop">, {one.lateDays} d late</span>}
          </>
        ))}
        {row('Risk: old film left untested', (one) => `${Math.round(one.untested * 100)} % of the area`)}
      </Table>
      <p className="max-w-prose pt-3 text-quiet">
        Each as if begun now, from the facts marked so far. What stays beneath and was never tested may lift
        or show through.
      </p>
    </>
  );
}
