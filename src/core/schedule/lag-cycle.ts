import type { Arc, Compiled } from './compiled';

/**
 * A ring of lags whose sum is above zero with every step at its least length: no starts can keep it, whatever the hours
 * and resources (Bellman and Ford on the longest way). @returns its arcs, or null
 */
export function lagCycle({ steps, facts }: Compiled): Arc[] | null {
  const n = steps.length;
  const isFact = new Uint8Array(n);
  for (const one of facts) isFact[one.step] = 1;
  // Two nodes a step, start and end; a step may be longer than its minutes but never shorter.
  const reach = new Float64Array(n * 2);
  const by: (Arc | null)[] = new Array<Arc | null>(n * 2).fill(null);
  const before = new Int32Array(n * 2).fill(-1);
  const rounds = new Int32Array(n * 2);
  const queue: number[] = [];
  const queued = new Uint8Array(n * 2);
  const raise = (node: number, value: number, from: number, arc: Arc | null): boolean => {
    if (value <= reach[node]!) return true;
    reach[node] = value;
    before[node] = from;
    by[node] = arc;
    rounds[node]! += 1;
    if (queued[node] === 0) {
      queued[node] = 1;
      queue.push(node);
    }
    return rounds[node]! <= 2 * n + 1;
  };
  for (let i = 0; i < n; i += 1) {
    reach[i * 2 + 1] = steps[i]!.minutes;
    queue.push(i * 2, i * 2 + 1);
    queued[i * 2] = 1;
    queued[i * 2 + 1] = 1;
  }
  for (let at = 0; at < queue.length; at += 1) {
    const node = queue[at]!;
    queued[node] = 0;
    const i = node >> 1;
    const { minutes, kind, out } = steps[i]!;
    const isEnd = (node & 1) === 1;
    if (!isEnd && !raise(node + 1, reach[node]! + minutes, node, null)) return ringFrom(node + 1, before, by);
    // Only steps that pause may end later than their minutes after the start.
    if (isEnd && kind !== 1 && !raise(node - 1, reach[node]! - minutes, node, null))
      return ringFrom(node - 1, before, by);
    if (isFact[i]) continue;
    for (const arc of out) {
      if (arc.fromEnd !== isEnd || isFact[arc.to]) continue;
      const to = arc.to * 2 + (arc.toEnd ? 1 : 0);
      if (!raise(to, reach[node]! + arc.lag, node, arc)) return ringFrom(to, before, by);
    }
  }
  return null;
}

function ringFrom(node: number, before: Int32Array, by: readonly (Arc | null)[]): Arc[] {
  const seen = new Set<number>();
  let at = node;
  while (!seen.has(at)) {
    seen.add(at);
    at = before[at]!;
  }
  const ring: Arc[] = [];
  const first = at;
  do {
    const arc = by[at];
    if (arc) ring.unshift(arc);
    at = before[at]!;
  } while (at !== first);
  return ring;
}
