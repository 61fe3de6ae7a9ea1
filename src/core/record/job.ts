import type { CoatSystem, Ladder, LadderKey, LayerRole, Level } from '../film';
import type { LocalDate, Minor, Minute } from '../units';
import type { Dimensions, SectionProposal } from '../vehicle';
import type { Depth, OldFinish } from './depth';
import type { LogEntry } from './log-entry';
import type { SchoolChoice } from './school';
import type { AddedStep, ScopeChange, StepEdit } from './step-edit';
import type { JobLists } from './job-lists';
import type { PriorRepair } from './strip-down';
import type { FilmReading, Mark, OwnPart, PartSurvey, StripMethodKey } from './survey';

export interface JobSection extends Omit<SectionProposal, 'oldFinish' | 'depth'> {
  oldFinish: OldFinish;
  depth: Depth;
  level: Level;
  colourName: string;
  /** sRGB of the colour on the screen, `#rrggbb`. */
  colourHex: string;
  /** Coats the manager typed in place of the computed ones. */
  coats: Partial<Record<LayerRole, number>>;
  /** School of colour sanding in place of the level's; null for the level's own. */
  ladder: LadderKey | null;
  /** Schools chosen for this section; the others follow the job's choice, else the situation. */
  schools: SchoolChoice;
  /** Rounds of filling and of priming and blocking, typed in place of the level's. */
  rounds: TypedRounds;
  /** What ends the chase for straightness; null where only the rounds do. */
  stopRule: StopRule | null;
  /** On a lot: the section it was taken from, and how its panels are stripped. Sections of a job carry neither. */
  base?: string;
  method?: StripMethodKey;
  /** System and ladder as the shop has them, once they were looked up. */
  ways?: { system: CoatSystem | undefined; ladder: Ladder | undefined };
}

export type TypedRounds = { filler?: number; build?: number };

/** A measure that is good enough, or a day after which no round is added. */
export interface StopRule {
  /** Largest hollow left under a straight edge of half a metre, mm; null where nothing is measured. */
  hollowMm: number | null;
  /** No further round after this day. */
  lastDay: LocalDate | null;
}

/** A measured area in place of the computed one. */
export interface MeasuredPart {
  key: string;
  outsideM2: number;
}

export interface StepFact {
  step: string;
  status: 'done' | 'running';
  start: Minute;
  /** Set when done. */
  end: Minute | null;
  /** Attended minutes left when running; the plan takes its own figure when null. */
  remainingMin: number | null;
  /** Attended minutes of the clock so far, where the log knows them. */
  workedMin?: number;
  personMinutes: number;
  /** What its materials cost; null where nobody reckoned, then as planned. */
  materialsMinor: Minor | null;
  /** People and the place that were used. */
  uses: string[];
}

/** A typed release of a hold point: a record, not an authority. */
export interface SignOff {
  step: string;
  name: string;
  licence: string;
  date: LocalDate;
}

export const jobStates = ['surveyed', 'planned', 'running', 'finished'] as const;
export type JobState = (typeof jobStates)[number];

export interface Caps {
  labourHours: number;
  materialsMinor: Minor;
  boothHours: number;
}

export interface Job extends JobLists {
  number: string;
  name: string;
  owner: string;
  bodyKind: string;
  dimensions: Dimensions;
  level: Level;
  state: JobState;
  arrival: LocalDate;
  promised: LocalDate;
  /** What a day of its lateness counts beside a day of another job's, 1 to 9. */
  weight: number;
  caps: Caps;
  sections: JobSection[];
  measured: MeasuredPart[];
  surveyed: PartSurvey[];
  marks: Mark[];
  readings: FilmReading[];
  ownParts: OwnPart[];
  /** Year it was built; null when nobody knows. */
  builtYear: number | null;
  priorRepair: PriorRepair;
  facts: StepFact[];
  /** What was written down at the work; it stands before facts of the same step. */
  log: LogEntry[];
  /** Steps changed by hand, and changes of scope that were agreed. */
  stepEdits: StepEdit[];
  addedSteps: AddedStep[];
  scope: ScopeChange[];
  signOffs: SignOff[];
  /** Schools chosen for the whole job. */
  schools: SchoolChoice;
  /** Steps in an order that was found to end sooner than the rule does; empty where none was looked for. */
  placingOrder: string[];
}

/** The job with its own schools handed down to every section that chose none. */
export const withJobSchools = (job: Job): Job =>
  Object.keys(job.schools).length === 0
    ? job
    : {
        ...job,
        sections: job.sections.map((section) => ({
          ...section,
          schools: { ...job.schools, ...section.schools },
        })),
      };
