/** Median grain of coated abrasives by P-grade, µm (FEPA P-scale, ISO 6344-2 and -3). */
const medianUm: Readonly<Record<number, number>> = {
  12: 1815,
  16: 1324,
  20: 1000,
  24: 764,
  30: 642,
  36: 538,
  40: 425,
  50: 336,
  60: 269,
  80: 201,
  100: 162,
  120: 125,
  150: 100,
  180: 82,
  220: 68,
  240: 58.5,
  280: 52.2,
  320: 46.2,
  360: 40.5,
  400: 35,
  500: 30.2,
  600: 25.8,
  800: 21.8,
  1000: 18.3,
  1200: 15.3,
  1500: 12.6,
  2000: 10.3,
  2500: 8.4,
};

/** Structured discs above P2500 carry the maker's own grades: no standard, working figures. */
const makersUm: Readonly<Record<number, number>> = { 3000: 6.5, 5000: 4, 8000: 2.5 };

/** Median grain of a grade, µm; null for a grade that is neither standard nor known. */
export const grainUm = (grit: number): number | null => medianUm[grit] ?? makersUm[grit] ?? null;

export const isMakersGrade = (grit: number): boolean => grit in makersUm;

/** A step is long when the next grain is finer than this share of the last: scratches stay. */
const longest = { block: 0.45, machine: 0.4 };

export interface GritStep {
  from: number;
  to: number;
  /** Next grain over last, 0..1; smaller is longer. Null where one of both has no known grain. */
  ratio: number | null;
  verdict: 'fair' | 'long' | 'backwards' | 'unknown';
}

/** Checks each step of a sequence of grits; one from or to a grade without a known grain is told as unknown. */
export function gritSteps(grits: readonly number[], how: 'block' | 'machine'): GritStep[] {
  return grits.slice(1).map((to, i) => {
    const from = grits[i]!;
    const [coarse, fine] = [grainUm(from), grainUm(to)];
    if (coarse === null || fine === null) return { from, to, ratio: null, verdict: 'unknown' };
    const ratio = fine / coarse;
    return { from, to, ratio, verdict: ratio > 1 ? 'backwards' : ratio < longest[how] ? 'long' : 'fair' };
  });
}
