import type { StepNetwork } from '../steps';

/**
 * Steps that come behind one for which no room was found, through links and stays, with what they wait for: nothing of them is
 * booked, since nobody knows when that step will be done.
 */
export function behindUnplaced(
  { steps, links, stays }: Pick<StepNetwork, 'steps' | 'links' | 'stays'>,
  unplaced: readonly string[],
): ReadonlyMap<string, readonly string[]> {
  const found = new Map<string, string[]>();
  if (unplaced.length === 0) return found;
  const next = new Map<string, string[]>();
  const add = (from: string, to: string) => next.set(from, [...(next.get(from) ?? []), to]);
  for (const { from, to, min } of links) if (min >= 0) add(from, to);
  const stayOf = new Map(stays.map((stay) => [stay.key, stay]));
  for (const { key, hold } of steps) {
    const stay = hold === null ? undefined : stayOf.get(hold);
    if (stay && stay.to !== key) add(key, stay.to);
  }
  const names = new Map(steps.map((step) => [step.key, step.name]));
  for (const first of unplaced) {
    const seen = new Set([first]);
    for (const one of seen)
      for (const later of next.get(one) ?? [])
        if (!seen.has(later)) {
          seen.add(later);
          found.set(later, [
            ...(found.get(later) ?? []),
            `“${names.get(first) ?? first}”, which finds no room`,
          ]);
        }
  }
  return found;
}
