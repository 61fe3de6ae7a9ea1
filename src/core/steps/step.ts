import type { Depth, GateStage, RefitWait, StepFact, StripMethodKey } from '../record';
import type { LadderStep, LayerRole, Level, RepairKind, SpreadFault } from '../film';
import type { Programme } from '../programme';
import type { Caution } from '../safety';
import type { Minor, Minute } from '../units';
import type { Substrate } from '../vehicle';
import type { Inspection, Operation, Phase, SurfaceState, WorkTag } from './operation';
import type { LinkReason, SoftWindow, Stay, StepLink } from './step-link';

export * from './step-link';

/** Why a step exists and stands where it does: a code and its facts; the sentence is the reader's. */
export type StepReason =
  | { code: 'always' }
  | { code: 'operation'; why: string }
  | { code: 'by-hand' }
  | { code: 'depth'; depth: Depth }
  | { code: 'substrate'; substrate: Substrate; method: string }
  | { code: 'level-round'; level: Level; round: number; of: number }
  | { code: 'layer'; role: LayerRole; product: string; coat: number; of: number }
  | { code: 'cover-standing'; areaM2: number; minutes: number }
  | {
      code: 'clear-budget';
      coats: number;
      leftFlatUm: number;
      leftEdgeUm: number;
      tapeThrough: string | null;
    }
  | { code: 'session-limit'; product: string; most: number }
  | { code: 'shift-limit' }
  | { code: 'colour-next'; colour: string }
  | { code: 'break-line'; m2: number; lineM: number }
  | { code: 'ground-shows'; ground: string; deltaE: number }
  | { code: 'remedy'; product: string }
  | { code: 'licensed-hold' }
  | { code: 'typed-coats' }
  | { code: 'chosen-method'; method: StripMethodKey }
  | { code: 'fittings'; count: number }
  | { code: 'refit-order'; waitsFor: RefitWait }
  | { code: 'repair'; kind: RepairKind; stop: string }
  | { code: 'stepped-edge'; layers: number; widthMm: number };

/** Where the minutes came from: fixed + rate × quantity × share, over the crew. */
export interface Figure {
  fixedMin: number;
  rate: number;
  unit: string;
  quantity: number;
  weighted: number;
  share: number;
  /** Attended flash included in the step, minutes of clock. */
  flashMin: number;
  /** Where the rate was typed; the catalogue's, or the level's, where nobody did. */
  rateFrom: 'catalogue' | 'shop' | 'job';
  /** The shop's own factor on the rate, learned from its log; 1 where nothing was accepted. */
  learned: number;
}

export interface CoatOfStep {
  session: string;
  role: LayerRole;
  product: string;
  coat: number;
  of: number;
  areaM2: number;
  /** Faces it covers. */
  faces: 'outside' | 'both' | 'inside';
  dryUm: number;
  /** Net litres of ready mix on the surface and lost as overspray. */
  litres: number;
}

/** One grit of a sequence of sanding, or one pad of polishing. */
export interface GritOfStep {
  grit: LadderStep['grit'];
  nth: number;
  /** Grits, or pads, in all. */
  of: number;
  /** Edges and beads are under tape meanwhile. */
  edgesTaped: boolean;
  /** What it takes off each of its areas, µm. */
  takes: { section: string; flatUm: number; edgeUm: number }[];
}

/** Filler or putty of a step, in palettes at the air of its place. */
export interface SpreadOfStep {
  product: string;
  airC: number;
  /** Filled area. */
  areaM2: number;
  depthMm: number;
  massKg: number;
  palettes: number;
  paletteKg: number;
  /** Of each palette; null where it has no paste. */
  hardenerG: number | null;
  lifeMin: number | null;
}

/** A piece that is with somebody else for a time, or the hour at which it is fetched. */
export type StepLimit =
  | { kind: 'away'; id: string; what: string; from: Minute; to: Minute }
  | { kind: 'leaves'; minuteOfDay: number };

export interface Step {
  key: string;
  operation: string;
  name: string;
  /** What it is done to, in words. */
  subject: string;
  sections: string[];
  /** Faces of their panels it is done to. */
  faces: Operation['faces'];
  /** Sections of it whose insides are shut: there it touches the outside alone. */
  shut: string[];
  phase: Phase;
  kind: 'contiguous' | 'splittable' | 'passive';
  minutes: number;
  personMinutes: number;
  crew: number;
  /** Skill of each person needed, one entry a person. */
  people: string[];
  /** Kind of place when the step stands outside any hold; null with a hold or where no place is needed. */
  place: string | null;
  hold: string | null;
  notBefore: Minute;
  figure: Figure;
  coat: CoatOfStep | null;
  /** Of filler and putty: what is mixed, and how. */
  spread: SpreadOfStep | null;
  /** Of sanding and polishing by a sequence: which grit or pad. */
  grit: GritOfStep | null;
  /** Areas of other colours that it masks with the line between them; none of other work. */
  covering: readonly string[];
  /** Key of the pass whose film it lays; null where it lays none of a pass. */
  pass: string | null;
  needs: { product: string; amount: number }[];
  cautions: Caution[];
  /** What it does to the room around it. */
  tags: readonly WorkTag[];
  /** How the surface is to be looked at; null where nothing is inspected. */
  inspection: Inspection | null;
  /** What to see to while doing it, in working order. */
  checks: readonly string[];
  /** What is lost when it is left out. */
  lost: string;
  because: StepReason[];
  leaves: SurfaceState | null;
  /** Hours it is bound to beside those of its people and places. */
  limits: readonly StepLimit[];
  /** Changed by hand: what was computed before, person-minutes; null where nothing was. */
  computedMinutes: number | null;
  skipped: boolean;
  /** The minute the manager pinned it to; null where nobody did. */
  pinnedAt: Minute | null;
  /** Who is to do it, where the manager named somebody. */
  person: string | null;
  /** Share of it that is worked overhead or leaning across: undersides, and a roof. */
  overhead: number;
  /** Who has to be there while it is done, and may do other work meanwhile. */
  atHand: string | null;
  note: string;
  /** Open gates that keep it from being booked; empty for nearly every step. */
  heldBy: string[];
  /** Price of work sent out, as quoted, in minor units; null where the Shelf's price stands. */
  quotedMinor: Minor | null;
}

export type StepWarning =
  | { code: 'air-outside-limits'; product: string; airC: number; minAirC: number; maxAirC: number }
  | { code: 'too-long-for-booth'; neededM: number; boothM: number }
  | { code: 'no-place'; placeKind: string }
  | { code: 'no-skill'; skill: string }
  | { code: 'product-missing'; product: string; section: string }
  | {
      code: 'thin-clear' | 'thin-topcoat';
      section: string;
      typed: number;
      needed: number;
      leftFlatUm: number;
      leftEdgeUm: number;
    }
  | { code: 'film-limit'; section: string; totalUm: number; limitUm: number }
  | { code: 'gloss-over-straightness'; section: string }
  | { code: 'kept-not-stripped'; section: string }
  /** Correcting a kept film takes it below its stop line, on the flats of a panel or on its edges, µm. */
  | {
      code: 'kept-thin';
      part: string;
      face: 'flat' | 'edge';
      readUm: number;
      leftUm: number;
      stopUm: number;
    }
  | { code: 'kept-unread'; section: string; panels: number }
  /** A repair that cannot be planned: its panel is left out of the job, or nothing is laid there that could be laid again. */
  | { code: 'repair-idle'; part: string; kind: RepairKind; why: 'panel' | 'film' }
  /** Mending one spot again and again takes it below its stop line, µm. */
  | { code: 'spot-thin'; part: string; spot: string; attempts: number; leftUm: number; stopUm: number }
  | { code: 'effect-apart'; sections: string[] }
  | { code: 'session-over-shift'; session: string; minutes: number; shiftMin: number }
  | { code: 'unsigned-hold'; step: string }
  | { code: 'own-operations-ignored'; ring: string }
  | { code: 'edit-without-step'; step: string }
  | {
      code: 'order-refused';
      step: string;
      after: string;
      /** Steps between them, in the order that forbids it. */
      chain: string[];
      why: LinkReason | null;
      mayInsist: boolean;
    }
  | { code: 'order-overridden'; step: string; after: string; why: LinkReason }
  | { code: 'person-refused'; step: string; person: string }
  | { code: 'skip-refused'; step: string; why: 'hold' | 'film' | 'coat' }
  | { code: 'skipped'; step: string }
  | { code: 'overtaken'; step: string }
  | { code: 'gate-open'; section: string; open: number; holds: GateStage }
  /** Nobody has accepted a sample of a colour that is still to be sprayed: it is planned and not booked. */
  | {
      code: 'sample-open';
      colour: string;
      state: 'none' | 'waiting' | 'refused';
      refusals: number;
      areas: string[];
    }
  /** A named manager goes on without an accepted sample. */
  | { code: 'sample-at-risk'; colour: string; by: string; areas: string[] }
  | { code: 'lead-untested'; section: string; isHeld: boolean }
  | { code: 'lead-dry'; section: string; step: string }
  | { code: 'reference-spot'; part: string; what: string }
  /** Filler outside what its sheet allows: air, hardener, depth of a layer. */
  | ({ code: 'filler-fault'; section: string; product: string } & SpreadFault)
  /** A test patch that was asked for has no verdict: nothing is booked over that film. */
  | { code: 'patch-open'; section: string }
  /** Clear that lifts is to be scuffed and coated over. */
  | { code: 'lifting-kept'; section: string };

export interface StepNetwork {
  steps: Step[];
  links: StepLink[];
  stays: Stay[];
  softWindows: SoftWindow[];
  warnings: StepWarning[];
  /** The passes they belong to. */
  programme: Programme;
  /** What is known of them, by the keys they have here. */
  facts: readonly StepFact[];
}
