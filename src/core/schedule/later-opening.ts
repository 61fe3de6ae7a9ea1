import type { Compiled } from './compiled';
import type { Random } from './random';
import type { Solution } from './solution';

/**
 * Delays that shorten a hold: what comes before an idle gap inside it is moved later by that gap, and everything it has
 * been waiting for is then done just in time. @returns null when there is nothing to gain
 */
export function laterOpening(problem: Compiled, from: Solution, random: Random): Float64Array | null {
  const { holds, resources } = problem;
  if (holds.length === 0 || random.next() < 0.5) return null;
  if (random.next() < 0.1) return new Float64Array(problem.steps.length).fill(-Infinity);
  const h = random.below(holds.length);
  const r = from.holdResource[h]!;
  if (r < 0 || !resources[r]!.scarce) return null;
  const { start, end } = from;
  const members = [...holds[h]!.members].sort((a, b) => start[a]! - start[b]! || end[a]! - end[b]!);
  let reach = -Infinity;
  const gaps: { before: number; length: number }[] = [];
  members.forEach((member, k) => {
    if (k > 0 && start[member]! > reach) gaps.push({ before: k, length: start[member]! - reach });
    reach = Math.max(reach, end[member]!);
  });
  if (gaps.length === 0 || random.next() < 0.3) {
    // Or the whole of it moves to another time, where it may pass with fewer open minutes.
    const last = from.figures.makespan;
    const shift = 1 + random.below(Math.max(1, last - start[members[0]!]!));
    const delay = from.delay.slice();
    delay[holds[h]!.from] = start[holds[h]!.from]! + shift;
    return delay;
  }
  const gap = gaps[random.below(gaps.length)]!;
  const delay = from.delay.slice();
  for (const member of members.slice(0, gap.before))
    delay[member] = Math.max(delay[member]!, start[member]! + gap.length);
  return delay;
}
