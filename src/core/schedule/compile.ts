import type { Minute } from '../units';
import { arcsOf, isBroken } from './arcs';
import { layOut } from './calendar';
import type { Compiled, CompiledFact, CompiledHold, CompiledStep } from './compiled';
import type { ModelStep, ScheduleModel } from './model';
import { Offer } from './offer';
import { spanOf } from './span';

const kinds = { contiguous: 0, splittable: 1, passive: 2 } as const;

/**
 * Turns a checked model into dense arrays, with calendars laid out to a horizon.
 * @param stretch 1 lays calendars out far enough for a usual plan; larger looks further, 'proof' as far as any plan needs
 */
export function compile(model: ScheduleModel, stretch: number | 'proof' = 1): Compiled {
  const { lo, hi } = spanOf(model, stretch);
  const calendars = new Map(model.calendars.map((one) => [one.id, layOut(one, lo, hi)]));
  const stepIndex = new Map(model.steps.map((one, i) => [one.id, i]));
  const jobIndex = new Map(model.jobs.map((one, i) => [one.id, i]));
  const holdIndex = new Map(model.holds.map((one, i) => [one.id, i]));
  const offer = new Offer(model, calendars);

  const steps: CompiledStep[] = model.steps.map((step) => ({
    id: step.id,
    job: jobIndex.get(step.job)!,
    kind: kinds[step.kind],
    minutes: step.minutes,
    amounts: Float64Array.from(step.uses, (use) => ('hold' in use ? 0 : use.amount)),
    holds: Int32Array.from(step.uses, (use) => ('hold' in use ? holdIndex.get(use.hold)! : -1)),
    choices: offer.choicesOf(step),
    ownHours: offer.ownHours(step),
    same: sameOf(model, step),
    into: [],
    out: [],
  }));

  const facts = factsOf(model, steps, stepIndex);
  const factAt = new Map(facts.map((one) => [one.step, one]));
  const broken = brokenLinks(model, stepIndex, factAt);
  const holds = joinedHolds({ model, steps, broken, stepIndex, factAt, offer });

  const jobs = model.jobs.map((one) => ({ ...one, steps: [] as number[] }));
  steps.forEach((step, i) => jobs[step.job]!.steps.push(i));
  const bounds = boundsOf(model, steps, stepIndex, facts);
  return {
    now: model.now,
    lo,
    hi,
    steps,
    holds,
    resources: offer.resources,
    jobs,
    facts,
    earliest: bounds.earliest,
    latest: bounds.latest,
    release: bounds.release,
    pinned: bounds.pinned,
    exclusions: model.exclusions.map(({ a, b }) => ({ a, b, same: a === b })),
    sameGroups: model.same.length,
    links: model.links,
    promised: [],
    broken,
    complete: offer.complete,
  };
}

/** Links as arcs between steps, and the holds with what is in them. */
function joinedHolds({
  model,
  steps,
  broken,
  stepIndex,
  factAt,
  offer,
}: {
  model: ScheduleModel;
  steps: CompiledStep[];
  broken: number[];
  stepIndex: Map<string, number>;
  factAt: Map<number, CompiledFact>;
  offer: Offer;
}) {
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
  const holds = holdsOf(model, offer, stepIndex, members, steps);
  return holds;
}

/** Links that what is done or running has already broken. */
function brokenLinks(
  model: ScheduleModel,
  index: ReadonlyMap<string, number>,
  factAt: ReadonlyMap<number, CompiledFact>,
): number[] {
  const fact = (id: string) => factAt.get(index.get(id)!);
  return model.links.flatMap((link, i) => {
    const of = { from: fact(link.from), to: fact(link.to) };
    const counts = of.from !== undefined || of.to !== undefined;
    return counts && isBroken(link, model.steps[index.get(link.from)!]!, of, model.now) ? [i] : [];
  });
}

function holdsOf(
  model: ScheduleModel,
  offer: Offer,
  index: ReadonlyMap<string, number>,
  members: readonly number[][],
  steps: readonly CompiledStep[],
): CompiledHold[] {
  return model.holds.map((one, i) => ({
    id: one.id,
    resources: offer.able(one, false),
    amount: one.amount,
    from: index.get(one.from)!,
    to: index.get(one.to)!,
    members: members[i]!,
    leastMin: leastLength(index.get(one.from)!, index.get(one.to)!, members[i]!, steps),
    sidesBy: new Map(offer.idsOf(one.anyOf).map((r) => [r, offer.sides(one.tags, Int32Array.of(r))])),
  }));
}

/** Between which minutes each step may start: its job's release, now, its pin, or where it lies as a fact. */
function boundsOf(
  model: ScheduleModel,
  steps: readonly CompiledStep[],
  index: ReadonlyMap<string, number>,
  facts: readonly CompiledFact[],
) {
  const release = Float64Array.from(steps, (step) => model.jobs[step.job]!.release);
  const earliest = release.map((minute) => Math.max(model.now, minute));
  const latest = new Float64Array(steps.length).fill(Infinity);
  const pinned = new Map<number, Minute>();
  const lying = new Set(facts.map((one) => one.step));
  for (const pin of model.pinned) {
    const i = index.get(pin.step)!;
    if (lying.has(i)) continue;
    pinned.set(i, pin.start);
    earliest[i] = Math.max(earliest[i]!, pin.start);
    latest[i] = pin.start;
  }
  for (const one of facts) {
    earliest[one.step] = one.start;
    latest[one.step] = one.start;
  }
  return { release, earliest, latest, pinned };
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
