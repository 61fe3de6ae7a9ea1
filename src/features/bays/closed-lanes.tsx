import type { ClosedStretch } from '@/core/shop';

interface Given {
  lanes: readonly { id: string; name: string; closed: readonly ClosedStretch[] }[];
  from: number;
  to: number;
  x(minute: number): number;
  boxOf(lane: number): { top: number; height: number };
}

/** Whiles in which a place cannot be used, struck through in its row. */
export function ClosedLanes({ lanes, from, to, x, boxOf }: Given) {
  return lanes.flatMap((lane, i) =>
    lane.closed
      .filter((one) => one.to > from && one.from < to)
      .map((one) => {
        const [left, right] = [x(Math.max(from, one.from)), x(Math.min(to, one.to))];
        const { top, height } = boxOf(i);
        const why = one.reason === null ? 'not rented' : one.reason || 'closed';
        return (
          <g key={`${lane.id} ${one.from}`} role="img" aria-label={`${lane.name} ${why}`}>
            <title>{why}</title>
            <rect x={left} y={top} width={right - left} height={height} fill="var(--closed)" />
            <path d={`M${left} ${top + height}L${right} ${top}`} stroke="var(--quiet)" strokeWidth="1" />
            {right - left > 60 && (
              <text x={left + 5} y={top + 16} fontSize="13" fill="var(--ink)">
                {why}
              </text>
            )}
          </g>
        );
      }),
  );
}
