import type { Minute } from '../units';

/** A half-open run of minutes [from, to). */
export interface Stretch {
  from: Minute;
  to: Minute;
}

/** Sorts, drops empty ones and joins stretches that touch or overlap. */
export function joinStretches(stretches: readonly Stretch[]): Stretch[] {
  const sorted = stretches.filter((one) => one.to > one.from).sort((a, b) => a.from - b.from || a.to - b.to);
  const joined: Stretch[] = [];
  for (const one of sorted) {
    const last = joined.at(-1);
    if (last && one.from <= last.to) last.to = Math.max(last.to, one.to);
    else joined.push({ ...one });
  }
  return joined;
}

/** The minutes that lie in both lists; each list sorted and joined. */
export function intersectStretches(a: readonly Stretch[], b: readonly Stretch[]): Stretch[] {
  const both: Stretch[] = [];
  let i = 0;
  let j = 0;
  while (i < a.length && j < b.length) {
    const left = a[i]!;
    const right = b[j]!;
    const from = Math.max(left.from, right.from);
    const to = Math.min(left.to, right.to);
    if (to > from) both.push({ from, to });
    if (left.to < right.to) i += 1;
    else j += 1;
  }
  return both;
}

/** The minutes of `a` that are not in `b`; each list sorted and joined. */
export function subtractStretches(a: readonly Stretch[], b: readonly Stretch[]): Stretch[] {
  const left: Stretch[] = [];
  let j = 0;
  for (const one of a) {
    let from = one.from;
    while (j > 0 && b[j - 1]!.to > one.from) j -= 1;
    for (; j < b.length && b[j]!.from < one.to; j += 1) {
      if (b[j]!.from > from) left.push({ from, to: b[j]!.from });
      from = Math.max(from, b[j]!.to);
    }
    if (from < one.to) left.push({ from, to: one.to });
  }
  return left;
}

/** Index of the first stretch that ends after `minute`, by bisection. */
export function firstEndingAfter(stretches: readonly Stretch[], minute: Minute): number {
  let low = 0;
  let high = stretches.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (stretches[middle]!.to > minute) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Minutes of [from, to) that lie in the stretches. */
export function minutesWithin(stretches: readonly Stretch[], from: Minute, to: Minute): number {
  let sum = 0;
  for (let i = firstEndingAfter(stretches, from); i < stretches.length && stretches[i]!.from < to; i += 1)
    sum += Math.min(stretches[i]!.to, to) - Math.max(stretches[i]!.from, from);
  return sum;
}
