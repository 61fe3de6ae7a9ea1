'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { chainBack } from '@/core/readings/end-account';
import { Button } from '@/ui/button';
import { InspectorPanel } from '@/ui/facts';
import { Room } from '@/ui/layout';
import { useDay } from '../frame/day';
import { useSaving } from '../frame/saving';
import { namesOf } from '../words/names';
import { StepInspector } from '../steps/step-inspector';
import { ViewSwitch } from '@/ui/view-switch';
import { BaysPicture } from './bays-picture';
import type { BaysProps } from './bays-props';
import { CalendarLinks } from './calendar-links';
import { CrewView } from './crew-view';
import { ClosedClashParts } from './closed-clash-parts';
import { EndAccountParts } from './end-account-parts';
import { FloorView } from './floor-view';
import { GiveUpView } from './give-up-view';
import { SessionsAhead } from './sessions-ahead';
import { SoonerView } from './sooner-view';
import { intoOpenHours } from './time-axis';
import { UnkeptParts } from './unkept-parts';
import { WindowParts } from './window-parts';
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

/** When, where and by whom: the shop's calendar with this job's working plan and the others' agreed ones. */
export function BaysRoom(props: BaysProps) {
  const { days, steps, sections, productNames, locale, windows, job } = props;
  const { at, now, move } = useDay();
  const { save } = useSaving();
  const frame = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState({ width: 840, height: 560 });
  const [zoom, setZoom] = useState<Zoom>('Fortnight');
  const [selected, setSelected] = useState<string | null>(null);
  const [view, setView] = useState<View>('calendar');
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
  const choices = (
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
        <InspectorPanel
          title="End and windows"
          subtitle={`${job}, why it ends then, what must follow in time`}
        >
          <UnkeptParts
            unkept={props.unkept}
            names={names}
            locale={locale}
            onSelect={setSelected}
            onLook={() => setView('give-up')}
          />
          <ClosedClashParts
            clashes={props.closedClashes}
            placeOf={(id) => props.lanes.find((lane) => lane.id === id)?.name ?? id}
            locale={locale}
          />
          <EndAccountParts
            end={props.end}
            promisedEnd={props.promisedEnd}
            names={names}
            locale={locale}
            onSelect={setSelected}
          />
          <WindowParts windows={windows} remedies={props.remedies} names={names} locale={locale} />
          <SessionsAhead
            goHours={props.goHours}
            nameOf={names.step}
            productName={names.product}
            sessionName={(key) => props.sessionNames[key] ?? key}
            locale={locale}
          />
          <p className="pt-2 text-small text-quiet">
            Choose a block to see the chain of reasons behind its start.
          </p>
          <CalendarLinks job={job} places={props.lanes} people={props.people} />
        </InspectorPanel>
      )}
    </>
  );
}
