import type { CoatingSheet } from './product';

/**
 * Stretch of a drying time away from the sheet's temperature: a factor 2 per 10 °C.
 * Only inside the product's application limits; outside them there is no time but a stop.
 * @returns factor > 0, or null outside the limits
 */
export function dryingFactor(
  sheet: Pick<CoatingSheet, 'sheetC' | 'minAirC' | 'maxAirC'>,
  airC: number,
): number | null {
  if (airC < sheet.minAirC || airC > sheet.maxAirC) return null;
  return 2 ** ((sheet.sheetC - airC) / 10);
}

/** A waiting time (flash, sand-after) at another temperature, rounded up to whole minutes. */
export const waitingMin = (sheetMin: number, factor: number): number => Math.ceil(sheetMin * factor);

/**
 * A closing window (recoat max, pot life) at another temperature. Warmth shortens it; cold never lengthens it,
 * because no sheet promised that: 24 h at 20 °C stays 24 h at 12 °C and is 13.8 h at 28 °C.
 */
export const closingMin = (sheetMin: number, factor: number): number =>
  Math.floor(sheetMin * Math.min(1, factor));

/**
 * Dew point in °C by the Magnus formula (17.62, 243.12).
 * @param airC air temperature   @param humidity relative humidity, 0 < % ≤ 100
 */
export function dewPointC(airC: number, humidity: number): number {
  const term = Math.log(humidity / 100) + (17.62 * airC) / (243.12 + airC);
  return (243.12 * term) / (17.62 - term);
}
