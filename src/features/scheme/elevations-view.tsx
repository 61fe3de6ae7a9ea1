import { useState } from 'react';
import type { DrawnElevation } from '@/core/elevation';
import { surfaceStates, viewName, type SurfaceCover, type SurfaceStep } from '@/core/record';
import { Empty } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { textureFill, textureSheen } from '@/ui/textures';
import { ViewSwitch } from '@/ui/view-switch';
import { refusalOf, useAnswer } from '../frame/asking';
import { useDay } from '../frame/day';
import { day, type Locale } from '../words/format';

export interface ElevationsProps {
  job: string;
  planHash: string;
  areas: string[];
  steps: SurfaceStep[];
  covers: SurfaceCover[];
  locale: Locale;
}

const times = { finished: 'As it will be', day: 'On the day' } as const;

/** The object from its sides, its ends and above, in the finished colours or as it looks on the day of the scrubber. */
export function ElevationsView({ job, planHash, areas, steps, covers, locale }: ElevationsProps) {
  const [time, setTime] = useState<keyof typeof times>('finished');
  const { at } = useDay();
  const path = `/api/jobs/${encodeURIComponent(job)}/elevations?as=drawing`;
  const answer = useAnswer<{ views: DrawnElevation[] }>(path, [planHash], true);
  const states = time === 'day' ? surfaceStates(steps, areas, at, covers) : null;
  const views = answer.data?.views ?? [];
  // All to one scale, by which neither the longest nor the highest outgrows the room.
  const largest = Math.max(1, ...views.flatMap((one) => [one.widthCm, one.heightCm]));
  return (
    <>
      <div className="flex flex-wrap items-center gap-3 pb-2">
        <ViewSwitch views={times} shown={time} onShow={setTime} />
        {time === 'day' && <span className="text-quiet">{day(at, locale)}</span>}
        <span className="ml-auto">
          For the owner: <FileLink job={job} as="svg" />, <FileLink job={job} as="png" />
        </span>
      </div>
      {answer.error && <Notice grade="stop">{refusalOf(answer.error)}</Notice>}
      {answer.isFetching && views.length === 0 && <p className="text-quiet">Drawing …</p>}
      {answer.data && views.length === 0 && (
        <Empty>A list of loose pieces has no sides to be seen from: see its panels in Layout.</Empty>
      )}
      <div className="flex flex-wrap items-end gap-x-4 gap-y-3">
        {views.map((one) => (
          <figure key={one.view} style={{ width: `${(40 * one.widthCm) / largest}%` }}>
            <figcaption className="text-quiet">{viewName(one.view)}</figcaption>
            <ElevationPicture drawn={one} states={states} />
          </figure>
        ))}
      </div>
    </>
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

const FileLink = ({ job, as }: { job: string; as: 'svg' | 'png' }) => (
  <a className="underline" href={`/api/jobs/${job}/elevations?as=${as}`} download>
    {as.toUpperCase()}
  </a>
);
