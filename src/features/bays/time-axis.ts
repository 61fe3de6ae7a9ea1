export interface DayColumn {
  from: number;
  to: number;
  /** The shop's opening hours of the day, or null when closed. */
  open: { from: number; to: number } | null;
}

/** Share of a day's width that lies before and after the opening hours: nights are pressed together. */
const nightShare = 0.06;

/**
 * Days from the left in equal columns, working hours spread over nearly all of each; a minute of the night falls on
 * the narrow margin. @returns columns from the left edge, 0..days.length
 */
export function columnOf(days: readonly DayColumn[], minute: number): number {
  const first = days[0];
  if (!first || minute <= first.from) return 0;
  let low = 0;
  let high = days.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (days[middle]!.from <= minute) low = middle;
    else high = middle - 1;
  }
  const day = days[low]!;
  if (minute >= day.to) return days.length;
  if (!day.open) return low + (minute - day.from) / (day.to - day.from);
  const { from, to } = day.open;
  if (minute < from) return low + (nightShare * (minute - day.from)) / Math.max(1, from - day.from);
  if (minute >= to) return low + 1 - nightShare + (nightShare * (minute - to)) / Math.max(1, day.to - to);
  return low + nightShare + ((1 - 2 * nightShare) * (minute - from)) / (to - from);
}

/** The minute at a column from the left, the inverse of `columnOf`: where a block was let go. */
export function minuteOf(days: readonly DayColumn[], column: number): number {
  const held = Math.min(Math.max(column, 0), days.length - 1e-9);
  const day = days[Math.floor(held)]!;
  const share = held - Math.floor(held);
  if (!day.open) return day.from + share * (day.to - day.from);
  const { from, to } = day.open;
  if (share < nightShare) return day.from + (share / nightShare) * (from - day.from);
  if (share > 1 - nightShare) return to + ((share - 1 + nightShare) / nightShare) * (day.to - to);
  return from + ((share - nightShare) / (1 - 2 * nightShare)) * (to - from);
}

/** A minute of the night goes to the next opening: nobody begins at five in the morning because a hand shook. */
export function intoOpenHours(days: readonly DayColumn[], minute: number): number {
  for (const { open } of days) if (open && minute < open.to) return Math.max(minute, open.from);
  return minute;
}

/**
 * Rows for blocks that share a lane so that none covers another: each takes the first row that is free at its start.
 * @returns row by index of the block, and how many rows there are
 */
export function stackRows(blocks: readonly { start: number; end: number }[]): {
  rows: number[];
  count: number;
} {
  const order = blocks.map((_, i) => i).sort((a, b) => blocks[a]!.start - blocks[b]!.start || a - b);
  const freeFrom: number[] = [];
  const rows = new Array<number>(blocks.length).fill(0);
  for (const i of order) {
    const { start, end } = blocks[i]!;
    let row = freeFrom.findIndex((minute) => minute <= start);
    if (row < 0) row = freeFrom.length;
    freeFrom[row] = end;
    rows[i] = row;
  }
  return { rows, count: Math.max(1, freeFrom.length) };
}
