import type { Law } from '../audit/model';
import type { Unit } from '../film';
import type { Change } from '../changes';
import type { PlanWarning } from '../plan';
import type { Minute } from '../units';

/**
 * What a warning rests on: a law of the work (1 to 18, held by the audit), 19 (what is typed is used or refused), the promised
 * date, or a budget.
 */
export type WarningLaw = Law | 19 | 'promise' | 'budget';

/** Where it is put right. */
export type WarningStation =
  'walkaround' | 'scheme' | 'film' | 'steps' | 'bays' | 'stores' | 'booth' | 'log' | 'shop';

export type WarningGrade = 'stop' | 'caution';

export type MeasureUnit =
  Unit | 'min' | 'days' | 'µm' | 'coats' | '°C' | 'm' | 'minor' | 'ΔE' | 'panels' | 'batches' | '%' | 'mm';

/** The figure and the limit it is held against, in one unit. */
export interface Measure {
  figure: number;
  limit: number;
  unit: MeasureUnit;
}

/** A warning with all a manager needs to act on it. */
export interface WarningRecord {
  /** The same for the same matter in two plans of a job, whatever its figures. */
  key: string;
  warning: PlanWarning;
  law: WarningLaw;
  grade: WarningGrade;
  station: WarningStation;
  /** Null where nothing is measured. */
  measure: Measure | null;
  /** The first step ahead that it concerns, not to begin before it is settled; null where none is left. */
  step: string | null;
  /** Until when it can be settled: the start of that step, or when its window closes; null where there is no such day. */
  by: Minute | null;
  /** What might be done otherwise; each is planned anew when somebody asks. */
  remedies: Change[];
}
