import type { Minute } from '../units';
import type { Objective } from './model';
import { firstReaching, obstaclesOf, type Obstacle } from './obstacles';
import type { PlacedPlan } from './placed-plan';
import { subtractStretches } from './stretches';

/** Why a step does not start earlier, as docs/formats/schedule-problem.md words it; ids instead of numbers. */
export type Reason =
  | { kind: 'choice'; earliest: Minute; worse: 'lateness' | 'hold' | 'makespan' | 'none'; by: number }
  | { kind: 'closed'; resource: string; from: Minute; to: Minute }
  | { kind: 'resource'; resource: string; holders: string[]; from: Minute; to: Minute }
  | { kind: 'exclusion'; other: string; from: Minute; to: Minute }
  | { kind: 'window'; link: number; from: Minute; to: Minute }
  | { kind: 'hold'; hold: string }
  | { kind: 'link'; from: string; type: 'end-start' | 'start-start'; lag: number }
  | { kind: 'release' }
  | { kind: 'now' }
  | { kind: 'pin' };

/**
 * What keeps a step from starting earlier while all others stay: obstacles latest first, neighbours of one kind joined,
 * then what fixes the earliest start that links, release and now allow.
 */
export function becauseOf(plan: PlacedPlan, step: number, objective: Objective): Reason[] {
  if (plan.isFact[step]) return [];
  if (plan.problem.pinned.has(step)) return [{ kind: 'pin' }];
  const { low, anchor } = earliestByLinks(plan, step);
  const start = plan.start[step]!;
  if (start <= low) return [anchor];
  const single = onePerMinute(obstaclesOf(plan, step, low, start), low, start);
  const reasons: Reason[] = joined(single.named)
    .reverse()
    .map((one) => inIds(plan, one));
  const free = single.free;
  if (free !== null) reasons.unshift(choice(plan, step, free, objective));
  return [...reasons, anchor];
}

/** Lower bounds alone: minimum lags, holds, release, now; the closing of windows counts as an obstacle. */
function earliestByLinks(plan: PlacedPlan, step: number): { low: Minute; anchor: Reason } {
  const { problem } = plan;
  let low = problem.now;
  let anchor: Reason = { kind: 'now' };
  const release = problem.release[step]!;
  if (release > low) [low, anchor] = [release, { kind: 'release' }];
  for (const arc of problem.steps[step]!.into) {
    if (arc.from === step || arc.closing) continue;
    const reach = (arc.fromEnd ? plan.end : plan.start)[arc.from]! + arc.lag;
    const from = arc.toEnd ? firstReaching(plan, step, reach - 1) : reach;
    // What has no room itself has no say.
    if (
      Number.isNaN(from) ||
      from < low ||
      (from === low && anchor.kind !== 'now' && anchor.kind !== 'release')
    )
      continue;
    if (arc.hold >= 0) {
      if (from > low) [low, anchor] = [from, { kind: 'hold', hold: problem.holds[arc.hold]!.id }];
      continue;
    }
    const { type, min } = problem.links[arc.link]!;
    [low, anchor] = [from, { kind: 'link', from: problem.steps[arc.from]!.id, type, lag: min! }];
  }
  return { low, anchor };
}

/** Leaves one obstacle for each minute, the first named, and the earliest minute without any. */
function onePerMinute(
  all: readonly Obstacle[],
  low: Minute,
  high: Minute,
): { named: Obstacle[]; free: Minute | null } {
  const named: Obstacle[] = [];
  let open = [{ from: low, to: high }];
  for (const one of all) {
    const kept = open.flatMap((gap) => {
      const from = Math.max(gap.from, one.from);
      const to = Math.min(gap.to, one.to);
      return to > from ? [{ from, to }] : [];
    });
    for (const piece of kept) named.push({ ...one, ...piece });
    if (kept.length > 0) open = subtractStretches(open, kept);
    if (open.length === 0) break;
  }
  return { named, free: open[0]?.from ?? null };
}

function joined(named: readonly Obstacle[]): Obstacle[] {
  const list = [...named].sort((a, b) => a.from - b.from);
  const out: Obstacle[] = [];
  for (const one of list) {
    const last = out.at(-1);
    if (last && last.to === one.from && isSameObstacle(last, one)) {
      last.to = one.to;
      if (last.kind === 'resource' && one.kind === 'resource')
        last.holders = [...new Set([...last.holders, ...one.holders])];
    } else out.push({ ...one });
  }
  return out;
}

function isSameObstacle(a: Obstacle, b: Obstacle): boolean {
  if (a.kind === 'exclusion' && b.kind === 'exclusion') return a.other === b.other;
  if (a.kind === 'window' && b.kind === 'window') return a.link === b.link;
  return a.kind === b.kind && 'resource' in a && 'resource' in b && a.resource === b.resource;
}

function inIds({ problem }: PlacedPlan, one: Obstacle): Reason {
  const { from, to } = one;
  const { steps, holds, promised } = problem;
  const idOf = (owner: number): string => {
    if (owner < steps.length) return steps[owner]!.id;
    if (owner < steps.length + holds.length) return holds[owner - steps.length]!.id;
    return promised[owner - steps.length - holds.length]!.holder;
  };
  switch (one.kind) {
    case 'closed':
      return { kind: 'closed', resource: problem.resources[one.resource]!.id, from, to };
    case 'resource': {
      const { id } = problem.resources[one.resource]!;
      return { kind: 'resource', resource: id, holders: one.holders.map(idOf), from, to };
    }
    case 'exclusion':
      return { kind: 'exclusion', other: idOf(one.other), from, to };
    case 'window':
      return { kind: 'window', link: one.link, from, to };
  }
}

/** An earlier start is allowed: what would be worse there. Only a hold that opens earlier can be. */
function choice(plan: PlacedPlan, step: number, earliest: Minute, objective: Objective): Reason {
  const { problem, start } = plan;
  let more = 0;
  if (objective === 'shop')
    problem.holds.forEach((hold, h) => {
      const held = plan.holds[h]!;
      if (hold.from !== step || held.resource < 0) return;
      const { scarce, calendar } = problem.resources[held.resource]!;
      if (scarce) more += calendar ? calendar.openBetween(earliest, start[step]!) : start[step]! - earliest;
    });
  return more > 0
    ? { kind: 'choice', earliest, worse: 'hold', by: more }
    : { kind: 'choice', earliest, worse: 'none', by: 0 };
}
