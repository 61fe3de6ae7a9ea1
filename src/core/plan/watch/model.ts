import type { ProductKind, Unit } from '../../film';
import type { LocalDate, Minute } from '../../units';

/** A window whose next coat comes late in it: little slip is left. */
export interface WindowTight {
  code: 'window-tight';
  /** The step that has to come in time. */
  step: string;
  from: string;
  /** Null for bare metal. */
  product: string | null;
  slackMin: number;
  lengthMin: number;
  closes: Minute;
}

/** A start fixed by hand that makes a window close before its step can begin. */
export interface PinClosesWindow {
  code: 'pin-closes-window';
  /** The step with the fixed start. */
  step: string;
  /** The step that comes too late. */
  to: string;
  product: string | null;
  lateMin: number;
  closes: Minute;
}

/** Something is put back while the last film beneath it still takes marks from clamps and rubbers. */
export interface RefitEarly {
  code: 'refit-early';
  step: string;
  product: string;
  /** Since its last coat, and what a clamp waits for at the air of its place. */
  waitedMin: number;
  neededMin: number;
}

/** Risky work that slips past the last day of who can do it. */
export interface ScarceHands {
  code: 'scarce-hands';
  step: string;
  able: string[];
  /** Days it may slip. */
  spareDays: number;
  missedFrom: LocalDate;
  /** Null where nobody knows when one of them is back. */
  backOn: LocalDate | null;
  /** Last open day on which one of them is still here. */
  lastDay: LocalDate;
}

/** The last coats of one colour came from batches that nobody boxed together. */
export interface BatchesApart {
  code: 'batches-apart';
  colour: string;
  product: string;
  /** Names of the batches, as written on the coats. */
  batches: string[];
  /** Panels whose last coat came from another batch than that of most. */
  panels: string[];
}

/** Rounds of filling and blocking that go on after the last day their stop rule names. */
export interface RoundsLate {
  code: 'rounds-late';
  section: string;
  lastDay: LocalDate;
  /** When the last of them ends, at the pace this job has shown. */
  ends: LocalDate;
  /** Open days between the two. */
  workDays: number;
}

/** What has been found on the panels that are stripped, carried on over all of them, is more than is held. */
export interface AllowanceShort {
  code: 'allowance-short';
  heldMin: number;
  foundMin: number;
  /** What the panels still to be stripped would bring at the same rate is in it. */
  projectedMin: number;
  panelsDone: number;
  panels: number;
}

/** Tape that stays on longer than it comes off cleanly. */
export interface OldTape {
  section: string;
  days: number;
  ratedDays: number;
}

/** Days on which one person does more of one kind of work than the limit. */
export interface HardDays {
  code: 'hard-days';
  kind: 'hand' | 'machine' | 'overhead';
  /** Person-days. */
  days: number;
  /** The hardest of them: who, when, and how long. */
  person: string;
  date: LocalDate;
  minutes: number;
  limitMin: number;
}

/** Another painter lays the next coat of a film that wants one pair of hands. */
export interface PainterChanges {
  code: 'painter-changes';
  step: string;
  product: string;
  from: string[];
  to: string[];
}

/** Work in air that it, or the sheet of what it spreads, does not allow. */
export interface WorkAir {
  code: 'work-air';
  /** The first of its steps. */
  step: string;
  /** Null where the shop has no such place. */
  place: string | null;
  airC: number;
  limitC: number;
  steps: number;
}

/** More of one kind of material, or of one product, than its cap allows. */
export interface OverMaterialCap {
  code: 'over-material-cap';
  kind: ProductKind;
  product: string | null;
  /** Of the figures; null for money, in minor units. */
  unit: Unit | null;
  planned: number;
  cap: number;
}
