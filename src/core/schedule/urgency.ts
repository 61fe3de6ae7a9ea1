import { clusterSteps, orderByLinks } from './clusters';
import type { ScheduleProblem, TimedLink } from './problem';

/** Attended time is open about 45 of 168 hours a week; this compares it with drying time when ranking. */
const calendarStretch = 168 / 45;

/**
 * The order in which to place: what a window or hold ties together goes together, and of the groups that are free to go
 * the one with the longest way still before it comes first. Ties keep the order of the steps.
 */
export function orderOfUrgency(problem: ScheduleProblem): string[] {
  const links = [...problem.links, ...holdLinks(problem)];
  const clusters = clusterSteps(problem, links);
  const clusterOf = new Map(clusters.flatMap((ids, i) => ids.map((id) => [id, i] as const)));
  const tails = tailsOf(problem, links);
  const weight = clusters.map((ids) => Math.max(...ids.map((id) => tails.get(id)!)));
  const followers = clusters.map(() => new Set<number>());
  const waiting = clusters.map(() => 0);
  for (const link of links) {
    const [from, to] = [clusterOf.get(link.from)!, clusterOf.get(link.to)!];
    if (from === to || followers[from]!.has(to)) continue;
    followers[from]!.add(to);
    waiting[to]! += 1;
  }
  const index = new Map(problem.steps.map((step, i) => [step.id, i]));
  const within = new Map<number, TimedLink[]>();
  for (const link of links) {
    const cluster = clusterOf.get(link.from)!;
    if (cluster !== clusterOf.get(link.to)!) continue;
    const own = within.get(cluster);
    if (own) own.push(link);
    else within.set(cluster, [link]);
  }
  const ready = clusters.flatMap((_, i) => (waiting[i] === 0 ? [i] : []));
  const ordered: string[] = [];
  while (ready.length > 0) {
    let at = 0;
    for (let k = 1; k < ready.length; k += 1) {
      const gain = weight[ready[k]!]! - weight[ready[at]!]!;
      if (gain > 0 || (gain === 0 && ready[k]! < ready[at]!)) at = k;
    }
    const [next] = ready.splice(at, 1);
    const ids = [...clusters[next!]!].sort((a, b) => index.get(a)! - index.get(b)!);
    ordered.push(...orderByLinks(ids, within.get(next!) ?? []));
    for (const follower of followers[next!]!) {
      waiting[follower]! -= 1;
      if (waiting[follower] === 0) ready.push(follower);
    }
  }
  return ordered;
}

function tailsOf({ steps }: ScheduleProblem, links: readonly TimedLink[]): Map<string, number> {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const order = orderByLinks([...byId.keys()], links);
  const after = new Map<string, TimedLink[]>(order.map((id) => [id, []]));
  for (const link of links) after.get(link.from)?.push(link);
  const tail = new Map<string, number>();
  for (const id of order.reverse()) {
    const { kind, minutes } = byId.get(id)!;
    const own = kind === 'passive' ? minutes : minutes * calendarStretch;
    let rest = 0;
    for (const link of after.get(id)!) rest = Math.max(rest, link.min + (tail.get(link.to) ?? 0));
    tail.set(id, own + rest);
  }
  return tail;
}

/** A hold begins with its first step and ends with its last: everything in it lies between the two. */
function holdLinks(problem: ScheduleProblem): TimedLink[] {
  const ends = new Map(problem.holds.map((hold) => [hold.id, hold]));
  return problem.steps.flatMap((step) => {
    const hold = step.hold === null ? undefined : ends.get(step.hold);
    if (!hold) return [];
    const inner = { min: 0, max: null };
    return [
      ...(step.id === hold.from
        ? []
        : [{ ...inner, id: `${hold.id}<${step.id}`, from: hold.from, to: step.id }]),
      ...(step.id === hold.to || step.id === hold.from
        ? []
        : [{ ...inner, id: `${step.id}<${hold.id}`, from: step.id, to: hold.to }]),
    ];
  });
}
