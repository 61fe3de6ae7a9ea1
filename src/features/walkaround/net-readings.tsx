'use client';

import { memo } from 'react';
import { boundsOf, type Point } from '@/core/geometry';
import type { FilmReading } from '@/core/record';

/** Points at which film was read, as crosses; readings without a place are told in the inspector only. */
export const NetReadings = memo(function NetReadings({
  readings,
  parts,
  scale,
}: {
  readings: readonly FilmReading[];
  parts: readonly { key: string; outline: readonly Point[] }[];
  scale: number;
}) {
  const outlines = new Map(parts.map((part) => [part.key, part.outline]));
  return (
    <g className="pointer-events-none" stroke="var(--ink)" strokeWidth="1.5">
      {readings.map((reading) => {
        const outline = outlines.get(reading.part);
        if (!outline || reading.fromLeftMm === null || reading.fromTopMm === null) return null;
        const { left, top } = boundsOf(outline);
        const x = (left + reading.fromLeftMm / 1000) * scale;
        const y = (top + reading.fromTopMm / 1000) * scale;
        return (
          <path key={reading.id} d={`M${x - 5} ${y}h10M${x} ${y - 5}v10`}>
            <title>{`${reading.um.toFixed(0)} µm on ${reading.part}`}</title>
          </path>
        );
      })}
    </g>
  );
});
