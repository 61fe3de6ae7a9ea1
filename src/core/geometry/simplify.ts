import { distanceToPiece, type Point, type Ring } from './polygon';

/** A line with fewer points, none of those left out further than `toleranceM` from it (Ramer, Douglas, Peucker); its ends stay. */
export function simplifiedLine(line: readonly Point[], toleranceM: number): Point[] {
  const stays = new Uint8Array(line.length);
  stays[0] = 1;
  stays[line.length - 1] = 1;
  const ahead: [number, number][] = [[0, line.length - 1]];
  for (let span = ahead.pop(); span; span = ahead.pop()) {
    const [begin, end] = span;
    let [worst, distance] = [-1, toleranceM];
    for (let i = begin + 1; i < end; i += 1) {
      const one = distanceToPiece(line[i]!, line[begin]!, line[end]!);
      if (one > distance) [worst, distance] = [i, one];
    }
    if (worst < 0) continue;
    stays[worst] = 1;
    ahead.push([begin, worst], [worst, end]);
  }
  return line.filter((_, i) => stays[i] === 1);
}

/** A ring with fewer points in the same way, cut at its first point and at the one furthest from it, which both stay. */
export function simplified(ring: Ring, toleranceM: number): Point[] {
  const [first] = ring;
  if (!first || ring.length < 5) return [...ring];
  let far = 0;
  const from = (i: number) => Math.hypot(ring[i]![0] - first[0], ring[i]![1] - first[1]);
  for (let i = 1; i < ring.length; i += 1) if (from(i) > from(far)) far = i;
  const there = simplifiedLine(ring.slice(0, far + 1), toleranceM);
  const back = simplifiedLine([...ring.slice(far), first], toleranceM);
  return [...there.slice(0, -1), ...back.slice(0, -1)];
}
