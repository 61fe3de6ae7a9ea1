import type { Arc, Compiled } from '../compiled';
import type { Objective } from '../model';
import { Profile } from '../profile';
import { encodeExclusions } from './encode-exclusions';
import { Hours, type Way } from './hours';
import { Kernel } from './kernel';
import { LatenessLimit, type LateTerm } from './lateness';
import { Logic, type Literal } from './logic';
import type { Task } from './compulsory';
import { Timetable } from './timetable';

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

/**
 * @param kept further arcs to be kept, on top of those of the problem
 * @returns null when the problem is too large to be searched this way
 */
export function encode(problem: Compiled, objective: Objective, kept: readonly Arc[] = []): Encoded | null {
  return new Encoding(problem).finish(objective, kept);
}

const whenOf = (literal: Literal): { whenHalf: number; whenValue: number } =>
  literal === true ? { whenHalf: -1, whenValue: 1 } : { whenHalf: literal[0], whenValue: literal[1] };

class Encoding {
  readonly #logic = new Logic();
  readonly #factAt: Map<number, Compiled['facts'][number]>;
  readonly #start: Int32Array;
  readonly #end: Int32Array;
  readonly #endPlus: Float64Array;
  readonly #choices: Literal[][];
  readonly #holdResources: Map<number, Literal>[];
  readonly #tasks: Task[][];
  readonly #uses = new Map<string, Map<number, Literal>>();

  constructor(private readonly problem: Compiled) {
    const { steps, holds, resources, facts } = problem;
    this.#factAt = new Map(facts.map((one) => [one.step, one]));
    this.#start = new Int32Array(steps.length);
    this.#end = new Int32Array(steps.length);
    this.#endPlus = new Float64Array(steps.length);
    this.#tasks = resources.map(() => []);
    steps.forEach((_, i) => this.#placeStep(i));
    this.#choices = steps.map((step, i) => {
      if (this.#factAt.has(i)) return [];
      const literals: Literal[] =
        step.choices.length === 1 ? [true] : step.choices.map(() => this.#logic.truth());
      this.#logic.clause(...literals);
      this.#logic.atMostOne(literals);
      return literals;
    });
    this.#holdResources = holds.map((hold) => {
      const fact = this.#factAt.get(hold.from);
      const entry = fact?.resources ? steps[hold.from]!.holds.findIndex((h) => holds[h] === hold) : -1;
      if (entry >= 0) return new Map([[fact!.resources![entry]!, true as const]]);
      if (hold.resources.length === 1) return new Map([[hold.resources[0]!, true as const]]);
      const literals = new Map<number, Literal>(hold.resources.map((r) => [r, this.#logic.truth()]));
      this.#logic.clause(...literals.values());
      this.#logic.atMostOne([...literals.values()]);
      return literals;
    });
    this.#resourcesOfSteps();
    this.#sameResources();
    this.#resourcesOfHolds();
    this.#resourcesOfFacts();
  }

  #pauses(i: number): boolean {
    const { kind, minutes, choices } = this.problem.steps[i]!;
    return kind === 1 && minutes > 0 && choices.some((one) => one.calendar);
  }

  #placeStep(i: number): void {
    const { earliest, latest, hi, steps } = this.problem;
    const fact = this.#factAt.get(i);
    const { minutes } = steps[i]!;
    this.#start[i] = fact
      ? this.#logic.constant(fact.start)
      : this.#logic.variable(earliest[i]!, Math.min(latest[i]!, hi));
    const pauses = !fact && this.#pauses(i);
    this.#end[i] = pauses ? this.#logic.variable(earliest[i]! + minutes, hi + minutes) : this.#start[i]!;
    this.#endPlus[i] = fact ? fact.end - fact.start : pauses ? 0 : minutes;
  }

  /** For an entry of a step, the literal that it takes each resource. */
  #usesOf(i: number, e: number): Map<number, Literal> {
    const key = `${i} ${e}`;
    const known = this.#uses.get(key);
    if (known) return known;
    const by = new Map<number, Literal[]>();
    this.problem.steps[i]!.choices.forEach((one, c) => {
      const r = one.resources[e]!;
      by.set(r, [...(by.get(r) ?? []), this.#choices[i]![c]!]);
    });
    const uses = new Map(
      [...by].map(([r, ways]) => [r, by.size === 1 ? (true as const) : this.#logic.either(ways)] as const),
    );
    this.#uses.set(key, uses);
    return uses;
  }

  #resourcesOfSteps(): void {
    this.problem.steps.forEach((step, i) => {
      if (this.#factAt.has(i)) return;
      step.holds.forEach((h, e) => {
        for (const [r, literal] of this.#usesOf(i, e)) {
          if (h >= 0) {
            const held = this.#holdResources[h]!.get(r);
            if (held === undefined) this.#logic.deny(literal);
            else this.#logic.imply(literal, held);
          } else if (step.amounts[e]! > 0 && step.minutes > 0)
            this.#tasks[r]!.push({
              start: this.#start[i]!,
              end: this.#end[i]!,
              endPlus: this.#endPlus[i]!,
              amount: step.amounts[e]!,
              ...whenOf(literal),
            });
        }
      });
    });
  }

  #sameResources(): void {
    const groups = Array.from({ length: this.problem.sameGroups }, () => new Map<number, Literal>());
    for (const { step, resources } of this.problem.facts)
      if (resources)
        for (const [entry, g] of this.problem.steps[step]!.same) groups[g]!.set(resources[entry]!, true);
    this.problem.steps.forEach((step, i) => {
      if (this.#factAt.has(i)) return;
      for (const [entry, g] of step.same)
        for (const [r, literal] of this.#usesOf(i, entry)) {
          const group = groups[g]!;
          if (!group.has(r))
            group.set(r, [...group.values()].includes(true) ? this.#logic.never() : this.#logic.truth());
          this.#logic.imply(literal, group.get(r)!);
        }
    });
    for (const group of groups) this.#logic.atMostOne([...group.values()]);
  }

  #resourcesOfHolds(): void {
    const { holds, now } = this.problem;
    holds.forEach((hold, h) => {
      if (hold.amount === 0) return;
      const fact = this.#factAt.get(hold.from);
      const start = fact ? this.#logic.constant(Math.max(now, fact.start)) : this.#start[hold.from]!;
      for (const [r, literal] of this.#holdResources[h]!)
        this.#tasks[r]!.push({
          start,
          end: this.#end[hold.to]!,
          endPlus: this.#endPlus[hold.to]!,
          amount: hold.amount,
          ...whenOf(literal),
        });
    });
  }

  /** What facts take together may be more than there is; it then leaves nothing, but is no contradiction. */
  #resourcesOfFacts(): void {
    const { facts, resources, steps, now } = this.problem;
    const taken = resources.map(() => new Profile());
    for (const fact of facts)
      fact.resources?.forEach((r, e) =>
        taken[r]!.add(Math.max(now, fact.start), fact.end, steps[fact.step]!.amounts[e]!),
      );
    taken.forEach((profile, r) => {
      for (let k = 1; k + 1 < profile.length; k += 1) {
        const amount = Math.min(profile.use[k]!, resources[r]!.capacity);
        if (amount === 0) continue;
        const start = this.#logic.constant(profile.at[k]!);
        const endPlus = profile.at[k + 1]! - profile.at[k]!;
        this.#tasks[r]!.push({ start, end: start, endPlus, amount, whenHalf: -1, whenValue: 1 });
      }
    });
  }

  #addArc(arc: Arc): void {
    if (this.#factAt.has(arc.from) && this.#factAt.has(arc.to)) return;
    const anchor = (step: number, atEnd: boolean): [number, number] =>
      atEnd ? [this.#end[step]!, this.#endPlus[step]!] : [this.#start[step]!, 0];
    const [from, plus] = anchor(arc.from, arc.fromEnd);
    const [to, minus] = anchor(arc.to, arc.toEnd);
    const lag = arc.lag + plus - minus;
    if (from !== to) this.#logic.edges.push({ from, to, lag, when: true });
    else if (lag > 0) this.#logic.consistent = false;
  }

  finish(objective: Objective, kept: readonly Arc[]): Encoded | null {
    const { steps, jobs, resources, hi } = this.problem;
    const logic = this.#logic;
    for (const step of steps) for (const arc of step.out) this.#addArc(arc);
    for (const arc of kept) this.#addArc(arc);
    const apart = encodeExclusions(this.problem, logic, {
      start: this.#start,
      end: this.#end,
      endPlus: this.#endPlus,
      choices: this.#choices,
      holdResources: this.#holdResources,
      isFact: (i) => this.#factAt.has(i),
    });
    if (apart === 'large') return null;
    const latest = logic.variable(-1e15, hi * 2);
    const jobEnds = jobs.map(() => logic.variable(-1e15, hi * 2));
    steps.forEach((step, i) => {
      for (const to of [jobEnds[step.job]!, latest])
        logic.edges.push({ from: this.#end[i]!, to, lag: this.#endPlus[i]!, when: true });
    });
    const terms: LateTerm[] = jobs.flatMap(({ due, weight, steps: own }, j) =>
      due === null || weight === 0 || own.length === 0 ? [] : [{ end: jobEnds[j]!, due, weight }],
    );

    const kernel = new Kernel(logic.domains.length);
    let { consistent } = logic;
    logic.domains.forEach(([least, most], v) => {
      kernel.setDomain(v, least, most);
      consistent &&= least <= most;
    });
    for (const { from, to, lag, when } of logic.edges) {
      const { whenHalf, whenValue } = whenOf(when);
      kernel.addEdge(from * 2, to * 2, lag, whenHalf, whenValue);
    }
    for (const literals of logic.clauses) consistent &&= kernel.addClause(literals.flat());
    const lateness = new LatenessLimit(terms);
    if (objective !== 'makespan') lateness.subscribe(kernel);
    steps.forEach((_, i) => this.#keepHours(kernel, i));
    resources.forEach(({ capacity }, r) => {
      const tasks = this.#tasks[r]!;
      if (tasks.reduce((sum, task) => sum + task.amount, 0) > capacity)
        new Timetable(tasks, capacity).subscribe(kernel);
    });
    return {
      kernel,
      start: this.#start,
      end: this.#end,
      endPlus: this.#endPlus,
      choices: this.#choices,
      holdResources: this.#holdResources,
      latest,
      lateness,
      consistent,
      exact: this.problem.complete && apart === 'exact',
    };
  }

  #keepHours(kernel: Kernel, i: number): void {
    const { kind, minutes, choices } = this.problem.steps[i]!;
    if (this.#factAt.has(i) || kind === 2 || minutes === 0 || choices.every((one) => !one.calendar)) return;
    const ways: Way[] = choices.map((one, c) => ({
      calendar: one.calendar,
      ...whenOf(this.#choices[i]![c]!),
    }));
    new Hours(this.#start[i]!, this.#pauses(i) ? this.#end[i]! : -1, minutes, ways).subscribe(kernel);
  }
}
