import type { LogEntry } from '../record';
import { localDateOf, type Minute } from '../units';
import { stepLogs, worked, type Sitting } from './sittings';

/** Hours of one kind: person-minutes of first work, and of work done again. */
export interface TimeSum {
  firstMin: number;
  redoMin: number;
}

export interface TimeSums {
  all: TimeSum;
  byPhase: Map<string, TimeSum>;
  /** By month, `2026-12`. */
  byMonth: Map<string, TimeSum>;
  byPerson: Map<string, TimeSum>;
  /** Work done again by its cause. */
  byCause: Map<string, number>;
}

export const sittingsOf = (log: readonly LogEntry[]): Sitting[] =>
  [...stepLogs(log).values()].flatMap((own) => own.sittings).sort((a, b) => a.from - b.from);

/**
 * Running totals of the time log: by phase, month and person, with rework apart. A sitting that lasts is counted up to
 * now; one over midnight belongs to the month it began in.
 * @param phaseOf phase of a step by its key   @param older work that was recorded in one sum, before there was a log
 */
export function timeSums(
  log: readonly LogEntry[],
  phaseOf: (step: string) => string,
  now: Minute,
  timeZone: string,
  older: readonly { step: string; start: Minute; personMinutes: number }[] = [],
): TimeSums {
  const sums: TimeSums = {
    all: { firstMin: 0, redoMin: 0 },
    byPhase: new Map(),
    byMonth: new Map(),
    byPerson: new Map(),
    byCause: new Map(),
  };
  for (const { step, start, personMinutes } of older) {
    sums.all.firstMin += personMinutes;
    entryOf(sums.byPhase, phaseOf(step)).firstMin += personMinutes;
    entryOf(sums.byMonth, localDateOf(start, timeZone).slice(0, 7)).firstMin += personMinutes;
  }
  for (const sitting of sittingsOf(log)) {
    const minutes = worked(sitting, now);
    const add = (sum: TimeSum, share: number) => {
      if (sitting.redo === '') sum.firstMin += share;
      else sum.redoMin += share;
    };
    add(sums.all, minutes);
    add(entryOf(sums.byPhase, phaseOf(sitting.step)), minutes);
    add(entryOf(sums.byMonth, localDateOf(sitting.from, timeZone).slice(0, 7)), minutes);
    for (const person of sitting.people) add(entryOf(sums.byPerson, person), minutes / sitting.people.length);
    if (sitting.redo !== '') sums.byCause.set(sitting.redo, (sums.byCause.get(sitting.redo) ?? 0) + minutes);
  }
  return sums;
}

function entryOf(map: Map<string, TimeSum>, key: string): TimeSum {
  const own = map.get(key) ?? { firstMin: 0, redoMin: 0 };
  map.set(key, own);
  return own;
}
