import type { ColourWarning } from './colour-warnings';
import type { RidgeWarning } from './field-ridges';
import type { DryEdge } from './coat-round';
import type { SampleLate } from './sample-warnings';
import type { SchemeWarning } from './scheme-warnings';
import type {
  AllowanceShort,
  BatchesApart,
  HardDays,
  OldTape,
  OverMaterialCap,
  PainterChanges,
  PinClosesWindow,
  RefitEarly,
  RoundsLate,
  ScarceHands,
  WindowTight,
  WorkAir,
} from './watch/model';
import type { MovedEntry } from '../log';
import type { Pass, PassCover, ProgrammeCost } from '../programme';
import type { ClimateStop, LayerRole, Level, Shelf, StackFault } from '../film';
import type { BudgetBreach, Budgets, Quote } from '../money';
import type { Job, SurfaceCover } from '../record';
import type { Commitment } from '../schedule';
import type { Allowance, LateCover } from '../survey';
import type { Shop } from '../shop';
import type { LinkReason, Operation, SectionStack, Stay, Step, StepLink, StepWarning } from '../steps';
import type { ColourPool, SessionNeed, ShoppingLine, Voc, WasteLine } from '../stores';
import type { LocalDate, Minor, Minute } from '../units';
import type { Part } from '../vehicle';

export interface PlanInput {
  job: Job;
  shop: Shop;
  shelf: Shelf;
  /** The shop's own and changed entries of the operation catalogue. */
  operations?: readonly Operation[];
  now: Minute;
  /** What other jobs have been promised: their agreed calendars. */
  commitments: readonly Commitment[];
  /** Starts of this job's own agreed plan, by step; empty when none is agreed. */
  agreedStarts: ReadonlyMap<string, Minute>;
}

export type PlanWarning =
  | StepWarning
  | ({ code: 'over-cap' } & BudgetBreach)
  | ({ code: 'covered-unpainted' } & LateCover)
  | SchemeWarning
  | ColourWarning
  | RidgeWarning
  | SampleLate
  | ({ code: 'edge-dries' } & DryEdge)
  | { code: 'stack'; section: string; fault: StackFault }
  | ({ code: 'old-tape' } & OldTape)
  | WindowTight
  | PinClosesWindow
  | RefitEarly
  | ScarceHands
  | BatchesApart
  | RoundsLate
  | HardDays
  | OverMaterialCap
  | PainterChanges
  | WorkAir
  | AllowanceShort
  | { code: 'late'; days: number }
  | { code: 'window-broken'; window: string; step: string }
  /** `costMinor`: labour and materials of the scuffing, before tax. */
  | { code: 'remedied'; product: string; step: string; personMinutes: number; costMinor: Minor }
  | { code: 'no-room'; step: string }
  | { code: 'pin-missed'; step: string; wanted: Minute; start: Minute }
  | { code: 'air-longer'; product: string; step: string; minutes: number; plannedMin: number }
  | { code: 'forecast-stop'; product: string; step: string; date: LocalDate; stop: ClimateStop };

export interface SectionSummary extends Omit<SectionStack, 'layers'> {
  section: string;
  /** The section of the job it belongs to; the same unless it is a lot of panels treated otherwise. */
  base: string;
  name: string;
  level: Level;
  /** Key of its colour. */
  colour: string;
  /** Key of the colour of its insides, where these have one of their own. */
  insideColour: string | null;
  outsideM2: number;
  insideM2: number;
  layers: {
    role: LayerRole;
    product: string;
    name: string;
    coats: number;
    dryUm: number;
    typed: boolean;
    computedCoats: number;
  }[];
}

export interface Plan {
  job: string;
  computedAt: Minute;
  parts: Part[];
  sections: SectionSummary[];
  steps: PlannedStep[];
  stays: PlannedStay[];
  /** What of the body lies under film or paper, and when. */
  covers: PlannedCover[];
  windows: PlanWindow[];
  /** By when what comes before each session ahead must begin. */
  goHours: GoHour[];
  sessions: SessionNeed[];
  pools: ColourPool[];
  voc: Voc;
  waste: WasteLine[];
  shopping: ShoppingLine[];
  budgets: Budgets;
  quote: Quote;
  /** When other trades are needed, or may begin. */
  trades: TradeDate[];
  /** Hours held for damage that is not seen yet; null for a job of unknown year. */
  allowance: Allowance | null;
  /** End of the last step; null when there is nothing to do. */
  finish: Minute | null;
  finishDate: LocalDate | null;
  lateDays: number;
  warnings: PlanWarning[];
  /** The passes of the job in their order, with what each covers. */
  programme: PlannedProgramme;
  /** Entries of the log that stand on other steps today than they were written on. */
  moved: MovedEntry[];
}

/** A reason of the calendar in the words of the plan: keys of steps, names of people and places. */
/** Why a step does not start earlier. 'short', too little left of a shift, stands in plans stored before decision 12. */
export type PlanBecause =
  | { kind: 'closed' | 'short'; who: string[]; from: Minute; to: Minute }
  | { kind: 'resource'; who: string[]; holders: string[]; from: Minute; to: Minute }
  | { kind: 'window'; why: LinkReason | null; from: Minute; to: Minute }
  | { kind: 'link'; from: string; min: number; why: LinkReason }
  | { kind: 'agreed'; from: Minute }
  | { kind: 'not-before' }
  | { kind: 'now' };

/** A day of another trade as the plan has it. */
export interface TradeDate {
  milestone: string;
  /** `before`: the day our stretch begins and it must be done by; `after`: the day from which it may begin. */
  day: LocalDate | null;
  /** The day it is promised or means to begin lies on the wrong side of it. */
  clashes: boolean;
  /** It was told another day, or none. */
  toTell: boolean;
}

/** Areas whose outsides lie under film or paper for a while. */
export interface PlannedCover extends SurfaceCover {
  /** The step that lays it, and the one that pulls it; null where none does. */
  step: string;
  pulledBy: string | null;
}

/** What one person does of a step that is shared out by panels. */
export interface StepShare {
  person: string;
  start: Minute;
  end: Minute;
}

export interface PlannedStep extends Step {
  start: Minute;
  end: Minute;
  state: 'done' | 'running' | 'planned';
  /** Person-minutes logged so far; 0 for planned steps. */
  usedMin: number;
  /** Person-minutes still to come: all of a planned step, what is left of a running one. */
  leftMin: number;
  /** While some panels of it are done: their share by area, and the person-minutes that went into them. */
  partDone: { share: number; personMin: number } | null;
  materialsMinor: number;
  /** Ids of people and places taken. */
  uses: string[];
  /** Who does which stretch of it, where it is shared out; empty where everybody is on it from its start to its end. */
  shares: readonly StepShare[];
  /** From when nothing that it stands on is unfinished, whoever and whatever is free. */
  readyFrom: Minute;
  whyNotEarlier: PlanBecause[];
  /** Steps that wait for it, and for what. */
  leadsTo: { step: string; why: LinkReason }[];
}

export interface PlannedStay extends Stay {
  place: string;
  start: Minute;
  end: Minute;
}

/** By when what comes before a booth session must begin, for the session to open at its booked minute. */
export interface GoHour {
  /** Key of the stay. */
  session: string;
  opens: Minute;
  /** Steps still to begin, the one with least to spare first. */
  before: GoStep[];
  /** What is mixed for it, in the order it is sprayed. */
  mixes: MixHour[];
}

/** Between which minutes the pot of a product's first coat is mixed. */
export interface MixHour {
  product: string;
  /** The pot lasts to the end of the coat from then on; null without a pot life, or where one pot cannot last. */
  notBefore: Minute | null;
  /** Mixed and strained by then, it has stood its induction when the coat begins. */
  latest: Minute;
}

export interface GoStep {
  step: string;
  planned: Minute;
  /** Latest start, counted back through everything between it and the session in the hours of who does it. */
  latest: Minute;
  /** Open minutes between the two; below zero it is already too late. */
  spareMin: number;
}

/** A window that matters to a manager: bare metal, recoat, wipe. Flashes inside a session are left to the session. */
export interface PlanWindow {
  key: string;
  code: StepLink['why']['code'];
  product: string | null;
  from: string;
  to: string;
  opened: Minute;
  closes: Minute;
  /** Start of the step that has to come in time. */
  met: Minute;
  state: 'kept' | 'tight' | 'broken' | 'remedied';
  /** The step that opens it again; null where none is needed. */
  remedy: string | null;
}

/** A pass as the plan has it: what it coats and covers, and when its booth session or its first roller is. */
export interface PlannedPass extends Omit<Pass, 'cover'> {
  cover: Pick<PassCover, 'overM2' | 'edgesM' | 'edgeOn' | 'offBefore'> | null;
  /** Null where it found no room, or where all of it is left out. */
  starts: Minute | null;
}

export interface PlannedProgramme {
  passes: PlannedPass[];
  cost: ProgrammeCost;
}
