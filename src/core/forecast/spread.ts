/** One value in the middle, one that eight cases of ten keep, one that nineteen of twenty keep. */
export interface Spread {
  p50: number;
  p80: number;
  p95: number;
}

/** Smallest drawn value that at least a share of the draws does not pass (nearest rank). @param sorted ascending, not empty */
export const rankOf = (sorted: ArrayLike<number>, share: number): number =>
  sorted[Math.max(0, Math.ceil(share * sorted.length) - 1)]!;

export function spreadOf(values: ArrayLike<number>): Spread {
  const sorted = Float64Array.from(values).sort();
  return { p50: rankOf(sorted, 0.5), p80: rankOf(sorted, 0.8), p95: rankOf(sorted, 0.95) };
}

/** Ranks from 1, equal values sharing the middle of theirs. */
export function ranks(values: ArrayLike<number>): Float64Array {
  const order = Array.from({ length: values.length }, (_, i) => i).sort((a, b) => values[a]! - values[b]!);
  const ranked = new Float64Array(values.length);
  for (let i = 0; i < order.length;) {
    let last = i;
    while (last + 1 < order.length && values[order[last + 1]!] === values[order[i]!]) last += 1;
    for (let k = i; k <= last; k += 1) ranked[order[k]!] = (i + last) / 2 + 1;
    i = last + 1;
  }
  return ranked;
}

/**
 * Rank correlation of two lists of ranks by Pearson's formula, which is Spearman's ρ; 0 where one of them does not vary.
 */
export function correlation(a: ArrayLike<number>, b: ArrayLike<number>): number {
  const n = a.length;
  const middle = (n + 1) / 2;
  let [both, left, right] = [0, 0, 0];
  for (let i = 0; i < n; i += 1) {
    const [x, y] = [a[i]! - middle, b[i]! - middle];
    both += x * y;
    left += x * x;
    right += y * y;
  }
  return left > 0 && right > 0 ? both / Math.sqrt(left * right) : 0;
}
