'use client';

import { EndAndWindows } from './end-and-windows';
import { useEffect, useMemo, useRef, useState } from 'react';
import { chainBack } from '@/core/readings/end-account';
import { Button } from '@/ui/button';
import { Room } from '@/ui/layout';
import { useDay } from '../frame/day';
import { useSaving } from '../frame/saving';
import { namesOf } from '../words/names';
import { StepInspector } from '../steps/step-inspector';
import { ViewSwitch } from '@/ui/view-switch';
import { BaysPicture } from './bays-picture';
import type { BaysProps } from './bays-props';
import { CrewView } from './crew-view';
import { FloorView } from './floor-view';
import { GiveUpView } from './give-up-view';
import { SoonerView } from './sooner-view';
import { intoOpenHours } from './time-axis';
import { WhatIfView } from './what-if-view';

const zooms = { Fortnight: 14, Job: 0, Quarter: 91 };
type Zoom = keyof typeof zooms;

const views = {
  calendar: 'Calendar',
  floor: 'Floor',
  crew: 'Crew',
  'what-if': 'What if',
  'give-up': 'What to give up',
  sooner: 'Sooner',
};
type View = keyof typeof views;

/** Which view of the calendar, and how much of it. */
function BaysChoices({
  view,
  setView,
  move,
  zoom,
  setZoom,
}: {
  view: View;
  setView(view: View): void;
  move(days: number): void;
  zoom: Zoom;
  setZoom(zoom: Zoom): void;
}) {
  return (
    <div className="flex w-full items-center gap-2">
      <ViewSwitch views={views} shown={view} onShow={setView} />
      {view === 'calendar' && (
        <>
          <span className="w-3" />
          <Button onClick={() => move(-7)} aria-label="A week back">
            −7 d
          </Button>
          <Button onClick={() => move(7)} aria-label="A week on">
            +7 d
          </Button>
          {(Object.keys(zooms) as Zoom[]).map((one) => (
            <Button
              key={one}
              look={zoom === one ? 'main' : 'plain'}
              aria-pressed={zoom === one}
              onClick={() => setZoom(one)}
            >
              {one}
            </Button>
          ))}
        </>
      )}
    </div>
  );
}

/** When, where and by whom: the shop's calendar with this job's working plan and the others' agreed ones. */
export function BaysRoom(props: BaysProps) {
  const { days, steps, sections, productNames, locale, job } = props;
  const { at, now, move } = useDay();
  const { save } = useSaving();
  const [zoom, setZoom] = useState<Zoom>('Fortnight');
  const [selected, setSelected] = useState<string | null>(null);
  const [view, setView] = useState<View>('calendar');
  const { frame, room } = useRoom(view);
  const names = useMemo(
    () => namesOf({ steps }, sections, (code) => productNames[code] ?? code),
    [steps, sections, productNames],
  );
  const count = zooms[zoom] || days.length;
  const today = Math.max(
    0,
    days.findIndex((day) => day.from <= at && at < day.to),
  );
  const firstDay = Math.max(0, Math.min(today - 3, days.length - count));
  const shown = days.slice(firstDay, firstDay + count);
  const chain = useMemo(() => (selected ? chainBack(steps, selected) : []), [steps, selected]);
  const chosen = steps.find((step) => step.key === selected);
  const choices = <BaysChoices view={view} setView={setView} move={move} zoom={zoom} setZoom={setZoom} />;
  return (
    <>
      <Room title="Bays" aside={choices}>
        {view === 'what-if' && <WhatIfView job={job} ground={props.ground} locale={locale} />}
        {view === 'floor' && <FloorView {...props} />}
        {view === 'crew' && <CrewView {...props} />}
        {view === 'give-up' && <GiveUpView job={job} ground={props.ground} locale={locale} />}
        {view === 'sooner' && (
          <SoonerView job={job} seen={props.ground.own.seen} locale={locale} {...props.order} />
        )}
        {view === 'calendar' && (
          <div ref={frame} className="h-full">
            <BaysPicture
              {...props}
              days={shown}
              firstDay={firstDay}
              at={at}
              now={now}
              selected={selected}
              chain={chain}
              onSelect={setSelected}
              onPin={(step, minute) => {
                const startAt = intoOpenHours(days, minute);
                void save({ kind: 'step', job, step, seen: props.edits[step] ?? null, set: { startAt } });
              }}
              {...room}
            />
          </div>
        )}
      </Room>
      {chosen ? (
        <StepInspector
          step={chosen}
          names={names}
          locale={locale}
          resourceNames={props.resourceNames}
          job={job}
          editSeen={props.edits[chosen.key] ?? null}
        />
      ) : (
        <EndAndWindows props={props} names={names} onSelect={setSelected} onLook={() => setView('give-up')} />
      )}
    </>
  );
}

/** The size of the picture, measured again when the view changes. */
function useRoom(view: View) {
  const frame = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState({ width: 840, height: 560 });
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) =>
      setRoom({
        width: Math.max(480, Math.floor(entry!.contentRect.width)),
        height: Math.floor(entry!.contentRect.height),
      }),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [view]);
  return { frame, room };
}
