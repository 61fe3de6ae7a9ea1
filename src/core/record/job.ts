import type { JobFigures } from '../concepts/job';
import type { SectionRecord } from '../concepts/section';
import type { MeasuredPartRecord, SignOffRecord, StepFactRecord } from '../concepts/step-records';
import type { TypedFigure } from '../figures';
import type { CoatSystem, Ladder, Level } from '../film';
import type { Minor } from '../units';
import type { JobLists } from './job-lists';
import type { LogEntry } from './log-entry';
import type { AddedStep, ScopeChange, StepEdit } from './step-edit';
import type { FilmReading, Mark, OwnPart, PartSurvey } from './survey';
import type { StripMethodKey } from './survey-words';

export type { StopRule, TypedRounds } from '../concepts/section';

export interface JobSection extends SectionRecord {
  /** On a lot: the section it was taken from, and how its panels are stripped. Sections of a job carry neither. */
  base?: string;
  method?: StripMethodKey;
  /** What it shares its steps with, and the name of that: panels of one section and lot, however each is treated. */
  clock?: string;
  clockName?: string;
  /** Of an area that is a field in another colour than its section: that colour. */
  field?: string;
  /** The field is narrow enough for the trade to lay it first, so that its mask covers it. */
  narrow?: boolean;
  /** The highest level of what shares its last coats, where that is not its own: all get as many. */
  lead?: Level;
  /** Side of a hull that lies on the other: which is worked first, which once it was turned. */
  hullSide?: 'first' | 'second';
  /** Names what it shares one clear with, where several colours of a body are cleared together. */
  clearOver?: string;
  /** What is laid on its insides instead, where these get another colour. */
  insideLaid?: Partial<Pick<JobSection, 'system' | 'coats' | 'ways' | 'schools'>>;
  /** System and ladder as the shop has them, once they were looked up; its own and changed systems besides. */
  ways?: {
    system: CoatSystem | undefined;
    ladders: readonly Ladder[];
    systems: readonly CoatSystem[];
    /** What is typed for the shop and this job. */
    figures: readonly TypedFigure[];
  };
}

/** A measured area in place of the computed one. */
export type MeasuredPart = MeasuredPartRecord;

/** Work on a step up to the last time that panels of it were ended. */
export interface PartDone {
  /** Person-minutes of first work, rework left out. */
  personMin: number;
  /** Days on which it was worked. */
  days: number;
  /** Minutes of the clock worked since. */
  sinceMin: number;
}

export interface StepFact extends Omit<StepFactRecord, 'materialsMinor'> {
  /** What its materials cost; null where nobody reckoned, then as planned. */
  materialsMinor: Minor | null;
  /** Attended minutes of the clock so far, where the log knows them. */
  workedMin?: number;
  /** Share of it by area that is still to do, where panels of it are done and others are not. */
  leftShare?: number | undefined;
  /** What went into the panels that are done, while others are not. */
  partDone?: PartDone | undefined;
  /** Surfaces it was begun on; all of the step where it is not named. */
  on?: readonly string[] | undefined;
}

/** A typed release of a hold point: a record, not an authority. */
export type SignOff = SignOffRecord;

export interface Caps {
  labourHours: number;
  materialsMinor: Minor;
  boothHours: number;
}

type FlatCaps = 'capLabourHours' | 'capMaterialsMinor' | 'capBoothHours';

/** A job as it is kept: its own figures, its sections and panels, and everything written down of it. */
export interface Job extends Omit<JobFigures, FlatCaps>, JobLists {
  number: string;
  /** Of the three budgets; 0 for no cap. */
  caps: Caps;
  sections: JobSection[];
  measured: MeasuredPart[];
  surveyed: PartSurvey[];
  marks: Mark[];
  readings: FilmReading[];
  ownParts: OwnPart[];
  facts: StepFact[];
  /** What was written down at the work; it stands before facts of the same step. */
  log: LogEntry[];
  /** Steps changed by hand, and changes of scope that were agreed. */
  stepEdits: StepEdit[];
  addedSteps: AddedStep[];
  scope: ScopeChange[];
  signOffs: SignOff[];
}

type RowByRow =
  | 'sections'
  | 'measured'
  | 'surveyed'
  | 'marks'
  | 'readings'
  | 'ownParts'
  | 'facts'
  | 'log'
  | 'stepEdits'
  | 'addedSteps'
  | 'scope'
  | 'signOffs'
  | 'placingOrder'
  | keyof JobLists;
/** A job's own figures and words, without what is kept row by row and without its long lists. */
export type JobFiguresShown = Omit<Job, RowByRow>;

export function figuresOfJob(job: Job): JobFiguresShown {
  const { sections: _sections, measured: _measured, surveyed: _surveyed, marks: _marks, ...one } = job;
  const { readings: _readings, ownParts: _ownParts, facts: _facts, log: _log, ...two } = one;
  const { stepEdits: _stepEdits, addedSteps: _added, scope: _scope, signOffs: _signOffs, ...three } = two;
  const {
    placingOrder: _order,
    fittings: _fittings,
    holes: _holes,
    gates: _gates,
    finds: _finds,
    ...four
  } = three;
  const {
    milestones: _miles,
    openings: _openings,
    covers: _covers,
    blends: _blends,
    sendOuts: _sent,
    colours: _colours,
    constructions: _constructions,
    looseItems: _items,
    alternatives: _alternatives,
    matchAttempts: _attempts,
    samples: _samples,
    repairs: _repairs,
    materialCaps: _materialCaps,
    provenance: _provenance,
    decisions: _decisions,
    ...figures
  } = four;
  return figures;
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
