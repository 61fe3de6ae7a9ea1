/** Spread of one person's estimate of one operation: the log of actual over planned, before the shop has learned. */
const sigma = 0.4;
/** Quantile of the normal for one chance in ten on either side. */
const z90 = 1.2816;

export interface HoursRange {
  lowMin: number;
  likelyMin: number;
  highMin: number;
}

/**
 * Low, likely and high of some steps: each varies by itself as a log-normal with median at its figure and σ 0.4; their
 * sum is taken as normal, low and high leave one chance in ten outside on either side. A single step keeps its own
 * log-normal range. Steps that are done count as they were logged, without a spread.
 */
export function hoursRange(steps: readonly { minutes: number; done: boolean }[]): HoursRange {
  const sum = (pick: (minutes: number) => number, done: boolean) =>
    steps.filter((step) => step.done === done).reduce((total, step) => total + pick(step.minutes), 0);
  const fixed = sum((minutes) => minutes, true);
  const ahead = steps.filter((step) => !step.done && step.minutes > 0);
  const likelyMin = fixed + sum((minutes) => minutes, false);
  if (ahead.length === 0) return { lowMin: likelyMin, likelyMin, highMin: likelyMin };
  if (ahead.length === 1) {
    const { minutes } = ahead[0]!;
    return {
      lowMin: fixed + minutes * Math.exp(-z90 * sigma),
      likelyMin,
      highMin: fixed + minutes * Math.exp(z90 * sigma),
    };
  }
  const mean = Math.exp(sigma ** 2 / 2);
  const variance = (Math.exp(sigma ** 2) - 1) * Math.exp(sigma ** 2);
  const expected = ahead.reduce((total, step) => total + step.minutes * mean, 0);
  const spread = Math.sqrt(ahead.reduce((total, step) => total + step.minutes ** 2 * variance, 0));
  return {
    lowMin: fixed + Math.max(0, expected - z90 * spread),
    likelyMin,
    highMin: fixed + expected + z90 * spread,
  };
}
