import { useState } from 'react';
import { boundsOf, type Point } from '@/core/geometry';
import type { Construction } from '@/core/record';
import { eyes, kinksOf, sightViews, stripsOf, type SchemeLayout } from '@/core/scheme';
import { Notice } from '@/ui/notice';
import { ViewSwitch } from '@/ui/view-switch';

const words = { low: 'From low', above: 'From above' } as const;

/** A construction seen along the sides it lies on, where every wave of a line shows, and where it changes direction. */
export function SightLine({ layout, one }: { layout: SchemeLayout; one: Construction }) {
  const [eye, setEye] = useState<keyof typeof eyes>('low');
  const strips = stripsOf(layout.strips, one.strip).filter(({ key }) => key === 'left' || key === 'right');
  if (strips.length === 0) return <p className="text-quiet">It is on no side that one looks along.</p>;
  const views = sightViews(strips, one, eyes[eye]);
  // The side itself is cut off where it leaves the picture of the line.
  const own = boundsOf(views.flatMap(({ edges }) => edges.flat()));
  const marginY = 0.15 * (own.bottom - own.top) + 0.02;
  const { left, right, top, bottom } = { ...own, top: own.top - marginY, bottom: own.bottom + marginY };
  const scale = 280 / Math.max(0.01, right - left);
  const path = (line: readonly Point[]) =>
    `M${line.map(([x, y]) => `${((x - left) * scale).toFixed(1)} ${((bottom - y) * scale).toFixed(1)}`).join('L')}`;
  const kinks = [...new Map(strips.flatMap((strip) => kinksOf(strip, one)).map((k) => [k.atMm, k])).values()];
  return (
    <>
      <ViewSwitch views={words} shown={eye} onShow={setEye} />
      <svg
        viewBox={`-4 -4 ${(280 + 8).toFixed(0)} ${((bottom - top) * scale + 8).toFixed(0)}`}
        className="mt-2 w-full overflow-hidden"
        role="img"
        aria-label={`${one.name} along its sides, ${words[eye].toLowerCase()}`}
        fill="none"
        stroke="var(--ink)"
      >
        {views.map(({ strip, edges, outline }) => (
          <g key={strip}>
            <path d={path(outline)} strokeWidth="0.6" strokeDasharray="3 3" />
            {edges.map((line, i) => (
              <path key={i} d={path(line)} strokeWidth="1.6" />
            ))}
          </g>
        ))}
      </svg>
      {kinks.length === 0 ? (
        <p className="text-quiet">No kink that the eye catches along it.</p>
      ) : (
        kinks.slice(0, 4).map(({ atMm, deg }) => (
          <Notice key={atMm} grade="caution">
            Kink of {deg.toFixed(1)}° at {atMm} mm from the front end: fair it, or let it end at an edge.
          </Notice>
        ))
      )}
    </>
  );
}
