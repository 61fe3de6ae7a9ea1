'use client';

import { useRef, type PointerEvent } from 'react';
import type { Strip } from '@/core/scheme';

interface Drag {
  strip: Strip;
  x: number;
  y: number;
  /** Moved so far, mm. */
  up: number;
  along: number;
}

interface Given {
  strips: readonly Strip[];
  /** Pixels of the picture's own measure to a metre. */
  scale: number;
  onMove(upMm: number, alongMm: number): void;
}

/** Dragging over the layout, told in whole millimetres up a strip and along it. */
export function useDragged({ strips, scale, onMove }: Given) {
  const drag = useRef<Drag | null>(null);
  const start = (event: PointerEvent<SVGPathElement>, panel: string) => {
    const strip = strips.find((one) => one.panels.some(({ part }) => part.key === panel));
    if (!strip) return;
    event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId);
    drag.current = { strip, x: event.clientX, y: event.clientY, up: 0, along: 0 };
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
    const [nextUp, nextAlong] = [on(up), on(along)];
    if (nextUp === now.up && nextAlong === now.along) return;
    onMove(nextUp - now.up, nextAlong - now.along);
    Object.assign(now, { up: nextUp, along: nextAlong });
  };
  const onPointerUp = () => {
    drag.current = null;
  };
  return { start, onPicture: { onPointerMove, onPointerUp, onPointerCancel: onPointerUp } };
}
