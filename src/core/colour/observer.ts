/** Bands of every spectrum here: 400, 410 … 700 nm. */
export const bandsNm: readonly number[] = Array.from({ length: 31 }, (_, i) => 400 + 10 * i);

/** One value a band, 400 to 700 nm. */
export type Spectrum = readonly number[];

/** CIE 1964 10° colour-matching functions x̄ ȳ z̄, every 10 nm from 380 to 780 (ISO/CIE 11664-1). */
const matching: readonly (readonly [number, number, number])[] = [
  [0.00016, 0.000017, 0.000705],
  [0.002362, 0.000253, 0.010482],
  [0.01911, 0.002004, 0.086011],
  [0.084736, 0.008756, 0.389366],
  [0.204492, 0.021391, 0.972542],
  [0.314679, 0.038676, 1.55348],
  [0.383734, 0.062077, 1.96728],
  [0.370702, 0.089456, 1.9948],
  [0.302273, 0.128201, 1.74537],
  [0.195618, 0.18519, 1.31756],
  [0.080507, 0.253589, 0.772125],
  [0.016172, 0.339133, 0.415254],
  [0.003816, 0.460777, 0.218502],
  [0.037465, 0.606741, 0.112044],
  [0.117749, 0.761757, 0.060709],
  [0.236491, 0.875211, 0.030451],
  [0.376772, 0.961988, 0.013676],
  [0.529826, 0.991761, 0.003988],
  [0.705224, 0.99734, 0],
  [0.878655, 0.955552, 0],
  [1.01416, 0.868934, 0],
  [1.11852, 0.777405, 0],
  [1.12399, 0.658341, 0],
  [1.03048, 0.527963, 0],
  [0.856297, 0.398057, 0],
  [0.647467, 0.283493, 0],
  [0.431567, 0.179828, 0],
  [0.268329, 0.107633, 0],
  [0.152568, 0.060281, 0],
  [0.081261, 0.0318, 0],
  [0.040851, 0.015905, 0],
  [0.019941, 0.007749, 0],
  [0.009577, 0.003718, 0],
  [0.004553, 0.001768, 0],
  [0.002175, 0.000846, 0],
  [0.001045, 0.000407, 0],
  [0.000508, 0.000199, 0],
  [0.000251, 0.000098, 0],
  [0.000126, 0.00005, 0],
  [0.000065, 0.000025, 0],
  [0.000033, 0.000013, 0],
];

/** Relative power of CIE standard illuminant D65, every 10 nm from 380 to 780 (ISO/CIE 11664-2). */
const d65: readonly number[] = [
  49.9755, 54.6482, 82.7549, 91.486, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923, 108.811,
  109.354, 107.802, 104.79, 107.689, 104.405, 104.046, 100, 96.3342, 95.788, 88.6856, 90.0062, 89.5991,
  87.6987, 83.2886, 83.6992, 80.0268, 80.2146, 82.2778, 78.2842, 69.7213, 71.6091, 74.349, 61.604, 69.8856,
  75.087, 63.5927, 46.4182, 66.8054, 63.3828,
];

/** White of D65 for the 10° observer (ASTM E308). */
export const white = { x: 94.811, y: 100, z: 107.304 };

const firstNm = 380;
const folded = (nm: number): number => Math.min(700, Math.max(400, nm));

/** Illuminant times matching function by band, what lies outside 400–700 nm folded into the end bands (ASTM E308 §7). */
const products: readonly (readonly number[])[] = (() => {
  const sums = bandsNm.map(() => [0, 0, 0]);
  matching.forEach((row, i) => {
    const band = (folded(firstNm + 10 * i) - 400) / 10;
    row.forEach((value, axis) => (sums[band]![axis]! += value * d65[i]!));
  });
  return sums;
})();
const totals = [0, 1, 2].map((axis) => products.reduce((sum, row) => sum + row[axis]!, 0));

/** White that the tables give by plain sums at 10 nm, before they are scaled: the check of the tables themselves. */
export const tableWhite = { x: (100 * totals[0]!) / totals[1]!, z: (100 * totals[2]!) / totals[1]! };

/** Weights X, Y, Z of each band, scaled so that the perfect reflector gives exactly the white. */
export const weights: readonly (readonly [number, number, number])[] = products.map(
  ([x, y, z]) =>
    [(x! * white.x) / totals[0]!, (y! * white.y) / totals[1]!, (z! * white.z) / totals[2]!] as const,
);

export interface Xyz {
  x: number;
  y: number;
  z: number;
}

/** Tristimulus values of a reflectance 0..1 by band, D65, 10°. */
export function xyzOf(reflectance: Spectrum): Xyz {
  const sum = (axis: 0 | 1 | 2) =>
    reflectance.reduce((total, value, i) => total + value * weights[i]![axis], 0);
  return { x: sum(0), y: sum(1), z: sum(2) };
}
