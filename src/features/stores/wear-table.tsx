'use client';

import { Empty, Table } from '@/ui/layout';
import { amount, hours } from '../words/format';
import { toolWords } from '../words/store-words';
import { FillerPart } from './filler-part';
import type { StoresProps } from './stores-props';

/** Abrasives with how far one lasts and when it wants cleaning, filler by the palette, hours on the tools. */
export function WearTable({ abrasives, tools, fills, filler, locale }: StoresProps) {
  return (
    <>
      <h2 className="font-semibold">Abrasives ahead</h2>
      {abrasives.length === 0 ? (
        <Empty>Nothing is left to sand.</Empty>
      ) : (
        <Table
          caption="Abrasives"
          head={[
            'Abrasive',
            'On',
            { text: 'Area', right: true },
            { text: 'Units', right: true },
            { text: 'One lasts', right: true },
            { text: 'Loads', right: true },
            { text: 'Clean every', right: true },
          ]}
        >
          {abrasives.map((row) => (
            <tr key={`${row.product}${row.on}`} className="border-b border-line tabular-nums">
              <td className="py-1 pr-3">{row.name}</td>
              <td className="pr-3">{row.on.replace(/-/g, ' ')}</td>
              <td className="pr-3 text-right">{amount(row.areaM2, 'm²')}</td>
              <td className="pr-3 text-right">{Math.ceil(row.units)}</td>
              <td className="pr-3 text-right">{row.areaEach.toFixed(2)} m²</td>
              <td className="pr-3 text-right">{row.loading === 1 ? 'little' : `× ${row.loading}`}</td>
              <td className="pr-3 text-right">{row.cleanEvery.toFixed(2)} m²</td>
            </tr>
          ))}
        </Table>
      )}
      <p className="py-1 text-small text-quiet">
        A loaded disc is unloaded with a crepe block or blown out, not binned: gummy films fill it long before
        it is blunt.
      </p>
      <FillerPart fills={fills} filler={filler} locale={locale} />
      <h2 className="pt-4 font-semibold">Hours on the tools</h2>
      <Table
        caption="Tools"
        head={[
          'Tool',
          { text: 'Done', right: true },
          { text: 'Ahead', right: true },
          { text: 'Longest phase ahead', right: true },
          'Have on hand before it',
        ]}
      >
        {tools.map((row) => (
          <tr key={row.tool} className="border-b border-line tabular-nums">
            <td className="py-1 pr-3">{toolWords[row.tool].name}</td>
            <td className="pr-3 text-right">{hours(row.doneMin)} h</td>
            <td className="pr-3 text-right">{hours(row.aheadMin)} h</td>
            <td className="pr-3 text-right">{hours(row.longestMin)} h</td>
            <td>{row.longestMin > 0 ? toolWords[row.tool].spares : ''}</td>
          </tr>
        ))}
      </Table>
    </>
  );
}
