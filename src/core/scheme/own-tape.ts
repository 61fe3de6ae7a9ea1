import type { Construction } from '../record';

/** The widest tape that is laid over a line by itself, mm. */
export const widestTapeMm = 50;

/** Widths of everything that a construction lays in a colour, mm; Infinity for what has no width of its own. */
function widthsOf({ colour: own, shape }: Construction, colour: string): number[] {
  const outline = shape.kind === 'band' && shape.outline?.colour === colour ? [shape.outline.widthMm] : [];
  if (own !== colour) return outline;
  switch (shape.kind) {
    case 'band':
      return [...shape.widths.map((one) => one.mm), ...outline];
    case 'stripes':
      return shape.widthsMm;
    default:
      return [Infinity];
  }
}

/**
 * Tape of its own width that masks a colour wherever it lies.
 * @returns widest and mean width, mm; null where it has a field, a box or a band that no tape is as wide as
 */
export function ownTapeOf(
  constructions: readonly Construction[],
  colour: string,
): { widestMm: number; meanMm: number } | null {
  const widths = constructions.flatMap((one) => widthsOf(one, colour));
  const widestMm = Math.max(0, ...widths);
  if (widestMm === 0 || widestMm > widestTapeMm) return null;
  return { widestMm, meanMm: widths.reduce((sum, mm) => sum + mm, 0) / widths.length };
}
