import { checkPlan, Reading } from './plan-checker.fixture';

type Json = any; // eslint-disable-line @typescript-eslint/no-explicit-any

/** End of a step that starts at `start`, minute by minute, or null when it cannot start then or does not end by `until`. */
export function endFrom(
  reading: Reading,
  step: Json,
  resources: string[],
  start: number,
  until: number,
): number | null {
  if (step.minutes === 0 || step.kind === 'passive') return start + step.minutes;
  if (step.kind === 'contiguous')
    return reading.runs(step, resources, start, start + step.minutes) === null ? start + step.minutes : null;
  let left = step.minutes;
  for (let t = start; t < until; t += 1) {
    if (!reading.allOpen(resources, t)) {
      if (t === start) return null;
      continue;
    }
    left -= 1;
    if (left === 0) return t + 1;
  }
  return null;
}

/** Every plan of a tiny problem that starts before `until`, tried one after the other. */
export function* everyPlan(problem: Json, until: number): Generator<Json> {
  const reading = new Reading(problem);
  const steps: Json[] = problem.steps;
  const placed: Json[] = [];
  const held = new Map<string, string>();
  const holdOf = (id: string) => problem.holds.find((one: Json) => one.id === id);
  const options = (entry: Json): string[] => {
    if (entry.hold === undefined) return entry.anyOf ?? [entry.resource];
    const known = held.get(entry.hold);
    return known ? [known] : (holdOf(entry.hold).anyOf ?? [holdOf(entry.hold).resource]);
  };
  function* serve(step: Json, k: number, taken: string[]): Generator<string[]> {
    const entries: Json[] = step.uses ?? [];
    if (k === entries.length) {
      yield [...taken];
      return;
    }
    for (const one of options(entries[k])) {
      if (taken.includes(one)) continue;
      const { hold } = entries[k];
      const first = hold !== undefined && !held.has(hold);
      if (first) held.set(hold, one);
      yield* serve(step, k + 1, [...taken, one]);
      if (first) held.delete(hold);
    }
  }
  const keepsLinks = (at: number): boolean =>
    (problem.links ?? []).every((link: Json) => {
      const from = placed.find((one) => one.id === link.from);
      const to = placed.find((one) => one.id === link.to);
      if (!from || !to || (steps[at].id !== link.from && steps[at].id !== link.to)) return true;
      const gap = to.start - (link.type === 'end-start' ? from.end : from.start);
      const min = link.min ?? (link.type === 'end-start' ? 0 : -Infinity);
      return gap >= min && gap <= (link.max ?? Infinity);
    });
  function* place(at: number): Generator<Json> {
    if (at === steps.length) {
      const result = resultFrom(problem, placed, held);
      if (checkPlan(problem, result).faults.length === 0) yield result;
      return;
    }
    const step = steps[at];
    const pin = (problem.pinned ?? []).find((one: Json) => one.step === step.id);
    for (const taken of serve(step, 0, [])) {
      const first = pin ? pin.start : reading.now;
      const last = pin ? pin.start : until;
      for (let start = first; start <= last; start += 1) {
        const end = endFrom(reading, step, taken, start, until + 40);
        if (end === null) continue;
        const uses = (step.uses ?? []).map((entry: Json, k: number) =>
          entry.hold === undefined
            ? { resource: taken[k], amount: entry.amount }
            : { hold: entry.hold, resource: taken[k] },
        );
        placed.push({ id: step.id, start, end, uses, because: [] });
        if (keepsLinks(at)) yield* place(at + 1);
        placed.pop();
      }
    }
  }
  yield* place(0);
}

function resultFrom(problem: Json, placed: Json[], held: Map<string, string>): Json {
  const at = (id: string) => placed.find((one) => one.id === id);
  const result = {
    steps: [...placed],
    holds: (problem.holds ?? []).map((one: Json) => ({
      id: one.id,
      resource: held.get(one.id),
      start: at(one.from).start,
      end: at(one.to).end,
    })),
    broken: [],
  };
  const { lateness, makespan, holdMinutes } = checkPlan(problem, result);
  return { ...result, lateness, makespan, holdMinutes };
}
