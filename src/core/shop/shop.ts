import type { LocalDate, Minor } from '../units';

export const skills = ['prep', 'metal', 'paint', 'polish', 'trim'] as const;
/** What a person is trusted with; a step asks for one of these. */
export type Skill = (typeof skills)[number];

export const placeKinds = ['booth', 'bay', 'wash', 'bench', 'yard'] as const;
export type PlaceKind = (typeof placeKinds)[number];

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
  daysOff: DaysOff[];
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

export interface Shop {
  name: string;
  timeZone: string;
  /** ISO 4217 code. */
  currency: string;
  labourRateMinorPerHour: Minor;
  boothRateMinorPerHour: Minor;
  /** Sales tax on the quote, basis points (2000 = 20 %). */
  taxBp: number;
  shifts: Shift[];
  closures: Closure[];
  people: Person[];
  places: Place[];
  /** The shop's own rates by operation code, replacing the catalogue's. */
  rates: Record<string, number>;
}
