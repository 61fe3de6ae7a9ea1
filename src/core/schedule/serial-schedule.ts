import type { Minute } from '../units';
import { clusterSteps, orderByLinks } from './clusters';
import { Floor, type Spot } from './earliest-start';
import { explainStart } from './explain';
import type { Hold, Placement, Schedule, ScheduleProblem, TimedLink, TimedStep } from './problem';

const attemptLimit = 600;
/** Attended time is open about 45 of 168 hours a week; this compares it with drying time when ranking. */
const calendarStretch = 168 / 45;

type Outcome = { status: 'placed' } | { status: 'impossible'; link: string | null; step: string };

/**
 * Serial schedule: steps tied by closing windows or holds are placed as one cluster, clusters in order of the longest
 * way still before them, each at its earliest start; a window that would close pushes its opening step later and the
 * cluster is tried again. Earlier clusters never move. Deterministic: ties are broken by the order of the steps.
 */
export function scheduleSerially(problem: ScheduleProblem): Schedule {
  return new SerialSchedule(problem).run();
}

class SerialSchedule {
  readonly #links: TimedLink[];
  readonly #into = new Map<string, TimedLink[]>();
  readonly #steps: Map<string, TimedStep>;
  readonly #holdOf: Map<string, Hold>;
  readonly #floor: Floor;
  readonly #placed = new Map<string, Placement>();
  readonly #holds = new Map<string, { resource: string; start: Minute; end: Minute | null }>();
  readonly #facts = new Set<string>();
  readonly #dropped = new Set<string>();
  readonly #unplaced: string[] = [];
  readonly #pushedBy = new Map<string, string>();
  /** The closing window that pushed last while the present cluster was being placed. */
  #lastWindow: string | null = null;
  /** Places found too short for a hold that starts where its first step now stands, with the end of what blocks them. */
  readonly #tooShort = new Map<string, Map<string, Minute>>();

  constructor(private readonly problem: ScheduleProblem) {
    this.#links = [...problem.links, ...holdLinks(problem)];
    for (const step of problem.steps) this.#into.set(step.id, []);
    for (const link of this.#links) this.#into.get(link.to)?.push(link);
    this.#steps = new Map(problem.steps.map((step) => [step.id, step]));
    this.#holdOf = new Map(problem.holds.map((hold) => [hold.id, hold]));
    this.#floor = new Floor(problem.resources);
  }

  run(): Schedule {
    for (const one of this.problem.commitments)
      if (this.#floor.knows(one.resource))
        this.#floor.timeline(one.resource).book(one.from, one.to, one.holder);
    this.#placeFacts();
    for (const cluster of this.#inOrderOfUrgency()) this.#placeCluster(cluster);
    return {
      placements: this.problem.steps.flatMap((step) => this.#placed.get(step.id) ?? []),
      holds: this.problem.holds.flatMap((hold) => {
        const held = this.#holds.get(hold.id);
        return held
          ? [{ id: hold.id, resource: held.resource, start: held.start, end: held.end ?? held.start }]
          : [];
      }),
      broken: [...this.#dropped].sort(),
      unplaced: this.#unplaced,
    };
  }

  #placeFacts(): void {
    for (const fact of this.problem.facts) {
      const step = this.#steps.get(fact.step);
      if (!step) continue;
      this.#facts.add(fact.step);
      const uses = fact.uses.filter(this.#floor.knows);
      const end =
        fact.status === 'done'
          ? fact.end
          : (this.#remainingEnd({ ...step, minutes: fact.remaining }, uses) ??
            this.problem.now + fact.remaining);
      for (const id of uses)
        this.#floor.timeline(id).book(Math.max(this.problem.now, fact.start), end, fact.step);
      this.#placed.set(fact.step, { step: fact.step, start: fact.start, end, uses, because: [] });
      const hold = step.hold === null ? undefined : this.#holdOf.get(step.hold);
      const place = uses.find((id) => hold?.anyOf.includes(id));
      if (hold && place && hold.from === step.id)
        this.#holds.set(hold.id, { resource: place, start: fact.start, end: null });
      if (hold && hold.to === step.id && fact.status === 'done') {
        const held = this.#holds.get(hold.id);
        if (held) held.end = end;
      }
    }
  }

  /** A running step goes on at the next open minute. */
  #remainingEnd(rest: TimedStep, uses: readonly string[]): Minute | null {
    for (let minute = this.problem.now; minute < this.problem.now + 10080; minute += 1) {
      const end = this.#floor.endOf(rest, minute, uses);
      if (end !== null) return end;
    }
    return null;
  }

  /** Clusters such that links point forward and, among those free to go, the one with the longest way before it first. */
  #inOrderOfUrgency(): string[][] {
    const clusters = clusterSteps(this.problem, this.#links);
    const clusterOf = new Map(clusters.flatMap((ids, i) => ids.map((id) => [id, i] as const)));
    const tail = this.#tails();
    const weight = clusters.map((ids) => Math.max(...ids.map((id) => tail.get(id)!)));
    const waiting = clusters.map(() => new Set<number>());
    for (const link of this.#links) {
      const [from, to] = [clusterOf.get(link.from)!, clusterOf.get(link.to)!];
      if (from !== to) waiting[to]!.add(from);
    }
    const left = new Set(clusters.keys());
    const ordered: string[][] = [];
    while (left.size > 0) {
      const ready = [...left].filter((i) => ![...waiting[i]!].some((other) => left.has(other)));
      const next = ready.reduce((best, i) => (weight[i]! > weight[best]! ? i : best));
      left.delete(next);
      ordered.push(clusters[next]!);
    }
    return ordered;
  }

  #tails(): Map<string, number> {
    const order = orderByLinks([...this.#steps.keys()], this.#links);
    const after = new Map<string, TimedLink[]>(order.map((id) => [id, []]));
    for (const link of this.#links) after.get(link.from)?.push(link);
    const tail = new Map<string, number>();
    for (const id of order.reverse()) {
      const step = this.#steps.get(id)!;
      const own = step.kind === 'passive' ? step.minutes : step.minutes * calendarStretch;
      const rest = after.get(id)!.map((link) => link.min + (tail.get(link.to) ?? 0));
      tail.set(id, own + Math.max(0, ...rest));
    }
    return tail;
  }

  #placeCluster(cluster: readonly string[]): void {
    const index = new Map([...this.#steps.keys()].map((id, i) => [id, i]));
    const ids = cluster.filter((id) => !this.#facts.has(id)).sort((a, b) => index.get(a)! - index.get(b)!);
    const order = orderByLinks(ids, this.#links);
    const pushed = new Map<string, Minute>();
    this.#lastWindow = null;
    for (let attempt = 0; ; attempt += 1) {
      const undo: (() => void)[] = [];
      const outcome = this.#tryCluster(order, pushed, undo);
      if (outcome.status === 'placed') return;
      for (const back of undo.reverse()) back();
      if (outcome.link !== null && attempt <= attemptLimit) continue;
      const window = this.#lastWindow;
      if (window !== null) {
        // Pushing has run out of calendar or patience: this order of placing cannot keep the window.
        this.#dropped.add(window);
        pushed.clear();
        attempt = 0;
      } else {
        this.#unplaced.push(outcome.step);
        order.splice(order.indexOf(outcome.step), 1);
      }
      this.#lastWindow = null;
    }
  }

  /** Places every step of the cluster, or says which window or step stopped it, after pushing the culprit later. */
  #tryCluster(order: readonly string[], pushed: Map<string, Minute>, undo: (() => void)[]): Outcome {
    for (const id of order) {
      const step = this.#steps.get(id)!;
      const { minute: linked, because } = this.#earliestByLinks(step);
      const place = this.#placeFor(step);
      const from = Math.max(linked, pushed.get(id) ?? 0);
      const wanted = place.own ? { ...step, uses: [...step.uses, place.own] } : step;
      const earliest = this.#floor.earliest(wanted, from, place.held);
      if (!earliest) return { status: 'impossible', link: null, step: id };
      const agreed = this.problem.keepAt?.get(id) ?? 0;
      const kept = agreed > earliest.start ? this.#floor.earliest(wanted, agreed, place.held) : null;
      const spot = kept ?? earliest;
      const late = this.#closedWindow(step, spot, pushed) ?? this.#holdClash(step, spot, pushed);
      if (late) return { status: 'impossible', link: late, step: id };
      this.#take(step, spot, undo);
      const pushedBy = from > linked ? (this.#pushedBy.get(id) ?? null) : null;
      const placement = { step: id, start: spot.start, end: spot.end, uses: spot.uses };
      const reasons = explainStart(earliest, linked, from, pushedBy, because);
      if (kept) reasons.unshift({ kind: 'agreed', from: earliest.start });
      this.#placed.set(id, { ...placement, because: reasons });
      undo.push(() => this.#placed.delete(id));
    }
    return { status: 'placed' };
  }

  #earliestByLinks(step: TimedStep): { minute: Minute; because: Placement['because'][number] } {
    let minute = this.problem.now;
    let because: Placement['because'][number] = { kind: 'now' };
    if (step.notBefore > minute) [minute, because] = [step.notBefore, { kind: 'not-before' }];
    for (const link of this.#into.get(step.id)!) {
      const from = this.#placed.get(link.from);
      if (from && from.end + link.min > minute) {
        minute = from.end + link.min;
        because = { kind: 'link', link: link.id, from: link.from, min: link.min };
      }
    }
    return { minute, because };
  }

  /** The place a step works in: the one its hold has taken, or, for the first step of a hold, any of its list. */
  #placeFor(step: TimedStep): { held: string | null; own: string[] | null } {
    if (step.hold === null) return { held: null, own: null };
    const held = this.#holds.get(step.hold);
    if (held) return { held: held.resource, own: null };
    const barred = this.#tooShort.get(step.hold);
    return { held: null, own: this.#holdOf.get(step.hold)!.anyOf.filter((id) => !barred?.has(id)) };
  }

  /** If a window into this step would close before `spot`, pushes its opening step later and returns the link. */
  #closedWindow(step: TimedStep, spot: Spot, pushed: Map<string, Minute>): string | null {
    for (const link of this.#into.get(step.id)!) {
      const from = this.#placed.get(link.from);
      if (link.max === null || !from || this.#dropped.has(link.id)) continue;
      const excess = spot.start - from.end - link.max;
      if (excess <= 0) continue;
      if (this.#facts.has(link.from)) this.#dropped.add(link.id);
      else {
        this.#push(link.from, from.start + excess, link.id, pushed);
        this.#lastWindow = link.id;
      }
      return link.id;
    }
    return null;
  }

  /** If another booking stands in the hold before this step ends, tries the next place, then a later start. */
  #holdClash(step: TimedStep, spot: Spot, pushed: Map<string, Minute>): string | null {
    const held = step.hold === null ? undefined : this.#holds.get(step.hold);
    if (!held) return null;
    const clash = this.#floor.timeline(held.resource).clash(Math.max(held.start, this.problem.now), spot.end);
    const { id, from: first, anyOf } = this.#holdOf.get(step.hold!)!;
    if (!clash || this.#facts.has(first)) return null;
    const tooShort = this.#tooShort.get(id) ?? new Map<string, Minute>();
    this.#tooShort.set(id, tooShort.set(held.resource, clash.to));
    if (anyOf.every((place) => tooShort.has(place))) {
      this.#push(first, Math.min(...tooShort.values()), id, pushed);
      this.#tooShort.delete(id);
    }
    return id;
  }

  #push(step: string, to: Minute, by: string, pushed: Map<string, Minute>): void {
    pushed.set(step, Math.max(pushed.get(step) ?? 0, to));
    this.#pushedBy.set(step, by);
  }

  #take(step: TimedStep, spot: Spot, undo: (() => void)[]): void {
    const hold = step.hold === null ? null : this.#holdOf.get(step.hold)!;
    const place = hold ? spot.uses.at(-1)! : null;
    for (const id of hold ? spot.uses.slice(0, -1) : spot.uses)
      this.#book(id, spot.start, spot.end, step.id, undo);
    if (!hold || place === null) return;
    if (!this.#holds.has(hold.id)) {
      this.#holds.set(hold.id, { resource: place, start: spot.start, end: null });
      undo.push(() => this.#holds.delete(hold.id));
    }
    if (hold.to !== step.id) return;
    const held = this.#holds.get(hold.id)!;
    held.end = spot.end;
    undo.push(() => (held.end = null));
    this.#book(held.resource, Math.max(held.start, this.problem.now), spot.end, hold.id, undo);
  }

  #book(resource: string, from: Minute, to: Minute, holder: string, undo: (() => void)[]): void {
    this.#floor.timeline(resource).book(from, to, holder);
    undo.push(() => this.#floor.timeline(resource).unbook(from, to, holder));
  }
}

/** A hold begins with its first step and ends with its last: everything in it lies between the two. */
function holdLinks(problem: ScheduleProblem): TimedLink[] {
  const ends = new Map(problem.holds.map((hold) => [hold.id, hold]));
  return problem.steps.flatMap((step) => {
    const hold = step.hold === null ? undefined : ends.get(step.hold);
    if (!hold) return [];
    const inner = { min: 0, max: null };
    return [
      ...(step.id === hold.from
        ? []
        : [{ ...inner, id: `${hold.id}<${step.id}`, from: hold.from, to: step.id }]),
      ...(step.id === hold.to || step.id === hold.from
        ? []
        : [{ ...inner, id: `${step.id}<${hold.id}`, from: step.id, to: hold.to }]),
    ];
  });
}
