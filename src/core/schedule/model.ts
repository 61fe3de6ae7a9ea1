import type { Minute } from '../units';

/**
 * The scheduling problem of `coatrel.schedule-problem`, with every default filled in. Ids are any text, so they are kept
 * in Maps. Minute t is [t, t + 1); steps, holds and open stretches are half-open [from, to).
 */
export interface ScheduleModel {
  now: Minute;
  calendars: ModelCalendar[];
  resources: ModelResource[];
  jobs: ModelJob[];
  steps: ModelStep[];
  links: ModelLink[];
  holds: ModelHold[];
  exclusions: ModelExclusion[];
  same: { steps: string[]; anyOf: string[] }[];
  pinned: ModelPin[];
  done: ModelDone[];
  running: ModelRunning[];
}

export type Pair = readonly [from: Minute, to: Minute];

/** Open in `open`, repeated every `repeatMinutes` in both directions (absolute when null), less `closed` (absolute). */
export interface ModelCalendar {
  id: string;
  repeatMinutes: number | null;
  open: Pair[];
  closed: Pair[];
}

export interface ModelResource {
  id: string;
  capacity: number;
  /** null: always open. */
  calendar: string | null;
  /** Held minutes of scarce resources are the second aim. */
  scarce: boolean;
}

export interface ModelJob {
  id: string;
  release: Minute;
  due: Minute | null;
  weight: number;
}

export type StepKind = 'contiguous' | 'splittable' | 'passive';

/** One of `anyOf` gives the whole amount for the whole step, or the step works inside a hold and adds no demand. */
export type ModelUse = { anyOf: string[]; amount: number } | { hold: string };

export interface ModelStep {
  id: string;
  job: string;
  kind: StepKind;
  minutes: number;
  uses: ModelUse[];
  tags: string[];
  /** Calendars by which a resource does this step in place of its own; none in problems of the format. */
  hours?: readonly (readonly [resource: string, calendar: string])[];
}

/** min ≤ start(to) − end(from) ≤ max, or between starts. `min: null` leaves the lower side free (start-start only). */
export interface ModelLink {
  from: string;
  to: string;
  type: 'end-start' | 'start-start';
  min: number | null;
  max: number | null;
}

/** Takes `amount` of one of `anyOf` from start(from) to end(to), open or closed. */
export interface ModelHold {
  id: string;
  anyOf: string[];
  amount: number;
  from: string;
  to: string;
  tags: string[];
}

export interface ModelExclusion {
  a: string;
  b: string;
  resources: string[];
}

/** What an entry of a step's uses took, in the order of the entries. */
export type TakenUse = { resource: string; amount: number } | { hold: string; resource: string };

export interface ModelPin {
  step: string;
  start: Minute;
  uses: TakenUse[] | null;
}

export interface ModelDone {
  step: string;
  start: Minute;
  end: Minute;
  uses: TakenUse[];
}

export interface ModelRunning {
  step: string;
  start: Minute;
  remaining: number;
  uses: TakenUse[];
}

/** Lexicographic aims. shop: lateness, scarce hold minutes, makespan; the others leave out what comes before. */
export type Objective = 'shop' | 'lateness' | 'makespan';
