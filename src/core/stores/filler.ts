import { figureEntry } from '../figures';
/** Filler mixed at a time covers about a door, kg. */
const usualPaletteKg = figureEntry('filler.palette').usual;
/** Polyester filler, kg/L. */
const fillerKgL = 1.8;
/** Working time at 20 °C and 2.5 % hardener, minutes; it halves for 10 °C warmer and with the square of the hardener. */
const workingMin = { at20C: 5, share: 2.5 };
export const hardenerShare = { least: 2, most: 3 };

export interface FillerPlan {
  massKg: number;
  batches: number;
  batchKg: number;
  hardenerG: number;
  workingMin: number;
  /** Outside 15–25 °C or 2–3 % hardener: said, not reckoned away. */
  faults: ('too-cold' | 'too-hot' | 'hardener-low' | 'hardener-high' | 'too-thick')[];
}

/**
 * Batches of filler for an area at a mean depth. Our own estimate of the working time from the sheet's 4–6 minutes.
 * @param areaM2 filled area   @param depthMm mean depth, one layer ≤ 3 mm   @param share hardener, % by weight
 */
export function fillerPlan(
  areaM2: number,
  depthMm: number,
  airC: number,
  share = workingMin.share,
  paletteKg = usualPaletteKg,
): FillerPlan {
  const massKg = areaM2 * depthMm * fillerKgL;
  const batches = Math.max(1, Math.ceil(massKg / paletteKg - 1e-9));
  const faults: FillerPlan['faults'] = [];
  if (airC < 15) faults.push('too-cold');
  if (airC > 25) faults.push('too-hot');
  if (share < hardenerShare.least) faults.push('hardener-low');
  if (share > hardenerShare.most) faults.push('hardener-high');
  if (depthMm > 3) faults.push('too-thick');
  return {
    massKg,
    batches,
    batchKg: massKg / batches,
    hardenerG: (massKg / batches) * share * 10,
    workingMin: workingMin.at20C * 2 ** ((20 - airC) / 10) * (workingMin.share / share) ** 2,
    faults,
  };
}
