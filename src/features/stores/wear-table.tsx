'use client';

import { useState } from 'react';
import { fillerPlan, hardenerShare } from '@/core/stores';
import { Empty, Table } from '@/ui/layout';
import { useLive } from '@/ui/use-live';
import { amount, hours, span } from '../words/format';
import { fillerFaultWords, toolWords } from '../words/store-words';
import type { StoresProps } from './stores-props';
import { counted } from '../words/counted';

/** Abrasives with how far one lasts and when it wants cleaning, filler by the palette, hours on the tools. */
export function WearTable({ abrasives, tools, fills, paletteKg }: StoresProps) {
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
      <Filler fills={fills} paletteKg={paletteKg} />
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

/** Palettes of filler for an area at a depth: mass, hardener, minutes before it goes off. */
function Filler({ fills, paletteKg }: Pick<StoresProps, 'fills' | 'paletteKg'>) {
  const live = useLive();
  const [given, setGiven] = useState({
    areaM2: fills[0] ? Number(fills[0].areaM2.toFixed(2)) : 1,
    depthMm: 1.5,
    airC: 18,
    share: 2.5,
  });
  const plan = fillerPlan(given.areaM2, given.depthMm, given.airC, given.share, paletteKg);
  const field = (key: keyof typeof given, label: string, unit: string) => (
    <label className="flex items-center gap-1">
      {label}
      <input
        type="number"
        step="any"
        min={0}
        disabled={!live}
        value={given[key]}
        onChange={(event) => setGiven({ ...given, [key]: Math.max(0, Number(event.target.value)) })}
        className="w-18 text-right"
      />
      {unit}
    </label>
  );
  return (
    <section aria-label="Filler by the palette">
      <h2 className="pt-4 font-semibold">Filler by the palette</h2>
      {fills.length > 0 && (
        <p className="text-quiet">
          Ahead:{' '}
          {fills
            .map((fill) => `${fill.subject} ${fill.areaM2.toFixed(2)} m²`)
            .slice(0, 4)
            .join('; ')}
        </p>
      )}
      <div className="flex flex-wrap gap-4 py-2">
        {field('areaM2', 'Filled', 'm²')}
        {field('depthMm', 'mean depth', 'mm')}
        {field('airC', 'air', '°C')}
        {field('share', `hardener ${hardenerShare.least}–${hardenerShare.most}`, '%')}
      </div>
      <p className="tabular-nums">
        {amount(plan.massKg, 'kg')} in {counted(plan.batches, 'palette')} of{' '}
        {(plan.batchKg * 1000).toFixed(0)} g with {plan.hardenerG.toFixed(1)} g hardener; each goes off in
        about {span(Math.max(1, plan.workingMin))}
      </p>
      {plan.faults.map((fault) => (
        <p key={fault} className="font-semibold text-caution">
          {fillerFaultWords[fault]}
        </p>
      ))}
    </section>
  );
}
