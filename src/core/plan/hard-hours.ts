import type { Stretch } from '../schedule';
import { localDateOf, type LocalDate } from '../units';

/**
 * The hours of a day that somebody gives to hard work: so many minutes from the beginning of that day's hours, or up to their
 * end. Two people who take turns are at it in the morning and in the afternoon.
 * @param open one person's hours, sorted
 */
export function hardHours(
  open: readonly Stretch[],
  limitMin: number,
  turn: 'first' | 'last',
  timeZone: string,
): Stretch[] {
  const days = new Map<LocalDate, Stretch[]>();
  for (const one of open) {
    const date = localDateOf(one.from, timeZone);
    days.set(date, [...(days.get(date) ?? []), one]);
  }
  return [...days.values()].flatMap((own) => {
    let left = limitMin;
    const kept = (turn === 'first' ? own : [...own].reverse()).flatMap(({ from, to }): Stretch[] => {
      const minutes = Math.min(left, to - from);
      left -= minutes;
      if (minutes === 0) return [];
      return turn === 'first' ? [{ from, to: from + minutes }] : [{ from: to - minutes, to }];
    });
    return turn === 'first' ? kept : kept.reverse();
  });
}
