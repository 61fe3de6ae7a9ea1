import { insideOf, mixFilms, ratioOf, reflectanceAtFull, seenOf, type Film } from './kubelka-munk';
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
  for (let round = 0; round < 1500; round += 1) {
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

/** Moves shares between pairs of films while the look comes nearer, in steps that grow finer. */
function refine(start: readonly number[], bench: readonly Film[], target: Lab): Recipe {
  const shares = [...start];
  const sums = mixFilms(bench, shares);
  const [k, s] = [[...sums.k], [...sums.s]];
  /** Difference when a share goes from one film to another; K and S are linear in the shares. */
  const offWith = (from: number, to: number, amount: number): number => {
    const look: number[] = [];
    for (let i = 0; i < k.length; i += 1) {
      const kept = k[i]! + amount * (bench[to]!.k[i]! - bench[from]!.k[i]!);
      const scattered = s[i]! + amount * (bench[to]!.s[i]! - bench[from]!.s[i]!);
      look.push(seenOf(reflectanceAtFull(kept, scattered)));
    }
    return deltaE00(labOfSpectrum(look), target);
  };
  const move = (from: number, to: number, amount: number) => {
    shares[from]! -= amount;
    shares[to]! += amount;
    for (let i = 0; i < k.length; i += 1) {
      k[i]! += amount * (bench[to]!.k[i]! - bench[from]!.k[i]!);
      s[i]! += amount * (bench[to]!.s[i]! - bench[from]!.s[i]!);
    }
  };
  let best = offWith(0, 0, 0);
  for (let step = coarsest; step > finest && best > nearEnough; step /= 2)
    for (let moved = true; moved && best > nearEnough;) {
      moved = false;
      for (let from = 0; from < shares.length; from += 1)
        for (let to = 0; to < shares.length; to += 1) {
          const amount = Math.min(step, shares[from]!);
          if (from === to || amount <= finest / 2) continue;
          const value = offWith(from, to, amount);
          if (value >= best - leastGain) continue;
          move(from, to, amount);
          best = value;
          moved = true;
        }
    }
  return { shares, film: mixFilms(bench, shares), deltaE: best };
}

/** Shares are moved by a fifth first, by half a thousandth last; a twentieth of ΔE00 nobody sees. */
const coarsest = 0.2;
const finest = 0.0005;
const nearEnough = 0.05;
const leastGain = 1e-4;
