'use client';

import { addLocalDays, daysBetween, localDateOf } from '@/core/units';
import type { KeyboardEvent, PointerEvent } from 'react';
import { day } from '../words/format';
import { useDay } from './day';
import type { JobView } from './job-view';

const phaseNames: Record<string, string> = {
  walkaround: 'wash',
  strip: 'strip',
  metal: 'metal',
  epoxy: 'epoxy',
  filler: 'filler',
  build: 'build, block',
  mask: 'mask',
  colour: 'colours',
  clear: 'clear',
  finish: 'sand, polish',
  refit: 'refit',
};
const phaseFill: Record<string, string> = {
  walkaround: 'url(#texture-old)',
  strip: 'url(#texture-bare)',
  metal: 'url(#texture-bare)',
  epoxy: 'url(#texture-epoxy)',
  filler: 'url(#texture-filler)',
  build: 'url(#texture-guide-coat)',
  mask: 'url(#texture-masked)',
};

function fillOf(phase: string, job: JobView): string {
  if (phase === 'colour') return job.swatch[0] ?? '#999';
  if (phase === 'clear') return job.swatch[1] ?? job.swatch[0] ?? '#bbb';
  return phaseFill[phase] ?? 'var(--raised)';
}

/** The days of the job along the bottom; moving the mark changes every picture to that day. */
export function DayScrubber({ job }: { job: JobView }) {
  const { at, set, move, today, now } = useDay();
  const { first, last, promisedEnd } = job.days;
  const { timeZone } = job.locale;
  const end = addLocalDays(last, 1, timeZone);
  const length = end - first;
  const left = (minute: number) => `${(100 * (minute - first)) / length}%`;
  const width = (from: number, to: number) => `${(100 * Math.max(0, to - from)) / length}%`;
  const drag = (event: PointerEvent<HTMLDivElement>) => {
    if (event.buttons !== 1) return;
    const box = event.currentTarget.getBoundingClientRect();
    set(Math.round(first + ((event.clientX - box.left) / box.width) * length));
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const days = { ArrowLeft: -1, ArrowRight: 1, PageUp: -7, PageDown: 7 }[event.key];
    if (days !== undefined) move(days);
    else if (event.key === 'Home') today();
    else return;
    event.preventDefault();
  };
  const weeks: number[] = [];
  for (let minute = first; minute < end; minute = addLocalDays(minute, 7, timeZone)) weeks.push(minute);
  // As many names as have room beside each other: about a dozen.
  const named = Math.ceil(weeks.length / 12);
  const dayOf = (minute: number) => localDateOf(minute, timeZone);
  const dayNumber = daysBetween(dayOf(first), dayOf(at)) + 1;
  const bar = job.phases;
  return (
    <div className="h-[66px] border-t border-line bg-sheet px-4 pt-1">
      <div
        role="slider"
        tabIndex={0}
        aria-label="Day shown"
        aria-valuemin={1}
        aria-valuemax={daysBetween(dayOf(first), dayOf(last)) + 1}
        aria-valuenow={dayNumber}
        aria-valuetext={`${day(at, job.locale)}, day ${dayNumber}`}
        onPointerDown={drag}
        onPointerMove={drag}
        onKeyDown={onKeyDown}
        className="relative h-full cursor-ew-resize touch-none text-small select-none"
      >
        {weeks.map((minute, i) => (
          <span
            key={minute}
            className="absolute top-0 border-l border-strong pl-1 leading-[16px] whitespace-nowrap text-quiet"
            style={{ left: left(minute) }}
          >
            {i % named === 0 ? day(minute, job.locale).slice(4) : ''}
          </span>
        ))}
        <PhaseBars bar={bar} left={left} width={width} job={job} length={length} />
        {bar
          .filter((one) => (one.to - one.from) / length > 0.055)
          .map((one, i) => (
            <span
              key={i}
              className="absolute top-[42px] truncate text-quiet"
              style={{ left: left(one.from), maxWidth: width(one.from, one.to) }}
            >
              {phaseNames[one.phase]}
            </span>
          ))}
        <Moments
          left={left}
          promisedEnd={promisedEnd}
          now={now}
          at={at}
          first={first}
          length={length}
          job={job}
          dayNumber={dayNumber}
        />
      </div>
    </div>
  );
}

/** The phases of the job by texture, its booth sessions beneath. */
function PhaseBars({
  bar,
  left,
  width,
  job,
  length,
}: {
  bar: JobView['phases'];
  left: (minute: number) => string;
  width: (from: number, to: number) => string;
  job: JobView;
  length: number;
}) {
  return (
    <>
      <svg className="absolute top-[22px] h-3 w-full" aria-hidden="true">
        {bar.map((one, i) => (
          <rect
            key={i}
            x={left(one.from)}
            width={width(one.from, one.to)}
            height="12"
            fill={fillOf(one.phase, job)}
            stroke="var(--strong-line)"
          />
        ))}
      </svg>
      <svg className="absolute top-[37px] h-[5px] w-full" aria-hidden="true">
        {job.sessions.map((one, i) => (
          <rect
            key={i}
            x={left(one.start)}
            width={width(one.start, Math.max(one.end, one.start + length / 400))}
            height="5"
            fill="var(--ink)"
          />
        ))}
      </svg>
    </>
  );
}

/** The promise, this minute, and the day shown. */
function Moments({
  left,
  promisedEnd,
  now,
  at,
  first,
  length,
  job,
  dayNumber,
}: {
  left: (minute: number) => string;
  promisedEnd: number;
  now: number;
  at: number;
  first: number;
  length: number;
  job: JobView;
  dayNumber: number;
}) {
  return (
    <>
      <span
        className="absolute top-0 h-10 border-l-2 border-dotted border-ink"
        style={{ left: left(promisedEnd) }}
        title="promised"
      />
      <span
        className="absolute top-[18px] h-6 border-l border-quiet"
        style={{ left: left(now) }}
        title="now"
      />
      <span className="absolute top-0 h-[42px] w-[2px] bg-ink" style={{ left: left(at) }}>
        <span
          className={`absolute -top-[1px] bg-ink px-1 font-semibold whitespace-nowrap text-sheet ${(at - first) / length > 0.85 ? 'right-0' : 'left-0'}`}
        >
          {day(at, job.locale)} · day {dayNumber}
        </span>
      </span>
    </>
  );
}
