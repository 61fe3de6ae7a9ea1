import type { ScheduleProblem, TimedLink } from './problem';

/**
 * Groups steps that must be placed together: those on a cycle once every closing window is also read backwards and
 * every hold ties its steps in a ring (strongly connected components, Tarjan 1972, with an explicit stack).
 * @returns groups in an order in which every link points forward
 */
export function clusterSteps(problem: ScheduleProblem, links: readonly TimedLink[]): string[][] {
  const next = new Map<string, string[]>(problem.steps.map((step) => [step.id, []]));
  for (const link of links) {
    next.get(link.from)?.push(link.to);
    if (link.max !== null) next.get(link.to)?.push(link.from);
  }
  for (const hold of problem.holds) next.get(hold.to)?.push(hold.from);
  return components(
    problem.steps.map((step) => step.id),
    next,
  ).reverse();
}

function components(ids: readonly string[], next: ReadonlyMap<string, readonly string[]>): string[][] {
  const index = new Map<string, number>();
  const low = new Map<string, number>();
  const open: string[] = [];
  const isOpen = new Set<string>();
  const found: string[][] = [];
  const enter = (id: string) => {
    index.set(id, index.size);
    low.set(id, index.get(id)!);
    open.push(id);
    isOpen.add(id);
  };
  const leave = (id: string) => {
    if (low.get(id) !== index.get(id)) return;
    const group: string[] = [];
    for (let top = open.pop()!; ; top = open.pop()!) {
      isOpen.delete(top);
      group.push(top);
      if (top === id) break;
    }
    found.push(group);
  };
  for (const start of ids) {
    if (index.has(start)) continue;
    const stack = [{ id: start, at: 0 }];
    enter(start);
    while (stack.length > 0) {
      const top = stack.at(-1)!;
      const neighbour = next.get(top.id)![top.at];
      top.at += 1;
      if (neighbour === undefined) {
        stack.pop();
        leave(top.id);
        const parent = stack.at(-1);
        if (parent) low.set(parent.id, Math.min(low.get(parent.id)!, low.get(top.id)!));
      } else if (!index.has(neighbour)) {
        enter(neighbour);
        stack.push({ id: neighbour, at: 0 });
      } else if (isOpen.has(neighbour)) {
        low.set(top.id, Math.min(low.get(top.id)!, index.get(neighbour)!));
      }
    }
  }
  return found;
}

/**
 * Orders ids so that every link points forward; ties keep the given order. @throws Error on a cycle, which is our bug:
 * the builder never makes one.
 */
export function orderByLinks(ids: readonly string[], links: readonly TimedLink[]): string[] {
  const member = new Map(ids.map((id, i) => [id, i]));
  const waiting = new Map(ids.map((id) => [id, 0]));
  const after = new Map<string, string[]>(ids.map((id) => [id, []]));
  for (const link of links) {
    if (!member.has(link.from) || !member.has(link.to) || link.from === link.to) continue;
    after.get(link.from)!.push(link.to);
    waiting.set(link.to, waiting.get(link.to)! + 1);
  }
  const ready = ids.filter((id) => waiting.get(id) === 0);
  const ordered: string[] = [];
  while (ready.length > 0) {
    ready.sort((a, b) => member.get(a)! - member.get(b)!);
    const id = ready.shift()!;
    ordered.push(id);
    for (const follower of after.get(id)!) {
      waiting.set(follower, waiting.get(follower)! - 1);
      if (waiting.get(follower) === 0) ready.push(follower);
    }
  }
  if (ordered.length < ids.length) throw new Error('the links of the steps form a cycle');
  return ordered;
}
