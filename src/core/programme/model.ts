import type { LayerRole } from '../film';
import type { Surface } from '../surface';

export type BuildType = 'panel' | 'hull' | 'aircraft';

/** What is treated alike, as far as its passes go. */
export interface ProgrammeArea {
  /** Key of the section or of the area of it. */
  key: string;
  /** What it shares its dates with. */
  clock: string;
  /** Clocks that get their last coats in one session share it: the first of them. */
  lot: string;
  /** Lots that get their clear in the same sessions, over all colours at once, share it; null where each has its own. */
  clearOver: string | null;
  body: string;
  /** The body it gets its last coats on: its own, or that which loose pieces are hung on for them. */
  paintedOn: string;
  /** Its pieces lie apart: nothing of them covers another. */
  loose: boolean;
  buildType: BuildType;
  /** It gets film. What is not painted keeps its own and is covered. */
  painted: boolean;
  /** Key of its colour. */
  colour: string;
  /** Covered round once for all colours that get one clear with it: between them only their lines are taped. */
  keepsMask: boolean;
  /** Its backs, bays and jambs: none, sprayed before the outside and shut, or in one go with it. */
  insides: 'none' | 'first' | 'with-outside';
  surfaces: readonly Surface[];
  /** Bottom up, those with at least one coat; a product may come twice. */
  films: readonly AreaFilm[];
  /** What its insides get, where these have a colour of their own; null where it is the same. */
  insideFilms: readonly AreaFilm[] | null;
  buildRounds: number;
  /** Stands bear on it while it is coated, and are shifted for what they hide. */
  stands: boolean;
  /** Texture or liner that is laid under or over its colour; null where it stays smooth. */
  texture: { product: string; lies: 'under' | 'over' } | null;
  /** Coats of clear in each session; empty without clear. */
  clearSessions: readonly number[];
}

/** A film of an area as its system has it. */
export interface AreaFilm {
  role: LayerRole;
  product: string;
  coats: number;
}

/** A film as one pass lays it: areas that get fewer coats leave out the last. */
export interface PassFilm {
  role: LayerRole | 'texture';
  product: string;
  /** Coats in this pass: those of the area that gets most. */
  coats: number;
  /** Number of its first coat here among all of its coats, and these in all. */
  first: number;
  of: number;
  /** Areas by the coats they get of it here, the most first. */
  on: readonly { coats: number; areas: readonly string[] }[];
}

export type PassRole = 'prime' | 'build' | 'inside' | 'colour' | 'clear' | 'texture' | 'touch-in';

/** Why one pass comes after another. */
export type OrderWhy =
  | 'film-beneath'
  | 'stands-shifted'
  | 'clear-over-all'
  | 'one-inside-after-another'
  | 'insides-first'
  | 'from-the-top'
  | 'by-hand'
  | 'booth';

/** What is coated together. */
export interface Pass {
  /** `scope/role[/round]`, by purpose, never by position. */
  key: string;
  role: PassRole;
  /** Clock, lot or body that it belongs to. */
  scope: string;
  round: number;
  body: string;
  application: 'spray' | 'roll';
  /** Keys of its areas. */
  areas: readonly string[];
  faces: 'outside' | 'inside' | 'both';
  /** Areas whose insides are painted and shut, and are left alone. */
  shut: readonly string[];
  /** Bottom up. */
  films: readonly PassFilm[];
  after: readonly { pass: string; why: OrderWhy }[];
  /** Areas of later colours that it is sprayed onto past their lines, and which hide it. */
  past: readonly string[];
  /** All of its body is sanded flat before anything of it is covered for this pass. */
  bodyFlat: boolean;
  /** Key of the cover that lies while it is sprayed; null where nothing stands beside it. */
  cover: string | null;
}

/** How a line of tape runs: along trim and gaps, round an opening as foam or back-tape, or between the fields of a panel. */
export type EdgeKind = 'trim' | 'opening' | 'field';

/** What lies over surfaces while others are coated. */
export interface PassCover {
  /** That of its pass. */
  key: string;
  over: readonly string[];
  overM2: number;
  /** Where its edge runs, m by kind. */
  edgesM: Readonly<Record<EdgeKind, number>>;
  /** The film its edge stands on: what the pass itself coats, or what stands beside it. */
  edgeOn: 'coated' | 'beside';
  /** Comes off before anything else of the body is covered for its colour. */
  offBefore: string | null;
}

export interface Body {
  key: string;
  loose: boolean;
  /** Keys of its areas. */
  areas: readonly string[];
}

/** The passes of a job in an order that holds all they wait for, made before any step is written. */
export interface Programme {
  bodies: readonly Body[];
  passes: readonly Pass[];
  covers: readonly PassCover[];
}
