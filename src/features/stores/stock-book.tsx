'use client';

import { useId, useState } from 'react';
import { moveKinds, type MoveKind } from '@/core/record';
import { readQuantity } from '@/core/units';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import { amount, date, money, type Locale } from '../words/format';
import { moveWords } from '../words/store-words';
import type { StockRow, StoresProps } from './stores-props';

/** What stands on the shelf, and the book of everything that came and went; a wrong entry is taken back by another. */
export function StockBook(props: StoresProps) {
  const { stock, moves, locale, today } = props;
  return (
    <>
      <NewMove {...props} />
      {stock.length === 0 ? (
        <Empty>Nothing is written in the book yet: type what is on the shelf as “received”.</Empty>
      ) : (
        <StockTable stock={stock} today={today} />
      )}
      {moves.length > 0 && (
        <>
          <h2 className="pt-4 font-semibold">The book, newest first</h2>
          <BookTable moves={moves} locale={locale} />
        </>
      )}
    </>
  );
}

/** What stands on the shelf, what of it is spoken for, what is coming. */
function StockTable({ stock, today }: { stock: StockRow[]; today: string }) {
  return (
    <Table
      caption="Stock"
      head={[
        'Product',
        { text: 'On hand', right: true },
        { text: 'Reserved', right: true },
        { text: 'Coming', right: true },
        'Keeps to',
        'Owed, lent',
      ]}
    >
      {stock.map((row) => (
        <tr key={row.product} className="border-b border-line">
          <td className="py-[3px] pr-3">{row.name}</td>
          <td className={`pr-3 text-right tabular-nums ${row.onHand < 0 ? 'font-semibold text-stop' : ''}`}>
            {amount(row.onHand, row.unit)}
            {row.expired > 0 && (
              <span className="block text-small text-stop">{amount(row.expired, row.unit)} out of date</span>
            )}
          </td>
          <td className="pr-3 text-right whitespace-nowrap tabular-nums">
            {row.reserved > 0 ? amount(row.reserved, row.unit) : '–'}
          </td>
          <td className="pr-3 text-right whitespace-nowrap tabular-nums">
            {row.onOrder > 0 ? amount(row.onOrder, row.unit) : '–'}
            {row.dueBy && <span className="block text-small text-quiet">due {date(row.dueBy)}</span>}
          </td>
          <td className="pr-3 whitespace-nowrap">
            {row.firstExpiry ? `${date(row.firstExpiry)} ${row.firstExpiry.slice(0, 4)}` : '–'}
            {row.firstExpiry && row.firstExpiry < today && <span className="text-stop"> over</span>}
          </td>
          <td className="pr-3">
            {[
              row.owed > 0 && `${amount(row.owed, row.unit)} owed back`,
              row.lentOut > 0 && `${amount(row.lentOut, row.unit)} lent`,
            ]
              .filter(Boolean)
              .join(', ')}
          </td>
        </tr>
      ))}
    </Table>
  );
}

/** The entries of the book; a wrong one is taken back by another. */
function BookTable({ moves, locale }: { moves: StoresProps['moves']; locale: Locale }) {
  const { save } = useSaving();
  const live = useLive();
  return (
    <Table
      caption="Entries"
      head={[
        'Day',
        'What',
        'Product',
        { text: 'Amount', right: true },
        { text: 'Cost', right: true },
        'Note',
        '',
      ]}
    >
      {moves.map((move) => (
        <tr
          key={move.id}
          className={`border-b border-line ${move.takenBack ? 'text-quiet line-through' : ''}`}
        >
          <td className="py-[3px] pr-3 whitespace-nowrap">{date(move.onDate)}</td>
          <td className="pr-3">{moveWords[move.kind]}</td>
          <td className="pr-3">{move.name}</td>
          <td className="pr-3 text-right whitespace-nowrap tabular-nums">{amount(move.amount, move.unit)}</td>
          <td className="pr-3 text-right whitespace-nowrap tabular-nums">
            {move.costMinor > 0 ? money(move.costMinor, locale, 2) : ''}
          </td>
          <td className="pr-3">{[move.job, move.phase, move.batch, move.note].filter(Boolean).join(', ')}</td>
          <td className="text-right">
            {!move.takenBack && (
              <button
                type="button"
                disabled={!live}
                className="underline"
                aria-label={`Take back: ${moveWords[move.kind]} ${move.name}`}
                onClick={() => void save({ kind: 'correct-stock', id: move.id, note: '' })}
              >
                take back
              </button>
            )}
          </td>
        </tr>
      ))}
    </Table>
  );
}

const quantityOf: Record<string, 'volume' | 'mass' | 'length' | 'area' | null> = {
  L: 'volume',
  kg: 'mass',
  m: 'length',
  'm²': 'area',
  each: null,
};

function NewMove({ products, job, locale }: StoresProps) {
  const id = useId();
  const live = useLive();
  const { save } = useSaving();
  const [fault, setFault] = useState<string | null>(null);
  const [kind, setKind] = useState<MoveKind>('received');
  const submit = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const text = (name: string) => String(given.get(name) ?? '').trim();
    const product = products.find((one) => one.name === text('product') || one.code === text('product'));
    if (!product) return setFault('Choose a product of the Shelf.');
    const quantity = quantityOf[product.unit];
    const read = quantity
      ? readQuantity(text('amount'), quantity)
      : { status: 'ok' as const, value: Number(text('amount').replace(',', '.')) };
    if (read.status === 'faulty')
      return setFault(
        read.code === 'no-number'
          ? 'The amount must be a figure.'
          : `“${read.unit}” is no unit known here; ${read.known.join(', ')} are.`,
      );
    if (!Number.isFinite(read.value)) return setFault('The amount must be a figure.');
    const cost = Number(text('cost').replace(',', '.') || '0');
    if (!(cost >= 0)) return setFault('The cost must be a figure of at least 0.');
    const outcome = await save({
      kind: 'stock',
      move: {
        product: product.code,
        kind,
        amount: read.value,
        costMinor: Math.round(cost * 100),
        onDate: null,
        untilDate: text('until') || null,
        job: given.get('own') ? job : '',
        phase: '',
        batch: text('batch'),
        note: text('note'),
      },
    });
    setFault(refusalText(outcome));
    if (outcome.status === 'saved') form.reset();
  };
  return (
    <form
      aria-label="New entry in the book"
      className="flex flex-wrap items-end gap-2 pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(event.currentTarget);
      }}
    >
      <MoveFields kind={kind} live={live} setKind={setKind} id={id} products={products} locale={locale} />
      <label className="flex items-center gap-1 pb-1">
        <input type="checkbox" name="own" disabled={!live} /> for {job}
      </label>
      <Button type="submit" look="main" disabled={!live}>
        Write
      </Button>
      {fault && (
        <p role="alert" className="w-full text-small text-stop">
          {fault}
        </p>
      )}
    </form>
  );
}

/** What came or went, how much of it, at what cost. */
function MoveFields({
  kind,
  live,
  setKind,
  id,
  products,
  locale,
}: {
  kind: MoveKind;
  live: boolean;
  setKind(kind: MoveKind): void;
  id: string;
  products: { code: string; name: string; unit: string }[];
  locale: Locale;
}) {
  return (
    <>
      <select
        aria-label="What happened"
        value={kind}
        disabled={!live}
        onChange={(event) => setKind(event.target.value as MoveKind)}
      >
        {moveKinds.map((one) => (
          <option key={one} value={one}>
            {moveWords[one]}
          </option>
        ))}
      </select>
      <input
        name="product"
        list={id}
        aria-label="Product"
        placeholder="product"
        className="w-56"
        disabled={!live}
        required
      />
      <datalist id={id}>
        {products.map((product) => (
          <option key={product.code} value={product.name} />
        ))}
      </datalist>
      <input
        name="amount"
        aria-label="Amount, with its unit if it is not the product’s own"
        placeholder="1.5 or 2 qt"
        className="w-24"
        disabled={!live}
        required
      />
      <input
        name="cost"
        aria-label={`Cost in ${locale.currency}`}
        placeholder={`cost, ${locale.currency}`}
        inputMode="decimal"
        className="w-24"
        disabled={!live}
      />
      <label className="flex flex-col text-small text-quiet">
        {kind === 'ordered' ? 'due' : 'keeps to'}
        <input name="until" type="date" className="w-36" disabled={!live} />
      </label>
      <input
        name="batch"
        aria-label="Batch on the tin"
        placeholder="batch"
        maxLength={60}
        className="w-20"
        disabled={!live}
      />
      <input
        name="note"
        aria-label="From whom, to whom, why"
        placeholder="note"
        maxLength={200}
        className="w-28"
        disabled={!live}
      />
    </>
  );
}
