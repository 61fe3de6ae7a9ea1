import type { Minute } from '../units';
import type { Arc } from './compiled';
import type { ModelHold, ModelLink, ModelStep } from './model';

interface Fixed {
  start: Minute;
  end: Minute;
}

/** True when no start from `now` on can keep the link, with at least one end of it a fact. */
export function isBroken(
  link: ModelLink,
  from: ModelStep,
  facts: { from: Fixed | undefined; to: Fixed | undefined },
  now: Minute,
): boolean {
  const ends = link.type === 'end-start';
  const low = link.min ?? -Infinity;
  const high = link.max ?? Infinity;
  if (facts.from) {
    const anchor = ends ? facts.from.end : facts.from.start;
    if (facts.to) {
      const gap = facts.to.start - anchor;
      return gap < low || gap > high;
    }
    return anchor + high < now;
  }
  if (!facts.to) return false;
  const soonest = now + (ends ? from.minutes : 0);
  return soonest > facts.to.start - low;
}

/** The arcs of the links that stand, and of the holds around their members. */
export function arcsOf(
  links: readonly ModelLink[],
  broken: ReadonlySet<number>,
  holds: readonly (ModelHold & { members: number[] })[],
  index: ReadonlyMap<string, number>,
  isFact: (step: number) => boolean,
): Arc[] {
  const arcs: Arc[] = [];
  links.forEach((link, at) => {
    if (broken.has(at)) return;
    const from = index.get(link.from)!;
    const to = index.get(link.to)!;
    const fromEnd = link.type === 'end-start';
    if (link.min !== null)
      arcs.push({ from, to, fromEnd, toEnd: false, lag: link.min, link: at, closing: false, hold: -1 });
    if (link.max !== null)
      arcs.push({
        from: to,
        to: from,
        fromEnd: false,
        toEnd: fromEnd,
        lag: 0 - link.max,
        link: at,
        closing: true,
        hold: -1,
      });
  });
  holds.forEach((hold, at) => {
    const first = index.get(hold.from)!;
    const last = index.get(hold.to)!;
    const bound = { lag: 0, link: -1, closing: false, hold: at };
    for (const member of hold.members) {
      if (isFact(member)) continue;
      if (member !== first) arcs.push({ ...bound, from: first, to: member, fromEnd: false, toEnd: false });
      if (member !== last) arcs.push({ ...bound, from: member, to: last, fromEnd: true, toEnd: true });
    }
    // A hold never ends before it starts, whatever its steps are.
    if (first !== last && !isFact(last))
      arcs.push({ ...bound, from: first, to: last, fromEnd: false, toEnd: true });
  });
  return arcs;
}
