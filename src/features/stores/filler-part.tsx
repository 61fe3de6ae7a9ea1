'use client';

import { useState } from 'react';
import { hardenerShares, spreadKgPerM2, spreadPlan } from '@/core/film';
import { Empty, Table } from '@/ui/layout';
import { useLive } from '@/ui/use-live';
import { amount, date, moment, span, type Locale } from '../words/format';
import { counted } from '../words/counted';
import { fillerFaultText } from '../words/store-words';
import type { FillerShown } from './filler-shown';

type Props = FillerShown & { locale: Locale };

/** Filler and putty ahead, step by step in palettes, and a reckoner for any other area and depth. */
export function FillerPart({ fills, filler, locale }: Props) {
  return (
    <section aria-label="Filler by the palette">
      <h2 className="pt-4 font-semibold">Filler by the palette</h2>
      {fills.length === 0 ? <Empty>No filler is ahead.</Empty> : <Fills fills={fills} locale={locale} />}
      {filler && <Reckoner filler={filler} />}
    </section>
  );
}

function Fills({ fills, locale }: { fills: Props['fills']; locale: Locale }) {
  return (
    <Table
      caption="Filler ahead"
      head={[
        'Begins',
        'Filler',
        { text: 'Area', right: true },
        { text: 'Depth', right: true },
        { text: 'Mixed', right: true },
        { text: 'Palettes', right: true },
        { text: 'Soft for', right: true },
        'Order by',
      ]}
    >
      {fills.map((fill) => (
        <tr key={fill.step} className="border-b border-line tabular-nums">
          <td className="py-1 pr-3 whitespace-nowrap">{moment(fill.start, locale)}</td>
          <td className="pr-3">
            {fill.name}
            <span className="block text-small text-quiet">{fill.subject}</span>
          </td>
          <td className="pr-3 text-right whitespace-nowrap">{amount(fill.areaM2, 'm²')}</td>
          <td className="pr-3 text-right whitespace-nowrap">{Number(fill.depthMm.toFixed(2))} mm</td>
          <td className="pr-3 text-right whitespace-nowrap">{amount(fill.massKg, 'kg')}</td>
          <td className="pr-3 text-right whitespace-nowrap">
            {fill.palettes} of {(fill.paletteKg * 1000).toFixed(0)} g
            {fill.hardenerG !== null && (
              <span className="block text-small text-quiet">{fill.hardenerG.toFixed(1)} g hardener each</span>
            )}
          </td>
          <td className="pr-3 text-right whitespace-nowrap">
            {fill.lifeMin === null ? '–' : span(fill.lifeMin)}
            <span className="block text-small text-quiet">{fill.airC} °C</span>
          </td>
          <td>{fill.orderBy === null ? 'enough there' : date(fill.orderBy)}</td>
        </tr>
      ))}
    </Table>
  );
}

/** Palettes for an area at a depth, at an air and with a share of hardener. */
function Reckoner({ filler: { sheet, densityKgL, figures } }: { filler: NonNullable<Props['filler']> }) {
  const live = useLive();
  const [given, setGiven] = useState({
    areaM2: 1,
    depthMm: figures.depthMm,
    airC: 18,
    hardener: figures.hardener * 100,
  });
  const own = { ...figures, depthMm: given.depthMm, hardener: Math.max(0.001, given.hardener / 100) };
  const plan = spreadPlan(sheet, given.areaM2, spreadKgPerM2(densityKgL, own), given.airC, {
    figures: own,
    hasPaste: true,
  });
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
  const { least, most } = hardenerShares;
  return (
    <>
      <div className="flex flex-wrap gap-4 py-2">
        {field('areaM2', 'Filled', 'm²')}
        {field('depthMm', 'mean depth', 'mm')}
        {field('airC', 'air', '°C')}
        {field('hardener', `hardener ${least * 100}–${most * 100}`, '%')}
      </div>
      <p className="tabular-nums">
        {amount(plan.massKg, 'kg')} mixed in {counted(plan.palettes, 'palette')} of{' '}
        {(plan.paletteKg * 1000).toFixed(0)} g with {(plan.hardenerG ?? 0).toFixed(1)} g hardener each; each
        stays soft for about {span(Math.max(1, plan.lifeMin ?? 0))}; mixing and spreading take{' '}
        {span(plan.minutes)} of one person
      </p>
      {plan.faults.map((fault) => (
        <p key={fault.fault} className="font-semibold text-caution">
          {fillerFaultText(fault)}
        </p>
      ))}
    </>
  );
}
