import type { Minute } from '../units';
import type { ScheduleModel } from './model';

/** Most stretches of a repeating calendar that are laid out. */
const mostRepeated = 1_000_000;

/** How far calendars are laid out: from the first fact to where a plan of this size should long have ended. */
export function spanOf(model: ScheduleModel, stretch: number | 'proof'): { lo: Minute; hi: Minute } {
  const starts = [model.now];
  const firm = [model.now];
  for (const one of [...model.done, ...model.running]) starts.push(one.start);
  for (const one of model.done) firm.push(one.end);
  for (const one of model.pinned) firm.push(one.start);
  for (const one of model.jobs) firm.push(one.release);
  for (const one of model.calendars) {
    for (const [, to] of one.closed) firm.push(to);
    if (one.repeatMinutes === null) for (const [, to] of one.open) firm.push(to);
  }
  const lo = most(starts.map((one) => -one)) * -1 - 1;
  const work = model.steps.reduce((sum, step) => sum + step.minutes, 0);
  const waits = model.links.reduce((sum, link) => sum + (link.min ?? 0), 0);
  const running = model.running.reduce((sum, one) => sum + one.remaining, 0);
  const slow = most(model.calendars.map(slowness), 1);
  const period = most(
    model.calendars.map((one) => one.repeatMinutes ?? 0),
    0,
  );
  const usual = (work + running) * slow + waits + 4 * period + model.steps.length * 60;
  // If there is a plan at all there is one in which no step waits longer than a whole repeat: past all that is firm the
  // hours repeat, so a plan that begins later can be moved forward by whole repeats.
  const enough = usual + model.steps.length * period;
  const kept = model.calendars.map((one) =>
    one.repeatMinutes === null || one.open.length === 0
      ? Infinity
      : one.repeatMinutes * Math.floor(mostRepeated / one.open.length),
  );
  const hi = Math.min(
    most(firm) + Math.ceil(stretch === 'proof' ? enough : usual * stretch) + 1,
    lo -
      most(
        kept.map((one) => -one),
        -Infinity,
      ),
  );
  return { lo, hi: Math.min(hi, Number.MAX_SAFE_INTEGER) };
}

/** Elapsed minutes per open minute of a repeating calendar, at most a year for an hour. */
function slowness({ repeatMinutes, open }: ScheduleModel['calendars'][number]): number {
  if (repeatMinutes === null) return 1;
  const minutes = open.reduce((sum, [from, to]) => sum + to - from, 0);
  return minutes === 0 ? 1 : Math.min(8760, Math.max(1, repeatMinutes / minutes));
}

const most = (figures: readonly number[], least = -Infinity): number =>
  figures.reduce((a, b) => Math.max(a, b), least);
