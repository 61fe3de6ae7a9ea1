import type { Depth } from '../record';
import type { LayerRole, Level } from '../film';
import type { Caution } from '../safety';
import type { Minute } from '../units';
import type { Substrate } from '../vehicle';
import type { Phase, SurfaceState } from './operation';

/** Why a step exists and stands where it does: a code and its facts; the sentence is the reader's. */
export type StepReason =
  | { code: 'always' }
  | { code: 'depth'; depth: Depth }
  | { code: 'substrate'; substrate: Substrate; method: string }
  | { code: 'level-round'; level: Level; round: number; of: number }
  | { code: 'layer'; role: LayerRole; product: string; coat: number; of: number }
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
  | { code: 'remedy'; product: string }
  | { code: 'licensed-hold' }
  | { code: 'typed-coats' };

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
  ownRate: boolean;
}

export interface CoatOfStep {
  session: string;
  role: LayerRole;
  product: string;
  coat: number;
  of: number;
  areaM2: number;
  dryUm: number;
  /** Net litres of ready mix on the surface and lost as overspray. */
  litres: number;
}

export interface Step {
  key: string;
  operation: string;
  name: string;
  /** What it is done to, in words. */
  subject: string;
  sections: string[];
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
  needs: { product: string; amount: number }[];
  cautions: Caution[];
  because: StepReason[];
  leaves: SurfaceState | null;
}

export type LinkReason =
  | { code: 'order' }
  | { code: 'flash'; product: string; airC: number }
  | { code: 'flash-window'; product: string; airC: number }
  | { code: 'sand-after'; product: string; airC: number }
  | { code: 'dust-free'; product: string; airC: number }
  | { code: 'bare-metal'; substrate: Substrate }
  | { code: 'recoat-max'; product: string; airC: number }
  | { code: 'wiped' }
  | { code: 'settle' };

export interface StepLink {
  from: string;
  to: string;
  min: number;
  max: number | null;
  why: LinkReason;
}

/** A place kept for a vehicle from one step to another. */
export interface Stay {
  key: string;
  kind: 'session' | 'stay';
  placeKind: string;
  from: string;
  to: string;
  subject: string;
}

/** A product's recoat window that scuffing reopens: checked after scheduling, remedied where it closed. */
export interface SoftWindow {
  key: string;
  from: string;
  to: string;
  product: string;
  maxMin: number;
  sections: string[];
}

export type StepWarning =
  | { code: 'air-outside-limits'; product: string; airC: number; minAirC: number; maxAirC: number }
  | { code: 'too-long-for-booth'; neededM: number; boothM: number }
  | { code: 'no-place'; placeKind: string }
  | { code: 'no-skill'; skill: string }
  | { code: 'product-missing'; product: string; section: string }
  | {
      code: 'thin-clear';
      section: string;
      typed: number;
      needed: number;
      leftFlatUm: number;
      leftEdgeUm: number;
    }
  | { code: 'film-limit'; section: string; totalUm: number; limitUm: number }
  | { code: 'gloss-over-straightness'; section: string }
  | { code: 'session-over-shift'; session: string; minutes: number; shiftMin: number }
  | { code: 'unsigned-hold'; step: string };

export interface StepNetwork {
  steps: Step[];
  links: StepLink[];
  stays: Stay[];
  softWindows: SoftWindow[];
  warnings: StepWarning[];
}
