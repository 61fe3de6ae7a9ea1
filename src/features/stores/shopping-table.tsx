'use client';

import { useState } from 'react';
import { Empty, Table } from '@/ui/layout';
import { useSaving } from '../frame/saving';
import { amount, date, day, money, type Locale } from '../words/format';
import { packWords, productKindWords } from '../words/store-words';
import type { StoresProps } from './stores-props';
import type { ShoppingLine } from '@/core/stores';
import { useOpen } from '../frame/who';

/** Everything the open jobs still need beyond what stands on the shelf, in the cheapest whole packs, by the day to order. */
export function ShoppingTable({ job, shopping, today, locale }: StoresProps) {
  const { save } = useSaving();
  const live = useOpen('stock');
  const [only, setOnly] = useState(true);
  const lines = shopping.filter((line) => !only || line.jobs.includes(job));
  const total = lines.reduce((sum, line) => sum + (line.buy?.costMinor ?? 0), 0);
  const order = (line: StoresProps['shopping'][number]) =>
    void save({
      kind: 'stock',
      move: {
        product: line.product,
        kind: 'ordered',
        amount: line.buy!.amount,
        costMinor: line.buy!.costMinor,
        onDate: null,
        untilDate: null,
        job: line.jobs.length === 1 ? line.jobs[0]! : '',
        phase: '',
        batch: '',
        note: [line.colour?.name, ...line.jobs].filter(Boolean).join(', '),
      },
    });
  return (
    <>
      <div className="flex items-center justify-between pb-2">
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={only} onChange={(event) => setOnly(event.target.checked)} />
          only what {job} uses
        </label>
        <span className="text-quiet">
          {lines.filter((line) => line.short > 0).length} lines to buy, {money(total, locale, 2)} in whole
          packs
        </span>
      </div>
      {lines.length === 0 ? (
        <Empty>Nothing is left to buy: every step is done.</Empty>
      ) : (
        <Table
          caption="Shopping list"
          head={[
            'Product',
            { text: 'Need', right: true },
            { text: 'Have', right: true },
            'Packs to buy',
            { text: 'Price', right: true },
            'Runs out',
            'Order by',
            '',
          ]}
        >
          {lines.map((line) => (
            <ShoppingRow
              key={`${line.product} ${line.jobs.join()} ${line.colour?.key ?? ''}`}
              line={line}
              locale={locale}
              today={today}
              live={live}
              order={order}
            />
          ))}
        </Table>
      )}
    </>
  );
}

/** One product: needed, on hand, to buy, and by when. */
function ShoppingRow({
  line,
  locale,
  today,
  live,
  order,
}: {
  line: ShoppingLine;
  locale: Locale;
  today: string;
  live: boolean;
  order: (line: StoresProps['shopping'][number]) => undefined;
}) {
  return (
    <tr className="border-b border-line">
      <td className="py-[3px] pr-3">
        {lineName(line)}
        <span className="block text-small text-quiet">
          {productKindWords[line.kind as keyof typeof productKindWords] ?? line.kind}
          {line.jobs.length > 1 && `, for ${line.jobs.join(', ')}`}
        </span>
        {line.short > 0 && line.waitsFor.length > 0 && (
          <span className="block text-small text-caution">not before {line.waitsFor.join(', ')}</span>
        )}
      </td>
      <td className="pr-3 text-right whitespace-nowrap tabular-nums">{amount(line.need, line.unit)}</td>
      <td className="pr-3 text-right whitespace-nowrap tabular-nums">
        {line.have > 0 ? amount(line.have, line.unit) : '–'}
        {line.colour && line.have > 0 && (
          <span className="block text-small text-quiet">its colour is not in the book</span>
        )}
        {line.onOrder > 0 && (
          <span className="block text-small text-quiet">+ {amount(line.onOrder, line.unit)} coming</span>
        )}
      </td>
      <td className="pr-3">
        {line.short <= 0 ? (
          <span className="text-quiet">enough</span>
        ) : line.buy ? (
          packWords(line.buy.packs, line.unit)
        ) : (
          'no pack on the shelf'
        )}
        {line.shortLived && <span className="text-caution"> leftover will not keep</span>}
      </td>
      <td className="pr-3 text-right whitespace-nowrap tabular-nums">
        {line.buy && line.short > 0 ? money(line.buy.costMinor, locale, 2) : ''}
      </td>
      <td className="pr-3 whitespace-nowrap">{line.short > 0 ? day(line.runsOut, locale) : ''}</td>
      <td className="pr-3 whitespace-nowrap">
        {line.short > 0 && date(line.orderBy)}
        {line.short > 0 && line.orderBy < today && <span className="font-semibold text-caution"> late</span>}
      </td>
      <td className="text-right">
        {line.short > 0 && line.buy && line.waitsFor.length === 0 && (
          <button
            type="button"
            disabled={!live}
            onClick={() => order(line)}
            className="underline underline-offset-2"
            aria-label={`Mark ${lineName(line)} as ordered`}
          >
            ordered
          </button>
        )}
      </td>
    </tr>
  );
}

/** A tinted product is named with its colour. */
const lineName = ({ name, colour }: ShoppingLine): string => (colour ? `${name}, ${colour.name}` : name);
