import type { Arc, Compiled } from '../compiled';
import type { Random } from '../random';
import type { Solution } from '../solution';

/** Which steps are freed for one try: a stretch of the plan, one job with what stands beside it, or any by lot. */
export function freedSteps(
  problem: Compiled,
  { start, end }: Solution,
  share: number,
  random: Random,
): Uint8Array {
  const n = problem.steps.length;
  const freed = new Uint8Array(n);
  const kind = random.next();
  if (kind < 0.6) {
    const order = Array.from({ length: n }, (_, i) => i).sort((a, b) => start[a]! - start[b]! || a - b);
    const width = Math.max(4, Math.floor(n * share));
    const first = random.below(Math.max(1, n - width + 1));
    const from = start[order[first]!]!;
    const to = start[order[Math.min(n - 1, first + width - 1)]!]!;
    for (let i = 0; i < n; i += 1) if (start[i]! <= to && end[i]! >= from) freed[i] = 1;
  } else if (kind < 0.8 && problem.jobs.length > 1) {
    const job = problem.jobs[random.below(problem.jobs.length)]!;
    for (const i of job.steps) freed[i] = 1;
    for (let i = 0; i < n; i += 1) if (random.next() < share / 2) freed[i] = 1;
  } else for (let i = 0; i < n; i += 1) if (random.next() < share) freed[i] = 1;
  return freed;
}

/**
 * Order to be kept among the steps that are not freed: who follows whom on a resource, leaving out what follows from
 * others (a partial order schedule after Policella, Cesta, Oddi and Smith 2007).
 */
export function keptOrder(problem: Compiled, { start, end, choice }: Solution, freed: Uint8Array): Arc[] {
  const arcs: Arc[] = [];
  const on: number[][] = problem.resources.map(() => []);
  problem.steps.forEach((step, i) => {
    if (freed[i] || choice[i]! < 0 || step.minutes === 0) return;
    step.choices[choice[i]!]!.resources.forEach((r, e) => step.amounts[e]! > 0 && on[r]!.push(i));
  });
  on.forEach((steps, r) => {
    const total = steps.reduce((sum, i) => sum + amountOn(problem, i, choice[i]!, r), 0);
    if (total <= problem.resources[r]!.capacity) return;
    for (const j of steps) {
      let latest = -Infinity;
      for (const k of steps) if (end[k]! <= start[j]! && start[k]! > latest) latest = start[k]!;
      for (const i of steps)
        if (end[i]! <= start[j]! && end[i]! > latest)
          arcs.push({
            from: i,
            to: j,
            fromEnd: true,
            toEnd: false,
            lag: 0,
            link: -1,
            closing: false,
            hold: -1,
          });
    }
  });
  return arcs;
}

function amountOn(problem: Compiled, step: number, choice: number, resource: number): number {
  const { choices, amounts } = problem.steps[step]!;
  const e = choices[choice]!.resources.indexOf(resource);
  return e < 0 ? 0 : amounts[e]!;
}
