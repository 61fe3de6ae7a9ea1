import type { Closure, DaysOff, PersonRecord, PlaceRecord, Shift, ShopFigures } from '../concepts/shop';
import type { CoatSystem, Ladder } from '../film';

export type {
  Closure,
  DayAir,
  DaysOff,
  LoudHours,
  MonthAir,
  PlaceClosure,
  Shift,
  Site,
} from '../concepts/shop';

export interface Person extends PersonRecord {
  id: string;
  daysOff: DaysOff[];
}

export interface Place extends PlaceRecord {
  id: string;
}

/** The shop: its own figures, its hours, people and rooms, and what it does otherwise than the trade. */
export interface Shop extends ShopFigures {
  shifts: Shift[];
  closures: Closure[];
  people: Person[];
  places: Place[];
  /** The shop's own rates by operation code, replacing the catalogue's. */
  rates: Record<string, number>;
  /** Factors learned from the log and accepted by the manager, by operation code. */
  learned: Record<string, number>;
  /** Coat systems and sanding ladders of its own, or changed from the trade's. */
  systems: CoatSystem[];
  ladders: Ladder[];
}
