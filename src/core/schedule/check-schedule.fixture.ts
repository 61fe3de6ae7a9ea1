import type { Schedule, ScheduleProblem } from './problem';

/**
 * Independent checker for tests: reads a schedule minute by minute and lists every rule it breaks.
 * Shares no code with the scheduler.
 */
export function faultsOf(problem: ScheduleProblem, schedule: Schedule): string[] {
  const faults: string[] = [];
  const placed = new Map(schedule.placements.map((one) => [one.step, one]));
  const open = new Map(problem.resources.map((one) => [one.id, one.open]));
  const isOpen = (id: string, minute: number) =>
    open.get(id) === null || open.get(id)!.some((one) => one.from <= minute && minute < one.to);
  for (const step of problem.steps) {
    const at = placed.get(step.id);
    if (!at) {
      faults.push(`${step.id} is missing`);
      continue;
    }
    if (at.start < problem.now || at.start < step.notBefore) faults.push(`${step.id} starts too early`);
    const span = Array.from({ length: at.end - at.start }, (_, i) => at.start + i);
    const worked = span.filter((minute) => at.uses.every((id) => isOpen(id, minute)));
    if (step.kind === 'passive' && span.length !== step.minutes) faults.push(`${step.id} waits too long`);
    if (step.kind === 'contiguous' && (worked.length !== span.length || span.length !== step.minutes))
      faults.push(`${step.id} is interrupted`);
    if (step.kind === 'splittable' && step.minutes > 0) {
      if (worked.length !== step.minutes) faults.push(`${step.id} has ${worked.length} open minutes`);
      if (worked[0] !== at.start || worked.at(-1) !== at.end - 1)
        faults.push(`${step.id} starts or ends closed`);
    }
    if (step.minutes > 0) {
      if (new Set(at.uses).size !== step.uses.length + (step.hold === null ? 0 : 1))
        faults.push(`${step.id} has the wrong number of resources`);
      step.uses.forEach((list, i) => {
        if (!list.includes(at.uses[i]!))
          faults.push(`${step.id} takes ${at.uses[i]} that is not in its list`);
      });
    }
  }
  for (const link of problem.links) {
    if (schedule.broken.includes(link.id)) continue;
    const gap = placed.get(link.to)!.start - placed.get(link.from)!.end;
    if (gap < link.min || (link.max !== null && gap > link.max))
      faults.push(`${link.id} has a gap of ${gap}`);
  }
  const demand = new Map<string, { from: number; to: number; by: string }[]>();
  // Nothing of no length overlaps anything.
  const add = (id: string, from: number, to: number, by: string) =>
    to > from && demand.set(id, [...(demand.get(id) ?? []), { from, to, by }]);
  for (const one of problem.commitments) add(one.resource, one.from, one.to, one.holder);
  for (const hold of schedule.holds) add(hold.resource, hold.start, hold.end, hold.id);
  for (const step of problem.steps) {
    const at = placed.get(step.id);
    if (at) step.uses.forEach((_, i) => at.uses[i] && add(at.uses[i]!, at.start, at.end, step.id));
  }
  for (const [id, list] of demand)
    list.forEach((a, i) =>
      list.slice(i + 1).forEach((b) => {
        if (a.from < b.to && b.from < a.to) faults.push(`${id} serves ${a.by} and ${b.by} at once`);
      }),
    );
  for (const hold of problem.holds) {
    const held = schedule.holds.find((one) => one.id === hold.id);
    for (const step of problem.steps) {
      if (step.hold !== hold.id) continue;
      const at = placed.get(step.id)!;
      if (!held || at.start < held.start || at.end > held.end)
        faults.push(`${step.id} lies outside ${hold.id}`);
      if (step.minutes > 0 && at.uses.at(-1) !== held?.resource)
        faults.push(`${step.id} is not in the held place`);
    }
  }
  return faults;
}
