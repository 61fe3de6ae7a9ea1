/** Money is held in whole minor units (pence, cents). Rounding is half away from zero, once, at the end of a sum. */
export type Minor = number;

/** Rounds an exact figure to whole minor units, half away from zero. */
export function toMinor(exact: number): Minor {
  return Math.sign(exact) * Math.round(Math.abs(exact)) || 0;
}

/** Cost of a number of minutes at an hourly rate in minor units. */
export function costOfMinutes(minutes: number, rateMinorPerHour: Minor): Minor {
  return toMinor((minutes / 60) * rateMinorPerHour);
}
