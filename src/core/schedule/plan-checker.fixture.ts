/**
 * Checks a `coatrel.schedule` against its problem by the words of the format alone. It works on the two JSON documents,
 * minute by minute where that is plainest, and shares no code with the scheduler.
 */
type Json = any; // eslint-disable-line @typescript-eslint/no-explicit-any

export interface Checked {
  faults: string[];
  lateness: number;
  makespan: number;
  holdMinutes: number;
}

export class Reading {
  readonly steps: Map<string, Json>;
  readonly resources: Map<string, Json>;
  readonly calendars: Map<string, Json>;
  readonly holds: Map<string, Json>;
  readonly facts: Map<string, Json>;
  readonly now: number;

  constructor(readonly problem: Json) {
    const byId = (list: Json[] | undefined) =>
      new Map<string, Json>((list ?? []).map((one) => [one.id, one]));
    this.steps = byId(problem.steps);
    this.resources = byId(problem.resources);
    this.calendars = byId(problem.calendars);
    this.holds = byId(problem.holds);
    this.now = problem.now ?? 0;
    this.facts = new Map(
      [...(problem.done ?? []), ...(problem.running ?? [])].map((one: Json) => [one.step, one]),
    );
  }

  /** Rule 3. */
  isOpen(resource: string, minute: number): boolean {
    const name = this.resources.get(resource).calendar;
    if (name === undefined) return true;
    const { open, closed = [], repeatMinutes } = this.calendars.get(name);
    if (closed.some(([from, to]: number[]) => minute >= from! && minute < to!)) return false;
    return open.some(([from, to]: number[]) => {
      if (repeatMinutes === undefined) return minute >= from! && minute < to!;
      // Some shift by whole repeats lays the stretch over the minute.
      const shift = Math.floor((minute - from!) / repeatMinutes);
      return minute - shift * repeatMinutes < to!;
    });
  }

  allOpen(resources: string[], minute: number): boolean {
    return resources.every((one) => this.isOpen(one, minute));
  }

  /** Rule 4: whether a step may run over [start, end) with these resources. */
  runs(step: Json, resources: string[], start: number, end: number): string | null {
    const { kind, minutes } = step;
    if (minutes === 0) return end === start ? null : 'a step without minutes must end where it starts';
    if (kind === 'passive') return end === start + minutes ? null : 'passive must last its minutes';
    if (kind === 'contiguous') {
      if (end !== start + minutes) return 'contiguous must last its minutes';
      for (let t = start; t < end; t += 1) if (!this.allOpen(resources, t)) return `closed at ${t}`;
      return null;
    }
    if (!this.allOpen(resources, start)) return 'splittable must start in an open minute';
    if (!this.allOpen(resources, end - 1)) return 'the last minute of a splittable must be open';
    let open = 0;
    for (let t = start; t < end; t += 1) if (this.allOpen(resources, t)) open += 1;
    return open === minutes ? null : `${open} open minutes instead of ${minutes}`;
  }
}

const listOf = (entry: Json): string[] => entry.anyOf ?? [entry.resource];
const overlap = (a: Json, b: Json): boolean =>
  a.start < b.end && b.start < a.end && a.end > a.start && b.end > b.start;

export function checkPlan(problem: Json, result: Json): Checked {
  const reading = new Reading(problem);
  const { steps, resources, holds, facts, now } = reading;
  const faults: string[] = [];
  const placed = new Map<string, Json>(result.steps.map((one: Json) => [one.id, one]));
  const held = new Map<string, Json>(result.holds.map((one: Json) => [one.id, one]));
  const broken = new Set<number>(result.broken.map((one: Json) => one.link));
  if (result.steps.map((one: Json) => one.id).join('|') !== [...steps.keys()].join('|'))
    faults.push('steps are not those of the problem in their order');

  for (const step of steps.values()) {
    const spot = placed.get(step.id);
    const where = `step ${step.id}`;
    const entries: Json[] = step.uses ?? [];
    const fact = facts.get(step.id);
    if (fact) {
      if (spot.start !== fact.start) faults.push(`${where}: a fact was moved`);
      if (fact.end !== undefined && spot.end !== fact.end) faults.push(`${where}: a fact ends elsewhere`);
      if (fact.remaining !== undefined && step.kind !== 'splittable' && spot.end !== now + fact.remaining)
        faults.push(`${where}: running ends at now + remaining`);
      continue;
    }
    if (spot.start < now) faults.push(`${where}: starts before now`);
    const job = problem.jobs.find((one: Json) => one.id === step.job);
    if (spot.start < (job.release ?? 0)) faults.push(`${where}: starts before its release`);
    if (spot.uses.length !== entries.length) faults.push(`${where}: uses do not match`);
    const taken: string[] = spot.uses.map((one: Json) => one.resource);
    if (new Set(taken).size !== taken.length) faults.push(`${where}: a resource is taken twice`);
    entries.forEach((entry, k) => {
      const use = spot.uses[k];
      if (entry.hold !== undefined) {
        const own = held.get(entry.hold);
        if (use.hold !== entry.hold || use.resource !== own?.resource) faults.push(`${where}: wrong hold`);
        if (spot.start < own.start || spot.end > own.end) faults.push(`${where}: outside hold ${entry.hold}`);
      } else if (!listOf(entry).includes(use.resource) || use.amount !== entry.amount)
        faults.push(`${where}: entry ${k} not served`);
    });
    const why = reading.runs(step, taken, spot.start, spot.end);
    if (why) faults.push(`${where}: ${why}`);
  }
  for (const pin of problem.pinned ?? []) {
    const spot = placed.get(pin.step);
    if (facts.has(pin.step)) continue;
    if (spot.start !== pin.start) faults.push(`pin of ${pin.step} not kept`);
    if (pin.uses && JSON.stringify(pin.uses) !== JSON.stringify(spot.uses))
      faults.push(`uses of pin ${pin.step} not kept`);
  }
  for (const hold of holds.values()) {
    const own = held.get(hold.id);
    if (!own) continue;
    if (own.start !== placed.get(hold.from).start || own.end !== placed.get(hold.to).end)
      faults.push(`hold ${hold.id} does not run from its first to its last step`);
    if (!facts.has(hold.from) && !listOf(hold).includes(own.resource))
      faults.push(`hold ${hold.id} elsewhere`);
  }
  (problem.links ?? []).forEach((link: Json, i: number) => {
    if (broken.has(i)) return;
    const from = placed.get(link.from);
    const gap = placed.get(link.to).start - (link.type === 'end-start' ? from.end : from.start);
    const min = link.min ?? (link.type === 'end-start' ? 0 : -Infinity);
    if (gap < min || gap > (link.max ?? Infinity)) faults.push(`link ${i}: gap ${gap}`);
  });
  for (const i of broken) {
    const link = problem.links[i];
    if (!facts.has(link.from) && !facts.has(link.to)) faults.push(`link ${i} is broken without a fact`);
  }
  for (const group of problem.same ?? []) {
    const key = JSON.stringify(group.anyOf);
    const found = group.steps.map((id: string) => {
      const k = (steps.get(id).uses ?? []).findIndex((one: Json) => JSON.stringify(one.anyOf) === key);
      return placed.get(id).uses[k]?.resource;
    });
    if (new Set(found.filter(Boolean)).size > 1) faults.push(`same ${key} is served by several`);
  }

  // Everything that takes capacity, facts from now on only.
  const demands: Json[] = [];
  for (const step of steps.values()) {
    const spot = placed.get(step.id);
    for (const use of spot.uses)
      if (use.amount !== undefined)
        demands.push({
          resource: use.resource,
          amount: use.amount,
          end: spot.end,
          fact: facts.has(step.id),
          start: facts.has(step.id) ? Math.max(now, spot.start) : spot.start,
        });
  }
  for (const hold of holds.values()) {
    const own = held.get(hold.id);
    if (!own) continue;
    const fact = facts.has(hold.from);
    const start = fact ? Math.max(now, own.start) : own.start;
    demands.push({ resource: own.resource, amount: hold.amount, start, end: own.end, fact });
  }
  for (const resource of resources.values()) {
    const own = demands.filter((one) => one.resource === resource.id && one.end > one.start);
    for (const { start } of own) {
      const there = own.filter((one) => one.start <= start && one.end > start);
      const sum = there.reduce((total, one) => total + one.amount, 0);
      if (sum > resource.capacity && there.some((one) => !one.fact))
        faults.push(`resource ${resource.id}: ${sum} of ${resource.capacity} at ${start}`);
    }
  }

  const entities: Json[] = [
    ...[...steps.values()].map((step) => ({
      id: step.id,
      step,
      tags: step.tags ?? [],
      start: placed.get(step.id).start,
      end: placed.get(step.id).end,
      resources: placed.get(step.id).uses.map((one: Json) => one.resource),
    })),
    ...[...holds.values()].flatMap((hold) => {
      const own = held.get(hold.id);
      return own ? [{ ...own, hold, tags: hold.tags ?? [], resources: [own.resource] }] : [];
    }),
  ];
  for (const rule of problem.exclusions ?? [])
    for (const a of entities)
      for (const b of entities) {
        if (a === b || !a.tags.includes(rule.a) || !b.tags.includes(rule.b)) continue;
        const inside = (step: Json, hold: Json) =>
          step?.step && hold?.hold && (step.step.uses ?? []).some((one: Json) => one.hold === hold.hold.id);
        if (inside(a, b) || inside(b, a)) continue;
        const both = [a, b].every((one) => one.resources.some((r: string) => rule.resources.includes(r)));
        const facts2 = [a, b].every((one) => one.step && facts.has(one.step.id));
        if (both && !facts2 && overlap(a, b))
          faults.push(`exclusion ${rule.a}/${rule.b}: ${a.id} and ${b.id}`);
      }

  let lateness = 0;
  let makespan = 0;
  for (const job of problem.jobs) {
    const ends = result.steps
      .filter((one: Json) => steps.get(one.id).job === job.id)
      .map((one: Json) => one.end);
    if (ends.length === 0) continue;
    const end = Math.max(...ends);
    makespan = Math.max(makespan, end);
    if (job.due !== undefined && job.due !== null) lateness += (job.weight ?? 1) * Math.max(0, end - job.due);
  }
  let holdMinutes = 0;
  for (const own of held.values()) {
    if (!resources.get(own.resource).scarce) continue;
    for (let t = own.start; t < own.end; t += 1) if (reading.isOpen(own.resource, t)) holdMinutes += 1;
  }
  const figures = { lateness, makespan, holdMinutes };
  for (const [name, value] of Object.entries(figures))
    if (result[name] !== value) faults.push(`${name} is ${value}, printed ${result[name]}`);
  return { faults, ...figures };
}
