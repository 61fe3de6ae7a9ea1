import type { ClimateStop, Product, Shelf, StackFaultCode } from '../film';
import type { Surface } from '../surface';
import type { AirUntil } from '../shop';
import type { Minute } from '../units';

/** The laws a finished plan is held against; 19 and 20 compare two plans and are tests. */
export const laws = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18] as const;
export type Law = (typeof laws)[number];

/** By what a film is taken down. */
export type Removal = 'strip' | 'scuff' | 'block' | 'sand' | 'cut' | 'polish';

/**
 * What a step does to the surfaces it stands on. Films are µm dry; edges carry less and lose more. What is spread by hand
 * (filler, putty, sealant, texture) lies on parts of a surface.
 */
export type Deed =
  | { does: 'lay'; product: string; um: number; edgeUm: number; by: Minute }
  | { does: 'spread'; product: string }
  /** @property sections where it takes this, if its step takes something else of others */
  | {
      does: 'take';
      um: number | 'all';
      edgeUm: number;
      by: Removal;
      spots: boolean;
      sections?: readonly string[];
    }
  | { does: 'treat' }
  | { does: 'prime-spots' }
  | { does: 'clean-room' }
  | { does: 'wipe' }
  | { does: 'cover'; cover: string }
  | { does: 'uncover'; cover: string }
  | { does: 'fit' | 'off' | 'hang' | 'turn' }
  | { does: 'set-gaps' | 'seal-seams' | 'wax' | 'approve' | 'look-again' | 'hand-over' };

export interface AuditCover {
  /** That of the step that lays it. */
  key: string;
  /** Surfaces that lie beneath it. */
  over: readonly string[];
  /** Surfaces whose film the tape stands on, where that is not merely covered by paper. */
  edgesOn: readonly string[];
  ratedDays: number;
}

/** A step as far as surfaces, rooms and people go. */
export interface AuditStep {
  key: string;
  /** What is laid together. */
  pass: string | null;
  start: Minute;
  end: Minute;
  place: string | null;
  people: readonly string[];
  /** Who is on it when, where its panels are shared out; empty where all are on it from its start to its end. */
  shares: readonly { person: string; start: Minute; end: Minute }[];
  /** A skill for each person it wants. */
  skills: readonly string[];
  /** Surfaces it works on. */
  on: readonly string[];
  deeds: readonly Deed[];
  /** Elapsed minutes it takes when nothing stands still; attended or not. */
  minutes: number;
  attended: boolean;
  /** Nothing of it can be measured, so that its fixed minutes alone are left. */
  isEmpty: boolean;
  dusty: boolean;
  /** Behind an open gate or hold: shown, not booked. */
  held: boolean;
  insisted: boolean;
}

/** What a surface was promised, bottom up; `least` coats of each. */
export interface PromisedFilm {
  product: string;
  least: number;
  /** It may be left out where the film beneath bears the next. */
  optional: boolean;
}

export interface AuditPlace {
  id: string;
  /** Rooms whose air it shares, itself left out. */
  airWith: readonly string[];
  limits: (at: Minute) => { airC: number; humidity: number };
}

/** What is mixed at once, as the planner claims it: its product, the pass it is for, first and last minute of its use. */
export interface AuditPot {
  pass: string;
  product: string;
  from: Minute;
  to: Minute;
}

/** A finished plan as the audit reads it: claims of the planner, to be checked. */
export interface AuditPlan {
  surfaces: readonly Surface[];
  covers: readonly AuditCover[];
  steps: readonly AuditStep[];
  places: readonly AuditPlace[];
  pots: readonly AuditPot[];
  people: readonly { id: string; skills: readonly string[] }[];
  shelf: Shelf;
  /** Air about a surface from a minute on. */
  airFrom: (surface: string, from: Minute) => readonly AirUntil[];
  /** How long bared metal may wait for its first coat on a surface, minutes; null where it does not flash over. */
  bareLimitMin: (surface: string) => number | null;
  /** The same for spots that were bared where the paint stays. */
  spotLimitMin: (surface: string) => number | null;
  /** Nobody has accepted a sample of its colour, and one is asked for. */
  awaitsSample(surface: string): boolean;
  promises: ReadonlyMap<string, readonly PromisedFilm[]>;
  /** What must stay of the last film after sanding and polishing, µm on flats and edges. */
  stopLine(surface: string): { flatUm: number; edgeUm: number };
  /** Lowest reading of a film that a surface came with, µm from its ground; null where nobody read it. */
  keptUm: (surface: string) => number | null;
  /** What must stay of such a film, from its ground. */
  keptStop(surface: string): { flatUm: number; edgeUm: number; edgeShare: number };
  /** From here on steps are planned; what lies before is done and only tells of the state. */
  now: Minute;
}

export type Station = 'walkaround' | 'film' | 'steps' | 'bays' | 'booth' | 'stores' | 'log';

/** What breaks a law, by the law that finds it; a pair of films by its fault, air by what forbids it. */
export type Breach =
  | 'coated-early'
  | 'sanded-soft'
  | 'window-closed'
  | 'bare-too-long'
  | 'left-bare'
  | 'spots-bare-too-long'
  | 'never-sanded'
  | 'filler-unsanded'
  | 'effect-sanded'
  | 'session-too-thick'
  | StackFaultCode
  | 'cut-through'
  | 'below-stop-line'
  | 'handled-soft'
  | 'sprayed-uncovered'
  | 'worked-under-cover'
  | 'not-wiped'
  | 'cover-left-on'
  | 'cover-too-old'
  | 'taped-soft'
  | 'inside-after-outside'
  | 'dust-at-the-body'
  | 'dust-in-the-air'
  | 'room-not-cleaned'
  | 'in-two-places'
  | 'too-few-hands'
  | 'unable'
  | 'at-two-steps'
  | ClimateStop['code']
  | 'pot-dead'
  | 'coloured-before-approval'
  | 'booked-before-approval'
  | 'filled-before-gaps'
  | 'seams-unsealed'
  | 'painted-after-wax'
  | 'booked-behind-a-hold'
  | 'fitted-before-polish'
  | 'looked-too-soon'
  | 'not-as-promised'
  | 'work-on-nothing';

/** A breach of a law: where, when, by how much, and the station where it is mended. */
export interface Finding {
  law: Law;
  surfaces: readonly string[];
  steps: readonly string[];
  at: Minute;
  figure: number;
  limit: number;
  unit: 'min' | 'µm' | 'days' | 'coats' | '°C' | '%' | 'people' | 'steps';
  breach: Breach;
  station: Station;
  insisted: boolean;
}

/** What a law is given to look at and to say. */
export interface Inquiry {
  plan: AuditPlan;
  /** Product of the shelf that has a sheet. */
  coating: (code: string) => Product | undefined;
  /** The section a surface goes with: all of it stands in the same air. */
  sectionOf: (surface: string) => string;
  /** Minutes that were worked out once for a section, by what they hang on. */
  known: Map<string, Minute | null>;
  /** The law was there to be broken: silence then means something. */
  applies: (times?: number) => void;
  find: (finding: Omit<Finding, 'law'>) => void;
}
