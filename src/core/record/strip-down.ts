import type { LocalDate } from '../units';

/** What becomes of a fitting: taken off, masked where it is, or as the minutes advise. */
export const fittingChoices = ['advised', 'remove', 'mask'] as const;
export const fittingNeeds = ['as-is', 'refurbish', 'buy'] as const;
export const fittingStates = ['on', 'off', 'bench', 'ready', 'refitted'] as const;

/** A piece of trim, glass, lamp, emblem or hinge that is in the way. */
export interface Fitting {
  id: string;
  name: string;
  part: string;
  /** Number on its tag or bag. */
  tag: string;
  removeMin: number;
  refitMin: number;
  /** To mask it once. */
  maskMin: number;
  choice: (typeof fittingChoices)[number];
  needs: (typeof fittingNeeds)[number];
  /** Work on it at the bench. */
  benchMin: number;
  /** The day a bought or sent-out piece is promised back; null when it waits for nobody. */
  readyOn: LocalDate | null;
  state: (typeof fittingStates)[number];
  /** As it came off: straight, pitted, cracked, incomplete. */
  condition: string;
  /** What holds it: screws, clips, studs, and which are spoilt. */
  fasteners: string;
  note: string;
}

export const holeActions = ['fill', 'keep', 'reopen'] as const;

/** A hole of the register, measured so that it can be found again under paint. */
export interface Hole {
  id: string;
  part: string;
  diameterMm: number;
  /** From the part's left and top edge, mm. */
  fromLeftMm: number;
  fromTopMm: number;
  action: (typeof holeActions)[number];
  sealant: string;
  done: boolean;
  note: string;
}

export const gateKinds = ['welded', 'sealed', 'textured', 'guards', 'dry-fit'] as const;

/** Something that must be so before the first primer of a section. */
export interface Gate {
  id: string;
  section: string;
  kind: (typeof gateKinds)[number];
  what: string;
  /** Of a dry-fit: gap and flush in mm and how often it was tried; null where nothing was measured. */
  gapMm: number | null;
  flushMm: number | null;
  attempts: number;
  done: boolean;
  doneOn: LocalDate | null;
}

/** Damage found only after stripping, with the hours it takes: burns the allowance down. */
export interface Find {
  id: string;
  part: string;
  hours: number;
  what: string;
  onDate: LocalDate;
}

export const priorRepairs = ['none', 'some', 'many'] as const;
export type PriorRepair = (typeof priorRepairs)[number];
