import type { LineKind, StageShare, TaxRule, WarrantyLine } from '../concepts/offer-terms';
import type { LayerRole, Level } from '../film';
import type { Depth } from '../record';
import type { LocalDate, Minor } from '../units';

export {
  lineKinds,
  stageStates,
  type LineKind,
  type OfferTerms,
  type StageShare,
  type StageState,
  type TaxRule,
  type WarrantyLine,
} from '../concepts/offer-terms';

/** One line; its sum is rounded once. */
export interface OfferLine {
  /** The same in every version: `labour/strip`, `bought-in/shell/strip`. */
  key: string;
  kind: LineKind;
  /** Phase, kind of waste or name of the step it is of; empty for the whole. */
  of: string;
  quantity: number;
  unit: 'h' | 'L' | 'kg' | '';
  /** By the unit; null where the line is a sum of prices. */
  rateMinor: Minor | null;
  sumMinor: Minor;
  /** Keys of the steps it is made of. */
  steps: readonly string[];
}

export interface OfferStage extends StageShare {
  grossMinor: Minor;
  /** When the plan reaches it; null where no such work is planned. */
  expectedOn: LocalDate | null;
}

export interface OfferTax extends TaxRule {
  baseMinor: Minor;
  sumMinor: Minor;
}

/** Taken off the sum of the lines, before tax. */
export type Discount =
  { kind: 'share'; bp: number; reason: string } | { kind: 'money'; minor: Minor; reason: string };

/** What is deliberately not done. */
export type LeftAlone =
  | { code: 'kept' }
  | { code: 'absent' | 'hidden' | 'reference'; panels: readonly string[] }
  | { code: 'old-layers'; depth: Depth }
  | { code: 'match-limit'; attempts: number };

/** What is done on a section. */
export interface OfferSection {
  section: string;
  name: string;
  level: Level;
  depth: Depth;
  /** Names of all colours on it, that of most of it first. */
  colours: readonly string[];
  areaM2: number;
  coats: readonly { role: LayerRole; product: string; coats: number }[];
  leftAlone: readonly LeftAlone[];
}

/** Another way of doing the job, told beside the quoted one so that the owner can weigh them. */
export interface OfferWay {
  /** The level, or the name of the kept scheme. */
  name: string;
  sections: readonly { name: string; level: Level; coats: number }[];
  /** Labour. */
  hours: number;
  netMinor: Minor;
  grossMinor: Minor;
  readyOn: LocalDate | null;
  warranty: readonly WarrantyLine[];
}

/** A quote as it was made: nothing of it changes with later prices, rates or work. */
export interface Offer {
  job: string;
  number: number;
  madeOn: LocalDate;
  validUntil: LocalDate;
  currency: string;
  sections: readonly OfferSection[];
  lines: readonly OfferLine[];
  /** Hours of hidden damage that may come to light, and what they cost at most; in no sum. */
  contingency: { hours: number; ceilingMinor: Minor } | null;
  discount: { reason: string; minor: Minor } | null;
  netMinor: Minor;
  taxes: readonly OfferTax[];
  grossMinor: Minor;
  stages: readonly OfferStage[];
  promised: LocalDate;
  /** Ways side by side; the quoted one is none of them, and none of them is bound by a signature. */
  ways: readonly OfferWay[];
  warranty: readonly WarrantyLine[];
  terms: readonly string[];
  note: string;
  /** Hours and booth hours that the caps follow from once it is accepted. */
  caps: { labourHours: number; materialsMinor: Minor; boothHours: number };
  /** What a signature binds: the choices of each section, as they were. */
  bound: Readonly<Record<string, BoundChoices>>;
  /** Latest entries of the scope record that it knows. */
  scope: readonly string[];
}

/** The choices of a section that a signature binds. */
export interface BoundChoices {
  level: Level;
  depth: Depth;
  system: string;
  colour: string;
  insideColour: string;
  coats: string;
  panels: string;
  lines: string;
}
