import type { LocalDate } from '../units';

/** Others who work on the same vehicle. */
export const trades = [
  'chassis',
  'drivetrain',
  'electrics',
  'glass',
  'interior',
  'upholstery',
  'rigging',
  'other',
] as const;
export type Trade = (typeof trades)[number];

/** Stretches of the work that other people's days are tied to; the words of the steps' phases. */
export const tiedPhases = [
  'strip',
  'metal',
  'epoxy',
  'filler',
  'build',
  'mask',
  'colour',
  'clear',
  'finish',
  'refit',
] as const;
export type TiedPhase = (typeof tiedPhases)[number];

/** Where another trade's work meets the paint: it comes before a stretch of ours, or waits for one. */
export interface Milestone {
  id: string;
  trade: Trade;
  what: string;
  /** `before`: the stretch waits for it. `after`: it waits for the stretch. */
  tie: 'before' | 'after';
  phase: TiedPhase;
  /** The day it is promised to be done (before), or the trade means to begin (after); null when nobody knows. */
  onDate: LocalDate | null;
  /** What cannot be reached any more once it is done. */
  accessLost: string;
  done: boolean;
  /** The day that the trade was last told, for `after`. */
  toldDate: LocalDate | null;
}

export const openingMethods = ['foam', 'back-taped', 'wrapped', 'sprayed-together'] as const;

/** An opening and how its edge is kept soft. */
export interface Opening {
  id: string;
  part: string;
  what: string;
  lengthM: number;
  method: (typeof openingMethods)[number];
  /** Where the line lies that nobody will see. */
  barrier: string;
  /** Where overspray leaves. */
  exit: string;
}

export const harms = ['stripper', 'dust', 'overspray', 'solvent', 'compound'] as const;
export type Harm = (typeof harms)[number];

/** Something that stays on or near the vehicle and must be covered while something would harm it. */
export interface Cover {
  id: string;
  what: string;
  harm: Harm;
  cover: string;
}

/** Where new film runs out into old: the line, with what and when. */
export interface Blend {
  id: string;
  part: string;
  /** The opening, body line or edge it ends at. */
  line: string;
  material: string;
  /** Width over which it fades, mm. */
  widthMm: number;
  /** In the last colour coat, or in the last clear. */
  timing: 'colour' | 'clear';
}

/** Work done by somebody outside: what went where, when it is due, how it came back. */
export interface SendOut {
  id: string;
  what: string;
  part: string;
  vendor: string;
  /** Days it takes, as they say. */
  leadDays: number;
  sentOn: LocalDate | null;
  dueOn: LocalDate | null;
  returnedOn: LocalDate | null;
  condition: string;
  /** The stretch of our work that waits for it. */
  phase: TiedPhase;
}
