import type { Minute } from '../units';
import type { Bookings } from './bookings';

/** What links to placed steps leave for a step: no start before, no end before, no start after, no end after. */
export interface Bounds {
  low: Minute;
  lowEnd: Minute;
  high: Minute;
  highEnd: Minute;
}

/** Where a search for room ended. */
export interface Room {
  start: Minute;
  end: Minute;
  choice: number;
  /** The hold that cannot be kept on until the step would end, and until when its place is taken; −1 for none. */
  blockedHold: number;
  blockedUntil: Minute;
}

/** Reads the bounds that links to placed steps leave for `step`. */
export function boundsOf(b: Bookings, step: number, low: Minute, out: Bounds): void {
  const { into, out: outward } = b.problem.steps[step]!;
  const { placed, start, end } = b;
  out.low = low;
  out.lowEnd = -Infinity;
  out.high = b.problem.latest[step]!;
  out.highEnd = Infinity;
  for (let k = 0; k < into.length; k += 1) {
    const arc = into[k]!;
    if (!placed[arc.from]) continue;
    const reach = (arc.fromEnd ? end : start)[arc.from]! + arc.lag;
    if (arc.toEnd) {
      if (reach > out.lowEnd) out.lowEnd = reach;
    } else if (reach > out.low) out.low = reach;
  }
  for (let k = 0; k < outward.length; k += 1) {
    const arc = outward[k]!;
    if (!placed[arc.to]) continue;
    const reach = (arc.toEnd ? end : start)[arc.to]! - arc.lag;
    if (arc.fromEnd) {
      if (reach < out.highEnd) out.highEnd = reach;
    } else if (reach < out.high) out.high = reach;
  }
}

/**
 * Earliest room for `step` with one of its choices at or after `from`, by hours, demand, exclusions and holds; what it
 * finds is written to `room` when it ends before what is there already. Upper bounds are the caller's to judge.
 * @param notBefore for each hold and resource the first minute it may be opened there
 */
export function findRoom(
  b: Bookings,
  step: number,
  choice: number,
  bounds: Bounds,
  notBefore: (hold: number, resource: number) => Minute,
  room: Room,
): void {
  const { kind, minutes, amounts, choices, holds } = b.problem.steps[step]!;
  const { resources, calendar, sides } = choices[choice]!;
  const { profiles, holdStart, holdResource } = b;
  const entries = resources.length;
  const timed = minutes > 0;
  const hours = kind === 2 || !timed ? null : calendar;
  let at = bounds.low;
  if (!(kind === 1 && hours) && bounds.lowEnd - minutes > at) at = bounds.lowEnd - minutes;
  else if (hours && bounds.lowEnd > -Infinity) at = Math.max(at, hours.startForEnd(bounds.lowEnd, minutes));
  for (;;) {
    let start = at;
    let end = at + minutes;
    if (hours) {
      start = kind === 0 ? hours.roomFrom(at, minutes) : hours.openFrom(at);
      if (start === Infinity) return;
      end = kind === 0 ? start + minutes : hours.endOf(start, minutes);
    }
    if (end > room.end || end === Infinity || (end === room.end && start >= room.start)) return;
    let next = -1;
    for (let e = 0; e < entries && next < 0; e += 1) {
      const r = resources[e]!;
      const h = holds[e]!;
      if (h < 0) {
        if (timed && amounts[e]! > 0)
          next = profiles[r]!.blockedUntil(start, end, b.problem.resources[r]!.capacity - amounts[e]!);
        continue;
      }
      if (holdResource[h]! >= 0 && holdResource[h] !== r) return;
      const opened = !Number.isNaN(holdStart[h]!);
      if (!opened && b.problem.holds[h]!.from !== step) continue;
      const from = opened ? b.holdEnd[h]! : start;
      const to = opened ? end : Math.max(end, b.openingEnd(h, start));
      if (!opened && notBefore(h, r) > start) next = notBefore(h, r);
      else if (to > from) {
        next = holdBlock(b, h, r, from, to);
        if (next >= 0 && opened) {
          // The hold cannot be kept on that long; a later start would only need more of it.
          if (room.blockedHold < 0 || next < room.blockedUntil) {
            room.blockedHold = h;
            room.blockedUntil = next;
          }
          return;
        }
      }
    }
    if (next < 0 && timed && sides.length > 0) {
      const clash = b.overlaps.clash(sides, step, start, end);
      if (clash) next = clash.to;
    }
    if (next < 0) {
      room.start = start;
      room.end = end;
      room.choice = choice;
      return;
    }
    if (next === Infinity) return;
    at = Math.max(next, start);
    if (next <= start) at = start + 1;
  }
}

/** End of what stands in the way of holding `resource` over [from, to), or −1. */
function holdBlock(b: Bookings, h: number, resource: number, from: Minute, to: Minute): Minute {
  const { amount, sidesBy } = b.problem.holds[h]!;
  const most = b.problem.resources[resource]!.capacity - amount;
  const blocked = amount > 0 ? b.profiles[resource]!.blockedUntil(from, to, most) : -1;
  if (blocked >= 0) return blocked;
  const sides = sidesBy.get(resource);
  const clash = sides ? b.overlaps.clash(sides, b.problem.steps.length + h, from, to) : null;
  return clash ? clash.to : -1;
}
