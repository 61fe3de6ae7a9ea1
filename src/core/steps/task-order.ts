import { MethodRing } from './method-ring';
import type { Task } from './task-model';

/** Tasks that are laid out together: those of one stay of a body, or a single one. */
export interface Node {
  key: string;
  /** Kind of stay; null for a task that stands alone. */
  stage: string | null;
  tasks: Task[];
  /** Nodes that hold what its tasks wait for. */
  before: Set<Node>;
}

/** What is done where a hull does not stand in its bay. */
const besideTheHull: ReadonlySet<string> = new Set(['recorded', 'handed-over', 'settled', 'looked-again']);

/** The stay a task belongs to, by name; null where it stands alone, as all work on a loose lot does. */
export function stageOf(task: Task, isHull: boolean): string | null {
  const { stage, makes } = task.operation;
  // A hull stands in one place from the wash to the refit, its cure included.
  if (isHull && !(makes !== null && besideTheHull.has(makes)))
    return stage !== null || makes !== null ? 'hull' : null;
  if (stage === null || task.group.loose) return null;
  if (stage === 'block') return `block-${task.round || Math.max(1, task.rounds)}`;
  if (stage === 'scuff') return `scuff-${task.scope}-${task.round + 1}`;
  // Each colour is masked by itself.
  return stage === 'mask' ? `mask-${task.scope}` : stage;
}

/** Tasks in an order in which every one comes after its needs; among free ones the given order stands. */
export function inOrder(tasks: readonly Task[]): Task[] {
  const keys = new Set(tasks.map((task) => task.key));
  return sorted(
    tasks,
    (task) => task.key,
    (task) => [...task.needs.keys()].filter((key) => keys.has(key)),
  );
}

/**
 * The tasks gathered into stays, in an order in which each comes after those it waits for. Where work elsewhere lies
 * between two tasks of a stage, the body comes back for a second stay.
 */
export function nodesOf(tasks: ReadonlyMap<string, Task>, isHull: boolean): Node[] {
  const nodes = new Map<string, Node>();
  const nodeOf = new Map<string, Node>();
  for (const task of inOrder([...tasks.values()])) {
    const stage = stageOf(task, isHull);
    const elsewhere = new Set([...task.needs.keys()].map((key) => nodeOf.get(key)!));
    for (let visit = 1; !nodeOf.has(task.key); visit += 1) {
      const named = stage !== null && visit > 1 ? `${stage}-again-${visit}` : stage;
      const key = named === null ? task.key : `${task.group.key}|${named}`;
      const node = nodes.get(key) ?? { key, stage: named, tasks: [], before: new Set<Node>() };
      if (node.tasks.length > 0 && anyWaitsFor(elsewhere, node)) continue;
      node.tasks.push(task);
      for (const one of elsewhere) if (one !== node) node.before.add(one);
      nodes.set(key, node);
      nodeOf.set(task.key, node);
    }
  }
  return sorted(
    [...nodes.values()],
    (node) => node.key,
    (node) => [...node.before].map((one) => one.key),
  );
}

/** Does any of them but the node itself come after the node? */
function anyWaitsFor(list: ReadonlySet<Node>, node: Node): boolean {
  const seen = new Set<Node>([node]);
  const open = [...list].filter((one) => one !== node);
  for (let one = open.pop(); one; one = open.pop()) {
    if (seen.has(one)) continue;
    seen.add(one);
    for (const earlier of one.before) {
      if (earlier === node) return true;
      open.push(earlier);
    }
  }
  return false;
}

function sorted<T>(list: readonly T[], keyOf: (one: T) => string, before: (one: T) => string[]): T[] {
  const done = new Set<string>();
  const byKey = new Map(list.map((one) => [keyOf(one), one]));
  const open = new Set<string>();
  const result: T[] = [];
  const visit = (one: T): void => {
    const key = keyOf(one);
    if (done.has(key)) return;
    if (open.has(key)) throw new MethodRing(`${key} waits for itself`);
    open.add(key);
    for (const earlier of before(one)) visit(byKey.get(earlier)!);
    done.add(key);
    result.push(one);
  };
  for (const one of list) visit(one);
  return result;
}
