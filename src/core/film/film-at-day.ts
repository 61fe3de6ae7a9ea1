import type { Minute } from '../units';
import type { FilmColumn, FilmSlice } from './film-column';

/** When the coats of a slice are laid, and when the work that takes from it is done. */
export interface SliceTimes {
  laid: readonly Minute[];
  taken: readonly Minute[];
}

const shareBy = (ends: readonly Minute[], at: Minute): number =>
  ends.length === 0 ? 0 : ends.filter((end) => end <= at).length / ends.length;

/**
 * The film as it stands at a minute: of each slice the coats that are laid by then, less what has been taken by then.
 * Kept layers stand from the first. A slice whose coats are not planned any more is taken as laid.
 */
export function filmAt(column: FilmColumn, times: readonly SliceTimes[], at: Minute): FilmSlice[] {
  return column.slices.map((slice, i): FilmSlice => {
    if (slice.kind === 'kept') return slice;
    const { laid, taken } = times[i] ?? { laid: [], taken: [] };
    // What is stripped stood there from the first, and is gone when the last of the stripping has ended.
    const laidShare = slice.kind === 'old' || laid.length === 0 ? 1 : shareBy(laid, at);
    const takenShare =
      slice.kind === 'old'
        ? Number(taken.every((end) => end <= at))
        : Math.min(laidShare, shareBy(taken, at));
    return {
      ...slice,
      laidUm: slice.laidUm * laidShare,
      edgeUm: slice.edgeUm * laidShare,
      takenUm: slice.takenUm * takenShare,
      edgeTakenUm: slice.edgeTakenUm * takenShare,
    };
  });
}
