import type { Minute } from '../units';
import type { Compiled } from './compiled';
import { orderByKey } from './list-order';
import { mirror } from './mirror';
import type { Objective } from './model';
import { changeOrder, crossOver } from './moves';
import { laterOpening } from './later-opening';
import { Population } from './population';
import { startingKeys } from './starting-keys';
import { Random } from './random';
import { SerialPlacer, type Genes, type Outcome } from './serial-placer';
import { standingOf } from './standing';
import type { Solution } from './solution';
import { aimsOf, AimCut, compareAims, figuresOf, tailsOf } from './value';

/** Attempts before breeding, the walk's tolerance above its best, its length, and how many plans are kept to breed from. */
const beginnings = 60;
const tolerance = 0.03;
const walkLength = 1000;
const mostPlans = 30;

/**
 * Improves a plan by placing it anew with part of its order changed: large-neighbourhood moves, each followed by
 * justification to the right and back to the left (Valls, Ballestín and Quintanilla 2005). Deterministic for a seed.
 */
export class Search {
  readonly #forward: SerialPlacer;
  readonly #backward: SerialPlacer | null;
  readonly #cut: AimCut;
  readonly #random: Random;
  readonly #free: Int32Array;
  readonly #tails: Float64Array;
  readonly #plans = new Population(mostPlans);
  #since = 0;
  #focus = 0;
  #local = Infinity;
  #current: Solution | null = null;
  best: Solution | null = null;
  /** True when some placing failed for want of open hours before the horizon. */
  ranOut = false;
  #started = 0;
  #isOver: () => boolean = () => false;

  constructor(
    readonly problem: Compiled,
    readonly objective: Objective,
    seed: number,
  ) {
    const standing = standingOf(problem);
    this.#forward = new SerialPlacer(problem, standing);
    this.#cut = new AimCut(problem, this.#forward.bookings);
    this.#backward = problem.facts.length === 0 ? new SerialPlacer(mirror(problem), []) : null;
    this.#random = new Random(seed);
    this.#tails = tailsOf(problem, true).start;
    const stands = new Set(standing.map((one) => one.step));
    this.#free = Int32Array.from(problem.steps.keys()).filter((i) => !stands.has(i));
  }

  /** Turns to the next aim; those before it must stay as good as they are in the best plan. */
  turnTo(focus: number): void {
    this.#focus = focus;
    this.#plans.clear();
    this.#current = this.best;
    this.#local = this.best ? this.best.aims[focus]! : Infinity;
    this.#since = 0;
  }

  /** Takes in a plan found elsewhere, moved to the left where its order allows. @returns it, or null when it got stuck */
  adopt(found: Pick<Solution, 'start' | 'end' | 'choice'>): Solution | null {
    const keys = Float64Array.from(found.start, (start, i) => start + (found.end[i]! - start) * 1e-9);
    const prefer = Int32Array.from(found.choice, (one) => Math.max(0, one));
    const order = orderByKey(this.problem, this.#free, keys);
    return this.#attempt({ order, prefer, delay: this.#noDelay() }, Infinity);
  }

  /** One more attempt: first the rules to start from, then lots until there is a choice of plans, then breeding. */
  iterate(isOver: () => boolean): void {
    this.#isOver = isOver;
    const keys = startingKeys(this.problem, this.#started, this.#random);
    this.#started += 1;
    if (keys) {
      const order = orderByKey(this.problem, this.#free, keys);
      this.#attempt({ order, prefer: this.#noPreference(), delay: this.#noDelay() }, Infinity);
    } else if (this.#started < beginnings || !this.best) this.#anew();
    else if (this.#current && this.#started > beginnings) this.#change(this.#current);
    else this.#breed();
  }

  #breed(): void {
    if (this.#plans.members.length < 2) return this.best ? this.#change(this.best) : this.#anew();
    const mother = this.#plans.draw(this.#random);
    const father = this.#plans.draw(this.#random);
    if (mother === father) return this.#change(mother);
    this.#attempt(crossOver(this.problem, this.#free, mother, father, this.#random), Infinity);
  }

  #noPreference = () => new Int32Array(this.problem.steps.length);
  #noDelay = () => new Float64Array(this.problem.steps.length).fill(-Infinity);

  /** A new beginning by lot: tails stretched at random, jobs before each other at random or by weight and date. */
  #anew(): void {
    const { steps, jobs } = this.problem;
    const random = this.#random;
    const spread = random.next() < 0.5 ? 0 : 1e9;
    const rank = jobs.map(() => random.next() * spread);
    const keys = Float64Array.from(
      steps,
      (step, i) => rank[step.job]! - this.#tails[i]! * (0.3 + random.next()),
    );
    const order = orderByKey(this.problem, this.#free, keys);
    const prefer = Int32Array.from(steps, (step) => random.below(step.choices.length));
    this.#attempt({ order, prefer, delay: this.#noDelay() }, Infinity);
  }

  #change(from: Solution): void {
    const genes = changeOrder(this.problem, this.#free, from, this.#random);
    if (this.#focus > 0) genes.delay = laterOpening(this.problem, from, this.#random) ?? genes.delay;
    this.#attempt(genes, this.#allowed());
  }

  #allowed(): number {
    const best = this.#local;
    const cycle = (this.#since % walkLength) / walkLength;
    return best === Infinity ? best : best + tolerance * (1 - cycle) * best;
  }

  #attempt(genes: Genes, limit: number): Solution | null {
    this.#limit(limit);
    if (this.#place(genes) !== 'placed') {
      this.#wait();
      return null;
    }
    let found = this.#read(genes.delay);
    for (let round = 0; round < 3; round += 1) {
      const again = this.#justify(found);
      if (!again || compareAims(again.aims, found.aims) >= 0) {
        if (again && compareAims(again.aims, found.aims) === 0) found = again;
        break;
      }
      found = again;
    }
    this.#take(found);
    return found;
  }

  /** Gives up a placing as soon as the aim in focus must exceed `most`, or one before it what the best plan has. */
  #limit(most: number): void {
    const cut = this.#cut;
    cut.mostEnd = Infinity;
    cut.mostLate = Infinity;
    if (this.objective === 'makespan') cut.mostEnd = most;
    else if (this.#focus === 0 || !this.best) cut.mostLate = most;
    else {
      cut.mostLate = this.best.aims[0]!;
      if (this.#focus === this.best.aims.length - 1) cut.mostEnd = most;
    }
  }

  /** The aim in focus, or Infinity when an earlier one is worse than in the best plan. */
  #score(aims: readonly number[]): number {
    for (let k = 0; k < this.#focus; k += 1) if (aims[k]! > this.best!.aims[k]!) return Infinity;
    return aims[this.#focus]!;
  }

  #place(genes: Genes): Outcome {
    const outcome = this.#forward.run(genes, this.#cut, 40 + 4 * this.#free.length, this.#isOver);
    if (outcome === 'stuck' && this.#forward.ranOut) this.ranOut = true;
    return outcome;
  }

  #read(delay: Float64Array): Solution {
    const b = this.#forward.bookings;
    const figures = figuresOf(this.problem, b);
    return {
      figures,
      aims: aimsOf(figures, this.objective),
      delay,
      start: b.start.slice(),
      end: b.end.slice(),
      choice: b.choice.slice(),
      holdResource: b.holdResource.slice(),
    };
  }

  /** Everything as late as the ends allow, then as early as that order allows. */
  #justify(from: Solution): Solution | null {
    const back = this.#backward;
    if (!back) return null;
    const { steps, jobs } = this.problem;
    const deadline = Float64Array.from(jobs, (job) => this.#deadline(job.steps, job.due, from));
    steps.forEach((step, i) => (back.problem.earliest[i] = -deadline[step.job]!));
    const late = Float64Array.from(from.end, (end) => -end);
    const order = orderByKey(back.problem, this.#free, late);
    const prefer = Int32Array.from(from.choice, (one) => Math.max(0, one));
    const backward = { order, prefer, delay: this.#noDelay() };
    if (back.run(backward, null, 20 + this.#free.length, this.#isOver) !== 'placed') return null;
    const { end, choice } = back.bookings;
    const early = Float64Array.from(end, (one) => -one);
    const genes = {
      order: orderByKey(this.problem, this.#free, early),
      prefer: Int32Array.from(choice, (one) => Math.max(0, one)),
      delay: from.delay,
    };
    this.#limit(Math.max(this.#score(from.aims), this.#allowed()));
    return this.#place(genes) === 'placed' ? this.#read(from.delay) : null;
  }

  #deadline(steps: readonly number[], due: Minute | null, from: Solution): Minute {
    if (this.objective === 'makespan') return from.figures.makespan;
    let last = -Infinity;
    for (const step of steps) last = Math.max(last, from.end[step]!);
    return Math.max(last, due ?? from.figures.makespan);
  }

  #take(found: Solution): void {
    if (!this.best || compareAims(found.aims, this.best.aims) < 0) {
      this.best = found;
      this.#since = 0;
    }
    const score = this.#score(found.aims);
    if (score < this.#local) {
      this.#local = score;
      this.#since = 0;
    }
    if (score < Infinity) this.#plans.add(found);
    if (!this.#current || score <= this.#allowed()) this.#current = found;
    this.#wait();
  }

  /** When a walk has run dry the next one starts from a child of two good plans. */
  #wait(): void {
    this.#since += 1;
    if (this.#since < walkLength || !this.best) return;
    this.#since = 0;
    this.#local = Infinity;
    this.#current = this.#random.next() < 0.3 || this.#plans.members.length < 2 ? this.best : null;
    if (this.#current) this.#local = this.#score(this.best.aims);
  }
}
