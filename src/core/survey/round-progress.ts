import type { Mark, MarkKind } from '../record';

/** Marks that blocking has to bring down. */
const blocked: readonly MarkKind[] = ['dent', 'high', 'low'];

export interface RoundProgress {
  round: number;
  /** High, low and dented spots found in this round, and how many of them are still open. */
  found: number;
  open: number;
  /** Area of what was found, m²; each spot counts as a disc of its size. */
  foundM2: number;
}

/**
 * How the high and low map shrinks from the walk round (0) through the block rounds: a surface is coming true while the
 * area found gets smaller from round to round.
 * @returns one entry a round that has marks, in order
 */
export function roundProgress(
  marks: readonly Pick<Mark, 'kind' | 'sizeMm' | 'mended' | 'round'>[],
): RoundProgress[] {
  const rounds = [...new Set(marks.map((mark) => mark.round))].sort((a, b) => a - b);
  return rounds.flatMap((round) => {
    const own = marks.filter((mark) => mark.round === round && blocked.includes(mark.kind));
    if (own.length === 0) return [];
    return [
      {
        round,
        found: own.length,
        open: own.filter((mark) => !mark.mended).length,
        foundM2: own.reduce((sum, mark) => sum + (Math.PI / 4) * (mark.sizeMm / 1000) ** 2, 0),
      },
    ];
  });
}
