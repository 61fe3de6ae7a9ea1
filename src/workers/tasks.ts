import type { MessagePort } from 'node:worker_threads';
import type { AuditReport } from '../core/audit';
import type {
  Change,
  ColourOrders,
  GiveUps,
  OpenJob,
  PlanFigures,
  PlannedScheme,
  Situation,
  Together,
} from '../core/changes';
import type { CheckedEdit, CheckedEntry, Ground } from '../core/checks';
import type { PrintedPaper } from '../core/documents';
import type { DrawnElevation } from '../core/elevation';
import type { MapOnJob } from './panel-map-on-job';
import type { FigureLine, FileReading, PaperKey, Parsed } from '../core/exchange';
import type { Product } from '../core/film';
import type { Pace, ShopForecast } from '../core/forecast';
import type { AuditInput, Plan, PlanInput } from '../core/plan';
import type { HidingRow } from '../core/readings/hiding';
import type { Gauge, Job } from '../core/record';
import type { ScheduleProblem } from '../core/schedule';
import type { OrderLocks } from '../core/scheme';
import type { Closure } from '../core/shop';
import type { TriedRemedies } from '../core/warnings/replan';
import type { LocalDate } from '../core/units';
import type { Picture } from './picture';

/** One sheet of elevations for the owner. */
export type ElevationFile = 'svg' | 'png';

/** A file of a scheme: a strip at true scale as a drawing or on sheets of paper, a table of stations, the colours. */
export type SchemeFile = { of: 'stations' } | { of: 'colours' } | StripFile;
export type StripFile =
  { of: 'mask-map'; strip: string } | { of: 'mask-sheets'; strip: string; paper: PaperKey };

/** Changes when a task or an answer changes its shape. */
export const protocolVersion = 11;

/** Files of people, read on a thread with a budget of time and memory: whatever is in them, pages are answered. */
export type FileTask =
  | { kind: 'read-panel-map'; text: string; job: Job; instead: boolean }
  | { kind: 'read-readings'; text: string; fallback: Gauge }
  | { kind: 'read-shelf'; text: string }
  | { kind: 'read-closures'; text: string; today: LocalDate }
  | { kind: 'read-figures'; text: string; whole: 'shop' | 'job' }
  | { kind: 'read-picture'; bytes: Uint8Array };

/** What somebody waits for who has just edited or opens a page. */
export type PlanTask =
  | { kind: 'plan'; input: PlanInput }
  | { kind: 'refusals'; checked: CheckedEdit; ground: Ground }
  | { kind: 'elevations'; job: Job; plan: Pick<Plan, 'parts' | 'sections'> };

/** What takes long and may wait: forecasts and comparisons. */
export type ComparisonTask =
  | { kind: 'plans'; inputs: PlanInput[] }
  | {
      kind: 'forecast';
      inputs: PlanInput[];
      paces: ReadonlyMap<string, Pace>;
      draws: number;
      seed: number;
    }
  | { kind: 'give-up'; given: Situation }
  | { kind: 'remedies'; given: Situation; warning: string }
  | { kind: 'audit'; plan: Plan; given: AuditInput }
  | { kind: 'calendar-problem'; given: Situation }
  | { kind: 'scheme-file'; job: Job; file: SchemeFile }
  | { kind: 'elevation-file'; job: Job; views: DrawnElevation[]; as: ElevationFile }
  | { kind: 'colour-orders'; given: Situation; fixed: OrderLocks }
  | { kind: 'schemes'; given: Situation }
  | { kind: 'hiding'; given: Situation }
  | { kind: 'compare-changes'; given: Situation; changes: readonly Change[] }
  | { kind: 'together'; jobs: OpenJob[]; around: Pick<PlanInput, 'shop' | 'shelf' | 'operations' | 'now'> };

/** A document as a PDF in a file: with many photos it takes as long as they do. */
export interface DocumentTask {
  kind: 'document';
  paper: PrintedPaper;
  size: 'a4' | 'letter';
  /** Where the photos lie that it shows. */
  photos: readonly { sha256: string; path: string }[];
  /** Path of the file that is made. */
  out: string;
}

/** Work that takes long enough to keep others waiting, done on a thread of its own. */
export type WorkerTask = FileTask | PlanTask | ComparisonTask | DocumentTask;

export interface Compared {
  base: PlanFigures;
  /** One for each change; null where it names what is not there or changes nothing. */
  changed: (PlanFigures | null)[];
}

export interface WorkerAnswers {
  'read-panel-map': Parsed<MapOnJob>;
  'read-readings': Parsed<FileReading[]>;
  'read-shelf': Parsed<Product[]>;
  'read-closures': Parsed<Closure[]>;
  'read-figures': Parsed<FigureLine[]>;
  'read-picture': Picture | { reason: string };
  plan: Plan;
  refusals: CheckedEntry;
  plans: Plan[];
  forecast: ShopForecast;
  'give-up': GiveUps | null;
  remedies: TriedRemedies | null;
  audit: AuditReport;
  'calendar-problem': ScheduleProblem;
  'scheme-file': string | Uint8Array | { reason: string } | null;
  elevations: DrawnElevation[];
  'elevation-file': string | Uint8Array;
  document: { bytes: number };
  'colour-orders': ColourOrders;
  schemes: PlannedScheme[];
  hiding: HidingRow[];
  'compare-changes': Compared;
  together: { best: Together | null; plans: number };
}

export type AnswerTo<T extends WorkerTask> = WorkerAnswers[T['kind']];

/** Is told how much of a long task is done, 0..1. */
export type Tell = (share: number) => void;

/** What a thread is handed: the task, the version its sender speaks, and where it tells how far it is. */
export interface Envelope<T extends WorkerTask = WorkerTask> {
  version: number;
  task: T;
  progress: MessagePort | null;
}
