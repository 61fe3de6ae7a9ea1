import type { RefitWait } from '../record';
import type { DayKind } from '../shop';
import type { Minute } from '../units';
import type { Substrate } from '../vehicle';
import type { Operation } from './operation';
import type { WorkState } from './work-state';

export type LinkReason =
  | { code: 'order' }
  | { code: 'state'; state: WorkState }
  | { code: 'flash'; product: string; airC: number }
  | { code: 'flash-window'; product: string; airC: number }
  | { code: 'sand-after'; product: string; airC: number }
  | { code: 'tape-after'; product: string; airC: number }
  | { code: 'handle-after'; product: string; airC: number }
  | { code: 'refit-after'; product: string; airC: number; state: RefitWait }
  | { code: 'recoat-min'; product: string; airC: number }
  | { code: 'dust-free'; product: string; airC: number }
  | { code: 'bare-metal'; substrate: Substrate }
  | { code: 'recoat-max'; product: string; airC: number }
  | { code: 'wiped' }
  | { code: 'settle' }
  /** It is outside, with a vendor. */
  | { code: 'away'; vendor: string; days: number; leadIn: DayKind; backAt: number | null; due: Minute | null }
  | { code: 'by-hand' };

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
  /** The coat from which it runs. */
  from: string;
  /** The last coat of its film, which scuffing waits for. */
  lastCoat: string;
  to: string;
  product: string;
  maxMin: number;
  sections: string[];
  /** The faces it has closed on, and where it is scuffed again. */
  face: Operation['faces'];
}
