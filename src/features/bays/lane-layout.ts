import type { BayBlock, BaysProps } from './bays-props';
import { stackRows } from './time-axis';

const smallestRow = 24;
const largestRow = 40;
const lanePad = 8;
const rowGap = 2;

export interface LaneLayout {
  rowHeight: number;
  /** Top and height of each lane, and how many rows it has. */
  lanes: { top: number; height: number; rows: number }[];
  blocks: { block: BayBlock; top: number }[];
  height: number;
}

/**
 * Gives every lane as many rows as its blocks need side by side, and rows as high as the room allows.
 * @param room height there is for all lanes, px
 */
export function layOut(
  lanes: BaysProps['lanes'],
  blocks: readonly BayBlock[],
  from: number,
  to: number,
  room: number,
): LaneLayout {
  const filled = lanes.map((lane) => {
    const inside = blocks.filter((block) => block.lane === lane.id && block.end > from && block.start < to);
    return { inside, ...stackRows(inside) };
  });
  const rows = filled.reduce((sum, lane) => sum + lane.count, 0);
  const fitting = Math.floor((room - lanes.length * 2 * lanePad) / Math.max(1, rows)) - rowGap;
  const rowHeight = Math.min(largestRow, Math.max(smallestRow, fitting));
  const laid: LaneLayout = { rowHeight, lanes: [], blocks: [], height: 0 };
  for (const { inside, rows: rowOf, count } of filled) {
    const { height: top } = laid;
    const height = count * (rowHeight + rowGap) + 2 * lanePad - rowGap;
    inside.forEach((block, i) =>
      laid.blocks.push({ block, top: top + lanePad + rowOf[i]! * (rowHeight + rowGap) }),
    );
    laid.lanes.push({ top, height, rows: count });
    laid.height += height;
  }
  return laid;
}
