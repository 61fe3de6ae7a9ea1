'use client';

import { useMemo, type KeyboardEvent } from 'react';
import { boundsOf, centroidOf, type Point } from '@/core/geometry';
import type { SchemeLayout, Snap, Strip } from '@/core/scheme';
import { markText } from '../words/scheme-words';
import type { Part } from '@/core/vehicle';
import { useDragged } from './use-dragged';

interface PictureProps {
  parts: readonly Part[];
  layout: SchemeLayout;
  /** Strips that are not cut yet, to be named as well. */
  strips: readonly Strip[];
  hexOf(colour: string): string;
  /** Colour of a panel where no field lies. */
  colourOf(part: Part): string;
  selected: string | null;
  onSelect(id: string | null): void;
  /** Moves what is selected, mm up its strip and along it towards the rear. */
  onMove(upMm: number, alongMm: number): void;
  /** Tells what draws the selected construction to itself while it is dragged. */
  snapper(): (upMm: number) => Snap | null;
}

const marginM = 0.3;
const [widthPx, heightPx] = [880, 560];

const steps: Record<string, readonly [up: number, along: number]> = {
  ArrowUp: [1, 0],
  ArrowDown: [-1, 0],
  ArrowLeft: [0, 1],
  ArrowRight: [0, -1],
};

/** The panel layout to scale with every field in its colour; what is selected is moved by keys or dragged. */
export function LayoutPicture(props: PictureProps) {
  const { parts, layout, strips, selected, onSelect, onMove, snapper } = props;
  const frame = useMemo(() => frameOf(parts), [parts]);
  const path = (rings: readonly (readonly Point[])[]) => pathOf(rings, frame.scale);
  const drag = useDragged({ strips: layout.strips, scale: frame.scale, onMove, snapper });
  const onKeyDown = (event: KeyboardEvent) => {
    const step = steps[event.key];
    if (event.key === 'Escape') return onSelect(null);
    if (!step || selected === null || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    const far = event.shiftKey ? 10 : 1;
    onMove(step[0] * far, step[1] * far);
  };
  return (
    <svg
      viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
      className="h-full w-full touch-none select-none"
      role="application"
      tabIndex={0}
      aria-label="Panel layout with its fields; arrow keys move what is selected by 1 mm, with Shift by 10 mm"
      onKeyDown={onKeyDown}
      {...drag.onPicture}
    >
      {parts.map((part) => (
        <path
          key={part.key}
          d={path([part.outline, ...part.holes])}
          fill={props.hexOf(props.colourOf(part))}
          fillRule="evenodd"
          stroke="var(--ink)"
          strokeWidth="0.8"
          strokeDasharray={part.side === 'loose' ? '5 3' : undefined}
          onClick={() => onSelect(null)}
        />
      ))}
      {layout.pieces.map((piece) => {
        const d = path(piece.figures.flatMap(({ outline, holes }) => [outline, ...holes]));
        const isOwn = piece.construction === selected;
        return (
          <path
            key={`${piece.panel} ${piece.field}`}
            d={d}
            fill={props.hexOf(piece.colour)}
            fillRule="evenodd"
            stroke="var(--ink)"
            strokeWidth={isOwn ? 2 : 0.4}
            className={isOwn ? 'cursor-move' : 'cursor-pointer'}
            onClick={() => onSelect(piece.construction)}
            onPointerDown={(event) => isOwn && drag.start(event, piece.panel)}
          />
        );
      })}
      {parts.map((part) => (
        <PanelLabel key={part.key} part={part} scale={frame.scale} />
      ))}
      {strips.map((strip) => (
        <StripName key={strip.key} strip={strip} scale={frame.scale} />
      ))}
      <g
        transform={`translate(${frame.left + frame.width - (marginM + 1) * frame.scale} ${frame.top + frame.height - 14})`}
        fill="var(--ink)"
      >
        <rect width={frame.scale} height="2" />
        <text x="-8" y="4" fontSize="13" textAnchor="end">
          1 m
        </text>
      </g>
      {drag.mark && (
        <text
          x={frame.left + marginM * frame.scale}
          y={frame.top + frame.height - 10}
          fontSize="13"
          fill="var(--ink)"
        >
          {markText(drag.mark)}
        </text>
      )}
    </svg>
  );
}

function frameOf(parts: readonly Part[]) {
  const { left, right, top, bottom } = boundsOf(parts.flatMap((part) => part.outline));
  const [wide, high] = [right - left + 2 * marginM, bottom - top + 2.6 * marginM];
  const scale = Math.min(widthPx / wide, heightPx / high);
  return {
    scale,
    left: (left - marginM) * scale,
    top: (top - 1.3 * marginM) * scale,
    width: wide * scale,
    height: high * scale,
  };
}

const pathOf = (rings: readonly (readonly Point[])[], scale: number): string =>
  rings
    .map(
      (ring) => `M${ring.map(([x, y]) => `${(x * scale).toFixed(2)} ${(y * scale).toFixed(2)}`).join('L')}Z`,
    )
    .join('');

const labelPx = 13;

/** The code of a panel on a plain plate, where there is room for it. */
function PanelLabel({ part, scale }: { part: Part; scale: number }) {
  const { left, right, top, bottom } = boundsOf(part.outline);
  const plate = part.key.length * labelPx * 0.62 + 6;
  if ((right - left) * scale < plate + 4 || (bottom - top) * scale < labelPx * 2.2) return null;
  const [x, y] = centroidOf(part.outline).map((one) => one * scale) as [number, number];
  return (
    <g className="pointer-events-none">
      <rect
        x={x - plate / 2}
        y={y - labelPx * 0.62}
        width={plate}
        height={labelPx * 1.24}
        fill="var(--raised)"
        opacity=".9"
      />
      <text x={x} y={y + labelPx * 0.36} fontSize={labelPx} textAnchor="middle" fill="var(--ink)">
        {part.key}
      </text>
    </g>
  );
}

const names: Record<string, string> = {
  left: 'left side',
  right: 'right side',
  top: 'top',
  front: 'front',
  rear: 'rear',
};

/** Which strip this is, written along its outer edge. */
function StripName({ strip, scale }: { strip: Strip; scale: number }) {
  const name = names[strip.key];
  if (!name) return null;
  const corners = [strip.toLayout([0, 0]), strip.toLayout([strip.lengthM, strip.heightM])];
  const { left, right, top, bottom } = boundsOf(corners);
  const isLow = strip.key === 'right';
  return (
    <text
      x={((left + right) / 2) * scale}
      y={isLow ? bottom * scale + labelPx * 1.2 : top * scale - labelPx * 0.4}
      fontSize={labelPx}
      textAnchor="middle"
      fill="var(--quiet)"
    >
      {name}
    </text>
  );
}
