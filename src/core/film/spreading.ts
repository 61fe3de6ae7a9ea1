import { usualFigures, type FigureKey, type FigurePlace, type Figures } from '../figures';
import type { Shape } from '../vehicle';
import type { CoatingSheet, Method, MixPart } from './product';

/**
 * Volume solids of a ready mix: `VS = Σ v_i·vs_i / Σ v_i` (ISO 3233).
 * @param mix components with parts by volume ≥ 0 and volume solids 0..1   @returns 0..1; 0 for an empty mix
 */
export function mixedVolumeSolids(mix: readonly Pick<MixPart, 'parts' | 'volumeSolids'>[]): number {
  const parts = mix.reduce((sum, one) => sum + one.parts, 0);
  return parts > 0 ? mix.reduce((sum, one) => sum + one.parts * one.volumeSolids, 0) / parts : 0;
}

/**
 * Components with their parts by volume, whatever the sheet mixes by; parts by weight are divided by density.
 * A density the sheet does not give is taken as 1 kg/L here; weighing refuses such a mix.
 */
export const volumeParts = ({ mix, mixBy }: Pick<CoatingSheet, 'mix' | 'mixBy'>): MixPart[] =>
  mixBy === 'volume' ? mix : mix.map((part) => ({ ...part, parts: part.parts / (part.densityKgL ?? 1) }));

/** Volume solids of the ready mix of a sheet, 0..1. */
export const readySolids = (sheet: Pick<CoatingSheet, 'mix' | 'mixBy'>): number =>
  mixedVolumeSolids(volumeParts(sheet));

/** Density of the ready mix, kg/L, by parts of volume; what states none weighs as water. */
export function readyDensity({ mix }: Pick<CoatingSheet, 'mix'>): number {
  const parts = mix.reduce((sum, one) => sum + one.parts, 0);
  return mix.reduce((sum, one) => sum + one.parts * (one.densityKgL ?? 1), 0) / parts;
}

/** Dry film from a wet film, µm: `DFT = WFT × VS`. */
export const dryFilmUm = (wetFilmUm: number, volumeSolids: number): number => wetFilmUm * volumeSolids;

/** Theoretical spreading rate, m²/L: `1000 × VS / DFT`. */
export const spreadingRateM2PerL = (volumeSolids: number, dryUm: number): number =>
  (1000 * volumeSolids) / dryUm;

const sprayKeys: Record<Shape | 'inside', FigureKey> = {
  flat: 'transfer.flat',
  curved: 'transfer.curved',
  beaded: 'transfer.beaded',
  riveted: 'transfer.riveted',
  inside: 'transfer.inside',
  tube: 'transfer.tube',
};

/** Share of the paint that stays on the surface; what is spread stays whole. */
export function transferEfficiency(
  method: Method,
  shape: Shape | 'inside',
  figures: Figures = usualFigures,
  at: FigurePlace = {},
): number {
  switch (method) {
    case 'spray':
      return figures(sprayKeys[shape], at);
    case 'roller':
      return figures('transfer.roller', at);
    case 'brush':
      return figures('transfer.brush', at);
    case 'spread':
      return 1;
  }
}

/**
 * Mixed litres needed to lay one coat: `V = A·d / (1000·VS·TE)`.
 * @param areaM2 painted area, m² ≥ 0   @param dryUm dry film of the coat, µm > 0
 * @param volumeSolids as mixed, 0..1 (ISO 3233)   @param efficiency share of the spray that stays, 0..1
 * @returns litres, without line loss or reserve. Derivation: 1 m² × 1 µm = 1 mL of dry film.
 */
export function coatLitres(areaM2: number, dryUm: number, volumeSolids: number, efficiency: number): number {
  return (areaM2 * dryUm) / (1000 * volumeSolids * efficiency);
}
