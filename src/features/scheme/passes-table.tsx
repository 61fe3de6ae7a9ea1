'use client';

import { ArrowDown, ArrowUp } from 'lucide-react';
import { useState } from 'react';
import type { ColourCover } from '@/core/record';
import type { ProgrammeCost } from '@/core/programme';
import { Button } from '@/ui/button';
import { Empty, Table } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { useSent } from '../frame/entry-form';
import { counted } from '../words/counted';
import { amount, area, moment, type Locale } from '../words/format';
import type { PassRow } from './scheme-props';
import { useOpen } from '../frame/who';

interface PassesProps {
  job: string;
  seen: number;
  rows: PassRow[];
  covers: readonly ColourCover[];
  cost: ProgrammeCost;
  /** The manager has put the colours in an order. */
  byHand: boolean;
  locale: Locale;
}

/** What is coated together, in its order, with what each pass covers; a colour is moved before or behind its neighbour. */
export function PassesTable({ job, seen, rows, covers, cost, byHand, locale }: PassesProps) {
  const live = useOpen('job');
  const send = useSent();
  const [refused, setRefused] = useState<string | null>(null);
  const order = async (colourOrder: string[]) =>
    setRefused(
      await send({
        kind: 'job',
        job,
        seen,
        // The trade's order covers nothing that comes later.
        set: colourOrder.length === 0 ? { colourOrder, colourCovers: [] } : { colourOrder },
      }),
    );
  const keepFree = async (sprayed: string, covered: string, isFree: boolean) => {
    const others = covers.filter((one) => one.sprayed !== sprayed || one.covered !== covered);
    const colourCovers = isFree ? [...others, { sprayed, covered }] : others;
    setRefused(await send({ kind: 'job', job, seen, set: { colourCovers } }));
  };
  if (rows.length === 0) return <Empty>Nothing of this job is painted: every section keeps its paint.</Empty>;
  return (
    <section aria-label="Passes">
      <div className="flex items-baseline gap-3 pt-5 pb-1">
        <h2 className="font-semibold">Passes, in their order</h2>
        <span className="text-quiet tabular-nums">
          {counted(cost.passes, 'pass')}, {counted(cost.coats, 'coat')}; masked {counted(cost.masks, 'time')},{' '}
          {amount(cost.edgesM.trim, 'm')} along trim, {amount(cost.edgesM.opening, 'm')} round openings,{' '}
          {amount(cost.edgesM.field, 'm')} between fields, {area(cost.coverM2)} covered
        </span>
        {byHand && (
          <Button className="ml-auto" disabled={!live} onClick={() => void order([])}>
            Back to the trade’s order
          </Button>
        )}
      </div>
      {refused && (
        <div role="alert">
          <Notice grade="stop">{refused}</Notice>
        </div>
      )}
      <Table
        caption="Passes"
        head={[
          'Pass',
          'Goes on',
          { text: 'Covered', right: true, width: '5.5rem' },
          { text: 'Tape', right: true, width: '5.5rem' },
          { text: 'Comes after', width: '8rem' },
          { text: 'Starts', width: '8rem' },
          { text: '', width: '5rem' },
        ]}
      >
        {rows.map((row) => (
          <tr key={row.key} className="border-b border-line align-top tabular-nums">
            <th scope="row" className="py-1 pr-3 text-left font-semibold">
              {row.name}
            </th>
            <td className="py-1 pr-3">
              {row.films}
              {row.beside.map((one) => (
                <KeepFree
                  key={one.scope}
                  row={row}
                  beside={one}
                  disabled={!live}
                  onSet={(isFree) => keepFree(row.scope, one.scope, isFree)}
                />
              ))}
            </td>
            <td className="py-1 pr-3 text-right whitespace-nowrap">
              {row.coverM2 === null ? 'nothing' : area(row.coverM2)}
            </td>
            <td className="py-1 pr-3 text-right">
              {row.tapeM > 0 && <span className="block whitespace-nowrap">{amount(row.tapeM, 'm')}</span>}
              {row.fieldM > 0 && (
                <span className="block whitespace-nowrap">{amount(row.fieldM, 'm')} fine line</span>
              )}
              {row.openingM > 0 && (
                <span className="block whitespace-nowrap">{amount(row.openingM, 'm')} foam</span>
              )}
            </td>
            <td className="py-1 pr-3 text-quiet">{row.why}</td>
            <td className="py-1 pr-3 whitespace-nowrap">
              {row.starts === null ? 'no day yet' : moment(row.starts, locale)}
            </td>
            <td className="py-1 whitespace-nowrap">
              <Move name={row.name} to={row.earlier} word="earlier" disabled={!live} onMove={order} />
              <Move name={row.name} to={row.later} word="later" disabled={!live} onMove={order} />
            </td>
          </tr>
        ))}
      </Table>
    </section>
  );
}

/** Whether the field of a later colour is covered while this one is sprayed. */
function KeepFree({
  row,
  beside,
  disabled,
  onSet,
}: {
  row: PassRow;
  beside: PassRow['beside'][number];
  disabled: boolean;
  onSet(isFree: boolean): Promise<void>;
}) {
  return (
    <label className="flex items-baseline gap-1 text-quiet">
      <input
        type="checkbox"
        checked={beside.isFree}
        disabled={disabled}
        aria-label={`${row.name}: cover ${beside.name} meanwhile`}
        onChange={(event) => void onSet(event.target.checked)}
      />
      <span>
        Cover {beside.name} meanwhile
        {!beside.isFree && ': it is sprayed past the line now'}
      </span>
    </label>
  );
}

function Move({
  name,
  to,
  word,
  disabled,
  onMove,
}: {
  name: string;
  to: string[] | null;
  word: 'earlier' | 'later';
  disabled: boolean;
  onMove(order: string[]): Promise<void>;
}) {
  if (to === null) return null;
  const Icon = word === 'earlier' ? ArrowUp : ArrowDown;
  return (
    <Button
      className="mr-1 !px-1.5"
      aria-label={`${name}: paint ${word}`}
      title={`Paint ${word}`}
      disabled={disabled}
      onClick={() => void onMove(to)}
    >
      <Icon aria-hidden size={16} />
    </Button>
  );
}
