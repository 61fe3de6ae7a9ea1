import type { Minute } from '../units';
import type { Calendar } from './calendar';
import { bookingsWithin, type Booking, type Partaking, type PlacedPlan } from './placed-plan';

/** Starts in [from, to) that one thing forbids, all else staying where it is. */
export type Obstacle = { from: Minute; to: Minute } & (
  | { kind: 'closed'; resource: number }
  | { kind: 'resource'; resource: number; holders: number[] }
  | { kind: 'exclusion'; other: number }
  | { kind: 'window'; link: number }
);

/**
 * Everything that forbids a start of `step` in [low, high), with its own choice of resources and all else fixed, in the
 * order in which one obstacle is named for a minute: closed, resource, exclusion, window.
 */
export function obstaclesOf(plan: PlacedPlan, step: number, low: Minute, high: Minute): Obstacle[] {
  const found: Obstacle[] = [];
  const keep = (one: Obstacle) => {
    const from = Math.max(low, one.from);
    const to = Math.min(high, one.to);
    if (to > from) found.push({ ...one, from, to });
  };
  const { minutes, holds } = plan.problem.steps[step]!;
  const taken = plan.taken[step]!;
  if (minutes > 0) {
    for (const r of new Set(taken)) closedStarts(plan, step, r, low, high, keep);
    taken.forEach((r, e) => holds[e]! < 0 && fullStarts(plan, step, r, e, low, high, keep));
  }
  const opened = new Set(Array.from(holds).filter((h) => h >= 0 && plan.problem.holds[h]!.from === step));
  for (const h of opened) fullForHold(plan, step, h, low, high, keep);
  if (minutes > 0) excludedStarts(plan, step, low, high, keep);
  for (const h of opened) excludedForHold(plan, h, low, high, keep);
  windows(plan, step, low, high, keep);
  return found;
}

type Keep = (one: Obstacle) => void;

/** First start whose step would still be running after minute `at`; steps that pause run longer. */
export function firstReaching(plan: PlacedPlan, step: number, at: Minute): Minute {
  const { kind, minutes } = plan.problem.steps[step]!;
  const hours = hoursOf(plan, step);
  return kind === 1 && hours && minutes > 0 ? hours.startForEnd(at + 1, minutes) : at - minutes + 1;
}

function hoursOf(plan: PlacedPlan, step: number): Calendar | null {
  const { choices, kind } = plan.problem.steps[step]!;
  if (kind === 2) return null;
  const taken = plan.taken[step]!;
  return choices.find((one) => one.resources.every((r, e) => r === taken[e]))?.calendar ?? null;
}

function closedStarts(
  plan: PlacedPlan,
  step: number,
  r: number,
  low: Minute,
  high: Minute,
  keep: Keep,
): void {
  const { kind, minutes, ownHours } = plan.problem.steps[step]!;
  const calendar = ownHours?.get(r) ?? plan.problem.resources[r]!.calendar;
  if (!calendar || kind === 2) return;
  const reach = kind === 0 ? minutes - 1 : 0;
  const last = high + reach;
  // Closed runs lie between the open stretches.
  let i = calendar.at(low);
  for (let closed = i > 0 ? calendar.to[i - 1]! : -Infinity; closed < last; i += 1) {
    const open = i < calendar.count ? calendar.from[i]! : Infinity;
    if (open > closed) keep({ kind: 'closed', resource: r, from: closed - reach, to: open });
    if (i >= calendar.count) break;
    closed = calendar.to[i]!;
  }
}

/** Calls `full` for every run in [from, to) in which these take more than `most`. */
function fullRuns(
  near: readonly Booking[],
  most: number,
  from: Minute,
  to: Minute,
  full: (from: Minute, to: Minute, holders: number[]) => void,
): void {
  const cuts = [...new Set(near.flatMap((one) => [Math.max(from, one.from), Math.min(to, one.to)]))];
  cuts.sort((a, b) => a - b);
  let next = 0;
  let there: Booking[] = [];
  for (let k = 0; k + 1 < cuts.length; k += 1) {
    const minute = cuts[k]!;
    there = there.filter((one) => one.to > minute);
    while (next < near.length && near[next]!.from <= minute) {
      if (near[next]!.to > minute) there.push(near[next]!);
      next += 1;
    }
    if (there.reduce((sum, one) => sum + one.amount, 0) <= most) continue;
    full(
      minute,
      cuts[k + 1]!,
      there.map((one) => one.owner),
    );
  }
}

function fullStarts(
  plan: PlacedPlan,
  step: number,
  r: number,
  entry: number,
  low: Minute,
  high: Minute,
  keep: Keep,
): void {
  const amount = plan.problem.steps[step]!.amounts[entry]!;
  if (amount === 0) return;
  const most = plan.problem.resources[r]!.capacity - amount;
  fullRuns(
    bookingsWithin(plan, r, low, plan.end[step]!).filter((one) => one.owner !== step),
    most,
    low,
    plan.end[step]!,
    (from, to, holders) =>
      keep({ kind: 'resource', resource: r, holders, from: firstReaching(plan, step, from), to }),
  );
}

function fullForHold(plan: PlacedPlan, step: number, h: number, low: Minute, high: Minute, keep: Keep): void {
  const { amount } = plan.problem.holds[h]!;
  const r = plan.holds[h]!.resource;
  if (amount === 0 || r < 0) return;
  const self = plan.problem.steps.length + h;
  const most = plan.problem.resources[r]!.capacity - amount;
  const near = bookingsWithin(plan, r, low, high).filter((one) => one.owner !== self);
  fullRuns(near, most, low, high, (_, to, holders) =>
    // An earlier opening would have to hold the place across this.
    keep({ kind: 'resource', resource: r, holders, from: low, to }),
  );
}

function excludedStarts(plan: PlacedPlan, step: number, low: Minute, high: Minute, keep: Keep): void {
  for (const other of excluding(plan, step, low, plan.end[step]!))
    if (!isOwnHold(plan, step, other.owner))
      keep({
        kind: 'exclusion',
        other: other.owner,
        from: firstReaching(plan, step, other.from),
        to: other.to,
      });
}

function excludedForHold(plan: PlacedPlan, h: number, low: Minute, high: Minute, keep: Keep): void {
  const self = plan.problem.steps.length + h;
  for (const other of excluding(plan, self, low, high))
    if (!isOwnHold(plan, other.owner, self))
      keep({ kind: 'exclusion', other: other.owner, from: low, to: other.to });
}

/** What stands on the other side of an exclusion of this owner within [from, to). */
function excluding(plan: PlacedPlan, owner: number, from: Minute, to: Minute): Partaking[] {
  return (plan.takesPart.get(owner) ?? []).flatMap(({ exclusion, side }) =>
    plan.exclusive[exclusion]!.filter(
      (one) => one.side !== side && one.owner !== owner && one.from < to && one.to > from,
    ),
  );
}

const isOwnHold = ({ problem }: PlacedPlan, step: number, owner: number): boolean =>
  owner >= problem.steps.length &&
  step < problem.steps.length &&
  problem.steps[step]!.holds.includes(owner - problem.steps.length);

/** Starts so early that a later step would come after its window has closed. */
function windows(plan: PlacedPlan, step: number, low: Minute, high: Minute, keep: Keep): void {
  for (const arc of plan.problem.steps[step]!.into) {
    if (!arc.closing || arc.from === step) continue;
    // Starts ≥ start(to) − max stand between starts; between end and start the end has to reach it.
    const reach = plan.start[arc.from]! + arc.lag;
    const to = arc.toEnd ? firstReaching(plan, step, reach - 1) : reach;
    keep({ kind: 'window', link: arc.link, from: low, to: Math.min(high, to) });
  }
}
