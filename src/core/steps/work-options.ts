import type { Caution } from '../safety';
import type { PlaceKind } from '../shop';
import type { Part } from '../vehicle';
import type { Faces } from './labour';
import type { Operation } from './operation';
import type { Step, StepReason } from './step';

/** What the minutes of a step follow from. */
export type WorkMeasure = Pick<
  WorkOptions,
  'operation' | 'parts' | 'faces' | 'share' | 'rate' | 'fixedMin' | 'crew'
>;

/** What a step of work is made from; what is left out is as the catalogue has it. */
export interface WorkOptions {
  key: string;
  operation: string;
  subject: string;
  sections: string[];
  parts: readonly Part[];
  because: StepReason[];
  after: readonly string[];
  faces?: Faces;
  /** Sections whose insides it leaves alone. */
  shut?: string[];
  /** Share of the quantity that is worked, 0..1. */
  share?: number;
  /** Rate in place of the catalogue's, where the level or the ladder sets it. */
  rate?: number;
  /** The rate follows from one that was typed, or the catalogue's. */
  isTyped?: boolean;
  hold?: string | null;
  /** Kind of place in place of the catalogue's. */
  place?: PlaceKind | undefined;
  name?: string;
  fixedMin?: number;
  crew?: number;
  flashMin?: number;
  coat?: Step['coat'];
  /** Used up by the unit, in place of what the catalogue says. */
  consumes?: Operation['consumes'];
  inspection?: Step['inspection'];
  /** In place of the catalogue's. */
  checks?: readonly string[];
  /** The grit or pad of a sequence that it is. */
  grit?: Step['grit'];
  /** Filler or putty that it spreads. */
  spread?: Step['spread'];
  /** Used up beside what the catalogue says by the unit. */
  needs?: Step['needs'];
  pass?: string | null;
  /** Areas that a mask covers. */
  covering?: Step['covering'];
  cautions?: Caution[];
  leaves?: Step['leaves'];
  phase?: Step['phase'];
}

/** A step that nobody has touched by hand. */
export const asComputed = {
  computedMinutes: null,
  skipped: false,
  pinnedAt: null,
  person: null,
  atHand: null,
  note: '',
  quotedMinor: null,
  limits: [],
} satisfies Partial<Step>;
