import type { Minute } from '../units';
import type { Bookings } from './bookings';
import type { Compiled } from './compiled';

/** What empties a room may wait this long before others wait for it instead, minutes. */
const idleMin = 60;

/**
 * Emptying a room goes before work that can pause: where the step that ends a hold waits for hands although it could be
 * done, work that may pause and takes these hands begins after it. @returns starts to put off, by step; none where no room waits
 */
export function startsToPutOff(compiled: Compiled, b: Bookings): Map<number, Minute> {
  const found = new Map<number, Minute>();
  for (const { to, from } of compiled.holds) {
    const step = compiled.steps[to]!;
    if (to === from || step.kind !== 0 || step.minutes === 0 || !b.placed[to]) continue;
    const ready = readyAt(compiled, b, to);
    const soonest = step.choices.reduce((least, { calendar }) => {
      const at = calendar ? calendar.roomFrom(ready, step.minutes) : ready;
      return Math.min(least, at);
    }, Infinity);
    if (b.start[to]! - soonest < idleMin) continue;
    const hands = new Set(step.choices.flatMap(({ resources }) => [...resources]));
    compiled.steps.forEach(({ kind }, i) => {
      if (kind !== 1 || !b.placed[i] || b.choice[i]! < 0 || compiled.pinned.has(i)) return;
      const begins = b.start[i]!;
      const takes = compiled.steps[i]!.choices[b.choice[i]!]!.resources.some((one) => hands.has(one));
      if (takes && begins >= soonest && begins < b.start[to]!)
        found.set(i, Math.max(found.get(i) ?? -Infinity, soonest + step.minutes));
    });
  }
  return found;
}

/** From when a placed step could have been done, by what comes before it. */
function readyAt({ steps, earliest }: Compiled, b: Bookings, step: number): Minute {
  let ready = earliest[step]!;
  for (const arc of steps[step]!.into)
    if (b.placed[arc.from] && !arc.closing && arc.lag >= 0 && !arc.toEnd)
      ready = Math.max(ready, (arc.fromEnd ? b.end : b.start)[arc.from]! + arc.lag);
  return ready;
}
