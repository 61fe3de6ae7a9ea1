import { day as dayText, type Locale } from '../words/format';
import type { BaysProps } from './bays-props';
import type { LaneLayout } from './lane-layout';
import type { DayColumn } from './time-axis';

export const nameWidth = 96;
export const headHeight = 24;
/** Letters of a name that fit before the days. */
const longestName = 13;

/** The stretch of time that is drawn, and where in it a minute lies. */
export interface Axis {
  x(minute: number): number;
  from: number;
  to: number;
}

/** The days side by side, closed ones dark, named as closely as there is room. */
export function DayColumns({
  days,
  dayWidth,
  height,
  locale,
}: {
  days: readonly DayColumn[];
  dayWidth: number;
  height: number;
  locale: Locale;
}) {
  const every = dayWidth >= 44 ? 1 : dayWidth >= 8 ? 7 : 14;
  return (
    <>
      {days.map((day, i) => (
        <g key={day.from}>
          {!day.open && (
            <rect
              x={nameWidth + i * dayWidth}
              y={headHeight}
              width={dayWidth}
              height={height - headHeight}
              fill="var(--closed)"
            />
          )}
          <path d={`M${nameWidth + i * dayWidth} ${headHeight}V${height}`} stroke="var(--line)" />
          {i % every === 0 && (
            <text x={nameWidth + i * dayWidth + 4} y={16} fontSize="13" fill="var(--ink)">
              {every === 1
                ? dayText(day.from + 720, locale)
                    .slice(0, 6)
                    .trim()
                : dayText(day.from + 720, locale).slice(4)}
            </text>
          )}
        </g>
      ))}
    </>
  );
}

export function LaneNames({
  lanes,
  placed,
  width,
}: {
  lanes: BaysProps['lanes'];
  placed: LaneLayout;
  width: number;
}) {
  return (
    <>
      {lanes.map((lane, i) => (
        <g key={lane.id}>
          <path d={`M0 ${headHeight + placed.lanes[i]!.top}H${width}`} stroke="var(--line)" />
          <text
            x={0}
            y={headHeight + placed.lanes[i]!.top + 18}
            fontSize="14"
            fontWeight="600"
            fill="var(--ink)"
          >
            {lane.name.length > longestName ? `${lane.name.slice(0, longestName - 1).trim()}…` : lane.name}
          </text>
          <text x={0} y={headHeight + placed.lanes[i]!.top + 34} fontSize="13" fill="var(--quiet)">
            {placed.lanes[i]!.rows > 1 || lane.detail.length < 8 ? lane.detail : ''}
          </text>
        </g>
      ))}
    </>
  );
}

/** The promise, now, and the day shown. */
export function UprightLines({
  promisedEnd,
  now,
  at,
  height,
  axis,
}: {
  promisedEnd: number;
  now: number;
  at: number;
  height: number;
  axis: Axis;
}) {
  const { x, from, to } = axis;
  return (
    <>
      {promisedEnd > from && promisedEnd < to && (
        <path
          d={`M${x(promisedEnd)} ${headHeight}V${height}`}
          stroke="var(--ink)"
          strokeWidth="2"
          strokeDasharray="2 4"
        />
      )}
      {now > from && now < to && <path d={`M${x(now)} ${headHeight}V${height}`} stroke="var(--quiet)" />}
      {at > from && at < to && at !== now && (
        <path d={`M${x(at)} ${headHeight}V${height}`} stroke="var(--ink)" strokeWidth="2" />
      )}
    </>
  );
}
