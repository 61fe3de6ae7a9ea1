/** Money is held in whole minor units (pence, cents). Rounding is half away from zero, once, at the end of a sum. */
export type Minor = number;

/** Binary fractions miss a decimal half by less than this share of the figure. */
const dust = 1e-9;

/** Rounds an exact figure to whole minor units, half away from zero; a half that binary fractions miss is still one. */
export function toMinor(exact: number): Minor {
  const size = Math.abs(exact);
  return Math.sign(exact) * Math.floor(size + 0.5 + dust * Math.max(1, size)) || 0;
}

/** Cost of a number of minutes at an hourly rate in minor units. */
export function costOfMinutes(minutes: number, rateMinorPerHour: Minor): Minor {
  return toMinor((minutes * rateMinorPerHour) / 60);
}
