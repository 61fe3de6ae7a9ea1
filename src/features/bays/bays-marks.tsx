import { headHeight, type Axis } from './bays-grid';
import type { BaysProps } from './bays-props';
import type { LaneLayout } from './lane-layout';

type Spots = ReadonlyMap<string, LaneLayout['blocks'][number]>;

/** Brackets about what stands in a place from its first step to its last, nights included. */
export function Stays({
  stays,
  lanes,
  placed,
  axis,
}: {
  stays: BaysProps['stays'];
  lanes: BaysProps['lanes'];
  placed: LaneLayout;
  axis: Axis;
}) {
  const { x, from, to } = axis;
  return (
    <>
      {stays
        .filter((stay) => stay.end > from && stay.start < to)
        .map((stay, i) => {
          const lane = lanes.findIndex((one) => one.id === stay.lane);
          if (lane < 0) return null;
          const [left, right] = [x(stay.start), x(stay.end)];
          const [top, bottom] = [
            headHeight + placed.lanes[lane]!.top + 4,
            headHeight + placed.lanes[lane]!.top + placed.lanes[lane]!.height - 3,
          ];
          const arm = Math.min(5, (right - left) / 3);
          return (
            <path
              key={i}
              d={`M${left + arm} ${top}H${left}V${bottom}H${left + arm}M${right - arm} ${top}H${right}V${bottom}H${right - arm}`}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={stay.session ? 1.8 : 1}
              opacity={stay.own ? 1 : 0.45}
            />
          );
        })}
    </>
  );
}

/** What the selected step waits for, step by step back to the beginning. */
export function Chain({
  chain,
  spots,
  rowHeight,
  axis: { x },
}: {
  chain: readonly string[];
  spots: Spots;
  rowHeight: number;
  axis: Axis;
}) {
  return (
    <>
      {chain.slice(0, -1).map((key, i) => {
        const [later, earlier] = [spots.get(key), spots.get(chain[i + 1]!)];
        if (!later || !earlier) return null;
        const [x1, y1] = [x(earlier.block.end), headHeight + earlier.top + rowHeight / 2];
        const [x2, y2] = [x(later.block.start), headHeight + later.top + rowHeight / 2];
        const bend = Math.max(12, (x2 - x1) / 2);
        return (
          <path
            key={key}
            d={`M${x1} ${y1}C${x1 + bend} ${y1} ${x2 - bend} ${y2} ${x2} ${y2}`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="1.8"
            strokeDasharray="5 3"
          />
        );
      })}
    </>
  );
}

const closingColour = {
  kept: 'var(--ink)',
  tight: 'var(--caution)',
  broken: 'var(--stop)',
  remedied: 'var(--ink)',
};

/** Where the windows of coats close. */
export function Closings({
  windows,
  spots,
  rowHeight,
  axis,
}: {
  windows: BaysProps['windows'];
  spots: Spots;
  rowHeight: number;
  axis: Axis;
}) {
  const { x, from, to } = axis;
  return (
    <>
      {windows
        .filter((window) => window.closes > from && window.closes < to && spots.has(window.to))
        .map((window) => {
          const { top } = spots.get(window.to)!;
          const colour = closingColour[window.state];
          return (
            <path
              key={window.key}
              d={`M${x(window.closes) - 6} ${headHeight + top}h6v${rowHeight}h-6`}
              fill="none"
              stroke={colour}
              strokeWidth="2.4"
            />
          );
        })}
    </>
  );
}
