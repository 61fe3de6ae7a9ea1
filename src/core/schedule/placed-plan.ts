import type { Minute } from '../units';
import type { Compiled } from './compiled';
import type { Solution } from './solution';
import { standingOf } from './standing';

/** Someone's demand on a resource over time; owners are the steps, then the holds, then what is promised to others. */
export interface Booking {
  owner: number;
  from: Minute;
  to: Minute;
  amount: number;
}

/** A solution read as who is where and when. */
export interface PlacedPlan {
  problem: Compiled;
  start: Float64Array;
  end: Float64Array;
  /** Resource of each entry of each step; null where a record does not say. */
  taken: (Int32Array | null)[];
  isFact: Uint8Array;
  holds: { resource: number; start: Minute; end: Minute }[];
  /** By resource, in order of start. */
  bookings: Booking[][];
  /** By resource, the latest end of the bookings up to each. */
  reach: Float64Array[];
  /** By exclusion and side, what takes part in it. */
  exclusive: Partaking[][];
  /** By owner, the exclusions it takes part in. */
  takesPart: Map<number, { exclusion: number; side: 1 | 2 }[]>;
}

/** A step or hold on one side of an exclusion. */
export interface Partaking {
  owner: number;
  from: Minute;
  to: Minute;
  side: 1 | 2;
}

export function placedPlan(
  problem: Compiled,
  solution: Pick<Solution, 'start' | 'end' | 'choice' | 'holdResource'>,
): PlacedPlan {
  const { steps, holds, resources, exclusions, now } = problem;
  const { start, end } = solution;
  const isFact = new Uint8Array(steps.length);
  const taken: (Int32Array | null)[] = steps.map((step, i) => {
    const choice = solution.choice[i]!;
    return choice < 0 ? null : step.choices[choice]!.resources;
  });
  const sides = steps.map((step, i) => step.choices[Math.max(0, solution.choice[i]!)]?.sides ?? null);
  for (const one of standingOf(problem)) {
    isFact[one.step] = 1;
    taken[one.step] = one.resources;
    sides[one.step] = one.sides;
  }
  const bookings: Booking[][] = resources.map(() => []);
  const exclusive: PlacedPlan['exclusive'] = exclusions.map(() => []);
  const takesPart: PlacedPlan['takesPart'] = new Map();
  const exclude = (owner: number, of: Uint8Array | null | undefined, from: Minute, to: Minute) => {
    if (!of || to <= from) return;
    of.forEach((bits, exclusion) => {
      for (const side of [1, 2] as const) {
        if ((bits & side) === 0) continue;
        exclusive[exclusion]!.push({ owner, from, to, side });
        takesPart.set(owner, [...(takesPart.get(owner) ?? []), { exclusion, side }]);
      }
    });
  };
  steps.forEach((step, i) => {
    const from = isFact[i] ? Math.max(now, start[i]!) : start[i]!;
    taken[i]?.forEach((r, e) => {
      const amount = step.amounts[e]!;
      if (amount > 0 && end[i]! > from) bookings[r]!.push({ owner: i, from, to: end[i]!, amount });
    });
    exclude(i, sides[i], start[i]!, end[i]!);
  });
  const held = holds.map((hold, h) => {
    const resource = solution.holdResource[h]!;
    const one = { resource, start: start[hold.from]!, end: end[hold.to]! };
    if (resource < 0) return one;
    const from = isFact[hold.from] ? Math.max(now, one.start) : one.start;
    if (hold.amount > 0 && one.end > from)
      bookings[resource]!.push({ owner: steps.length + h, from, to: one.end, amount: hold.amount });
    exclude(steps.length + h, hold.sidesBy.get(resource), one.start, one.end);
    return one;
  });
  problem.promised.forEach(({ resource, from, to }, k) =>
    bookings[resource]!.push({ owner: steps.length + holds.length + k, from, to, amount: 1 }),
  );
  for (const list of bookings) list.sort((a, b) => a.from - b.from || a.owner - b.owner);
  const reach = bookings.map((list) => {
    let latest = -Infinity;
    return Float64Array.from(list, (one) => (latest = Math.max(latest, one.to)));
  });
  return { problem, start, end, taken, isFact, holds: held, bookings, reach, exclusive, takesPart };
}

/** Bookings of a resource that overlap [from, to), found by bisection. */
export function bookingsWithin(
  { bookings, reach }: PlacedPlan,
  resource: number,
  from: Minute,
  to: Minute,
): Booking[] {
  const list = bookings[resource]!;
  const latest = reach[resource]!;
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (latest[middle]! > from) high = middle;
    else low = middle + 1;
  }
  const found: Booking[] = [];
  for (let i = low; i < list.length && list[i]!.from < to; i += 1)
    if (list[i]!.to > from) found.push(list[i]!);
  return found;
}
