import { useState } from 'react';
import type { DrawnElevation } from '@/core/elevation';
import { surfaceStates, type SurfaceCover, type SurfaceStep } from '@/core/record';
import { Empty } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { ViewSwitch } from '@/ui/view-switch';
import { refusalOf, useAnswer } from '../frame/asking';
import { useDay } from '../frame/day';
import { Elevations } from '../frame/elevation-picture';
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
      <Elevations views={views} states={states} percent={40} />
    </>
  );
}

const FileLink = ({ job, as }: { job: string; as: 'svg' | 'png' }) => (
  <a className="underline" href={`/api/jobs/${job}/elevations?as=${as}`} download>
    {as.toUpperCase()}
  </a>
);
