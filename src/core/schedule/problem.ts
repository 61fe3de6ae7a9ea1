import type { Minute } from '../units';
import type { Stretch } from './stretches';

/**
 * Something that serves one step or hold at a time: a person or a place; `isShared` where it serves any number, as hours
 * in which something is allowed. `open: null` is always open.
 */
export interface Resource {
  id: string;
  isShared?: boolean;
  open: Stretch[] | null;
}

/**
 * contiguous: runs in one unbroken open stretch. splittable: pauses in, and only in, closed minutes and keeps its
 * resources meanwhile. passive: drying and waiting, ignores calendars.
 */
export type TimedKind = 'contiguous' | 'splittable' | 'passive';

export interface TimedStep {
  id: string;
  kind: TimedKind;
  minutes: number;
  /** One entry a resource that is needed; each entry takes a different one of its list, the first free in order. */
  uses: string[][];
  /** The hold inside which the step lies; it works in the hold's place and adds no demand of its own. */
  hold: string | null;
  notBefore: Minute;
  /** Hours in which a resource does this step, where they are fewer than its own. */
  hours?: ReadonlyMap<string, readonly Stretch[]>;
}

/** min ≤ start(to) − end(from) ≤ max, elapsed minutes; `max: null` never closes. */
export interface TimedLink {
  id: string;
  from: string;
  to: string;
  min: number;
  max: number | null;
}

/** Keeps one resource of `anyOf` from the start of step `from` to the end of step `to`, nights included. */
export interface Hold {
  id: string;
  anyOf: string[];
  from: string;
  to: string;
}

/** What is already so. A finished step has `end`; a running one has `remaining` minutes from now on. */
export type Fact =
  | { status: 'done'; step: string; start: Minute; end: Minute; uses: string[] }
  | { status: 'running'; step: string; start: Minute; remaining: number; uses: string[] };

/** Time of a resource that is promised to something outside this problem. */
export interface Commitment {
  resource: string;
  from: Minute;
  to: Minute;
  holder: string;
}

export interface ScheduleProblem {
  /** An order of steps that was found to be good; it stands where it is better than the rule of urgency. */
  order?: readonly string[];
  /** Steps that nobody waits for at the end. */
  afterwards?: readonly string[];
  now: Minute;
  resources: Resource[];
  steps: TimedStep[];
  links: TimedLink[];
  holds: Hold[];
  facts: Fact[];
  commitments: Commitment[];
  /** Starts to wait for where a step could begin earlier; nothing waits that has to move anyway. */
  keepAt?: ReadonlyMap<string, Minute>;
}

/** Why a step does not start earlier. The last entry says what fixes the earliest start that links alone allow. */
export type Because =
  | { kind: 'closed'; resources: string[]; from: Minute; to: Minute }
  | { kind: 'resource'; resources: string[]; holders: string[]; from: Minute; to: Minute }
  | { kind: 'window'; link: string; from: Minute; to: Minute }
  | { kind: 'link'; link: string; from: string; min: number }
  | { kind: 'agreed'; from: Minute }
  | { kind: 'not-before' }
  | { kind: 'now' };

export interface Placement {
  step: string;
  start: Minute;
  end: Minute;
  /** Resources taken, one per entry of `uses`; the hold's place comes last. */
  uses: string[];
  because: Because[];
}

export interface HoldPlacement {
  id: string;
  resource: string;
  start: Minute;
  end: Minute;
}

export interface Schedule {
  placements: Placement[];
  holds: HoldPlacement[];
  /** Links that no start from now on can keep; each was dropped and everything else kept. */
  broken: string[];
  /** Steps for which no room was found up to the end of the calendars. */
  unplaced: string[];
}
