'use client';

import { memo } from 'react';
import { boundsOf, centroidOf, type Point } from '@/core/geometry';
import { textureFill, textureSheen } from '@/ui/textures';

export interface NetPart {
  key: string;
  name: string;
  section: string;
  /** What its look follows: the lot it is worked with. */
  lot: string;
  /** Left out of the job: drawn as a ghost. */
  absent: boolean;
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
  onSelect(key: string, extend: boolean): void;
}

const labelPx = 13;
/** Below this a panel carries no label, only its look. */
const roomyPx = { width: 24, height: 17 };

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
  const [x, y] = centroidOf(part.outline).map((one) => one * scale) as [number, number];
  const plate = part.key.length * labelPx * 0.62 + labelPx * 0.5;
  return (
    <g
      id={`part-${part.key}`}
      role="option"
      aria-selected={selected}
      aria-label={`${part.key} ${part.name}${part.absent ? ', left out' : ''}`}
      onClick={(event) => onSelect(part.key, event.shiftKey || event.ctrlKey || event.metaKey)}
      className="cursor-pointer"
    >
      <path d={path} fill={part.absent ? 'transparent' : textureFill(state, colour)} fillRule="evenodd" />
      {sheen && !part.absent && <path d={path} fill={sheen} fillRule="evenodd" />}
      <path
        d={path}
        fill="none"
        fillRule="evenodd"
        stroke="var(--ink)"
        strokeWidth={selected ? 3 : 0.8}
        strokeDasharray={part.absent ? '1 4' : part.loose ? '5 3' : undefined}
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
