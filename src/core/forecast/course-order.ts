/** What a step waits for. */
export interface CourseArc {
  from: number;
  /** Minutes from the end of `from`, below zero where the two may overlap. */
  lag: number;
}

/**
 * An order in which every step comes after all it waits for, earlier planned starts first. Plans of different jobs may
 * each count on a place before the other has left it: where that closes a circle, the arcs against the planned starts are
 * taken out, so that the one that is planned first goes first.
 * @returns indices of the steps
 */
export function orderOfCourse(steps: readonly { planned: number; into: CourseArc[] }[]): Int32Array {
  const byPlan = steps.map((_, i) => i).sort((a, b) => steps[a]!.planned - steps[b]!.planned || a - b);
  const after: number[][] = steps.map(() => []);
  const waiting = new Int32Array(steps.length);
  steps.forEach(({ into }, i) => {
    for (const { from } of into) after[from]!.push(i);
    waiting[i] = into.length;
  });
  const order: number[] = [];
  const placed = new Uint8Array(steps.length);
  const take = (i: number) => {
    placed[i] = 1;
    order.push(i);
    for (const next of after[i]!) waiting[next]! -= 1;
  };
  while (order.length < steps.length) {
    const before = order.length;
    for (const i of byPlan) if (!placed[i] && waiting[i] === 0) take(i);
    if (order.length > before) continue;
    const first = byPlan.find((i) => !placed[i])!;
    steps[first]!.into = steps[first]!.into.filter((arc) => placed[arc.from]);
    waiting[first] = 0;
    take(first);
  }
  return Int32Array.from(order);
}
