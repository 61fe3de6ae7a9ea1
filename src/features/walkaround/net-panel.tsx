'use client';

import { memo } from 'react';
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

export interface NetPanelProps {
  part: NetPart;
  /** Pixels of a metre. */
  scale: number;
  state: string;
  colour: string;
  selected: boolean;
  onSelect(key: string): void;
}

const labelPx = 13;
/** Below this a panel carries no label, only its look. */
const roomyPx = { width: 24, height: 17 };

const boundsOf = (points: readonly Point[]) => {
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
};

/** Middle of the bounds of an outline, in its own units. */
export function centreOf(points: readonly Point[]): [number, number] {
  const { left, right, top, bottom } = boundsOf(points);
  return [(left + right) / 2, (top + bottom) / 2];
}

const pathOf = (rings: readonly (readonly Point[])[], scale: number) =>
  rings
    .map(
      (ring) => `M${ring.map(([x, y]) => `${(x * scale).toFixed(1)} ${(y * scale).toFixed(1)}`).join('L')}Z`,
    )
    .join('');

/** One panel of the net: its look, its outline, its code on a plain plate. Drawn anew only when it changes. */
export const NetPanel = memo(function NetPanel({
  part,
  scale,
  state,
  colour,
  selected,
  onSelect,
}: NetPanelProps) {
  const path = pathOf([part.outline, ...part.holes], scale);
  const sheen = textureSheen(state);
  const { left, right, top, bottom } = boundsOf(part.outline);
  const roomy = (right - left) * scale >= roomyPx.width && (bottom - top) * scale >= roomyPx.height;
  const [x, y] = [((left + right) / 2) * scale, ((top + bottom) / 2) * scale];
  const plate = part.key.length * labelPx * 0.62 + labelPx * 0.5;
  return (
    <g
      id={`part-${part.key}`}
      role="option"
      aria-selected={selected}
      aria-label={`${part.key} ${part.name}`}
      onClick={() => onSelect(part.key)}
      className="cursor-pointer"
    >
      <path d={path} fill={textureFill(state, colour)} fillRule="evenodd" />
      {sheen && <path d={path} fill={sheen} fillRule="evenodd" />}
      <path
        d={path}
        fill="none"
        fillRule="evenodd"
        stroke="var(--ink)"
        strokeWidth={selected ? 3 : 0.8}
        strokeDasharray={part.loose ? '5 3' : undefined}
      />
      {roomy && (
        <>
          <rect
            x={x - plate / 2}
            y={y - labelPx * 0.62}
            width={plate}
            height={labelPx * 1.24}
            fill="var(--raised)"
            opacity=".92"
          />
          <text x={x} y={y + labelPx * 0.36} fontSize={labelPx} textAnchor="middle" fill="var(--ink)">
            {part.key}
          </text>
        </>
      )}
    </g>
  );
});
