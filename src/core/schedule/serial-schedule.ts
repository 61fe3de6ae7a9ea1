import type { Minute } from '../units';
import { compile } from './compile';
import type { Arc, Compiled } from './compiled';
import { orderByKey } from './list-order';
import type { Schedule, ScheduleProblem } from './problem';
import { startsToPutOff } from './free-rooms';
import { reasonsOfWork } from './reasons-of-work';
import { SerialPlacer } from './serial-placer';
import { standingOf } from './standing';
import { orderOfUrgency } from './urgency';
import { modelOfWork } from './work-model';

/** Repairs that one placing may take. */
const mostRepairs = 4000;

/**
 * A first plan of one job, beside what is promised to others: steps by urgency, each as early as it can be. A window that
 * this order cannot keep is dropped and named; a step without room up to the end of the calendars is named as unplaced.
 * Where an order was found before it is tried as well, and the better of the two plans stands.
 */
export function scheduleSerially(problem: ScheduleProblem): Schedule {
  const urgent = orderOfUrgency(problem);
  const byRule = withRoomsFreed(problem, urgent, placedBy(problem, urgent, false));
  if (!problem.order || problem.order.length === 0) return byRule.told();
  const byOrder = placedBy(problem, mergedOrder(problem.order, urgent), true);
  return compareValues(byOrder.value, byRule.value) < 0 ? byOrder.told() : byRule.told();
}

/** What counts of a placing, the first most: windows dropped, steps without room, the end. */
type Value = readonly [dropped: number, unplaced: number, end: number];

const compareValues = (a: Value, b: Value): number => a[0] - b[0] || a[1] - b[1] || a[2] - b[2];

interface Placing {
  value: Value;
  /** Minutes that rooms are held by sessions and stays. */
  heldMin: number;
  /** Starts to put off so that rooms which wait for hands are emptied first. */
  putOff: ReadonlyMap<number, Minute>;
  told: () => Schedule;
}

/** A room that waited for hands is emptied first, where that keeps what was kept and costs no more than an hour at the end. */
function withRoomsFreed(problem: ScheduleProblem, ids: readonly string[], first: Placing): Placing {
  if (first.putOff.size === 0) return first;
  const freed = placedBy(problem, ids, false, first.putOff);
  const [[dropped, unplaced, end], [wasDropped, wasUnplaced, wasEnd]] = [freed.value, first.value];
  const keeps = dropped <= wasDropped && unplaced <= wasUnplaced && end <= wasEnd + dearestMin;
  return keeps && freed.heldMin < first.heldMin ? freed : first;
}

/** What emptying rooms first may cost at the end, minutes. */
const dearestMin = 60;

/** The order that was found, with steps that came since behind the one they follow by urgency. */
export function mergedOrder(found: readonly string[], urgent: readonly string[]): string[] {
  const known = new Set(urgent);
  const merged = found.filter((id) => known.has(id));
  const has = new Set(merged);
  const after = new Map<string | null, string[]>();
  let last: string | null = null;
  for (const id of urgent)
    if (has.has(id)) last = id;
    else after.set(last, [...(after.get(last) ?? []), id]);
  return [...(after.get(null) ?? []), ...merged.flatMap((id) => [id, ...(after.get(id) ?? [])])];
}

/** @param isFound an order that was found: what a lag puts before a step is pulled before it */
function placedBy(
  problem: ScheduleProblem,
  ids: readonly string[],
  isFound: boolean,
  putOff: ReadonlyMap<number, Minute> = new Map(),
): Placing {
  const compiled = compiledWork(problem);
  const index = new Map(compiled.steps.map((one, i) => [one.id, i]));
  const facts = new Set(compiled.facts.map((one) => one.step));
  const rank = new Map(ids.map((id, i) => [id, i]));
  const keys = Float64Array.from(compiled.steps, (one) => rank.get(one.id) ?? ids.length);
  const free = ids.map((id) => index.get(id)!).filter((i) => !facts.has(i));
  const delay = new Float64Array(compiled.steps.length).fill(-Infinity);
  for (const [id, minute] of problem.keepAt ?? []) if (index.has(id)) delay[index.get(id)!] = minute;
  for (const [i, minute] of putOff) delay[i] = Math.max(delay[i]!, minute);
  const prefer = new Int32Array(compiled.steps.length);
  const placer = new SerialPlacer(compiled, standingOf(compiled));
  const dropped = new Set(compiled.broken);
  const unplaced: number[] = [];
  let order: readonly number[] = isFound ? [...orderByKey(compiled, free, keys)] : free;
  while (placer.run({ order: Int32Array.from(order), prefer, delay }, null, mostRepairs) !== 'placed') {
    const step = placer.stuckAt;
    const window = windowAt(compiled, step, facts);
    if (window >= 0) {
      dropped.add(window);
      removeArcs(compiled, (arc) => arc.closing && arc.link === window);
    } else {
      unplaced.push(step);
      order = order.filter((one) => one !== step);
    }
  }
  const { end, placed } = placer.bookings;
  const work = compiled.jobs[0]!.steps.reduce((last, i) => (placed[i] ? Math.max(last, end[i]!) : last), 0);
  const heldMin = compiled.holds.reduce(
    (sum, { from, to }) => sum + (placed[from] && placed[to] ? end[to]! - placer.bookings.start[from]! : 0),
    0,
  );
  return {
    value: [dropped.size, unplaced.length, work],
    heldMin,
    putOff: startsToPutOff(compiled, placer.bookings),
    told: () => read(problem, compiled, placer, dropped, unplaced),
  };
}

/** The problem as arrays, with what is promised to others. @param due see `modelOfWork` */
export function compiledWork(problem: ScheduleProblem, due: Minute | null = null): Compiled {
  const compiled = compile(modelOfWork(problem, due));
  problem.steps.forEach(({ notBefore }, i) => {
    compiled.release[i] = Math.max(compiled.release[i]!, notBefore);
    if (compiled.latest[i] === Infinity) compiled.earliest[i] = Math.max(compiled.earliest[i]!, notBefore);
  });
  // What is added to a session after it has ended is placed in its room all the same; the record is not wrong for it.
  const facts = new Set(compiled.facts.map((one) => one.step));
  removeArcs(
    compiled,
    (arc) => arc.hold >= 0 && arc.to === compiled.holds[arc.hold]!.to && facts.has(arc.to),
  );
  const resources = new Map(compiled.resources.map((one, i) => [one.id, i]));
  const loose = problem.facts.flatMap((fact) => {
    const known = compiled.facts.find((one) => compiled.steps[one.step]!.id === fact.step);
    if (!known || known.resources) return [];
    return fact.uses.map((resource) => ({ resource, from: known.start, to: known.end, holder: fact.step }));
  });
  for (const one of [...problem.commitments, ...loose]) {
    const resource = resources.get(one.resource);
    if (resource !== undefined) compiled.promised.push({ ...one, resource });
  }
  return compiled;
}

/** The window into a step that was stuck, with a free step or a fact at its opening; −1 when none has to do with it. */
function windowAt(compiled: Compiled, step: number, facts: ReadonlySet<number>): number {
  const closing = compiled.steps[step]!.out.filter((arc) => arc.closing);
  return (closing.find((arc) => facts.has(arc.to)) ?? closing[0])?.link ?? -1;
}

function removeArcs(compiled: Compiled, gone: (arc: Arc) => boolean): void {
  for (const step of compiled.steps) {
    step.into = step.into.filter((arc) => !gone(arc));
    step.out = step.out.filter((arc) => !gone(arc));
  }
}

function read(
  problem: ScheduleProblem,
  compiled: Compiled,
  placer: SerialPlacer,
  dropped: ReadonlySet<number>,
  unplaced: readonly number[],
): Schedule {
  const b = placer.bookings;
  for (const i of unplaced) b.start[i] = b.end[i] = NaN;
  const said = new Map(problem.facts.map((fact) => [fact.step, fact.uses]));
  const known = new Set(compiled.resources.map((one) => one.id));
  const because = reasonsOfWork(problem, compiled, b);
  return {
    placements: compiled.steps.flatMap(({ id, choices }, i) => {
      if (!b.placed[i]) return [];
      const taken = b.choice[i]! < 0 ? null : choices[b.choice[i]!]!.resources;
      const uses = taken
        ? Array.from(taken, (r) => compiled.resources[r]!.id)
        : (said.get(id) ?? []).filter((one) => known.has(one));
      return [{ step: id, start: b.start[i]!, end: b.end[i]!, uses, because: because(i) }];
    }),
    holds: compiled.holds.flatMap(({ id, to }, h) => {
      const resource = compiled.resources[b.holdResource[h]!];
      if (!resource || Number.isNaN(b.holdStart[h]!)) return [];
      const end = b.placed[to] ? b.end[to]! : b.holdEnd[h]!;
      return [{ id, resource: resource.id, start: b.holdStart[h]!, end }];
    }),
    broken: [...dropped].map((link) => problem.links[link]!.id).sort(),
    unplaced: unplaced.map((i) => compiled.steps[i]!.id),
  };
}
