import type { DrawnElevation } from '@/core/elevation';
import { viewName } from '@/core/record';
import { textureFill, textureSheen } from '@/ui/textures';

/** All sides of the object to one scale, by which neither the longest nor the highest is wider than `percent` of the room. */
export function Elevations({
  views,
  states,
  percent,
}: {
  views: readonly DrawnElevation[];
  states: ReadonlyMap<string, string> | null;
  percent: number;
}) {
  const largest = Math.max(1, ...views.flatMap((one) => [one.widthCm, one.heightCm]));
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-3">
      {views.map((one) => (
        <figure key={one.view} style={{ width: `${(percent * one.widthCm) / largest}%` }}>
          <figcaption className="text-quiet">{viewName(one.view)}</figcaption>
          <ElevationPicture drawn={one} states={states} />
        </figure>
      ))}
    </div>
  );
}

/** One side of the object, to scale, in its finished colours or by the state of each area. */
export function ElevationPicture({
  drawn: { view, widthCm, heightCm, shapes },
  states,
}: {
  drawn: DrawnElevation;
  states: ReadonlyMap<string, string> | null;
}) {
  return (
    <svg
      viewBox={`0 0 ${widthCm} ${heightCm}`}
      className="w-full"
      role="img"
      aria-label={`${viewName(view)}, to scale`}
    >
      {shapes.map(({ d, hex, area, kind }, i) => {
        const state = area === null ? null : (states?.get(area) ?? null);
        // What lies on the finished film, as leaf does, is not there yet on a day of the work.
        if (kind === 'field' && area === null && states !== null) return null;
        const sheen = state === null ? null : textureSheen(state);
        return (
          <g key={`${view} ${i}`} fillRule="evenodd">
            <path
              d={d}
              fill={state === null ? hex : textureFill(state, hex)}
              stroke="var(--ink)"
              strokeWidth="0.8"
              vectorEffect="non-scaling-stroke"
            />
            {sheen && <path d={d} fill={sheen} />}
          </g>
        );
      })}
    </svg>
  );
}
