import type { Minute } from '../units';
import { arcsOf, isBroken } from './arcs';
import { layOut, together, type Calendar } from './calendar';
import { distinctChoices } from './choices';
import type { Choice, Compiled, CompiledFact, CompiledHold, CompiledStep } from './compiled';
import { exclusionSides } from './exclusion-sides';
import type { ModelStep, ScheduleModel } from './model';
import { spanOf } from './span';

const kinds = { contiguous: 0, splittable: 1, passive: 2 } as const;

/**
 * Turns a checked model into dense arrays, with calendars laid out to a horizon.
 * @param stretch 1 lays calendars out far enough for a usual plan; larger looks further, 'proof' as far as any plan needs
 */
export function compile(model: ScheduleModel, stretch: number | 'proof' = 1): Compiled {
  const { lo, hi } = spanOf(model, stretch);
  const calendars = new Map(model.calendars.map((one) => [one.id, layOut(one, lo, hi)]));
  const calendarOf = (id: string | null) => (id === null ? null : calendars.get(id)!);
  const resourceIndex = new Map(model.resources.map((one, i) => [one.id, i]));
  const stepIndex = new Map(model.steps.map((one, i) => [one.id, i]));
  const jobIndex = new Map(model.jobs.map((one, i) => [one.id, i]));
  const holdIndex = new Map(model.holds.map((one, i) => [one.id, i]));
  const resources = model.resources.map((one) => ({
    id: one.id,
    capacity: one.capacity,
    calendar: calendarOf(one.calendar),
    scarce: one.scarce,
    wanted: 0,
  }));
  const idsOf = (ids: readonly string[]) => ids.map((id) => resourceIndex.get(id)!);
  for (const step of model.steps)
    for (const use of step.uses)
      if ('anyOf' in use) for (const i of idsOf(use.anyOf)) resources[i]!.wanted += 1 / use.anyOf.length;

  const sides = exclusionSides(model, idsOf);
  const pins = new Map(model.pinned.map((one) => [one.step, one]));
  const given = new Map([...model.done, ...model.running].map((one) => [one.step, one.uses]));
  const shared = new Map<string, Calendar | null>();
  const hoursOf = (taken: Int32Array): Calendar | null => {
    const own: string[] = [];
    for (const r of taken) {
      const { calendar } = model.resources[r]!;
      if (calendar !== null && !own.includes(calendar)) own.push(calendar);
    }
    if (own.length < 2) return calendarOf(own[0] ?? null);
    const key = JSON.stringify(own.sort());
    const known = shared.get(key) ?? together(own.map((id) => calendars.get(id)!));
    shared.set(key, known);
    return known;
  };

  let complete = true;
  const alike = new Map<string, Choice[]>();
  const choicesOf = (step: ModelStep): Choice[] => {
    if (given.has(step.id) || pins.has(step.id)) return laidOut(step);
    const key = JSON.stringify([step.uses, step.tags]);
    const known = alike.get(key) ?? laidOut(step);
    alike.set(key, known);
    return known;
  };
  const laidOut = (step: ModelStep): Choice[] => {
    const lists = step.uses.map((use) => {
      if ('hold' in use) return listOf(model.holds[holdIndex.get(use.hold)!]!, false);
      return listOf(use, true);
    });
    const said = given.get(step.id) ?? pins.get(step.id)?.uses;
    const fixed = said && said.length > 0 ? said.map((one) => resourceIndex.get(one.resource)!) : null;
    const { ways, complete: all } = fixed
      ? { ways: [Int32Array.from(fixed)], complete: true }
      : distinctChoices(lists);
    complete &&= all;
    return ways.map((taken) => ({
      resources: taken,
      calendar: hoursOf(taken),
      sides: sides(step.tags, taken),
    }));
  };
  /** Those able to give the amount at all, those that fewer steps want first. */
  function listOf(use: { anyOf: string[]; amount: number }, byNeed: boolean): number[] {
    const able = idsOf(use.anyOf).filter((i) => resources[i]!.capacity >= use.amount);
    return byNeed ? able.sort((a, b) => resources[a]!.wanted - resources[b]!.wanted || a - b) : able;
  }

  const steps: CompiledStep[] = model.steps.map((step) => ({
    id: step.id,
    job: jobIndex.get(step.job)!,
    kind: kinds[step.kind],
    minutes: step.minutes,
    amounts: Float64Array.from(step.uses, (use) => ('hold' in use ? 0 : use.amount)),
    holds: Int32Array.from(step.uses, (use) => ('hold' in use ? holdIndex.get(use.hold)! : -1)),
    choices: choicesOf(step),
    same: sameOf(model, step),
    into: [],
    out: [],
  }));

  const facts = factsOf(model, steps, stepIndex);
  const factAt = new Map(facts.map((one) => [one.step, one]));
  const fact = (id: string) => factAt.get(stepIndex.get(id)!);
  const broken = model.links.flatMap((link, i) => {
    const of = { from: fact(link.from), to: fact(link.to) };
    const counts = of.from !== undefined || of.to !== undefined;
    return counts && isBroken(link, model.steps[stepIndex.get(link.from)!]!, of, model.now) ? [i] : [];
  });
  const members = model.holds.map(() => [] as number[]);
  steps.forEach((step, i) => new Set(step.holds).forEach((h) => h >= 0 && members[h]!.push(i)));
  const arcs = arcsOf(
    model.links,
    new Set(broken),
    model.holds.map((one, i) => ({ ...one, members: members[i]! })),
    stepIndex,
    (i) => factAt.has(i),
  );
  for (const arc of arcs) {
    steps[arc.from]!.out.push(arc);
    steps[arc.to]!.into.push(arc);
  }
  const holds: CompiledHold[] = model.holds.map((one, i) => ({
    id: one.id,
    resources: listOf(one, false),
    amount: one.amount,
    from: stepIndex.get(one.from)!,
    to: stepIndex.get(one.to)!,
    members: members[i]!,
    leastMin: leastLength(stepIndex.get(one.from)!, stepIndex.get(one.to)!, members[i]!, steps),
    sidesBy: new Map(idsOf(one.anyOf).map((r) => [r, sides(one.tags, Int32Array.of(r))])),
  }));

  const jobs = model.jobs.map((one) => ({ ...one, steps: [] as number[] }));
  steps.forEach((step, i) => jobs[step.job]!.steps.push(i));
  const release = Float64Array.from(steps, (step) => model.jobs[step.job]!.release);
  const earliest = release.map((minute) => Math.max(model.now, minute));
  const latest = new Float64Array(steps.length).fill(Infinity);
  const pinned = new Map<number, Minute>();
  for (const pin of model.pinned) {
    const i = stepIndex.get(pin.step)!;
    if (factAt.has(i)) continue;
    pinned.set(i, pin.start);
    earliest[i] = Math.max(earliest[i]!, pin.start);
    latest[i] = pin.start;
  }
  for (const one of facts) {
    earliest[one.step] = one.start;
    latest[one.step] = one.start;
  }
  return {
    now: model.now,
    lo,
    hi,
    steps,
    holds,
    resources,
    jobs,
    facts,
    earliest,
    latest,
    release,
    pinned,
    exclusions: model.exclusions.map(({ a, b }) => ({ a, b, same: a === b })),
    sameGroups: model.same.length,
    links: model.links,
    promised: [],
    broken,
    complete,
  };
}

function sameOf(model: ScheduleModel, step: ModelStep): (readonly [number, number])[] {
  return model.same.flatMap((group, g) => {
    if (!group.steps.includes(step.id)) return [];
    const key = JSON.stringify(group.anyOf);
    const entry = step.uses.findIndex((use) => 'anyOf' in use && JSON.stringify(use.anyOf) === key);
    return entry < 0 ? [] : [[entry, g] as const];
  });
}

/** Where done and running steps lie. A running splittable step goes on in the open minutes from now on. */
function factsOf(
  model: ScheduleModel,
  steps: readonly CompiledStep[],
  index: ReadonlyMap<string, number>,
): CompiledFact[] {
  const resourcesOf = (step: number, said: number) => (said > 0 ? steps[step]!.choices[0]!.resources : null);
  const done = model.done.map((one) => {
    const step = index.get(one.step)!;
    return { step, start: one.start, end: one.end, resources: resourcesOf(step, one.uses.length) };
  });
  const running = model.running.map((one) => {
    const step = index.get(one.step)!;
    const { kind, choices } = steps[step]!;
    const hours = one.uses.length > 0 ? (choices[0]?.calendar ?? null) : null;
    const inHours =
      kind === 1 && hours && one.remaining > 0
        ? hours.endOf(hours.openFrom(model.now), one.remaining)
        : Infinity;
    const end = Number.isFinite(inHours) ? inHours : model.now + one.remaining;
    return { step, start: one.start, end, resources: resourcesOf(step, one.uses.length) };
  });
  return [...done, ...running];
}

/** Longest way by durations and lags from the start of the hold to its end, through its own steps. */
function leastLength(
  from: number,
  to: number,
  members: readonly number[],
  steps: readonly CompiledStep[],
): number {
  const at = new Map(members.map((i) => [i, i === from ? 0 : -Infinity]));
  for (let round = 0; round < members.length; round += 1) {
    let changed = false;
    for (const i of members) {
      const start = at.get(i)!;
      if (start === -Infinity) continue;
      for (const arc of steps[i]!.out) {
        const known = at.get(arc.to);
        if (known === undefined || arc.lag < 0) continue;
        const reach =
          start + (arc.fromEnd ? steps[i]!.minutes : 0) + arc.lag - (arc.toEnd ? steps[arc.to]!.minutes : 0);
        if (reach > known) {
          at.set(arc.to, reach);
          changed = true;
        }
      }
    }
    if (!changed) break;
  }
  return Math.max(0, (at.get(to) ?? 0) + steps[to]!.minutes);
}
