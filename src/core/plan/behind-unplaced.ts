import type { Step, StepNetwork } from '../steps';
import type { Minute } from '../units';

type Network = Pick<StepNetwork, 'steps' | 'links' | 'stays'>;

/**
 * Steps that come behind one for which no room was found, through links and stays, with what they wait for: nothing of them is
 * booked, since nobody knows when that step will be done.
 */
export function behindUnplaced(
  network: Network,
  unplaced: readonly string[],
): ReadonlyMap<string, readonly string[]> {
  const names = new Map(network.steps.map((step) => [step.key, step.name]));
  return behind(
    network,
    unplaced.map((key) => [key, `“${names.get(key) ?? key}”, which finds no room`]),
  );
}

/** Steps whose piece was to be back by now and is not, and all that comes behind them: nobody knows when it will be. */
export function behindOverdue(network: Network, now: Minute): ReadonlyMap<string, readonly string[]> {
  const late = network.steps.flatMap((step) => overdue(step, now).map((why) => [step.key, why] as const));
  const held = new Map<string, readonly string[]>(behind(network, late));
  for (const [key, why] of late) held.set(key, [...new Set([...(held.get(key) ?? []), why])]);
  return held;
}

const overdue = ({ limits }: Step, now: Minute): string[] =>
  limits.flatMap((one) =>
    one.kind === 'away' && one.to <= now ? [`${one.what} is outside and overdue`] : [],
  );

/** What comes behind some steps, each with what it waits for. */
function behind(
  { steps, links, stays }: Network,
  firsts: readonly (readonly [key: string, why: string])[],
): Map<string, string[]> {
  const found = new Map<string, string[]>();
  if (firsts.length === 0) return found;
  const next = new Map<string, string[]>();
  const add = (from: string, to: string) => next.set(from, [...(next.get(from) ?? []), to]);
  for (const { from, to, min } of links) if (min >= 0) add(from, to);
  const stayOf = new Map(stays.map((stay) => [stay.key, stay]));
  for (const { key, hold } of steps) {
    const stay = hold === null ? undefined : stayOf.get(hold);
    if (stay && stay.to !== key) add(key, stay.to);
  }
  for (const [first, why] of firsts) {
    const seen = new Set([first]);
    for (const one of seen)
      for (const later of next.get(one) ?? [])
        if (!seen.has(later)) {
          seen.add(later);
          found.set(later, [...new Set([...(found.get(later) ?? []), why])]);
        }
  }
  return found;
}
