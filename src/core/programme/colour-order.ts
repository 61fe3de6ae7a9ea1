/** What decides when a lot is painted on its body. */
interface Painted {
  clock: string;
  /** Where the trade puts it by itself: a stripe that becomes the mask, what looks up, the rest, a stripe at last. */
  rank: number;
  /** Painted only when its body has been turned. */
  isTurned?: boolean;
}

/**
 * The order in which the areas of a body get their colours: as the manager put it, else from the top down, so that wet
 * edge and tape lie below. What the manager's order leaves out comes behind what it names.
 * @param byHand clocks in their order; what is not on this body says nothing
 */
export function colourOrder<T extends Painted>(areas: readonly T[], byHand: readonly string[]): T[] {
  const named = new Map(byHand.map((clock, i) => [clock, i]));
  const place = (area: T) => named.get(area.clock) ?? byHand.length + area.rank;
  const turn = (area: T) => (area.isTurned ? 1 : 0);
  // Sorting keeps the given order among equals.
  return [...areas].sort((a, b) => turn(a) - turn(b) || place(a) - place(b));
}

/** Whether the manager's order has a say between two areas. */
export const isByHand = (byHand: readonly string[], a: string, b: string): boolean =>
  byHand.includes(a) && byHand.includes(b);
