import type { Minute } from '../units';
import type { Because, TimedStep } from './problem';
import { firstEndingAfter, intersectStretches, type Stretch } from './stretches';
import { Timeline } from './timeline';

export interface Spot {
  start: Minute;
  end: Minute;
  uses: string[];
  obstacles: Because[];
}

/** The resources of a problem with their calendars and bookings, and the search for the first room for one step. */
export class Floor {
  readonly #open: Map<string, Stretch[] | null>;
  readonly #timelines = new Map<string, Timeline>();
  readonly #together = new Map<string, Stretch[] | null>();

  constructor(resources: readonly { id: string; open: Stretch[] | null }[]) {
    this.#open = new Map(resources.map((one) => [one.id, one.open]));
    for (const one of resources) this.#timelines.set(one.id, new Timeline());
  }

  knows = (resource: string): boolean => this.#open.has(resource);

  timeline(resource: string): Timeline {
    const found = this.#timelines.get(resource);
    if (!found) throw new Error(`no such resource: ${resource}`);
    return found;
  }

  /** Minutes in which all of these are open; null = always. */
  #openTogether(resources: readonly string[]): Stretch[] | null {
    const key = [...resources].sort().join('\n');
    const known = this.#together.get(key);
    if (known !== undefined) return known;
    let all: Stretch[] | null = null;
    for (const id of resources) {
      const open = this.#open.get(id) ?? null;
      if (open) all = all ? intersectStretches(all, open) : open;
    }
    this.#together.set(key, all);
    return all;
  }

  #isOpen(resource: string, minute: Minute): boolean {
    const open = this.#open.get(resource) ?? null;
    return !open || (open[firstEndingAfter(open, minute)]?.from ?? Infinity) <= minute;
  }

  /** End of a step that starts at `start` on these resources, or null when that minute cannot be its start. */
  endOf(step: TimedStep, start: Minute, resources: readonly string[]): Minute | null {
    if (step.kind === 'passive' || step.minutes === 0) return start + step.minutes;
    const open = this.#openTogether(resources);
    if (!open) return start + step.minutes;
    let i = firstEndingAfter(open, start);
    if (!open[i] || open[i]!.from > start) return null;
    if (step.kind === 'contiguous') return open[i]!.to - start >= step.minutes ? start + step.minutes : null;
    let left = step.minutes;
    for (let from = start; ; from = open[i]!.from) {
      const here = open[i]!.to - from;
      if (here >= left) return from + left;
      left -= here;
      i += 1;
      if (!open[i]) return null;
    }
  }

  /** Next minute after `minute` at which anything changes on these resources. */
  #nextChange(resources: readonly string[], minute: Minute): Minute | null {
    let next = Infinity;
    for (const id of resources) {
      const until = this.timeline(id).busyUntil(minute);
      if (until !== null) next = Math.min(next, until);
      const open = this.#open.get(id) ?? [];
      const at = firstEndingAfter(open, minute);
      const opening = [open[at], open[at + 1]].find((one) => one && one.from > minute);
      if (opening) next = Math.min(next, opening.from);
      const clash = this.timeline(id).clash(minute + 1, Infinity);
      if (clash) next = Math.min(next, clash.to);
    }
    return Number.isFinite(next) ? next : null;
  }

  /**
   * First start ≥ `from` at which the step finds all it needs.
   * @param place the resource of the step's hold, already held by it, so only its hours count
   * @returns the spot with what stood in the way before it, or null up to the end of the calendars
   */
  earliest(step: TimedStep, from: Minute, place: string | null): Spot | null {
    const obstacles: Because[] = [];
    const relevant = [...new Set([...step.uses.flat(), ...(place ? [place] : [])])];
    for (let start: Minute | null = from; start !== null;) {
      const spot = this.#choose(step, start, place);
      if (spot) return { ...spot, obstacles };
      const next = this.#nextChange(relevant, start);
      if (next !== null) obstacles.push(this.#obstacle(step, start, next, place));
      start = next;
    }
    return null;
  }

  #choose(step: TimedStep, start: Minute, place: string | null): Omit<Spot, 'obstacles'> | null {
    if (step.minutes === 0)
      return { start, end: start, uses: [...step.uses.map((list) => list[0]!), ...(place ? [place] : [])] };
    const barred = new Set<string>();
    for (;;) {
      const taken: string[] = [];
      for (const list of step.uses) {
        const free = list.find(
          (id) =>
            !taken.includes(id) &&
            !barred.has(id) &&
            this.timeline(id).busyUntil(start) === null &&
            (step.kind === 'passive' || this.#isOpen(id, start)),
        );
        if (free === undefined) return null;
        taken.push(free);
      }
      const uses = place ? [...taken, place] : taken;
      const end = this.endOf(step, start, uses);
      const clashing = end === null ? undefined : taken.find((id) => this.timeline(id).clash(start, end));
      if (end !== null && clashing === undefined) return { start, end, uses };
      // Another of the list may have the room that this one lacks.
      const bar = clashing ?? taken.at(-1);
      if (bar === undefined) return null;
      barred.add(bar);
    }
  }

  /** Says in a word what kept the step from starting in [from, to). */
  #obstacle(step: TimedStep, from: Minute, to: Minute, place: string | null): Because {
    for (const list of [...(place ? [[place]] : []), ...step.uses]) {
      if (step.kind !== 'passive' && list.every((id) => !this.#isOpen(id, from)))
        return { kind: 'closed', resources: list, from, to };
    }
    for (const list of step.uses) {
      const clashes = list.map((id) => this.timeline(id).clash(from, from + Math.max(1, step.minutes)));
      if (clashes.some(Boolean)) {
        const holders = clashes.flatMap((one) => (one ? [one.holder] : []));
        return { kind: 'resource', resources: list, holders: [...new Set(holders)], from, to };
      }
    }
    // Open and free, yet too little of the shift is left to run through.
    return { kind: 'short', resources: place ? [place] : (step.uses[0] ?? []), from, to };
  }
}
