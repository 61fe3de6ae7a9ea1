import type { Spectrum } from './observer';

/** Absorption and scattering of a film by band, per µm of dry film. */
export interface Film {
  k: Spectrum;
  s: Spectrum;
}

/**
 * Reflectance inside a film of X µm over a ground of reflectance R_g (Kubelka and Munk, hyperbolic form):
 * `a = 1 + K/S`, `b = √(a² − 1)`, `R = (1 − R_g(a − b·coth(bSX))) / (a − R_g + b·coth(bSX))`.
 * A film that does not scatter only absorbs, down and up again: `R = R_g·e^(−2KX)`.
 */
export function reflectanceOver(k: number, s: number, um: number, ground: number): number {
  if (um <= 0) return ground;
  if (s < 1e-9) return ground * Math.exp(-2 * k * um);
  const a = 1 + k / s;
  const b = Math.sqrt(Math.max(0, a * a - 1));
  const bsx = b * s * um;
  // Without absorption b is 0, and b·coth(bSX) goes to 1/(SX).
  const bCoth = bsx < 1e-6 ? 1 / (s * um) + (b * bsx) / 3 : b / Math.tanh(bsx);
  return (1 - ground * (a - bCoth)) / (a - ground + bCoth);
}

/** Reflectance of a film so thick that nothing shows through: `1 + K/S − √((K/S)² + 2K/S)`. */
export function reflectanceAtFull(k: number, s: number): number {
  if (s < 1e-9) return 0;
  const ratio = k / s;
  return 1 + ratio - Math.sqrt(ratio * ratio + 2 * ratio);
}

/** K/S of a film that hides, from its inside reflectance: `(1 − R)² / 2R`. */
export const ratioOf = (reflectance: number): number => (1 - reflectance) ** 2 / (2 * reflectance);

/** What the surface throws back of light from outside, and of light from inside (Saunderson). */
const k1 = 0.04;
const k2 = 0.6;

/** What a reader sees of an inside reflectance: `k1 + (1 − k1)(1 − k2)R / (1 − k2·R)`. */
export const seenOf = (inside: number): number => k1 + ((1 - k1) * (1 - k2) * inside) / (1 - k2 * inside);

/** Inside reflectance of what a reader sees; the inverse of `seenOf`. */
export const insideOf = (seen: number): number => (seen - k1) / ((1 - k1) * (1 - k2) + k2 * (seen - k1));

/** A film over a ground, band by band, inside. */
export const filmOver = ({ k, s }: Film, um: number, ground: Spectrum): number[] =>
  ground.map((one, i) => reflectanceOver(k[i]!, s[i]!, um, one));

/** A film that hides all, band by band, inside. */
export const filmAtFull = ({ k, s }: Film): number[] => k.map((one, i) => reflectanceAtFull(one, s[i]!));

/** Films mixed by share of dry pigment mass: K and S add up. @param shares sum 1 */
export function mixFilms(films: readonly Film[], shares: readonly number[], strength = 1): Film {
  const sum = (pick: (film: Film) => Spectrum) =>
    films[0]!.k.map(
      (_, i) => strength * films.reduce((total, film, n) => total + shares[n]! * pick(film)[i]!, 0),
    );
  return { k: sum((film) => film.k), s: sum((film) => film.s) };
}
