import type { Level } from '../film';
import type { LocalDate, Minor } from '../units';
import type { Part, Substrate } from '../vehicle';
import type { Depth } from './depth';

/** Does a rag with the thinner of the coming paint move the old film? */
export const solventTests = ['not-tested', 'holds', 'softens', 'dissolves'] as const;
export type SolventTest = (typeof solventTests)[number];

export const leadTests = ['not-tested', 'negative', 'positive'] as const;
export type LeadTest = (typeof leadTests)[number];

/** Who will see a panel once the object is together again. */
export const visibilities = ['seen', 'under-trim', 'lined', 'hidden'] as const;
export type Visibility = (typeof visibilities)[number];

/** What may lie under the top layer. */
export const underKinds = [
  'factory-primer',
  'old-filler',
  'enamel',
  'lacquer',
  'urethane',
  'base-clear',
  'one-part',
  'gelcoat',
  'primer',
  'unknown',
] as const;
export type UnderKind = (typeof underKinds)[number];

export interface UnderLayer {
  kind: UnderKind;
  um: number | null;
  year: number | null;
  sound: boolean;
}

/** Ways to take an old finish off; `outside` is a blaster's or stripper's quote. */
export const stripMethods = ['chemical', 'solvent', 'disc', 'blast', 'outside'] as const;
export type StripMethodKey = (typeof stripMethods)[number];

/** What a patch of the coming paint did on the old film, some days later. */
export const patchResults = ['not-done', 'holds', 'lifts', 'wrinkles'] as const;
export type PatchResult = (typeof patchResults)[number];

/** Colour of a protected spot as an instrument read it, CIE L*a*b* (D65, 10°). */
export interface ReferenceColour {
  l: number;
  a: number;
  b: number;
  source: 'typed' | 'simulated';
}

export const seamStates = ['as-found', 'dug-out', 'sealed'] as const;
export type SeamState = (typeof seamStates)[number];

/** How a panel sits now: as it will stay, hung loosely in its place for the paint, or off the vehicle. */
export const fits = ['fixed', 'loose', 'off'] as const;
export type Fit = (typeof fits)[number];

/** What the survey says of one panel beyond the net; null stands for what net or section say. */
export interface PartSurvey {
  key: string;
  /** The vehicle has no such panel, or it is left out of the job. */
  absent: boolean;
  substrate: Substrate | null;
  /** From the metal up, without the top layer. */
  under: UnderLayer[];
  replaced: boolean;
  solventTest: SolventTest;
  leadTest: LeadTest;
  testedOn: LocalDate | null;
  /** The test patch, with what it was laid. */
  patch: PatchResult;
  patchOver: string;
  /** Thickness of the sheet or laminate, mm. */
  sheetMm: number | null;
  visibility: Visibility;
  level: Level | null;
  /** What will cover it (carpet, lining, another panel) and on which day: it must be painted before. */
  coveredBy: string;
  coveredOn: LocalDate | null;
  /** Why a spot of this panel must not be stripped (unfaded colour, a mark); empty for none. */
  reference: string;
  referenceColour: ReferenceColour | null;
  /** The manager's choice where it differs from the section's. */
  depth: Depth | null;
  method: StripMethodKey | null;
  /** Name of a part of the section that goes its own way, with its own steps and dates; empty for none. */
  lot: string;
  /** What an outside stripper asks for this panel, in minor units; null for the Shelf's price per m². */
  outsideQuoteMinor: Minor | null;
  insideM2: number | null;
  trimM: number | null;
  seamM: number | null;
  beadM: number | null;
  rivetM: number | null;
  /** Seams sealed on the inside too, m. */
  seamInsideM: number | null;
  seams: SeamState;
  sealedOn: LocalDate | null;
  sealant: string;
  fit: Fit;
  /** What comes through where it sits, or comes off again afterwards: a move that can chip it. */
  fitNote: string;
  note: string;
}

export const blankSurvey = (key: string): PartSurvey => ({
  key,
  absent: false,
  substrate: null,
  under: [],
  replaced: false,
  solventTest: 'not-tested',
  leadTest: 'not-tested',
  testedOn: null,
  patch: 'not-done',
  patchOver: '',
  sheetMm: null,
  visibility: 'seen',
  level: null,
  coveredBy: '',
  coveredOn: null,
  reference: '',
  referenceColour: null,
  depth: null,
  method: null,
  lot: '',
  outsideQuoteMinor: null,
  insideM2: null,
  trimM: null,
  seamM: null,
  beadM: null,
  rivetM: null,
  seamInsideM: null,
  seams: 'as-found',
  sealedOn: null,
  sealant: '',
  fit: 'fixed',
  fitNote: '',
  note: '',
});

/** Condition marks in the order of their digits, 1 to 8; high and low also come from guide coat in block rounds. */
export const markKinds = [
  'dent',
  'rust',
  'peel',
  'crack',
  'chip',
  'dull',
  'high',
  'low',
  'pinhole',
  'feather',
  'rub-through',
] as const;
export type MarkKind = (typeof markKinds)[number];

export interface Mark {
  id: string;
  part: string;
  kind: MarkKind;
  /** Where on the net, m. */
  x: number;
  y: number;
  sizeMm: number;
  depthMm: number | null;
  note: string;
  mended: boolean;
  /** 0 for the walk round; 1 and up for the block round in which guide coat showed it. */
  round: number;
}

export const gauges = ['magnetic', 'eddy', 'ultrasonic', 'cut-edge'] as const;
export type Gauge = (typeof gauges)[number];
export const readingSources = ['typed', 'file', 'simulated'] as const;

export interface FilmReading {
  id: string;
  part: string;
  /** Whole film over the substrate, µm. */
  um: number;
  /** Where on the panel, mm from its left and top edge on the net; null where nobody noted it. */
  fromLeftMm: number | null;
  fromTopMm: number | null;
  gauge: Gauge;
  source: (typeof readingSources)[number];
  onDate: LocalDate;
}

/** A panel that the body kind does not have: typed, split off, mirrored or read from a panel map. */
export type OwnPart = Pick<
  Part,
  | 'key'
  | 'name'
  | 'section'
  | 'side'
  | 'outline'
  | 'holes'
  | 'shape'
  | 'curveFactor'
  | 'curveReason'
  | 'insideM2'
  | 'trimM'
  | 'beadM'
  | 'rivetM'
  | 'seamM'
>;

/** A part as a job keeps its own ones: without what follows from the outline. */
export function ownPartOf(part: Part): OwnPart {
  const { key, name, section, side, outline, holes, shape, curveFactor, curveReason } = part;
  const { insideM2, trimM, beadM, rivetM, seamM } = part;
  return {
    key,
    name,
    section,
    side,
    outline,
    holes,
    shape,
    curveFactor,
    curveReason,
    insideM2,
    trimM,
    beadM,
    rivetM,
    seamM,
  };
}
