import type { SpreadOfStep } from '@/core/steps';
import { Fact, Part } from '@/ui/facts';
import { amount, span } from '../words/format';

/** Filler of a step, palette by palette. */
export function SpreadFacts({ spread, name }: { spread: SpreadOfStep; name: string }) {
  const { massKg, palettes, paletteKg, hardenerG, lifeMin, airC, areaM2, depthMm } = spread;
  return (
    <Part title={name}>
      <Fact label="Mixed">{amount(massKg, 'kg')}</Fact>
      <Fact label="Over, in the mean">
        {amount(areaM2, 'm²')}, {Number(depthMm.toFixed(2))} mm
      </Fact>
      <Fact label="Palettes">
        {palettes} of {(paletteKg * 1000).toFixed(0)} g
      </Fact>
      {hardenerG !== null && <Fact label="Hardener each">{hardenerG.toFixed(1)} g</Fact>}
      {lifeMin !== null && <Fact label={`Soft at ${airC} °C for`}>{span(lifeMin)}</Fact>}
    </Part>
  );
}
