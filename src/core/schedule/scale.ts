import type { ScheduleModel } from './model';

/**
 * Largest number of minutes that divides every time of a problem. Starts on its multiples are enough for a best plan:
 * every bound between two starts is then a multiple too, and so is the least solution of any set of them.
 */
export function commonMinutes(model: ScheduleModel): number {
  let common = 0;
  const take = (minutes: number | null) => {
    let [a, b] = [common, Math.abs(minutes ?? 0)];
    while (b > 0) [a, b] = [b, a % b];
    common = a;
  };
  take(model.now);
  for (const one of model.calendars) {
    take(one.repeatMinutes);
    for (const pair of [...one.open, ...one.closed]) pair.forEach(take);
  }
  for (const one of model.jobs) [one.release, one.due].forEach(take);
  for (const one of model.steps) take(one.minutes);
  for (const one of model.links) [one.min, one.max].forEach(take);
  for (const one of model.pinned) take(one.start);
  for (const one of model.done) [one.start, one.end].forEach(take);
  for (const one of model.running) [one.start, one.remaining].forEach(take);
  return Math.max(1, common);
}

/** The same problem in units of `minutes`, which must divide every time of it. */
export function inUnitsOf(model: ScheduleModel, minutes: number): ScheduleModel {
  if (minutes === 1) return model;
  const part = (time: number) => time / minutes;
  const partOrNull = (time: number | null) => (time === null ? null : time / minutes);
  const parts = (pairs: readonly (readonly [number, number])[]) =>
    pairs.map(([from, to]) => [part(from), part(to)] as const);
  return {
    ...model,
    now: part(model.now),
    calendars: model.calendars.map((one) => ({
      ...one,
      repeatMinutes: partOrNull(one.repeatMinutes),
      open: parts(one.open),
      closed: parts(one.closed),
    })),
    jobs: model.jobs.map((one) => ({ ...one, release: part(one.release), due: partOrNull(one.due) })),
    steps: model.steps.map((one) => ({ ...one, minutes: part(one.minutes) })),
    links: model.links.map((one) => ({ ...one, min: partOrNull(one.min), max: partOrNull(one.max) })),
    pinned: model.pinned.map((one) => ({ ...one, start: part(one.start) })),
    done: model.done.map((one) => ({ ...one, start: part(one.start), end: part(one.end) })),
    running: model.running.map((one) => ({ ...one, start: part(one.start), remaining: part(one.remaining) })),
  };
}
