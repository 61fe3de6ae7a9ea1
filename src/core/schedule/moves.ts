import type { Compiled } from './compiled';
import { orderByKey } from './list-order';
import type { Random } from './random';
import type { Solution } from './solution';
import type { Genes } from './serial-placer';

const byStart = (free: Int32Array, { start, end }: Solution): number[] =>
  Array.from(free).sort((a, b) => start[a]! - start[b]! || end[a]! - end[b]! || a - b);

/** The order of a plan with part of it changed: a stretch of time shuffled, a job brought forward, a step pulled ahead. */
export function changeOrder(problem: Compiled, free: Int32Array, from: Solution, random: Random): Genes {
  const n = problem.steps.length;
  const keys = new Float64Array(n);
  const sorted = byStart(free, from);
  sorted.forEach((step, i) => (keys[step] = i));
  const prefer = Int32Array.from(from.choice, (one) => Math.max(0, one));
  const many = sorted.length;
  const width = Math.min(many, 4 + random.below(Math.max(6, Math.min(40, many / 3))));
  const first = random.below(Math.max(1, many - width + 1));
  const kind = random.next();
  if (kind < 0.6) {
    // Inside the stretch every step gets a new place, near its old one or anywhere.
    const reach = random.next() < 0.5 ? width : width / 3;
    for (let i = first; i < first + width; i += 1) keys[sorted[i]!] = i + (random.next() - 0.5) * reach * 2;
  } else if (kind < 0.8) {
    const moves = 1 + random.below(3);
    for (let k = 0; k < moves; k += 1) {
      const step = sorted[random.below(many)]!;
      keys[step]! += (random.next() - 0.7) * many * 0.5;
    }
  } else {
    // A whole job goes before or after the others, from some moment on.
    const { job } = problem.steps[sorted[random.below(many)]!]!;
    const shift = (random.next() - 0.6) * many;
    const since = random.next() < 0.5 ? 0 : first;
    for (let i = since; i < many; i += 1)
      if (problem.steps[sorted[i]!]!.job === job) keys[sorted[i]!]! += shift;
  }
  mutateChoices(problem, sorted.slice(first, first + width), prefer, random);
  return { order: orderByKey(problem, free, keys), prefer, delay: from.delay };
}

function mutateChoices(
  problem: Compiled,
  steps: readonly number[],
  prefer: Int32Array,
  random: Random,
): void {
  for (const step of steps) {
    const count = problem.steps[step]!.choices.length;
    if (count > 1 && random.next() < 0.15) prefer[step] = random.below(count);
  }
}

/**
 * A stretch of one plan inside the rest of another: steps of the mother's stretch keep her order and go together between
 * what the father does before and after (two-point crossover on positions).
 */
export function crossOver(
  problem: Compiled,
  free: Int32Array,
  mother: Solution,
  father: Solution,
  random: Random,
): Genes {
  const n = problem.steps.length;
  const many = free.length;
  const hers = byStart(free, mother);
  const his = byStart(free, father);
  const width = Math.max(2, Math.floor(many * (0.25 + 0.5 * random.next())));
  const first = random.below(Math.max(1, many - width + 1));
  const keys = new Float64Array(n);
  const prefer = new Int32Array(n);
  his.forEach((step, i) => {
    keys[step] = i < first + width / 2 ? i - many : i + many;
    prefer[step] = Math.max(0, father.choice[step]!);
  });
  for (let i = first; i < first + width; i += 1) {
    keys[hers[i]!] = i;
    prefer[hers[i]!] = Math.max(0, mother.choice[hers[i]!]!);
  }
  if (random.next() < 0.5) {
    const step = hers[random.below(many)]!;
    keys[step]! += (random.next() - 0.5) * many * 0.3;
  }
  return { order: orderByKey(problem, free, keys), prefer, delay: father.delay };
}
