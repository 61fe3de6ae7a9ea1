import type { Compiled } from './compiled';
import type { Random } from './random';
import { tailsOf } from './value';

/** Orders that are tried before any is changed. */
const rules = 8;

/**
 * Keys for the orders to start from, smallest first; pinned steps and steps that must start by a minute lead.
 * @returns null when all rules have been tried
 */
export function startingKeys(problem: Compiled, rule: number, random: Random): Float64Array | null {
  if (rule >= rules) return null;
  const tails = tailsOf(problem, true).start;
  const whole = tailsOf(problem, false).start;
  const due = (i: number) => problem.jobs[problem.steps[i]!.job]!.due;
  const weight = (i: number) => Math.max(1e-6, problem.jobs[problem.steps[i]!.job]!.weight);
  const far = 1e15;
  const keys = Float64Array.from(problem.steps, (step, i) => {
    if (problem.latest[i]! < Infinity) return -far + problem.latest[i]!;
    const promised = due(i) ?? far / 2;
    switch (rule) {
      case 0:
        return -whole[i]!;
      case 1:
        return promised - tails[i]!;
      case 2:
        return problem.earliest[i]! - whole[i]!;
      case 3:
        return -weight(i) * 1e9 - tails[i]!;
      case 4:
        return promised;
      case 5:
        return -weight(i) * 1e9 + promised;
      default:
        return promised - tails[i]! * (0.5 + random.next());
    }
  });
  return keys;
}
