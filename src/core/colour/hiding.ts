import { filmAtFull, filmOver, insideOf, seenOf, type Film } from './kubelka-munk';
import { deltaE00, labOfSpectrum } from './lab';
import { bandsNm, type Spectrum } from './observer';

/** Below this the eye sees no ground through the film any more, ΔE00. */
export const hiddenBelow = 1;
/** More coats than this are not tried: a ground coat does it sooner. */
export const mostCoats = 12;

/** How far the look is from the finished colour after each coat over a ground, ΔE00. */
export function showThrough(film: Film, coatUm: number, ground: Spectrum, coats: number): number[] {
  const full = labOfSpectrum(filmAtFull(film).map(seenOf));
  return Array.from({ length: coats }, (_, i) =>
    deltaE00(labOfSpectrum(filmOver(film, coatUm * (i + 1), ground).map(seenOf)), full),
  );
}

/**
 * Whole coats until the ground is hidden: ΔE00 < 1 between the colour over that ground and the same at any thickness
 * (docs/method.md, Colour). @returns null where twelve coats do not hide it
 */
export function coatsToHide(film: Film, coatUm: number, ground: Spectrum): number | null {
  const at = showThrough(film, coatUm, ground, mostCoats).findIndex((value) => value < hiddenBelow);
  return at < 0 ? null : at + 1;
}

/** Inside reflectance of a grey ground of a lightness L*, as a reader sees it 0..1 by the neutral scale. */
export function greyGround(l: number): Spectrum {
  const y = l > 8 ? ((l + 16) / 116) ** 3 : l / (24389 / 27);
  const seen = Math.max(0.042, y);
  return bandsNm.map(() => insideOf(seen));
}

export interface GroundChoice {
  l: number;
  coats: number | null;
  /** What still shows after the coats asked about, ΔE00. */
  leftAfter: number;
}

/** Grey sealers from dark to white, L*. */
const greys = [20, 30, 40, 50, 60, 70, 80, 92];

/** The grey sealer that asks least of the colour: fewest coats, then least left to see after the planned ones. */
export function bestGrey(film: Film, coatUm: number, plannedCoats: number): GroundChoice {
  const choices = greys.map((l): GroundChoice => {
    const ground = greyGround(l);
    const leftAfter = showThrough(film, coatUm, ground, Math.max(1, plannedCoats)).at(-1)!;
    return { l, coats: coatsToHide(film, coatUm, ground), leftAfter };
  });
  const rank = (one: GroundChoice) => one.coats ?? mostCoats + 1;
  return choices.reduce((best, one) =>
    rank(one) < rank(best) || (rank(one) === rank(best) && one.leftAfter < best.leftAfter) ? one : best,
  );
}
