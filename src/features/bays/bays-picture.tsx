'use client';

import { useMemo } from 'react';
import type { Locale } from '../words/format';
import { Block } from './bay-block';
import type { BaysProps } from './bays-props';
import { ClosedLanes } from './closed-lanes';
import { DayColumns, headHeight, LaneNames, nameWidth, UprightLines } from './bays-grid';
import { Chain, Closings, Stays } from './bays-marks';
import { layOut } from './lane-layout';
import { PeopleLanes, personHeight } from './people-lanes';
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
  const peopleTop = headHeight + placed.height + 18;
  const height = peopleTop + people.length * personHeight + 6;
  const spots = new Map(placed.blocks.filter((one) => one.block.own).map((one) => [one.block.key, one]));
  const axis = { x, from, to };
  return (
    <svg
      width={width}
      height={height}
      role="group"
      aria-label="Calendar of the shop"
      className="block select-none"
    >
      <DayColumns days={days} dayWidth={dayWidth} height={height} locale={locale} />
      <LaneNames lanes={lanes} placed={placed} width={width} />
      <ClosedLanes
        lanes={lanes}
        from={from}
        to={to}
        x={x}
        boxOf={(i) => ({ top: headHeight + placed.lanes[i]!.top, height: placed.lanes[i]!.height })}
      />
      <Stays stays={stays} lanes={lanes} placed={placed} axis={axis} />
      {placed.blocks.map((one) => (
        <Block
          key={`${one.block.job}${one.block.key}`}
          block={one.block}
          rowHeight={placed.rowHeight}
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
      <Chain chain={chain} spots={spots} rowHeight={placed.rowHeight} axis={axis} />
      <Closings windows={windows} spots={spots} rowHeight={placed.rowHeight} axis={axis} />
      <PeopleLanes people={people} days={days} firstDay={firstDay} dayWidth={dayWidth} top={peopleTop} />
      <UprightLines promisedEnd={promisedEnd} now={now} at={at} height={height} axis={axis} />
    </svg>
  );
}
