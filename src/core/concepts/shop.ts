import Joi from 'joi';
import { placeKinds, skills, zones, type Skill } from '../shop/shop-words';
import type { TypedFigure } from '../figures';
import * as atom from './atoms';
import { offerTermsSchema, usualTerms, type OfferTerms } from './offer-terms';
import {
  document,
  figure,
  flag,
  id,
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
import { typedFigures } from './typed-figures';

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

/** Levels from which colours wait for an accepted sample. */
export const approvalLevels = ['Work', 'Road', 'Show', 'Mirror', 'never'] as const;

/** The one shop of this copy. */
export const shopFields = {
  name: text(60, 1),
  timeZone: { ...text(60, 1), joi: atom.timeZone() },
  /** ISO 4217 code. */
  currency: wordBy(atom.currency()),
  labourRateMinorPerHour: moneyMinor(),
  boothRateMinorPerHour: moneyMinor(),
  /** Sales tax on the quote, basis points (2000 = 20 %). */
  taxBp: whole(0, 10_000),
  /** Most VOC in a ready mix, g/L, by the shop's rules; null for none. */
  vocLimitGL: since(null, nullable(figure(1, 2000))),
  /**
   * What an agreed start is worth, minutes of opening hours: it stays where it is until the step could begin that much
   * earlier. 0 follows every gain.
   */
  keepForMin: since(240, whole(0, 14_400)),
  /** Null where nobody limits loud work. */
  loudHours: since(null, nullable(document<LoudHours>(atom.loudHours()))),
  /** Null where nobody said: then work outdoors goes by the shop's hours alone. */
  site: since(null, nullable(document<Site>(atom.site()))),
  /** Lowest level whose colours wait for an accepted sample. */
  approvalFrom: since('Road', word(approvalLevels)),
  /** Shorter side of a sample that may be accepted, mm. */
  sampleSideMm: since(300, whole(20, 3000)),
  /** What stands on every quote, and how it is paid. */
  offerTerms: since(usualTerms, document<OfferTerms>(offerTermsSchema())),
  /** What stands below its name at the head of its paper: address, telephone, number of the register. */
  letterhead: since([], document<string[]>(Joi.array().items(atom.line(80).min(1)).max(6))),
  /** Its mark, by the SHA-256 of the picture; empty where it has none. */
  markSha256: since('', id(atom.sha256().allow(''))),
  /** Figures of the shop and its products in place of the trade's. */
  figures: since([], document<TypedFigure[]>(typedFigures(['shop', 'product', 'painter']))),
};
export type ShopFigures = TypeOf<typeof shopFields>;

/** Opening hours of one weekday by the wall clock, minutes of the day; ISO weekday, 1 Monday … 7 Sunday. */
export const shiftFields = {
  weekday: whole(1, 7),
  startMin: whole(0, 1439),
  endMin: whole(1, 1440),
};
export type Shift = TypeOf<typeof shiftFields>;

export const closureFields = { date: localDate(), reason: text(80) };
export type Closure = TypeOf<typeof closureFields>;

/** Days away; the last one is away too. */
export const dayOffFields = { from: localDate(), to: localDate(), reason: text(80) };
export type DaysOff = TypeOf<typeof dayOffFields>;

export const personFields = {
  name: text(60, 1),
  /** What a person is trusted with; a step asks for one of these. */
  skills: document<Skill[]>(Joi.array().items(atom.oneOf(skills)).unique()),
  /** Speed against the shop's rates, from experience with this person; 1 = as the rates say, 1.25 a quarter faster. */
  pace: since(1, figure(0.2, 5)),
  /** Hours of one's own by weekday, for part-time; null works when the shop does. The shop's hours bind in either case. */
  hours: since(null, nullable(document<Shift[]>(atom.ownHours()))),
};
export type PersonRecord = TypeOf<typeof personFields>;

/** A while in which a place cannot be used, by the wall clock: cleaning, filters, repair. */
export interface PlaceClosure {
  from: string;
  fromMin: number;
  to: string;
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
  date: string;
}

export const placeFields = {
  name: text(60, 1),
  kind: word(placeKinds),
  lengthM: figure(0.5, 100),
  widthM: figure(0.5, 100),
  heightM: figure(0.5, 30),
  /** Air temperature during work, °C; windows are reckoned at it. */
  airC: figure(-20, 50),
  /** By month from January, in place of `airC`; null for a place that is kept at one temperature. */
  profile: since(null, nullable(document<MonthAir[]>(atom.climateProfile()))),
  /** Days that are known better than the month; they stand before both. */
  forecast: since([], document<DayAir[]>(atom.forecast())),
  /** What the room is kept for; null where nobody decided. */
  zone: since(null, nullable(word(zones))),
  /** Ids of places whose air it shares: a door that stands open, one hall. */
  airWith: since([], document<string[]>(Joi.array().items(atom.key()).max(40).unique())),
  /** Under the open sky: worked in by daylight only, where the shop says where it stands. */
  outdoors: since(false, flag()),
  closed: since([], document<PlaceClosure[]>(atom.placeClosures())),
  /** First and last day of a place that is rented or borrowed; null for the shop's own. */
  rented: since(null, nullable(document<{ from: string; to: string }>(atom.dayRange()))),
};
export type PlaceRecord = TypeOf<typeof placeFields>;
