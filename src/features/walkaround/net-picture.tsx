'use client';

import { useMemo, type KeyboardEvent } from 'react';
import { centreOf, NetPanel, type NetPart } from './net-panel';

export interface NetPictureProps {
  parts: readonly NetPart[];
  /** Look of each section on the day shown, and its paint. */
  states: ReadonlyMap<string, string>;
  colours: ReadonlyMap<string, string>;
  selected: string | null;
  onSelect(key: string): void;
  title: string;
}

const marginM = 0.25;
/** Width of the picture in its own pixels; the window scales it. */
const widthPx = 860;

const directions: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The nearest part whose centre lies in the direction of the arrow: distance along it, with what lies aside counting double. */
export function neighbourOf(parts: readonly NetPart[], from: string, key: string): string | null {
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
export function NetPicture({ parts, states, colours, selected, onSelect, title }: NetPictureProps) {
  const frame = useMemo(() => {
    const points = parts.flatMap((part) => part.outline);
    const xs = points.map(([x]) => x);
    const ys = points.map(([, y]) => y);
    const [left, top] = [Math.min(...xs) - marginM, Math.min(...ys) - marginM];
    const [wide, high] = [Math.max(...xs) + marginM - left, Math.max(...ys) + marginM * 2.4 - top];
    const scale = widthPx / wide;
    return { scale, left: left * scale, top: top * scale, width: widthPx, height: high * scale };
  }, [parts]);
  const { scale, left, top, width, height } = frame;
  const onKeyDown = (event: KeyboardEvent) => {
    if (!directions[event.key]) return;
    event.preventDefault();
    const next = selected === null ? (parts[0]?.key ?? null) : neighbourOf(parts, selected, event.key);
    if (next) onSelect(next);
  };
  return (
    <svg
      viewBox={`${left} ${top} ${width} ${height}`}
      className="h-full w-full"
      role="listbox"
      tabIndex={0}
      aria-label={title}
      aria-activedescendant={selected ? `part-${selected}` : undefined}
      onKeyDown={onKeyDown}
    >
      {parts.map((part) => (
        <NetPanel
          key={part.key}
          part={part}
          scale={scale}
          state={states.get(part.section) ?? 'old'}
          colour={colours.get(part.section) ?? '#888888'}
          selected={part.key === selected}
          onSelect={onSelect}
        />
      ))}
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
