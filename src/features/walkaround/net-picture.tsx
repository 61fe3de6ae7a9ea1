'use client';

import { useMemo, useRef, type KeyboardEvent } from 'react';
import { centreOf } from '@/core/geometry';
import type { FilmReading, Mark } from '@/core/record';
import { NetMarks } from './net-marks';
import { NetReadings } from './net-readings';
import { NetPanel, type NetPart } from './net-panel';

export interface NetPictureProps {
  parts: readonly NetPart[];
  /** Look of each area on the day shown. */
  states: ReadonlyMap<string, string>;
  /** Keys of the selected panels, the one in focus last. */
  selected: readonly string[];
  /** @param extend keep what is selected and add this, or take it out again */
  onSelect(key: string, extend: boolean): void;
  marks: readonly Mark[];
  readings?: readonly FilmReading[];
  /** Any other key pressed while the net has the focus; true when it was taken. */
  onKey?(key: string): boolean;
  title: string;
  /** 1 fits the room; larger ones scroll in it. */
  zoom?: number;
  /** Height it will be shown at, so that its words keep their size. */
  heightPx?: number;
}

const marginM = 0.25;
/** Width the picture has at least in the window it is made for. */
const widthPx = 860;

const directions: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

type Placed = Pick<NetPart, 'key' | 'outline'>;

/** The nearest part whose centre lies in the direction of the arrow: distance along it, with what lies aside counting double. */
export function neighbourOf(parts: readonly Placed[], from: string, key: string): string | null {
  const direction = directions[key];
  const here = parts.find((part) => part.key === from);
  if (!direction || !here) return null;
  const [x, y] = centreOf(here.outline);
  let best: { key: string; cost: number } | null = null;
  for (const part of parts) {
    if (part.key === from) continue;
    const [px, py] = centreOf(part.outline);
    const along = (px - x) * direction[0] + (py - y) * direction[1];
    const aside = Math.abs((px - x) * direction[1]) + Math.abs((py - y) * direction[0]);
    if (along <= 0.02) continue;
    const cost = along + 2 * aside;
    if (!best || cost < best.cost) best = { key: part.key, cost };
  }
  return best?.key ?? null;
}

/** The object laid flat, to scale, each panel as it looks on the day shown. */
export function NetPicture({
  parts,
  states,
  selected,
  onSelect,
  marks,
  readings,
  onKey,
  title,
  zoom = 1,
  heightPx = 620,
}: NetPictureProps) {
  const frame = useMemo(() => {
    const points = parts.flatMap((part) => part.outline);
    const xs = points.map(([x]) => x);
    const ys = points.map(([, y]) => y);
    const [left, top] = [Math.min(...xs) - marginM, Math.min(...ys) - marginM];
    const [wide, high] = [Math.max(...xs) + marginM - left, Math.max(...ys) + marginM * 2.4 - top];
    const scale = Math.min(widthPx / wide, heightPx / high);
    return { scale, left: left * scale, top: top * scale, width: wide * scale, height: high * scale };
  }, [parts, heightPx]);
  const { scale, left, top, width, height } = frame;
  const wentTo = useRef(0);
  const focus = selected.at(-1) ?? null;
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (directions[event.key]) {
      event.preventDefault();
      const next = focus === null ? (parts[0]?.key ?? null) : neighbourOf(parts, focus, event.key);
      if (next) onSelect(next, event.shiftKey);
      return;
    }
    // After g a digit names a station, not a mark.
    if (event.key === 'g') wentTo.current = event.timeStamp;
    else if (event.timeStamp - wentTo.current > 1500 && onKey?.(event.key)) {
      event.preventDefault();
      event.stopPropagation();
    }
  };
  const chosen = useMemo(() => new Set(selected), [selected]);
  return (
    <svg
      viewBox={`${left} ${top} ${width} ${height}`}
      style={{ width: `${zoom * 100}%`, height: `${zoom * 100}%` }}
      role="listbox"
      tabIndex={0}
      aria-label={title}
      aria-multiselectable
      aria-activedescendant={focus ? `part-${focus}` : undefined}
      onKeyDown={onKeyDown}
    >
      {parts.map((part) => (
        <NetPanel
          key={part.key}
          part={part}
          scale={scale}
          state={states.get(part.lot) ?? 'old'}
          fieldStates={part.fields.map((field) => states.get(field.area) ?? 'old').join(' ')}
          selected={chosen.has(part.key)}
          onSelect={onSelect}
        />
      ))}
      {readings && <NetReadings readings={readings} parts={parts} scale={scale} />}
      <NetMarks marks={marks} scale={scale} />
      <g
        transform={`translate(${left + width - (marginM + 1) * scale} ${top + height - marginM * 0.6 * scale})`}
        fill="var(--ink)"
      >
        <rect width={scale} height="2" />
        <text x="-8" y="4" fontSize="13" textAnchor="end">
          1 m
        </text>
      </g>
    </svg>
  );
}
