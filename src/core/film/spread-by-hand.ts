import type { CoatingSheet } from './coating-sheet';
import { exactPotLifeAt } from './time-at-temperature';

/** Figures of filler and putty that is mixed on a palette and spread. */
export interface SpreadFigures {
  /** Mean depth over the filled area, mm. */
  depthMm: number;
  /** Share that stays on palette and spreader. */
  left: number;
  /** Most that is mixed at a time, kg. */
  paletteKg: number;
  /** Paste hardener by weight, as a share. */
  hardener: number;
  /** Minutes to mix a palette and clean it. */
  mixMin: number;
  /** One person spreads so much, kg a minute. */
  spreadKgPerMin: number;
}

/** What is wrong with filler: said, not reckoned away. */
export const spreadFaults = ['too-cold', 'too-hot', 'hardener-low', 'hardener-high', 'too-thick'] as const;
export interface SpreadFault {
  fault: (typeof spreadFaults)[number];
  figure: number;
  limit: number;
  unit: '°C' | '%' | 'mm';
}

/** Filler for an area: mass, palettes, hardener and the time that each stays soft. */
export interface SpreadPlan {
  massKg: number;
  palettes: number;
  paletteKg: number;
  /** Of each palette; null where the hardener has a fixed part of its own. */
  hardenerG: number | null;
  /** Null where the sheet states no working time. */
  lifeMin: number | null;
  /** Minutes of one person for mixing and spreading all of it. */
  minutes: number;
  faults: SpreadFault[];
}

/** What a sheet says of a film that is spread. */
export type SpreadSheet = Pick<
  CoatingSheet,
  | 'mix'
  | 'potLifeMin'
  | 'sheetC'
  | 'minAirC'
  | 'maxAirC'
  | 'morePoints'
  | 'flashMin'
  | 'dustFreeMin'
  | 'recoatMinMin'
  | 'recoatMaxMin'
  | 'sandAfterMin'
  | 'tapeAfterMin'
  | 'handleAfterMin'
  | 'fullCureMin'
>;

/** The paste hardener that sheets state their working time for, and what they allow; shares by weight. */
export const hardenerShares = { usual: 0.025, least: 0.02, most: 0.03 };
/** Thicker in one layer it cracks and cures badly, mm. */
const mostLayerMm = 3;

/** Kilograms that are mixed for a filled square metre: `depth × density ÷ (1 − left)`; 1 mm × 1 kg/L are 1 kg/m². */
export const spreadKgPerM2 = (densityKgL: number, { depthMm, left }: SpreadFigures): number =>
  (depthMm * densityKgL) / (1 - left);

/**
 * Minutes that a palette can be spread at an air temperature: the pot life of the sheet, halved for 10 °C more, and falling with
 * the square of paste hardener (our own estimate between the 4 and 6 minutes of sheets at 2 and 3 %).
 */
export function workingLifeMin(sheet: SpreadSheet, airC: number, hardener: number | null): number | null {
  const life = exactPotLifeAt(sheet, airC);
  return life === null || hardener === null ? life : life * (hardenerShares.usual / hardener) ** 2;
}

/** Most that is mixed at a time: the palette, or what is spread while it stays soft. */
export const paletteLimitKg = (
  lifeMin: number | null,
  { paletteKg, spreadKgPerMin }: SpreadFigures,
): number => (lifeMin === null ? paletteKg : Math.min(paletteKg, spreadKgPerMin * lifeMin));

/** Minutes of one person to mix and spread a kilogram: `mix ÷ palette + 1 ÷ spread`. */
export const spreadMinPerKg = (limitKg: number, { mixMin, spreadKgPerMin }: SpreadFigures): number =>
  mixMin / limitKg + 1 / spreadKgPerMin;

/**
 * Palettes of filler for an area.
 * @param areaM2 filled area   @param hasPaste hardened with paste that is weighed to it, not with a part of fixed ratio
 */
export function spreadPlan(
  sheet: SpreadSheet,
  areaM2: number,
  kgPerM2: number,
  airC: number,
  { figures, hasPaste }: { figures: SpreadFigures; hasPaste: boolean },
): SpreadPlan {
  const massKg = areaM2 * kgPerM2;
  const lifeMin = workingLifeMin(sheet, airC, hasPaste ? figures.hardener : null);
  const limitKg = paletteLimitKg(lifeMin, figures);
  const palettes = Math.max(massKg > 0 ? 1 : 0, Math.ceil(massKg / limitKg - 1e-9));
  const paletteKg = palettes > 0 ? massKg / palettes : 0;
  return {
    massKg,
    palettes,
    paletteKg,
    hardenerG: hasPaste ? paletteKg * figures.hardener * 1000 : null,
    lifeMin,
    minutes: massKg * spreadMinPerKg(limitKg, figures),
    faults: spreadFaultsOf(sheet, airC, { figures, hasPaste }),
  };
}

/** What a sheet forbids: air, hardener, depth of a layer. */
export function spreadFaultsOf(
  { minAirC, maxAirC }: Pick<SpreadSheet, 'minAirC' | 'maxAirC'>,
  airC: number,
  { figures: { hardener, depthMm }, hasPaste }: { figures: SpreadFigures; hasPaste: boolean },
): SpreadFault[] {
  const faults: SpreadFault[] = [];
  if (airC < minAirC) faults.push({ fault: 'too-cold', figure: airC, limit: minAirC, unit: '°C' });
  if (airC > maxAirC) faults.push({ fault: 'too-hot', figure: airC, limit: maxAirC, unit: '°C' });
  const { least, most } = hardenerShares;
  const [percent, low, high] = [hardener, least, most].map((one) => Math.round(one * 1e4) / 100) as [
    number,
    number,
    number,
  ];
  if (hasPaste && percent < low)
    faults.push({ fault: 'hardener-low', figure: percent, limit: low, unit: '%' });
  if (hasPaste && percent > high)
    faults.push({ fault: 'hardener-high', figure: percent, limit: high, unit: '%' });
  if (depthMm > mostLayerMm)
    faults.push({ fault: 'too-thick', figure: depthMm, limit: mostLayerMm, unit: 'mm' });
  return faults;
}
