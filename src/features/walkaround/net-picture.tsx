'use client';

import { useMemo, useRef, type KeyboardEvent } from 'react';
import type { Point } from '@/core/vehicle';
import { textureFill, textureSheen } from '@/ui/textures';

export interface NetPart {
  key: string;
  name: string;
  section: string;
  outline: readonly Point[];
  holes: readonly (readonly Point[])[];
  loose: boolean;
}

export interface NetPictureProps {
  parts: readonly NetPart[];
  /** Look of each section on the day shown, and its paint. */
  states: ReadonlyMap<string, string>;
  colours: ReadonlyMap<string, string>;
  selected: string | null;
  onSelect(key: string): void;
  title: string;
}

const margin = 0.25;
/** Pixels of a metre in a picture of about 860 px; below 24 px a panel carries no label. */
const widthPx = 860;

const centreOf = (points: readonly Point[]): [number, number] => {
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
};

const pathOf = (rings: readonly (readonly Point[])[]) =>
  rings.map((ring) => `M${ring.map(([x, y]) => `${x.toFixed(4)} ${y.toFixed(4)}`).join('L')}Z`).join('');

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
  const frame = useRef<SVGSVGElement>(null);
  const box = useMemo(() => {
    const points = parts.flatMap((part) => part.outline);
    const xs = points.map(([x]) => x);
    const ys = points.map(([, y]) => y);
    const [left, top] = [Math.min(...xs) - margin, Math.min(...ys) - margin];
    return {
      left,
      top,
      width: Math.max(...xs) + margin - left,
      height: Math.max(...ys) + margin * 2.4 - top,
    };
  }, [parts]);
  const metrePx = widthPx / box.width;
  const labelM = 13 / metrePx;
  const onKeyDown = (event: KeyboardEvent) => {
    if (!directions[event.key]) return;
    event.preventDefault();
    const next = selected === null ? (parts[0]?.key ?? null) : neighbourOf(parts, selected, event.key);
    if (next) onSelect(next);
  };
  return (
    <svg
      ref={frame}
      viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}
      className="h-full w-full"
      role="listbox"
      tabIndex={0}
      aria-label={title}
      aria-activedescendant={selected ? `part-${selected}` : undefined}
      onKeyDown={onKeyDown}
    >
      {parts.map((part) => {
        const state = states.get(part.section) ?? 'old';
        const colour = colours.get(part.section) ?? '#888888';
        const sheen = textureSheen(state);
        const path = pathOf([part.outline, ...part.holes]);
        const [x, y] = centreOf(part.outline);
        const widthM =
          Math.max(...part.outline.map(([px]) => px)) - Math.min(...part.outline.map(([px]) => px));
        const heightM =
          Math.max(...part.outline.map(([, py]) => py)) - Math.min(...part.outline.map(([, py]) => py));
        const roomy = widthM * metrePx >= 24 && heightM * metrePx >= 17;
        const plateM = part.key.length * labelM * 0.62 + labelM * 0.5;
        return (
          <g
            key={part.key}
            id={`part-${part.key}`}
            role="option"
            aria-selected={part.key === selected}
            aria-label={`${part.key} ${part.name}`}
            onClick={() => onSelect(part.key)}
            className="cursor-pointer"
          >
            <ScaledFill path={path} fill={textureFill(state, colour)} metrePx={metrePx} />
            {sheen && <ScaledFill path={path} fill={sheen} metrePx={metrePx} />}
            <path
              d={path}
              fill="none"
              fillRule="evenodd"
              stroke="var(--ink)"
              strokeWidth={(part.key === selected ? 3 : 0.8) / metrePx}
              strokeDasharray={part.loose ? `${5 / metrePx} ${3 / metrePx}` : undefined}
            />
            {roomy && (
              <>
                <rect
                  x={x - plateM / 2}
                  y={y - labelM * 0.62}
                  width={plateM}
                  height={labelM * 1.24}
                  fill="var(--raised)"
                  opacity=".92"
                />
                <text x={x} y={y + labelM * 0.36} fontSize={labelM} textAnchor="middle" fill="var(--ink)">
                  {part.key}
                </text>
              </>
            )}
          </g>
        );
      })}
      <g
        transform={`translate(${box.left + box.width - margin - 1} ${box.top + box.height - margin * 0.6})`}
        fill="var(--ink)"
      >
        <rect width="1" height={2 / metrePx} />
        <text x="-0.1" y={labelM * 0.3} fontSize={labelM} textAnchor="end">
          1 m
        </text>
      </g>
    </svg>
  );
}

/** Fills a path given in metres with a pattern drawn in pixels. */
function ScaledFill({ path, fill, metrePx }: { path: string; fill: string; metrePx: number }) {
  const scaled = path.replace(/-?\d+\.\d+/g, (figure) => (Number(figure) * metrePx).toFixed(1));
  return (
    <g transform={`scale(${1 / metrePx})`}>
      <path d={scaled} fill={fill} fillRule="evenodd" />
    </g>
  );
}
