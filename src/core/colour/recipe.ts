import { insideOf, ratioOf, seenOf, filmAtFull, mixFilms, type Film } from './kubelka-munk';
import { deltaE00, labOfSpectrum, type Lab } from './lab';
import { weights, type Spectrum } from './observer';

export interface Recipe {
  /** Share of each film of the bench, sum 1, by dry pigment mass. */
  shares: number[];
  film: Film;
  /** How far the mixed colour lies from the wanted one, ΔE00. */
  deltaE: number;
}

/** The surface alone throws back four parts in a hundred: nothing darker can be mixed, nothing brighter than white. */
const darkest = 0.041;
const brightest = 0.97;

/**
 * A recipe for a reading: minimise `Σ w_λ²(Σ c_i(K_i − t_λ·S_i))²`, c ≥ 0, Σc = 1, t = K/S of the reading, w the eye's
 * weight of the band over t; then refined on ΔE00 by moving shares between pairs, step by step finer.
 * @param seen reflectance as a reader sees it, by band
 */
export function recipeFor(seen: Spectrum, bench: readonly Film[]): Recipe {
  const wanted = seen.map((value) => Math.min(brightest, Math.max(darkest, value)));
  const target = labOfSpectrum(wanted);
  const ratios = wanted.map((value) => ratioOf(insideOf(value)));
  const rows = ratios.map((t, i) => {
    const eye = weights[i]!.reduce((sum, value) => sum + value, 0) / (1 + t);
    return bench.map((film) => eye * (film.k[i]! - t * film.s[i]!));
  });
  return refine(leastOnSimplex(rows, bench.length), bench, target);
}

/** min |A·c|² over c ≥ 0, Σc = 1, by exponentiated gradient: it stays on the simplex and needs no start. */
function leastOnSimplex(rows: readonly number[][], size: number): number[] {
  let shares = Array.from({ length: size }, () => 1 / size);
  const scale = Math.max(1e-12, ...rows.flat().map(Math.abs));
  for (let round = 0; round < 4000; round += 1) {
    const off = rows.map((row) => row.reduce((sum, value, i) => sum + value * shares[i]!, 0));
    const slope = shares.map((_, i) =>
      rows.reduce((sum, row, n) => sum + (row[i]! / scale) * (off[n]! / scale), 0),
    );
    const least = Math.min(...slope);
    const raised = shares.map((share, i) => share * Math.exp(-4 * (slope[i]! - least)));
    const sum = raised.reduce((total, value) => total + value, 0);
    shares = raised.map((value) => value / sum);
  }
  return shares;
}

const lookOf = (film: Film): Lab => labOfSpectrum(filmAtFull(film).map(seenOf));

function refine(start: readonly number[], bench: readonly Film[], target: Lab): Recipe {
  let shares = [...start];
  const off = (given: readonly number[]) => deltaE00(lookOf(mixFilms(bench, given)), target);
  let best = off(shares);
  for (let step = 0.2; step > 0.0002; step /= 2) {
    for (let moved = true; moved;) {
      moved = false;
      for (let from = 0; from < shares.length; from += 1)
        for (let to = 0; to < shares.length; to += 1) {
          if (from === to || shares[from]! <= 0) continue;
          const tried = [...shares];
          const amount = Math.min(step, tried[from]!);
          tried[from]! -= amount;
          tried[to]! += amount;
          const value = off(tried);
          if (value < best - 1e-4) [shares, best, moved] = [tried, value, true];
        }
    }
  }
  return { shares, film: mixFilms(bench, shares), deltaE: best };
}
