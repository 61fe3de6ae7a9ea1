'use client';

import { useState } from 'react';
import type { CoatMark } from '@/core/log';
import type { CoatingSheet } from '@/core/film';
import { Room } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { useNow } from '@/ui/use-now';
import { ViewSwitch } from '@/ui/view-switch';
import { clock, type Locale } from '../words/format';
import type { BoothProps, BoothSession } from './booth-props';
import { EarlyStart } from '../log/early-start';
import { NotesBefore } from '../notes/notes-context';
import { CoatLine, CoatTabs } from './coat-tabs';
import { ForAllPanels } from './for-all-panels';
import { PanelTile } from './panel-tile';
import { TapAgain } from './tap-again';
import { useTaps } from './use-taps';
import { WindowInspector } from './window-inspector';
import { useOpen } from '../frame/who';

/** The sheet at the booth window: one coat of one session, panel by panel, tapped as it goes on. */
export function WindowView({
  props,
  session,
  sheets,
  head,
}: {
  props: BoothProps;
  session: BoothSession;
  sheets: Record<string, CoatingSheet>;
  head: React.ReactNode;
}) {
  const { now, locale, people } = props;
  const live = useOpen('log');
  const minute = useNow(now);
  const firstOpen = session.coats.findIndex((_, i) =>
    session.panels.some((panel) => panel.marks[i]!.state === 'open'),
  );
  const [picked, setPicked] = useState<number | null>(null);
  const at = picked ?? Math.max(0, firstOpen);
  const coat = session.coats[at]!;
  const [mode, setMode] = useState<Mode>('coats');
  const [asked, setAsked] = useState<string | null>(null);
  const { tap, setTap, write, takeBack, fault, early, leave } = useTaps({ props, session, coat, minute });

  const tapPanel = (key: string, mark: CoatMark) => {
    if (mode === 'wipes') void write('wiped', [key], false);
    else if (mode === 'edges') void write('sealed', [key], false);
    else if (laidOf(mark)) setAsked(key);
    else void write('coat', [key], true);
  };
  const again = session.panels.find((panel) => panel.key === asked);
  const laid = again && laidOf(again.marks[at]!);
  const missed = session.panels.filter((panel) => panel.marks[at]!.state === 'missed').length;

  return (
    <>
      <Room title="Booth" aside={head}>
        <CoatTabs session={session} at={at} onPick={setPicked} />
        <CoatLine session={session} coat={coat} clocks={props.clocks} minute={minute} locale={locale} />
        <NotesBefore step={coat.step} />
        {fault && (
          <div role="alert">
            <Notice grade="stop">{fault}</Notice>
          </div>
        )}
        {early && (
          <EarlyStart
            name={`${coat.role} ${coat.nth}`}
            reasons={early.reasons}
            onLeave={leave}
            onInsist={(note) => void write('coat', early.parts, true, note)}
          />
        )}
        {missed > 0 && (
          <Notice grade="caution">
            {missed === 1 ? 'one panel was' : `${missed} panels were`} never tapped for this coat
          </Notice>
        )}
        <div className="pb-2">
          <ViewSwitch views={modes} shown={mode} onShow={setMode} label="What a tap means" />
        </div>
        <ForAllPanels session={session} at={at} disabled={!live} onWrite={write} />
        {laid && (
          <TapAgain
            panel={again.key}
            since={clock(laid.at, locale)}
            disabled={!live}
            onMistake={() => void takeBack(laid.entry)}
            onTwice={() => void write('coat', [again.key], true)}
            onLeave={() => setAsked(null)}
          />
        )}
        <Panels session={session} at={at} locale={locale} tapPanel={tapPanel} />
      </Room>
      <WindowInspector
        job={props.job}
        session={session}
        coat={coat}
        people={people}
        sheet={sheets[coat.product] ?? null}
        tap={tap}
        onChange={setTap}
      />
    </>
  );
}

/** The panels of the session as tiles to tap. */
function Panels({
  session,
  at,
  locale,
  tapPanel,
}: {
  session: BoothSession;
  at: number;
  locale: Locale;
  tapPanel: (key: string, mark: CoatMark) => void;
}) {
  const live = useOpen('log');
  return (
    <div className="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-2">
      {session.panels.map((panel) => {
        const mark = panel.marks[at]!;
        return (
          <PanelTile
            key={panel.key}
            code={panel.key}
            name={panel.name}
            mark={mark}
            clean={panel.clean}
            locale={locale}
            disabled={!live}
            sealed={panel.sealed}
            onTap={() => tapPanel(panel.key, mark)}
          />
        );
      })}
    </div>
  );
}

/** What a tap on a panel means. */
const modes = { coats: 'a tap: coat', wipes: 'a tap: wiped', edges: 'a tap: tape edges sealed' };
type Mode = keyof typeof modes;

const laidOf = (mark: CoatMark) => (mark.state === 'laid' || mark.state === 'doubled' ? mark : null);
