import type { Minute } from '../units';
import type { Calendar } from './calendar';
import type { ModelLink } from './model';

/** anchor(to) ≥ anchor(from) + lag, where an anchor is the start or the end of a step. Maximum lags run backwards. */
export interface Arc {
  from: number;
  to: number;
  fromEnd: boolean;
  toEnd: boolean;
  lag: number;
  /** Index of the link it comes from, or −1 for the bounds of a hold. */
  link: number;
  /** It is the maximum of its link, read backwards. */
  closing: boolean;
  /** The hold that bounds its step, or −1. */
  hold: number;
}

/** One way to serve all entries of a step. */
export interface Choice {
  /** Resource of each entry; for an entry that works inside a hold, the resource of the hold. */
  resources: Int32Array;
  /** Hours common to all of them; null: always open. */
  calendar: Calendar | null;
  /** For each exclusion whether the step takes part in it with these resources: bit 1 as `a`, bit 2 as `b`. */
  sides: Uint8Array;
}

export interface CompiledStep {
  id: string;
  job: number;
  /** 0 contiguous, 1 splittable, 2 passive. */
  kind: 0 | 1 | 2;
  minutes: number;
  /** Demand of each entry; 0 for entries that work inside a hold. */
  amounts: Float64Array;
  /** Hold of each entry, or −1. */
  holds: Int32Array;
  choices: Choice[];
  /** Hours in which a resource does this step, where they are not all of its own; for telling, the choices go by them already. */
  ownHours: ReadonlyMap<number, Calendar> | null;
  /** Entries whose resource must be the one taken elsewhere: [entry, group]. */
  same: (readonly [entry: number, group: number])[];
  into: Arc[];
  out: Arc[];
}

export interface CompiledHold {
  id: string;
  resources: number[];
  amount: number;
  from: number;
  to: number;
  members: number[];
  /** Least length by its members' durations and lags. */
  leastMin: number;
  /** As `Choice.sides`, by resource of the shop. */
  sidesBy: Map<number, Uint8Array>;
}

/** A done or running step: it is not moved, and holds its resources from now on. */
export interface CompiledFact {
  step: number;
  start: Minute;
  end: Minute;
  /** Resource of each entry, or null when the record does not say. */
  resources: Int32Array | null;
}

/** A problem as dense arrays over step numbers, its calendars laid out from `lo` to `hi`. */
export interface Compiled {
  now: Minute;
  lo: Minute;
  hi: Minute;
  steps: CompiledStep[];
  holds: CompiledHold[];
  resources: {
    id: string;
    capacity: number;
    calendar: Calendar | null;
    scarce: boolean;
    /** How many entries may take it: the rarer hand is kept free where there is a choice. */
    wanted: number;
  }[];
  jobs: { id: string; due: Minute | null; weight: number; steps: number[] }[];
  exclusions: { a: string; b: string; same: boolean }[];
  sameGroups: number;
  facts: CompiledFact[];
  /** Window of each start by now, release, facts and pins. */
  earliest: Float64Array;
  latest: Float64Array;
  /** Release of the step's job. */
  release: Float64Array;
  pinned: Map<number, Minute>;
  links: ModelLink[];
  /** Time of a resource that is promised to something outside the problem. */
  promised: { resource: number; from: Minute; to: Minute; holder: string }[];
  /** Links that no start from now on can keep; they were dropped. */
  broken: number[];
  /** False when a step has more ways to be served than were laid out. */
  complete: boolean;
}
