import { distanceToPiece, type Point, type Ring } from './polygon';

/**
 * A ring with fewer points, none of those left out further than `toleranceM` from it (Ramer, Douglas, Peucker). It is
 * cut at its first point and at the one furthest from it, which both stay.
 */
export function simplified(ring: Ring, toleranceM: number): Point[] {
  if (ring.length < 5) return [...ring];
  const [first] = ring;
  let far = 0;
  const from = (i: number) => Math.hypot(ring[i]![0] - first![0], ring[i]![1] - first![1]);
  for (let i = 1; i < ring.length; i += 1) if (from(i) > from(far)) far = i;
  const stays = new Uint8Array(ring.length);
  stays[0] = 1;
  stays[far] = 1;
  const at = (i: number): Point => ring[i % ring.length]!;
  const ahead: [number, number][] = [
    [0, far],
    [far, ring.length],
  ];
  for (let span = ahead.pop(); span; span = ahead.pop()) {
    const [begin, end] = span;
    let [worst, distance] = [-1, toleranceM];
    for (let i = begin + 1; i < end; i += 1) {
      const one = distanceToPiece(at(i), at(begin), at(end));
      if (one > distance) [worst, distance] = [i, one];
    }
    if (worst < 0) continue;
    stays[worst] = 1;
    ahead.push([begin, worst], [worst, end]);
  }
  return ring.filter((_, i) => stays[i] === 1);
}
