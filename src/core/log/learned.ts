/** One job's experience with an operation: actual over planned minutes, the plan without any learned factor. */
export interface Experience {
  actualMin: number;
  plannedMin: number;
  /** Days on which it was worked; a day counts once, however often somebody pressed a button. */
  days: number;
}

export interface Learned {
  /** Multiplies the rate's part of the minutes. */
  factor: number;
  /** Job-days it rests on. */
  days: number;
  /** Variance of its logarithm that is left. */
  variance: number;
}

/** Spread of one job-day, and of operations among shops, as standard deviations of the logarithm (docs/method.md, Labour). */
export const sigma = 0.4;
export const tau = 0.35;

/**
 * A shop's own factor of an operation: the mean of ln(actual / planned) over job-days, shrunk to 0 by κ = σ²/τ²:
 * `factor = exp(n·mean/(n+κ))`, variance `τ²σ²/(σ²+nτ²)`. Without experience the factor is 1.
 * A job's ratio counts for each of its days.
 */
export function learnedFactor(experience: readonly Experience[]): Learned {
  const known = experience.filter((one) => one.actualMin > 0 && one.plannedMin > 0 && one.days > 0);
  const days = known.reduce((sum, one) => sum + one.days, 0);
  const total = known.reduce((sum, one) => sum + one.days * Math.log(one.actualMin / one.plannedMin), 0);
  const kappa = sigma ** 2 / tau ** 2;
  return {
    factor: Math.exp(total / (days + kappa)),
    days,
    variance: (tau ** 2 * sigma ** 2) / (sigma ** 2 + days * tau ** 2),
  };
}
