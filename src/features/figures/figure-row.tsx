'use client';

import { RotateCcw } from 'lucide-react';
import {
  figureEntry,
  usualSource,
  figuresFrom,
  readFigure,
  type FigureKey,
  type FigurePlace,
  type TypedFigure,
} from '@/core/figures';
import type { Edit } from '@/core/record';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { EditText } from '../frame/edit-field';
import { useSaving } from '../frame/saving';
import { isAt, unitText, type FigurePlaceShown, type FiguresProps } from './figure-place';

/** Where a figure is asked for when it is typed for one thing. */
function placeOf({ scope, of }: FigurePlaceShown): FigurePlace {
  switch (scope) {
    case 'product':
      return { product: of };
    case 'painter':
      return { painter: of };
    case 'section':
      return { section: of };
    case 'panel':
      return { panel: of };
    case 'shop':
    case 'job':
      return {};
  }
}

/** One figure at one place: what holds, what is typed there, what is sensible and what it moves. */
export function FigureRow({
  figure: key,
  place,
  props: { typed, inherited },
  toEdit,
}: {
  figure: FigureKey;
  place: FigurePlaceShown;
  props: FiguresProps;
  toEdit(figures: TypedFigure[]): Edit;
}) {
  const { save } = useSaving();
  const live = useLive();
  const entry = figureEntry(key);
  const own = typed.find((one) => isAt(one, key, place));
  const others = typed.filter((one) => one !== own);
  const holds = figuresFrom(inherited, typed)(key, placeOf(place));
  const back = () => void save(toEdit(others));
  return (
    <tr className="border-b border-line align-top tabular-nums">
      <th scope="row" className="py-1 pr-3 text-left font-normal">
        <span className={own ? 'font-semibold' : ''}>{entry.words}</span>
        <span className="block text-small text-quiet">moves {entry.moves.join(', ')}</span>
        {entry.source !== usualSource && <span className="block text-small text-quiet">{entry.source}</span>}
      </th>
      <td className="py-1 pr-3 text-right whitespace-nowrap">
        {holds}
        {unitText(entry)}
        {holds !== entry.usual && (
          <span className="block text-small text-quiet">the trade: {entry.usual}</span>
        )}
      </td>
      <td className="py-1 pr-3">
        <span
          className="inline-flex items-start gap-1"
          onKeyDown={(event) => {
            // One key takes a typed figure back.
            if (event.key === 'Delete' && event.altKey && own) back();
          }}
        >
          <EditText
            label={`${entry.words}, typed for ${place.name}`}
            quiet
            className="w-20"
            unit={unitText(entry).trim()}
            value={own ? String(own.value) : ''}
            check={(text) => {
              if (text.trim() === '') return null;
              const read = readFigure(text, entry);
              return read.status === 'faulty' ? `${read.reason}. ${entry.source}.` : null;
            }}
            toEdit={(text) => {
              const read = readFigure(text, entry);
              const { scope, of } = place;
              return toEdit(
                read.status === 'ok' ? [...others, { key, scope, of, value: read.value }] : others,
              );
            }}
          />
          {own && (
            <Button
              className="!px-1.5"
              disabled={!live}
              aria-label={`Back to what holds otherwise: ${entry.words}`}
              title="Back (Alt+Delete)"
              onClick={back}
            >
              <RotateCcw aria-hidden size={14} />
            </Button>
          )}
        </span>
        <span className="block text-small text-quiet">
          {entry.least}–{entry.most}
          {unitText(entry)}
        </span>
      </td>
    </tr>
  );
}
