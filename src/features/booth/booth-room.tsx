'use client';

import { useState } from 'react';
import type { CoatingSheet } from '@/core/film';
import { InspectorPanel } from '@/ui/facts';
import { Room } from '@/ui/layout';
import { ViewSwitch } from '@/ui/view-switch';
import { day } from '../words/format';
import { BatchTable } from './batch-table';
import type { BoothProps } from './booth-props';
import { CoatCards } from './coat-cards';
import { CureTable } from './cure-table';
import { SessionTable } from './session-table';
import { WindowView } from './window-view';
import { SprayCautions } from './spray-cautions';

const views = {
  sessions: 'Sessions',
  cards: 'Coat cards',
  window: 'At the window',
  clocks: 'Cure clocks',
  batches: 'Batches',
};
type View = keyof typeof views;

/** Today's session and the others: what is sprayed, coat by coat and panel by panel, and how far each film is. */
export function BoothRoom(props: BoothProps & { sheets: Record<string, CoatingSheet> }) {
  const { sessions, clocks, colours, locale, now } = props;
  const [view, setView] = useState<View>('sessions');
  const next = sessions.find((one) => one.coats.some((coat) => !coat.done)) ?? sessions.at(-1);
  const [picked, setPicked] = useState<string | null>(null);
  const session = sessions.find((one) => one.key === picked) ?? next;
  const buttons = <ViewSwitch views={views} shown={view} onShow={setView} />;
  if (view === 'window' && session)
    return (
      <WindowView
        key={session.key}
        props={props}
        session={session}
        sheets={props.sheets}
        head={
          <div className="flex flex-wrap items-center gap-3">
            <select
              aria-label="Session"
              className="max-w-72"
              value={session.key}
              onChange={(event) => setPicked(event.target.value)}
            >
              {sessions.map((one) => (
                <option key={one.key} value={one.key}>
                  {day(one.start, locale)}: {one.subject}, {one.coats[0]?.role}
                </option>
              ))}
            </select>
            {buttons}
          </div>
        }
      />
    );
  return (
    <>
      <Room title="Booth" aside={buttons}>
        {view === 'clocks' ? (
          <CureTable clocks={clocks} now={now} locale={locale} />
        ) : view === 'cards' ? (
          <CoatCards cards={props.cards} locale={locale} />
        ) : view === 'batches' ? (
          <BatchTable colours={colours} />
        ) : (
          <SessionTable
            sessions={sessions}
            locale={locale}
            onOpen={(key) => {
              setPicked(key);
              setView('window');
            }}
          />
        )}
      </Room>
      <InspectorPanel title="Before anyone sprays">
        <SprayCautions />
      </InspectorPanel>
    </>
  );
}
