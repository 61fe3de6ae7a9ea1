'use client';

import { useRef, useState, type PointerEvent } from 'react';
import type { Mark, Snap, Strip } from '@/core/scheme';

interface Drag {
  strip: Strip;
  x: number;
  y: number;
  /** Moved so far, mm. */
  up: number;
  along: number;
  /** Where the hand would let go, told by how far it is up. */
  snap(upMm: number): Snap | null;
}

interface Given {
  strips: readonly Strip[];
  /** Pixels of the picture's own measure to a metre. */
  scale: number;
  onMove(upMm: number, alongMm: number): void;
  /** Made as the dragging begins, from the place of what is dragged. */
  snapper(): Drag['snap'];
}

/**
 * Dragging over the layout, told in whole millimetres up a strip and along it, or as exactly as an edge that is near;
 * with Alt held nothing draws it there.
 */
export function useDragged({ strips, scale, onMove, snapper }: Given) {
  const drag = useRef<Drag | null>(null);
  const [mark, setMark] = useState<Mark | null>(null);
  const start = (event: PointerEvent<SVGPathElement>, panel: string) => {
    const strip = strips.find((one) => one.panels.some(({ part }) => part.key === panel));
    if (!strip) return;
    event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId);
    drag.current = { strip, x: event.clientX, y: event.clientY, up: 0, along: 0, snap: snapper() };
  };
  const onPointerMove = (event: PointerEvent<SVGSVGElement>) => {
    const now = drag.current;
    if (!now) return;
    const shown = event.currentTarget.getScreenCTM()?.a ?? 1;
    const [dx, dy] = [event.clientX - now.x, event.clientY - now.y].map((px) => px / shown / scale);
    // Which way the strip's own measures run on the layout.
    const [origin, along, up] = [
      now.strip.toLayout([0, 0]),
      now.strip.toLayout([1, 0]),
      now.strip.toLayout([0, 1]),
    ];
    const on = (axis: readonly [number, number]) =>
      Math.round(1000 * (dx! * (axis[0] - origin[0]) + dy! * (axis[1] - origin[1])));
    const snap = event.altKey ? null : now.snap(on(up));
    setMark(snap?.mark ?? null);
    const [nextUp, nextAlong] = [snap?.upMm ?? on(up), on(along)];
    if (nextUp === now.up && nextAlong === now.along) return;
    onMove(nextUp - now.up, nextAlong - now.along);
    Object.assign(now, { up: nextUp, along: nextAlong });
  };
  const onPointerUp = () => {
    drag.current = null;
    setMark(null);
  };
  return { start, mark, onPicture: { onPointerMove, onPointerUp, onPointerCancel: onPointerUp } };
}
