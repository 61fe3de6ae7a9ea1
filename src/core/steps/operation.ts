import type { Level } from '../film';
import { tiedPhases } from '../record/trade-words';
import type { Caution } from '../safety';
import type { PlaceKind, Skill } from '../shop';
import type { Situation } from './situation';
import type { WorkState } from './work-state';

export const phases = ['walkaround', ...tiedPhases] as const;
/** The stretch of the job a step belongs to, in working order; `return` comes after the handover. */
export type Phase = (typeof phases)[number];

/** What a surface looks like after a step. */
export const surfaceStates = [
  'old',
  'bare',
  'epoxy',
  'filler',
  'high-build',
  'guide-coat',
  'masked',
  'sealer',
  'colour',
  'clear',
  'sanded',
  'polished',
] as const;
export type SurfaceState = (typeof surfaceStates)[number];

/** Lengths a panel has; an operation by the metre names those it works on, and none is added to another unasked. */
export const lengthKinds = ['trim', 'bead', 'rivet', 'seam', 'field', 'leaf'] as const;
export type LengthKind = (typeof lengthKinds)[number];
/** What entries of the shop's own meant that were written before they could say. */
export const olderLengths: readonly LengthKind[] = ['trim', 'bead', 'rivet'];

export const bases = ['m²', 'm', 'part', 'fixed'] as const;
export type Basis = (typeof bases)[number];

/** What work does to the room around it. */
export const workTags = ['dusty', 'wet', 'fume', 'open-film', 'hot', 'loud'] as const;
export type WorkTag = (typeof workTags)[number];

/** What an operation does to a surface, to what lies over it or to the job: its role, whatever the shop calls it. */
export const roles = [
  'inspect',
  'sample',
  'wash',
  'off',
  'cover-protect',
  'strip',
  'strip-failed',
  'scuff',
  'bare',
  'mend-metal',
  'set-gaps',
  'treat',
  'scuff-spots',
  'fill',
  'block-filler',
  'seal-seams',
  'texture',
  'block',
  'spot-prime',
  'approve',
  'cover-outside',
  'cover-inside',
  'cover-fittings',
  'cover-kept',
  'uncover-kept',
  'hang',
  'turn',
  'cover-others',
  'align',
  'gild',
  'cover-fields',
  'cut',
  'uncover',
  'uncover-wet',
  'uncover-fields',
  'sand',
  'polish',
  'nib',
  'fit',
  'wax',
  'hand-over',
  'look-again',
  'wipe',
  'spray',
  'clean-room',
] as const;
export type Role = (typeof roles)[number];

/** How a surface is to be looked at. */
export interface Inspection {
  light: string;
  /** Angle of the light to the surface, degrees. */
  angleDeg: number;
  secondPerson: boolean;
}

/** Figures that the level, the ladder or the old film sets in place of the catalogue's rate or of the whole quantity. */
export const rateRules = ['block', 'block-fairing', 'sanding', 'polishing'] as const;
export const shareRules = ['filled', 'faired', 'clogging', 'edges'] as const;

export interface Operation {
  code: string;
  /** Its roles; empty where it moves, waits or keeps the shop. */
  does: readonly Role[];
  name: string;
  phase: Phase;
  /** Attended work, a whole booth session of coats, coats by roller with sanding between, or a wait nobody attends. */
  kind: 'work' | 'session' | 'rolled' | 'wait';
  basis: Basis;
  /** Of an operation by the metre: which lengths it works on. */
  lengths: readonly LengthKind[];
  /** Person-minutes per unit of the basis, shape flat; null where a rule sets it. */
  rate: number | null;
  rateBy: (typeof rateRules)[number] | null;
  shareBy: (typeof shareRules)[number] | null;
  /** Factor on the rate by level; 1 where none is named. */
  levelFactor: Partial<Record<Level, number>>;
  /** Person-minutes that take no factor; loose lots leave them out where `fixedOnBody`. */
  fixedMin: number;
  fixedOnBody: boolean;
  shapeFactor: 'surface' | 'spray' | 'none';
  skill: Skill;
  leastCrew: number;
  usualCrew: number;
  mostCrew: number;
  /** Where it is done when it stands outside any stay; null where no place is needed. */
  place: PlaceKind | null;
  /** The stay it belongs to: steps of one stage share a stay of the body in that kind of place; null for none. */
  stage: string | null;
  /**
   * One step for all sections that ask for it, for each body, a substrate, sections painted together, sections under one
   * clear, or a section.
   */
  unit: 'job' | 'group' | 'substrate' | 'lot' | 'over' | 'section';
  /** Word in the step's key in place of the code, or the whole key with {group}, {section}, {substrate} in it. */
  keyWord: string | null;
  /** May pause over the night. */
  pauses: boolean;
  /** Minutes that what follows must wait, elapsed. */
  settlesMin: number;
  faces: 'outside' | 'both' | 'inside';
  /** Air in which it is done, °C; null for no limit. What a product of it states stands on the sheet of that. */
  leastC: number | null;
  mostC: number | null;
  tags: readonly WorkTag[];
  consumes: readonly { product: string; perUnit: number }[];
  cautions: readonly Caution[];
  leaves: SurfaceState | null;
  /** Where it has its place at all. */
  when: Situation;
  /** What must be true first, beyond what the state it makes rests on. */
  needs: readonly WorkState[];
  makes: WorkState | null;
  /** What may not come about before it is done; without needs of its own it is done just before that. */
  before: readonly WorkState[];
  inspection: Inspection | null;
  /** What to see to while doing it, in working order. */
  checks: readonly string[];
  why: string;
  lost: string;
}

/** Consumption per unit of the basis, as pairs of product and amount. */
export const uses = (...list: [product: string, perUnit: number][]) =>
  list.map(([product, perUnit]) => ({ product, perUnit }));

type Needed = 'code' | 'name' | 'phase' | 'basis' | 'rate' | 'why' | 'lost';
type Given = Pick<Operation, Needed> & Partial<Operation>;
/** Completes an entry of the catalogue: one person, in a bay, a step for each section, may pause over the night. */
export const operation = (given: Given): Operation => ({
  does: [],
  kind: 'work',
  lengths: ['trim'],
  rateBy: null,
  shareBy: null,
  levelFactor: {},
  fixedMin: 0,
  fixedOnBody: false,
  shapeFactor: given.basis === 'm²' ? 'surface' : 'none',
  skill: 'prep',
  leastCrew: 1,
  usualCrew: 1,
  mostCrew: 4,
  place: 'bay',
  stage: null,
  unit: 'section',
  keyWord: null,
  pauses: true,
  settlesMin: 0,
  faces: 'outside',
  leastC: null,
  mostC: null,
  tags: [],
  consumes: [],
  cautions: [],
  leaves: null,
  when: {},
  needs: [],
  makes: null,
  before: [],
  inspection: null,
  checks: [],
  ...given,
});
