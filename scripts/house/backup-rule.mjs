// Which backups stay: all of the last day, then one a day for a week, one a week for a month, one a month for half a year.

const dayMs = 86_400_000;
const rule = [
  { eachMs: 0, forMs: dayMs },
  { eachMs: dayMs, forMs: 7 * dayMs },
  { eachMs: 7 * dayMs, forMs: 35 * dayMs },
  { eachMs: 30 * dayMs, forMs: 190 * dayMs },
];

/**
 * Backups to keep, counted back from the newest of them: a clock that was put back drops none.
 * @param all `{ atMs }`, in any order
 */
export function keptOf(all) {
  const sorted = [...all].sort((a, b) => b.atMs - a.atMs);
  const [newest] = sorted;
  if (!newest) return [];
  const kept = new Set();
  for (const { eachMs, forMs } of rule) {
    const seen = new Set();
    for (const one of sorted) {
      const age = newest.atMs - one.atMs;
      if (age > forMs) break;
      const slot = eachMs === 0 ? age : Math.floor(age / eachMs);
      if (seen.has(slot)) continue;
      seen.add(slot);
      kept.add(one);
    }
  }
  return sorted.filter((one) => kept.has(one));
}
