import type { CoatSystem, Ladder } from '../film';
import type { LocalDate, Minor } from '../units';

export const skills = ['prep', 'metal', 'paint', 'polish', 'trim'] as const;
/** What a person is trusted with; a step asks for one of these. */
export type Skill = (typeof skills)[number];

export const placeKinds = ['booth', 'bay', 'wash', 'bench', 'yard'] as const;
export type PlaceKind = (typeof placeKinds)[number];

export const zones = ['stripping', 'sanding', 'clean', 'spray'] as const;
/** Rooms that exclude each other: dust of the first two has no place in the air of the others. */
export type Zone = (typeof zones)[number];

export interface DaysOff {
  from: LocalDate;
  /** Last day away, inclusive. */
  to: LocalDate;
  reason: string;
}

export interface Person {
  id: string;
  name: string;
  skills: Skill[];
  /** Speed against the shop's rates, from experience with this person; 1 = as the rates say, 1.25 a quarter faster. */
  pace: number;
  daysOff: DaysOff[];
  /** Hours of one's own by weekday, for part-time; null works when the shop does. The shop's hours bind in either case. */
  hours: Shift[] | null;
}

/** A while in which a place cannot be used, by the wall clock: cleaning, filters, repair. */
export interface PlaceClosure {
  from: LocalDate;
  fromMin: number;
  to: LocalDate;
  toMin: number;
  reason: string;
}

/** Air of one month in a place: in working hours, at night, and its relative humidity in %. */
export interface MonthAir {
  workC: number;
  nightC: number;
  humidity: number;
}

/** Air of one day as somebody typed it from a forecast. */
export interface DayAir extends MonthAir {
  date: LocalDate;
}

export interface Place {
  id: string;
  name: string;
  kind: PlaceKind;
  lengthM: number;
  widthM: number;
  heightM: number;
  /** Air temperature during work, °C; windows are reckoned at it. */
  airC: number;
  /** By month from January, in place of `airC`; null for a place that is kept at one temperature. */
  profile: MonthAir[] | null;
  /** Days that are known better than the month; they stand before both. */
  forecast: DayAir[];
  /** What the room is kept for; null where nobody decided. */
  zone: Zone | null;
  /** Ids of places whose air it shares: a door that stands open, one hall. */
  airWith: string[];
  /** Under the open sky: worked in by daylight only, where the shop says where it stands. */
  outdoors: boolean;
  closed: PlaceClosure[];
  /** First and last day of a place that is rented or borrowed; null for the shop's own. */
  rented: { from: LocalDate; to: LocalDate } | null;
}

/** Opening hours of one weekday by the wall clock, minutes of the day. */
export interface Shift {
  /** ISO weekday, 1 Monday … 7 Sunday. */
  weekday: number;
  startMin: number;
  endMin: number;
}

export interface Closure {
  date: LocalDate;
  reason: string;
}

/** Between which minutes of the day loud work may be done, by the wall clock. */
export interface LoudHours {
  fromMin: number;
  toMin: number;
  /** On Saturdays and Sundays as well. */
  weekends: boolean;
}

/** Where the shop stands, for sunrise and sunset; north and east are above zero. */
export interface Site {
  latitudeDeg: number;
  longitudeDeg: number;
}

export interface Shop {
  name: string;
  timeZone: string;
  /** ISO 4217 code. */
  currency: string;
  labourRateMinorPerHour: Minor;
  boothRateMinorPerHour: Minor;
  /** Most VOC in a ready mix, g/L, by the shop's rules; null for none. */
  vocLimitGL: number | null;
  /**
   * What an agreed start is worth, minutes of opening hours: it stays where it is until the step could begin that much
   * earlier. 0 follows every gain.
   */
  keepForMin: number;
  /** Null where nobody limits loud work. */
  loudHours: LoudHours | null;
  /** Null where nobody said: then work outdoors goes by the shop's hours alone. */
  site: Site | null;
  /** Sales tax on the quote, basis points (2000 = 20 %). */
  taxBp: number;
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
