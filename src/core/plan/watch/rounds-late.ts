import { learnedFactor, type Experience } from '../../log';
import { baseOf, type JobSection } from '../../record';
import { openStretches, type Shop } from '../../shop';
import { roundsOfWork } from '../../steps';
import { addDays, localDateOf, minuteAt, type Minute } from '../../units';
import type { PlannedStep } from '../model';
import type { RoundsLate } from './model';

/**
 * Sections whose rounds of filling and blocking go on after the last day that their stop rule names, at the pace this job has
 * shown so far: what is left of them takes `own factor ÷ factor in the plan` times as long, in the shop's open hours.
 * @param experience of this job, by operation
 */
export function lateRounds(
  sections: readonly JobSection[],
  steps: readonly PlannedStep[],
  experience: ReadonlyMap<string, Experience>,
  shop: Shop,
): RoundsLate[] {
  const ruled = new Map(
    sections.flatMap((one) =>
      one.stopRule?.lastDay ? [[baseOf(one.key), one.stopRule.lastDay] as const] : [],
    ),
  );
  return [...ruled].flatMap(([section, lastDay]): RoundsLate[] => {
    const rounds = roundsOfWork(steps, section).filter((one) => one.kind === 'fill' || one.kind === 'block');
    const keys = new Set(rounds.flatMap((one) => (one.state === 'done' ? [] : one.steps)));
    const left = steps.filter((step) => keys.has(step.key) && step.state !== 'done');
    if (left.length === 0) return [];
    const end = Math.max(...left.map((step) => step.end));
    const extra = left.reduce((sum, step) => sum + slower(step, experience), 0);
    const ends = laterBy(end, extra, shop);
    const day = localDateOf(ends, shop.timeZone);
    if (day <= lastDay) return [];
    const workDays = openDaysAfter(lastDay, day, shop);
    return workDays === 0 ? [] : [{ code: 'rounds-late', section, lastDay, ends: day, workDays }];
  });
}

/** Minutes of the clock that a step takes beyond its plan at the pace of this job; one that is part done goes by its panels already. */
function slower(step: PlannedStep, experience: ReadonlyMap<string, Experience>): number {
  const own = experience.get(step.operation);
  if (!own || step.personMinutes === 0 || step.partDone !== null) return 0;
  const ratio = learnedFactor([own]).factor / step.figure.learned;
  return (step.minutes * (ratio - 1) * step.leftMin) / step.personMinutes;
}

const mostDays = 366;

/** The minute that lies so many open minutes after another; before it where they are less than none. */
function laterBy(at: Minute, minutes: number, shop: Shop): Minute {
  if (minutes <= 0) return at;
  let left = minutes;
  for (const { from, to } of openStretches(shop, localDateOf(at, shop.timeZone), mostDays)) {
    const begins = Math.max(from, at);
    if (to <= begins) continue;
    if (to - begins >= left) return begins + left;
    left -= to - begins;
  }
  return at + mostDays * 1440;
}

/** Open days after one day, up to and with another. */
function openDaysAfter(from: string, to: string, shop: Shop): number {
  const after = minuteAt(addDays(from, 1), 0, shop.timeZone);
  const days = openStretches(shop, addDays(from, 1), mostDays)
    .filter((one) => one.from >= after)
    .map((one) => localDateOf(one.from, shop.timeZone));
  return new Set(days.filter((day) => day <= to)).size;
}
