import type { BayBlock, BaysProps } from './bays-props';
import { stackRows } from './time-axis';

export const rowHeight = 24;
export const lanePad = 8;

interface Spot {
  block: BayBlock;
  top: number;
}

/** Gives every lane as many rows as its blocks need side by side. */
export function layOut(lanes: BaysProps['lanes'], blocks: readonly BayBlock[], from: number, to: number) {
  const tops: number[] = [];
  const heights: number[] = [];
  const rowsOf: number[] = [];
  const spots: Spot[] = [];
  let top = 0;
  for (const lane of lanes) {
    const inside = blocks.filter((block) => block.lane === lane.id && block.end > from && block.start < to);
    const { rows, count } = stackRows(inside);
    inside.forEach((block, i) => spots.push({ block, top: top + lanePad + rows[i]! * (rowHeight + 2) }));
    tops.push(top);
    rowsOf.push(count);
    heights.push(Math.max(40, count * (rowHeight + 2) + 2 * lanePad - 2));
    top += heights.at(-1)!;
  }
  return { tops, heights, rowsOf, blocks: spots, height: top };
}
