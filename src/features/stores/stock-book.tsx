'use client';

import { Empty, Table } from '@/ui/layout';
import { useSaving } from '../frame/saving';
import { amount, date, money, type Locale } from '../words/format';
import { moveWords } from '../words/store-words';
import { NewMove } from './new-move';
import type { StockRow, StoresProps } from './stores-props';
import { useOpen } from '../frame/who';

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
  const live = useOpen('correct-stock');
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
