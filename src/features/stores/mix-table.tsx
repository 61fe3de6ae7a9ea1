'use client';

import Link from 'next/link';
import { Empty, Table } from '@/ui/layout';
import { amount, moment } from '../words/format';
import type { MixRow, StoresProps } from './stores-props';

/** Every mix of the job in time: ready litres, batches, whether the shelf can finish it, and its card. */
export function MixTable({ job, mixes, locale }: StoresProps) {
  const ahead = mixes.filter((mix) => !mix.done);
  if (ahead.length === 0) return <Empty>Nothing is left to mix in this job.</Empty>;
  return (
    <Table
      caption="Mixes ahead"
      head={[
        'First coat',
        'Mix',
        { text: 'Net', right: true },
        { text: 'Ready', right: true },
        { text: 'Batches', right: true },
        { text: 'VOC', right: true },
        'Will it finish the coats',
        '',
      ]}
    >
      {ahead.map((mix) => (
        <tr key={`${mix.session}${mix.product}`} className="border-b border-line align-top">
          <td className="py-1 pr-3 whitespace-nowrap">{moment(mix.start, locale)}</td>
          <td className="py-1 pr-3">
            {mix.name}
            <span className="block text-small text-quiet">
              {mix.subject} · {mix.ratio}
            </span>
          </td>
          <td className="py-1 pr-3 text-right whitespace-nowrap tabular-nums">{amount(mix.netL, 'L')}</td>
          <td className="py-1 pr-3 text-right whitespace-nowrap tabular-nums">{amount(mix.readyL, 'L')}</td>
          <td className="py-1 pr-3 text-right whitespace-nowrap tabular-nums">{mix.batches}</td>
          <td className="py-1 pr-3 text-right whitespace-nowrap tabular-nums">
            {mix.vocG === null ? '–' : `${(mix.vocG / 1000).toFixed(2)} kg`}
            {mix.vocOver && <span className="block font-semibold text-stop">over limit</span>}
          </td>
          <td className="py-1 pr-3">
            <Verdict mix={mix} />
          </td>
          <td className="py-1 text-right">
            <Link
              className="underline"
              href={`/jobs/${job}/stores/card?${new URLSearchParams({ session: mix.session, product: mix.product })}`}
            >
              card
            </Link>
          </td>
        </tr>
      ))}
    </Table>
  );
}

function Verdict({ mix: { check } }: { mix: MixRow }) {
  if (!check) return <span className="text-quiet">–</span>;
  if (check.shortL <= 0)
    return <span className="font-semibold text-released">yes, {amount(check.availableL, 'L')} stand by</span>;
  if (check.onOrder)
    return (
      <span className="text-caution">
        with the order that is due: {amount(check.shortL, 'L')} missing now
      </span>
    );
  return <span className="font-semibold text-stop">no, {amount(check.shortL, 'L')} missing</span>;
}
