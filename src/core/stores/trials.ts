import type { ConsumableTrial } from '../record';
import type { Minor } from '../units';

export interface TrialResult extends ConsumableTrial {
  minutesPerM2: number;
  unitsPerM2: number;
  goodsMinorPerM2: number;
  /** Goods and the person's time at the shop's rate. */
  wholeMinorPerM2: number;
  /** Cheapest of its purpose. */
  best: boolean;
}

/** Real cost of a square metre with each consumable, dear against cheap, grouped by what it was tried for. */
export function trialResults(trials: readonly ConsumableTrial[], rateMinorPerHour: Minor): TrialResult[] {
  const results = trials
    .filter((trial) => trial.areaM2 > 0)
    .map((trial) => {
      const goodsMinorPerM2 = (trial.priceMinorEach * trial.used) / trial.areaM2;
      const minutesPerM2 = trial.minutes / trial.areaM2;
      return {
        ...trial,
        minutesPerM2,
        unitsPerM2: trial.used / trial.areaM2,
        goodsMinorPerM2,
        wholeMinorPerM2: goodsMinorPerM2 + (minutesPerM2 / 60) * rateMinorPerHour,
        best: false,
      };
    })
    .sort((a, b) => a.purpose.localeCompare(b.purpose) || a.wholeMinorPerM2 - b.wholeMinorPerM2);
  const seen = new Set<string>();
  return results.map((result) => {
    const best = !seen.has(result.purpose);
    seen.add(result.purpose);
    return { ...result, best };
  });
}
