'use client';

import { useMemo } from 'react';
import { day as dayText, type Locale } from '../words/format';
import { Block } from './bay-block';
import type { BaysProps } from './bays-props';
import { ClosedLanes } from './closed-lanes';
import { layOut } from './lane-layout';
import { columnOf, minuteOf, type DayColumn } from './time-axis';

export interface BaysPictureProps extends Pick<
  BaysProps,
  'lanes' | 'people' | 'blocks' | 'stays' | 'windows' | 'promisedEnd'
> {
  days: DayColumn[];
  /** Index of `days[0]` in the loads of the people. */
  firstDay: number;
  at: number;
  now: number;
  selected: string | null;
  chain: readonly string[];
  onSelect(key: string): void;
  /** A block was dragged to begin at a minute. */
  onPin(key: string, minute: number): void;
  width: number;
  /** Room for the picture; rows grow into it. */
  height: number;
  locale: Locale;
}

/** Blocks are let go on the quarter of an hour. */
const pinMin = 15;
const nameWidth = 96;
/** Letters of a name that fit before the days. */
const longestName = 13;
const headHeight = 24;
const personHeight = 20;

/** Time across, places as lanes and then people; blocks carry the look of the surface they leave. */
export function BaysPicture(props: BaysPictureProps) {
  const {
    lanes,
    people,
    days,
    firstDay,
    blocks,
    stays,
    windows,
    promisedEnd,
    at,
    now,
    selected,
    chain,
    onSelect,
    onPin,
    width,
    locale,
  } = props;
  const dayWidth = (width - nameWidth) / days.length;
  const x = (minute: number) => nameWidth + columnOf(days, minute) * dayWidth;
  const [from, to] = [days[0]!.from, days.at(-1)!.to];
  const peopleRoom = headHeight + 24 + people.length * personHeight;
  const placed = useMemo(
    () => layOut(lanes, blocks, from, to, props.height - peopleRoom),
    [lanes, blocks, from, to, props.height, peopleRoom],
  );
  const { rowHeight } = placed;
  const peopleTop = headHeight + placed.height + 18;
  const height = peopleTop + people.length * personHeight + 6;
  const spot = new Map(placed.blocks.filter((one) => one.block.own).map((one) => [one.block.key, one]));
  const every = dayWidth >= 44 ? 1 : dayWidth >= 8 ? 7 : 14;
  return (
    <svg
      width={width}
      height={height}
      role="group"
      aria-label="Calendar of the shop"
      className="block select-none"
    >
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
      <ClosedLanes
        lanes={lanes}
        from={from}
        to={to}
        x={x}
        boxOf={(i) => ({ top: headHeight + placed.lanes[i]!.top, height: placed.lanes[i]!.height })}
      />
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
      {placed.blocks.map((one) => (
        <Block
          key={`${one.block.job}${one.block.key}`}
          block={one.block}
          rowHeight={rowHeight}
          left={x(one.block.start)}
          right={x(one.block.end)}
          top={headHeight + one.top}
          selected={one.block.own && one.block.key === selected}
          inChain={one.block.own && chain.includes(one.block.key)}
          onSelect={onSelect}
          onDrop={(key, byPx) => {
            const column = columnOf(days, one.block.start) + byPx / dayWidth;
            onPin(key, Math.round(minuteOf(days, column) / pinMin) * pinMin);
          }}
        />
      ))}
      {chain.slice(0, -1).map((key, i) => {
        const [later, earlier] = [spot.get(key), spot.get(chain[i + 1]!)];
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
      {windows
        .filter((window) => window.closes > from && window.closes < to && spot.has(window.to))
        .map((window) => {
          const { top } = spot.get(window.to)!;
          const colour = {
            kept: 'var(--ink)',
            tight: 'var(--caution)',
            broken: 'var(--stop)',
            remedied: 'var(--ink)',
          }[window.state];
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
      <text x={0} y={peopleTop - 5} fontSize="13" fill="var(--quiet)">
        share of each day taken
      </text>
      {people.map((person, i) => (
        <g key={person.id} transform={`translate(0 ${peopleTop + i * personHeight})`}>
          <text x={0} y={14} fontSize="14" fill="var(--ink)">
            {person.name}
          </text>
          {days.map((day, j) => {
            const load = person.load[firstDay + j] ?? -1;
            if (load < 0) return null;
            const [left, wide] = [nameWidth + j * dayWidth + dayWidth * 0.08, dayWidth * 0.84];
            return (
              <g key={day.from}>
                <rect
                  x={left}
                  y={3}
                  width={wide}
                  height={13}
                  fill="var(--raised)"
                  stroke="var(--line)"
                  strokeWidth="0.7"
                />
                <rect x={left} y={3} width={wide * load} height={13} fill="var(--strong-line)" />
              </g>
            );
          })}
        </g>
      ))}
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
    </svg>
  );
}
