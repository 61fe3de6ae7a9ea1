import type { Compiled } from './compiled';

/**
 * Orders steps by key, smallest first, but each after those that a non-negative lag puts before it; what must come before
 * is pulled forward. Where starts are tied in a ring the order of keys stands.
 * @param steps the steps to order; others are taken as placed
 */
export function orderByKey(problem: Compiled, steps: ArrayLike<number>, keys: ArrayLike<number>): Int32Array {
  const sorted = Array.from(steps).sort((a, b) => keys[a]! - keys[b]! || a - b);
  const waiting = new Uint8Array(problem.steps.length);
  for (const one of sorted) waiting[one] = 1;
  const order = new Int32Array(sorted.length);
  let filled = 0;
  const path: number[] = [];
  const at: number[] = [];
  for (const first of sorted) {
    if (waiting[first] !== 1) continue;
    path.push(first);
    at.push(0);
    waiting[first] = 2;
    while (path.length > 0) {
      const top = path.at(-1)!;
      const { into } = problem.steps[top]!;
      let next = -1;
      while (at[at.length - 1]! < into.length && next < 0) {
        const arc = into[at[at.length - 1]!]!;
        at[at.length - 1]! += 1;
        if (arc.lag >= 0 && waiting[arc.from] === 1) next = arc.from;
      }
      if (next >= 0) {
        waiting[next] = 2;
        path.push(next);
        at.push(0);
      } else {
        waiting[top] = 0;
        order[filled++] = top;
        path.pop();
        at.pop();
      }
    }
  }
  return order;
}
