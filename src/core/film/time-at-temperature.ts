import type { CoatingSheet, SheetPoint, SheetTimes } from './product';

export type WaitKey =
  | 'flashMin'
  | 'dustFreeMin'
  | 'recoatMinMin'
  | 'sandAfterMin'
  | 'handleAfterMin'
  | 'fullCureMin'
  | 'tapeAfterMin';
export type ClosingKey = 'potLifeMin' | 'recoatMaxMin';

type Times = Pick<CoatingSheet, 'sheetC' | 'minAirC' | 'maxAirC'> &
  Partial<SheetTimes> &
  Partial<Pick<CoatingSheet, 'morePoints'>>;

/** Points of a sheet that state a time, coldest first. */
function pointsOf(sheet: Times, key: keyof SheetTimes): { airC: number; minutes: number }[] {
  const all = [{ ...sheet, airC: sheet.sheetC }, ...(sheet.morePoints ?? [])] as SheetPoint[];
  return all
    .flatMap((point) => (typeof point[key] === 'number' ? [{ airC: point.airC, minutes: point[key] }] : []))
    .sort((a, b) => a.airC - b.airC);
}

export const withinLimits = (sheet: Pick<CoatingSheet, 'minAirC' | 'maxAirC'>, airC: number): boolean =>
  airC >= sheet.minAirC && airC <= sheet.maxAirC;

/**
 * A time of a sheet at an air temperature, exact minutes: log(time) is linear in °C between the sheet's points; outside
 * them it doubles for every 10 °C colder than the nearest point and halves for every 10 °C warmer.
 * @returns null where the sheet gives no such time, or the air lies outside the limits: there is no time but a stop
 */
function timeAt(sheet: Times, key: keyof SheetTimes, airC: number, stretchesInCold: boolean): number | null {
  return timeBetween(pointsOf(sheet, key), sheet, airC, stretchesInCold);
}

function timeBetween(
  points: readonly { airC: number; minutes: number }[],
  sheet: Pick<CoatingSheet, 'minAirC' | 'maxAirC'>,
  airC: number,
  stretchesInCold: boolean,
): number | null {
  const [coldest, warmest] = [points[0], points.at(-1)];
  if (!coldest || !warmest || !withinLimits(sheet, airC)) return null;
  if (airC <= coldest.airC)
    return stretchesInCold ? coldest.minutes * 2 ** ((coldest.airC - airC) / 10) : coldest.minutes;
  if (airC >= warmest.airC) return warmest.minutes * 2 ** ((warmest.airC - airC) / 10);
  const above = points.findIndex((point) => point.airC > airC);
  const [a, b] = [points[above - 1]!, points[above]!];
  const share = (airC - a.airC) / (b.airC - a.airC);
  const [low, high] = [Math.max(a.minutes, 1e-9), Math.max(b.minutes, 1e-9)];
  return Math.exp(Math.log(low) + share * (Math.log(high) - Math.log(low)));
}

const dust = 1e-9;

/** A waiting time (flash, sand-after, cure) at an air temperature, rounded up to whole minutes; null as `timeAt`. */
export function waitingAt(sheet: Times, key: WaitKey, airC: number): number | null {
  const minutes = timeAt(sheet, key, airC, true);
  return minutes === null ? null : Math.ceil(minutes - dust);
}

/**
 * A closing window (recoat max, pot life) at an air temperature, rounded down. Warmth shortens it; cold never lengthens
 * it beyond what a point of the sheet promises: 24 h stated at 20 °C only is 24 h at 12 °C and 13.8 h at 28 °C.
 * @returns null where the sheet has no such window, or the air lies outside the limits
 */
export function closingAt(sheet: Times, key: ClosingKey, airC: number): number | null {
  const minutes = timeAt(sheet, key, airC, false);
  return minutes === null ? null : Math.floor(minutes + dust);
}

/**
 * Pot life at an air temperature, whole minutes; null only where the sheet gives none. Outside the limits of application,
 * where nothing should be mixed, a pot still dies: warmer than the last point twice as fast for every 10 °C, colder
 * never later than the coldest point says.
 */
export function potLifeAt(sheet: Times, airC: number): number | null {
  const minutes = exactPotLifeAt(sheet, airC);
  return minutes === null ? null : Math.floor(minutes + dust);
}

/** The same to the second: filler lives for minutes. */
export const exactPotLifeAt = (sheet: Times, airC: number): number | null =>
  timeAt({ ...sheet, minAirC: -Infinity, maxAirC: Infinity }, 'potLifeMin', airC, false);

/**
 * How long an edge stays open to be joined, minutes: stated at the sheet's temperature; warmth shortens it as it does
 * every closing time, cold is not counted on.
 */
export const wetEdgeAt = (sheet: Pick<CoatingSheet, 'wetEdgeMin' | 'sheetC'>, airC: number): number =>
  airC <= sheet.sheetC ? sheet.wetEdgeMin : sheet.wetEdgeMin * 2 ** ((sheet.sheetC - airC) / 10);

/** A stretch of constant air; the last one given goes on for ever. */
export interface AirStretch {
  untilMin: number;
  airC: number;
}

/**
 * A wait that runs through air of several temperatures: it has passed when ∫ dt / τ(T) = 1; nothing accumulates outside
 * the product's limits.
 * @param startMin minute at which it begins   @param air stretches in order, the first begins by `startMin`
 * @returns whole minutes from the start, or null when it never passes (the last air lies outside the limits)
 */
export function waitAcross(
  sheet: Times,
  key: WaitKey,
  startMin: number,
  air: readonly AirStretch[],
): number | null {
  // Read once: a wait may cross dozens of days and nights.
  const points = pointsOf(sheet, key);
  const minutes = passedAfter(startMin, air, (airC) => timeBetween(points, sheet, airC, true));
  return minutes === null ? null : Math.ceil(minutes - 1e-6);
}

/**
 * A closing window through air of several temperatures: closed when ∫ dt / τ(T) = 1, rounded down. Outside the limits it
 * goes on closing as at the nearest of them: what nobody promised is not counted on.
 * @returns whole minutes from the start, or null where the sheet has no such window
 */
export function closesAcross(
  sheet: Times,
  key: ClosingKey,
  startMin: number,
  air: readonly AirStretch[],
): number | null {
  const inside = (airC: number) => Math.min(sheet.maxAirC, Math.max(sheet.minAirC, airC));
  const points = pointsOf(sheet, key);
  const minutes = passedAfter(startMin, air, (airC) => timeBetween(points, sheet, inside(airC), false));
  return minutes === null ? null : Math.floor(minutes + 1e-6);
}

/** Exact minutes until a time has passed that is `whole(T)` long in air of T; null = it never passes. */
function passedAfter(
  startMin: number,
  air: readonly AirStretch[],
  whole: (airC: number) => number | null,
): number | null {
  let passed = 0;
  let at = startMin;
  for (const [i, stretch] of air.entries()) {
    const isLast = i === air.length - 1;
    if (!isLast && stretch.untilMin <= at) continue;
    const minutes = whole(stretch.airC);
    if (minutes !== null) {
      const ends = at + (1 - passed) * minutes;
      if (isLast || ends <= stretch.untilMin) return ends - startMin;
      passed += (stretch.untilMin - at) / minutes;
    }
    at = Math.max(at, stretch.untilMin);
  }
  return null;
}
