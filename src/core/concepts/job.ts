import { levels } from '../film/coat-system';
import type { TypedFigure } from '../figures';
import type { ColourCover } from '../record/colour-words';
import { keptPlaces, moneyDepths } from '../record/handover-words';
import { jobStates } from '../record/job-words';
import type { SchoolChoice } from '../record/school';
import { priorRepairs } from '../record/strip-down-words';
import type { Dimensions } from '../vehicle/body-kind';
import * as atom from './atoms';
import { schools } from './choices';
import { typedFigures } from './typed-figures';
import {
  document,
  figure,
  localDate,
  moneyMinor,
  nullable,
  since,
  text,
  whole,
  word,
  wordBy,
  type TypeOf,
} from './field';

/** A job's own figures; its number is the id, and what stands row by row has concepts of its own. */
export const jobFields = {
  name: text(80, 1),
  owner: text(80),
  bodyKind: wordBy(atom.bodyKind()),
  dimensions: document<Dimensions>(atom.dimensionFigures()),
  level: word(levels),
  state: word(jobStates),
  arrival: localDate(),
  promised: localDate(),
  /** Caps of the three budgets; 0 for no cap. */
  capLabourHours: figure(0, 100_000),
  capMaterialsMinor: moneyMinor(),
  capBoothHours: figure(0, 100_000),
  /** Year it was built; null when nobody knows. */
  builtYear: since(null, nullable(whole(1850, 2200))),
  priorRepair: since('none', word(priorRepairs)),
  /** Methods chosen for the whole job. */
  schools: since({}, document<SchoolChoice>(schools())),
  /** What a day of its lateness counts beside a day of another job's. */
  weight: since(1, whole(1, 9)),
  /** Days before the promised day by which the owner is told that the job will be ready; 0 where nobody asked. */
  noticeDays: since(0, whole(0, 60)),
  /** Number of the job whose pattern it was made after; empty for none. */
  likeJob: since('', wordBy(atom.jobNumber().allow(''))),
  /** Where the tins stand that are kept of its colours. */
  reservePlace: since('', text(120)),
  /** Where it stands once it is delivered. */
  keptWhere: since('garage', word(keptPlaces)),
  /** How much of hours and money the file tells that goes with it. */
  moneyDepth: since('phases', word(moneyDepths)),
  /** The order of the colours on their bodies as the manager put it, by section or lot; empty for the trade's. */
  colourOrder: since([], document<string[]>(atom.colourOrder())),
  /** Later colours that are covered while an earlier one is sprayed; what is not named may be sprayed over at the line. */
  colourCovers: since([], document<ColourCover[]>(atom.colourCovers())),
  /** Figures of this job, its sections and panels, in place of the shop's. */
  figures: since([], document<TypedFigure[]>(typedFigures(['job', 'section', 'panel']))),
  /** Rates of operations on this job in place of the shop's, minutes by their unit. */
  rates: since({}, document<Record<string, number>>(atom.ratesByOperation())),
  /** Steps in an order that was found to end sooner than the rule does; empty where none was looked for. */
  placingOrder: since([], document<string[]>(atom.stepOrder())),
};
export type JobFigures = TypeOf<typeof jobFields>;
