'use client';

import { useState } from 'react';
import { textureFill, textureSheen } from '@/ui/textures';
import type { BayBlock } from './bays-props';

/** Shorter movements are a shaky hand. */
const leastDragPx = 6;

/** One block of the calendar: attended work solid with its texture, waiting as a thin tail; the label only where it fits. */
export function Block({
  block,
  left,
  right,
  top,
  selected,
  inChain,
  onSelect,
  onDrop,
  rowHeight,
}: {
  rowHeight: number;
  block: BayBlock;
  left: number;
  right: number;
  top: number;
  selected: boolean;
  inChain: boolean;
  onSelect(key: string): void;
  /** It was dragged so many pixels along the time and let go. */
  onDrop(key: string, byPx: number): void;
}) {
  const [drag, setDrag] = useState<{ from: number; by: number } | null>(null);
  const wide = Math.max(1.5, right - left);
  if (block.passive)
    return (
      <path
        d={`M${left} ${top + rowHeight / 2}h${wide}`}
        stroke="var(--ink)"
        strokeWidth="4"
        strokeDasharray="1.5 2.5"
        opacity={block.own ? 1 : 0.4}
      />
    );
  const said = block.own ? block.name : `${block.job} ${block.name}`;
  const text = block.unbooked ? `not booked: ${said}` : said;
  const room = Math.floor((wide - 10) / 6.6);
  const label = text.length <= room ? text : room >= 6 ? `${text.slice(0, room - 1)}…` : '';
  const sheen = textureSheen(block.texture);
  const choose = () => block.own && onSelect(block.key);
  return (
    <g
      opacity={block.own ? 1 : 0.45}
      transform={drag ? `translate(${drag.by} 0)` : undefined}
      onPointerDown={(event) => {
        if (!block.own || block.done) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setDrag({ from: event.clientX, by: 0 });
      }}
      onPointerMove={(event) => drag && setDrag({ ...drag, by: event.clientX - drag.from })}
      onPointerCancel={() => setDrag(null)}
      onPointerUp={() => {
        if (drag && Math.abs(drag.by) >= leastDragPx) onDrop(block.key, drag.by);
        else choose();
        setDrag(null);
      }}
      onClick={() => block.done && choose()}
      onKeyDown={(event) => event.key === 'Enter' && choose()}
      tabIndex={block.own ? 0 : undefined}
      role={block.own ? 'button' : undefined}
      aria-label={block.own ? text : undefined}
      className={block.own ? 'cursor-pointer' : undefined}
    >
      <BlockPicture
        text={text}
        left={left}
        top={top}
        wide={wide}
        rowHeight={rowHeight}
        block={block}
        sheen={sheen}
        selected={selected}
        inChain={inChain}
        label={label}
      />
    </g>
  );
}

/** The block as drawn: texture, outline, label where it fits. */
function BlockPicture({
  text,
  left,
  top,
  wide,
  rowHeight,
  block,
  sheen,
  selected,
  inChain,
  label,
}: {
  text: string;
  left: number;
  top: number;
  wide: number;
  rowHeight: number;
  block: BayBlock;
  sheen: string | null;
  selected: boolean;
  inChain: boolean;
  label: string;
}) {
  return (
    <>
      <title>{text}</title>
      <rect
        x={left}
        y={top}
        width={wide}
        height={rowHeight}
        fill={textureFill(block.texture, block.colour)}
      />
      {sheen && <rect x={left} y={top} width={wide} height={rowHeight} fill={sheen} />}
      <rect
        x={left}
        y={top}
        width={wide}
        height={rowHeight}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={selected ? 3 : inChain ? 2 : block.unbooked ? 1.5 : 0.8}
        strokeDasharray={block.unbooked ? '5 3' : undefined}
      />
      {label && (
        <>
          <rect
            x={left + 3}
            y={top + rowHeight / 2 - 8}
            width={Math.min(wide - 6, label.length * 6.6 + 6)}
            height={16}
            fill="var(--raised)"
            opacity=".93"
          />
          <text x={left + 6} y={top + rowHeight / 2 + 4.5} fontSize="13" fill="var(--ink)">
            {label}
          </text>
        </>
      )}
    </>
  );
}
