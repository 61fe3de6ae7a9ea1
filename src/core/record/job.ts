import type { LayerRole, Level } from '../film';
import type { LocalDate, Minor, Minute } from '../units';
import type { Dimensions, SectionProposal } from '../vehicle';

export const depths = ['scuff', 'stable', 'bare'] as const;
/** How far down a section goes: scuff and refinish, to sound primer, to bare. */
export type Depth = (typeof depths)[number];

export const oldFinishes = [
  'enamel',
  'peeling-clear',
  'lacquer',
  'one-part',
  'gelcoat',
  'unknown',
  'none',
] as const;
export type OldFinish = (typeof oldFinishes)[number];

export interface JobSection extends Omit<SectionProposal, 'oldFinish' | 'depth'> {
  oldFinish: OldFinish;
  depth: Depth;
  level: Level;
  colourName: string;
  /** sRGB of the colour on the screen, `#rrggbb`. */
  colourHex: string;
  /** Coats the manager typed in place of the computed ones. */
  coats: Partial<Record<LayerRole, number>>;
}

/** A measured area in place of the computed one. */
export interface MeasuredPart {
  key: string;
  outsideM2: number;
}

export interface StepFact {
  step: string;
  status: 'done' | 'running';
  start: Minute;
  /** Set when done. */
  end: Minute | null;
  /** Attended minutes left when running; the plan takes its own figure when null. */
  remainingMin: number | null;
  personMinutes: number;
  materialsMinor: Minor;
  /** People and the place that were used. */
  uses: string[];
}

/** A typed release of a hold point: a record, not an authority. */
export interface SignOff {
  step: string;
  name: string;
  licence: string;
  date: LocalDate;
}

export const jobStates = ['surveyed', 'planned', 'running', 'finished'] as const;
export type JobState = (typeof jobStates)[number];

export interface Caps {
  labourHours: number;
  materialsMinor: Minor;
  boothHours: number;
}

export interface Job {
  number: string;
  name: string;
  owner: string;
  bodyKind: string;
  dimensions: Dimensions;
  level: Level;
  state: JobState;
  arrival: LocalDate;
  promised: LocalDate;
  caps: Caps;
  sections: JobSection[];
  measured: MeasuredPart[];
  facts: StepFact[];
  signOffs: SignOff[];
}
