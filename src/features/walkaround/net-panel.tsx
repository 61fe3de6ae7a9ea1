'use client';

import { memo } from 'react';
import { boundsOf, centroidOf, type Point } from '@/core/geometry';
import { textureFill, textureSheen } from '@/ui/textures';

/** A field of a scheme on a panel: the area it is worked as, its colour, where it lies on the net. */
export interface NetField {
  area: string;
  hex: string;
  rings: readonly (readonly Point[])[];
}

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
  /** Its colour, as it is worked. */
  hex: string;
  /** Fields of a scheme on it. */
  fields: readonly NetField[];
}

export interface NetPanelProps {
  part: NetPart;
  /** Pixels of a metre. */
  scale: number;
  state: string;
  /** Look of each of its fields, in their order. */
  fieldStates: string;
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

/** The fields of a panel, each with the look of its own area; nothing tells them apart before one of them is coloured. */
function Fields({
  fields,
  states,
  beside,
  scale,
}: {
  fields: readonly NetField[];
  states: readonly string[];
  /** Look of the panel itself. */
  beside: string;
  scale: number;
}) {
  return fields.map(({ area, hex, rings }, i) => {
    const path = pathOf(rings, scale);
    const state = states[i] ?? 'old';
    if (state === beside && textureFill(state, hex) !== hex) return null;
    const sheen = textureSheen(state);
    return (
      <g key={`${area} ${i}`} fillRule="evenodd">
        <path d={path} fill={textureFill(state, hex)} stroke="var(--ink)" strokeWidth="0.4" />
        {sheen && <path d={path} fill={sheen} />}
      </g>
    );
  });
}

/** One panel of the net: its look, its outline, its code on a plain plate. Drawn anew only when it changes. */
export const NetPanel = memo(function NetPanel({
  part,
  scale,
  state,
  fieldStates,
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
      <path d={path} fill={part.absent ? 'transparent' : textureFill(state, part.hex)} fillRule="evenodd" />
      {sheen && !part.absent && <path d={path} fill={sheen} fillRule="evenodd" />}
      {!part.absent && (
        <Fields fields={part.fields} states={fieldStates.split(' ')} beside={state} scale={scale} />
      )}
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
