'use client';

import { InspectorPanel } from '@/ui/facts';
import type { BaysProps } from './bays-props';
import { CalendarLinks } from './calendar-links';
import { ClosedClashParts } from './closed-clash-parts';
import { EndAccountParts } from './end-account-parts';
import { SessionsAhead } from './sessions-ahead';
import { UnkeptParts } from './unkept-parts';
import { WindowParts } from './window-parts';
import type { JobNames } from '../words/names';

/** Why the job ends when it does, and what must follow in time. */
export function EndAndWindows({
  props,
  names,
  onSelect,
  onLook,
}: {
  props: BaysProps;
  names: JobNames;
  onSelect(step: string | null): void;
  /** Looks at what could be given up. */
  onLook(): void;
}) {
  const { job, locale, windows } = props;
  return (
    <InspectorPanel title="End and windows" subtitle={`${job}, why it ends then, what must follow in time`}>
      <UnkeptParts unkept={props.unkept} names={names} locale={locale} onSelect={onSelect} onLook={onLook} />
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
        onSelect={onSelect}
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
  );
}
