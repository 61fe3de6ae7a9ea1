import type { LocalDate } from '../units';
import type { JobForecast, ShopForecast } from './forecast';

/** What was forecast of a job on a day, in the terms in which it is compared with other days. */
export interface ForecastDay {
  onDate: LocalDate;
  promised: LocalDate;
  planned: LocalDate;
  p50: LocalDate;
  p80: LocalDate;
  kept: number;
  plannedLabourMin: number;
  p50LabourMin: number;
  p80LabourMin: number;
}

/** Everything that is told of one job's range. */
export interface ForecastTold {
  job: JobForecast;
  events: ShopForecast['events'];
  /** What was forecast of it before, day after day. */
  days: ForecastDay[];
  /** What the agreed plan books, and what is ordered; null while nothing is agreed. */
  committed: { labourMin: number | null; materialsMinor: number; boothMin: number | null };
}

/** The end of one job in short, as the yard shows it. */
export interface JobRange {
  job: string;
  /** Eight draws of ten end by this day. */
  p80: LocalDate;
  /** Share of the draws that end by the promised day, 0..1. */
  kept: number;
}
