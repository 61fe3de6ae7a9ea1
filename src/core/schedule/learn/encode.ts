import type { Arc, Compiled } from '../compiled';
import type { Objective } from '../model';
import { Profile } from '../profile';
import { Hours, type Way } from './hours';
import { Kernel } from './kernel';
import { LatenessLimit, type LateTerm } from './lateness';
import { Timetable, type Task } from './timetable';

/** A literal (half ≥ value), or true for what always holds. */
export type Literal = readonly [half: number, value: number] | true;

/** A problem as variables and rules of the learning search. */
export interface Encoded {
  kernel: Kernel;
  /** Variable of the start of each step. */
  start: Int32Array;
  /** Variable of the end and what is added to it. */
  end: Int32Array;
  endPlus: Float64Array;
  /** For each step the literal of each choice. */
  choices: Literal[][];
  holdResources: Map<number, Literal>[];
  latest: number;
  lateness: LatenessLimit;
  /** False when the rules at the root contradict each other. */
  consistent: boolean;
  /** False when a contradiction found here would not prove one of the problem. */
  exact: boolean;
}

/** Most pairs that exclude each other before the encoding is given up. */
const mostPairs = 20_000;

const not = ([half, value]: readonly [number, number]): readonly [number, number] => [half ^ 1, 1 - value];

/** @returns null when the problem is too large for this search */
export function encode(problem: Compiled, objective: Objective, kept: readonly Arc[] = []): Encoded | null {
  const { steps, holds, jobs, resources, facts, exclusions, now, hi } = problem;
  const factAt = new Map(facts.map((one) => [one.step, one]));
  let variables = 0;
  const domains: [number, number][] = [];
  const variable = (least: number, most: number): number => {
    domains.push([least, most]);
    variables += 1;
    return variables - 1;
  };
  const constant = new Map<number, number>();
  const fixed = (value: number): number => {
    const known = constant.get(value) ?? variable(value, value);
    constant.set(value, known);
    return known;
  };
  const truth = (): Literal => [variable(0, 1) * 2, 1];
  const rules: (readonly [number, number])[][] = [];
  /** At least one; true literals make it void. */
  const clause = (...literals: Literal[]): void => {
    if (literals.some((one) => one === true)) return;
    rules.push(literals as (readonly [number, number])[]);
  };
  const negated = (literal: Literal): Literal | null => (literal === true ? null : not(literal));
  const imply = (from: Literal, to: Literal): void => {
    const premise = negated(from);
    if (premise) clause(premise, to);
    else clause(to);
  };
  const exactlyOne = (literals: readonly Literal[]): void => {
    if (literals.length < 2) return;
    clause(...literals);
    for (let a = 0; a < literals.length; a += 1)
      for (let b = a + 1; b < literals.length; b += 1) {
        const [one, other] = [negated(literals[a]!), negated(literals[b]!)];
        if (one && other) clause(one, other);
      }
  };

  const start = new Int32Array(steps.length);
  const end = new Int32Array(steps.length);
  const endPlus = new Float64Array(steps.length);
  const pauses = (i: number) =>
    steps[i]!.kind === 1 && steps[i]!.minutes > 0 && steps[i]!.choices.some((one) => one.calendar);
  steps.forEach((step, i) => {
    const fact = factAt.get(i);
    if (fact) {
      start[i] = fixed(fact.start);
      end[i] = start[i]!;
      endPlus[i] = fact.end - fact.start;
      return;
    }
    start[i] = variable(problem.earliest[i]!, Math.min(problem.latest[i]!, hi));
    end[i] = pauses(i) ? variable(problem.earliest[i]! + step.minutes, hi + step.minutes) : start[i]!;
    endPlus[i] = pauses(i) ? 0 : step.minutes;
  });

  let consistent = true;
  const choices: Literal[][] = steps.map((step, i) => {
    if (factAt.has(i)) return [];
    if (step.choices.length === 0) consistent = false;
    if (step.choices.length === 1) return [true as const];
    const literals = step.choices.map(truth);
    exactlyOne(literals);
    return literals;
  });
  /** Literal that an entry of a step takes a resource. */
  const entryUses = new Map<string, Literal>();
  const usesOf = (i: number, e: number): Map<number, Literal> => {
    const by = new Map<number, number[]>();
    steps[i]!.choices.forEach((one, c) => {
      const r = one.resources[e]!;
      by.set(r, [...(by.get(r) ?? []), c]);
    });
    return new Map(
      [...by].map(([r, ways]) => {
        const key = `${i} ${e} ${r}`;
        const known = entryUses.get(key);
        if (known) return [r, known];
        const own = ways.map((c) => choices[i]![c]!);
        let literal: Literal;
        if (by.size === 1) literal = true;
        else if (own.length === 1) literal = own[0]!;
        else {
          literal = truth();
          for (const one of own) imply(one, literal);
          clause(not(literal as readonly [number, number]), ...own);
        }
        entryUses.set(key, literal);
        return [r, literal];
      }),
    );
  };

  const holdResources: Map<number, Literal>[] = holds.map((hold) => {
    const fact = factAt.get(hold.from);
    const entry = fact?.resources ? steps[hold.from]!.holds.findIndex((h) => holds[h] === hold) : -1;
    if (entry >= 0) return new Map([[fact!.resources![entry]!, true as const]]);
    if (hold.resources.length === 1) return new Map([[hold.resources[0]!, true as const]]);
    const literals = new Map(hold.resources.map((r) => [r, truth()]));
    exactlyOne([...literals.values()]);
    return literals;
  });
  const sameResources: Map<number, Literal>[] = Array.from({ length: problem.sameGroups }, () => new Map());
  const tasks: Task[][] = resources.map(() => []);
  const standing = resources.map(() => new Profile());
  const impossible = (i: number, e: number, r: number) => {
    const literal = usesOf(i, e).get(r)!;
    const denied = negated(literal);
    if (denied) clause(denied);
    else consistent = false;
  };
  steps.forEach((step, i) => {
    const fact = factAt.get(i);
    if (fact) {
      fact.resources?.forEach((r, e) => {
        standing[r]!.add(Math.max(now, fact.start), fact.end, step.amounts[e]!);
        for (const [entry, g] of step.same) if (entry === e) sameResources[g]!.set(r, true);
      });
      return;
    }
    step.holds.forEach((h, e) => {
      for (const [r, literal] of usesOf(i, e)) {
        if (h >= 0) {
          const held = holdResources[h]!.get(r);
          if (held === undefined) impossible(i, e, r);
          else imply(literal, held);
        } else if (step.amounts[e]! > 0 && step.minutes > 0) {
          const [whenHalf, whenValue] = literal === true ? [-1, 1] : literal;
          tasks[r]!.push({
            ...{ start: start[i]!, end: end[i]!, endPlus: endPlus[i]!, amount: step.amounts[e]! },
            ...{ whenHalf, whenValue },
          });
        }
      }
    });
  });
  steps.forEach((step, i) => {
    if (factAt.has(i)) return;
    for (const [entry, g] of step.same)
      for (const [r, literal] of usesOf(i, entry)) {
        const group = sameResources[g]!;
        if (!group.has(r)) group.set(r, [...group.values()].includes(true) ? falsity() : truth());
        imply(literal, group.get(r)!);
      }
  });
  /** A literal that is never true. */
  function falsity(): Literal {
    return [fixed(0) * 2, 1];
  }
  for (const group of sameResources) exactlyOneOfUsed([...group.values()]);
  function exactlyOneOfUsed(literals: readonly Literal[]): void {
    for (let a = 0; a < literals.length; a += 1)
      for (let b = a + 1; b < literals.length; b += 1) {
        const [one, other] = [negated(literals[a]!), negated(literals[b]!)];
        if (one && other) clause(one, other);
        else if (one) clause(one);
        else if (other) clause(other);
      }
  }
  const holdStart = (h: number): number => {
    const fact = factAt.get(holds[h]!.from);
    return fact ? fixed(Math.max(now, fact.start)) : start[holds[h]!.from]!;
  };
  holds.forEach((hold, h) => {
    if (hold.amount === 0) return;
    for (const [r, literal] of holdResources[h]!) {
      const [whenHalf, whenValue] = literal === true ? [-1, 1] : literal;
      tasks[r]!.push({
        ...{ start: holdStart(h), end: end[hold.to]!, endPlus: endPlus[hold.to]!, amount: hold.amount },
        ...{ whenHalf, whenValue },
      });
    }
  });
  // What facts take together may be more than there is; it then leaves nothing, but is no contradiction.
  standing.forEach((profile, r) => {
    for (let k = 1; k + 1 < profile.length; k += 1) {
      const amount = Math.min(profile.use[k]!, resources[r]!.capacity);
      if (amount === 0) continue;
      const at = fixed(profile.at[k]!);
      const length = profile.at[k + 1]! - profile.at[k]!;
      tasks[r]!.push({ start: at, end: at, endPlus: length, amount, whenHalf: -1, whenValue: 1 });
    }
  });

  type Pair = { from: number; to: number; lag: number; when: Literal };
  const edges: Pair[] = [];
  const anchor = (step: number, atEnd: boolean): [number, number] =>
    atEnd ? [end[step]!, endPlus[step]!] : [start[step]!, 0];
  const addArc = (arc: Arc): void => {
    const [from, plus] = anchor(arc.from, arc.fromEnd);
    const [to, minus] = anchor(arc.to, arc.toEnd);
    const lag = arc.lag + plus - minus;
    if (from !== to) edges.push({ from, to, lag, when: true });
    else if (lag > 0) consistent = false;
  };
  for (const step of steps) for (const arc of step.out) if (!bothFacts(arc)) addArc(arc);
  for (const arc of kept) addArc(arc);
  function bothFacts(arc: Arc): boolean {
    return factAt.has(arc.from) && factAt.has(arc.to);
  }

  let exact = problem.complete;
  let pairs = 0;
  exclusions.forEach((_, x) => {
    interface Entity {
      step: number;
      hold: number;
      sides: [Literal | null, Literal | null];
    }
    const entities: Entity[] = [];
    const sidesFrom = (ways: readonly (readonly [Uint8Array, Literal])[], bit: number): Literal | null => {
      const own = ways.filter(([sides]) => (sides[x] ?? 0) & bit);
      if (own.length === 0) return null;
      if (own.length === ways.length) return true;
      if (own.length === 1) return own[0]![1];
      const literal = truth();
      for (const [, way] of own) imply(way, literal);
      return literal;
    };
    const enter = (step: number, hold: number, ways: readonly (readonly [Uint8Array, Literal])[]): void => {
      const sides: Entity['sides'] = [sidesFrom(ways, 1), sidesFrom(ways, 2)];
      if (sides[0] !== null || sides[1] !== null) entities.push({ step, hold, sides });
    };
    steps.forEach((step, i) => {
      const fact = factAt.get(i);
      if (fact && (!fact.resources || fact.end <= fact.start)) return;
      if (!fact && step.minutes === 0) return;
      enter(
        i,
        -1,
        fact ? [[step.choices[0]!.sides, true]] : step.choices.map((one, c) => [one.sides, choices[i]![c]!]),
      );
    });
    holds.forEach((hold, h) => {
      const ways = [...holdResources[h]!].flatMap(([r, literal]) => {
        const sides = hold.sidesBy.get(r);
        return sides ? [[sides, literal] as const] : [];
      });
      const before = entities.length;
      enter(-1, h, ways);
      // A hold without length overlaps nothing, which the order of pairs does not know.
      if (entities.length > before && hold.leastMin === 0) exact = false;
    });
    for (const a of entities)
      for (const b of entities) {
        if (a === b || a.sides[0] === null || b.sides[1] === null) continue;
        if (exclusions[x]!.same && entities.indexOf(a) > entities.indexOf(b)) continue;
        const own = (one: Entity, other: Entity) =>
          one.step >= 0 && other.hold >= 0 && steps[one.step]!.holds.includes(other.hold);
        if (own(a, b) || own(b, a)) continue;
        if (a.step >= 0 && b.step >= 0 && factAt.has(a.step) && factAt.has(b.step)) continue;
        pairs += 1;
        if (pairs > mostPairs) return;
        const [before, after] = [truth(), truth()];
        const apart = [before, after, negated(a.sides[0]), negated(b.sides[1]!)];
        clause(...apart.filter((one): one is Literal => one !== null));
        const startOf = (one: Entity) => (one.step >= 0 ? start[one.step]! : start[holds[one.hold]!.from]!);
        const endOf = (one: Entity) => (one.step >= 0 ? one.step : holds[one.hold]!.to);
        for (const [first, second, when] of [
          [a, b, before],
          [b, a, after],
        ] as const) {
          const from = endOf(first);
          const to = startOf(second);
          if (end[from] === to) clause(not(when as readonly [number, number]));
          else edges.push({ from: end[from]!, to, lag: endPlus[from]!, when });
        }
      }
  });
  if (pairs > mostPairs) return null;

  const latest = variable(-1e15, hi * 2);
  const jobEnds = jobs.map(() => variable(-1e15, hi * 2));
  steps.forEach((step, i) => {
    edges.push({ from: end[i]!, to: jobEnds[step.job]!, lag: endPlus[i]!, when: true });
    edges.push({ from: end[i]!, to: latest, lag: endPlus[i]!, when: true });
  });
  const terms: LateTerm[] = jobs.flatMap((job, j) =>
    job.due === null || job.weight === 0 || job.steps.length === 0
      ? []
      : [{ end: jobEnds[j]!, due: job.due, weight: job.weight }],
  );

  const kernel = new Kernel(variables);
  domains.forEach(([least, most], v) => {
    kernel.setDomain(v, least, most);
    if (least > most) consistent = false;
  });
  for (const { from, to, lag, when } of edges) {
    if (when === true) kernel.addEdge(from * 2, to * 2, lag);
    else kernel.addEdge(from * 2, to * 2, lag, when[0], when[1]);
  }
  for (const literals of rules) consistent &&= kernel.addClause(literals.flat());
  const lateness = new LatenessLimit(terms);
  if (objective !== 'makespan') lateness.subscribe(kernel);
  steps.forEach((step, i) => {
    if (factAt.has(i) || step.kind === 2 || step.minutes === 0) return;
    if (step.choices.every((one) => !one.calendar)) return;
    const ways: Way[] = step.choices.map((one, c) => {
      const literal = choices[i]![c]!;
      const [whenHalf, whenValue] = literal === true ? [-1, 1] : literal;
      return { calendar: one.calendar, whenHalf, whenValue };
    });
    new Hours(start[i]!, pauses(i) ? end[i]! : -1, step.minutes, ways).subscribe(kernel);
  });
  resources.forEach((one, r) => {
    if (tasks[r]!.reduce((sum, task) => sum + task.amount, 0) > one.capacity)
      new Timetable(tasks[r]!, one.capacity).subscribe(kernel);
  });
  return { kernel, start, end, endPlus, choices, holdResources, latest, lateness, consistent, exact };
}
