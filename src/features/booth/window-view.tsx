'use client';

import { lastTime } from '@/core/units';
import { useState } from 'react';
import { nextStage, type CoatMark } from '@/core/log';
import type { CoatingSheet } from '@/core/film';
import type { LogKind } from '@/core/record';
import { Button } from '@/ui/button';
import { Room } from '@/ui/layout';
import { Notice } from '@/ui/notice';
import { useLive } from '@/ui/use-live';
import { useNow } from '@/ui/use-now';
import { ViewSwitch } from '@/ui/view-switch';
import { refusalText, useSaving } from '../frame/saving';
import { clock, span } from '../words/format';
import type { BoothProps, BoothSession } from './booth-props';
import { EarlyStart } from '../log/early-start';
import { PanelTile } from './panel-tile';
import { TapAgain } from './tap-again';
import { WindowInspector, type Tap } from './window-inspector';

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
  const { job, now, locale, people, clocks } = props;
  const { save } = useSaving();
  const live = useLive();
  const minute = useNow(now);
  const firstOpen = session.coats.findIndex((_, i) =>
    session.panels.some((panel) => panel.marks[i]!.state === 'open'),
  );
  const [picked, setPicked] = useState<number | null>(null);
  const at = picked ?? Math.max(0, firstOpen);
  const coat = session.coats[at]!;
  const [tap, setTap] = useState<Tap>({
    who: people.find((person) => person.paints)?.id ?? '',
    batch: '',
    wetUm: '',
    trueTime: '',
    air: props.lastAir ?? { airC: props.boothC, surfaceC: props.boothC - 1, humidity: 50, simulated: false },
  });
  const [fault, setFault] = useState<string | null>(null);
  const [early, setEarly] = useState<{ parts: string[]; reasons: string[] } | null>(null);
  const [mode, setMode] = useState<Mode>('coats');
  const [asked, setAsked] = useState<string | null>(null);
  const usedBatch = tap.batch || coat.batches[0] || '';

  const write = async (kind: LogKind, parts: string[], withCoat: boolean, insisted = '') => {
    const given = tap.trueTime === '' ? null : minuteOfClock(tap.trueTime, minute, locale.timeZone);
    const outcome = await save({
      kind: 'log',
      job,
      insist: insisted !== '',
      entry: {
        step: withCoat ? coat.step : (session.wipe ?? coat.step),
        kind,
        at: given,
        people: tap.who ? [tap.who] : [],
        parts,
        remainingMin: null,
        redo: '',
        note: insisted,
        coat: withCoat
          ? {
              product: coat.product,
              role: coat.role,
              nth: coat.nth,
              faces: coat.faces,
              batch: usedBatch,
              wetUm: Number(tap.wetUm) > 0 ? Number(tap.wetUm) : null,
              air: tap.air,
              reducer: '',
            }
          : null,
      },
    });
    const faults = outcome.status === 'refused' ? outcome.faults : [];
    const isEarly = withCoat && faults.some((one) => one.place === 'entry.at');
    setEarly(isEarly ? { parts, reasons: faults.map((one) => one.reason) } : null);
    setFault(!isEarly && faults.length > 0 ? faults.map((one) => one.reason).join('; ') : null);
  };
  const takeBack = async (id: string) => {
    const outcome = await save({ kind: 'correct-log', job, id, note: 'tapped by mistake' });
    setFault(refusalText(outcome));
  };
  const tapPanel = (key: string, mark: CoatMark) => {
    if (mode === 'wipes') void write('wiped', [key], false);
    else if (mode === 'edges') void write('sealed', [key], false);
    else if (laidOf(mark)) setAsked(key);
    else void write('coat', [key], true);
  };
  const open = session.panels.filter((panel) => panel.marks[at]!.state === 'open').map((panel) => panel.key);
  const again = session.panels.find((panel) => panel.key === asked);
  const laidNow = session.panels.length - open.length;
  const missed = session.panels.filter((panel) => panel.marks[at]!.state === 'missed').length;
  const waits = clocks.filter((one) => session.panels.some((panel) => panel.key === one.coat.part));
  const dirty = session.panels.filter((panel) => panel.clean.state !== 'clean').map((panel) => panel.key);
  const flash = waits
    .map((one) => nextStage(one, minute))
    .filter((one) => one?.stage === 'flash' || one?.stage === 'recoat')
    .map((one) => one!.leftMin);

  return (
    <>
      <Room title="Booth" aside={head}>
        <div role="tablist" aria-label="Coats of the session" className="flex flex-wrap gap-2 pb-3">
          {session.coats.map((one, i) => {
            const on = session.panels.filter((panel) => panel.marks[i]!.state !== 'open').length;
            return (
              <button
                key={one.step}
                type="button"
                role="tab"
                aria-selected={i === at}
                onClick={() => setPicked(i)}
                className={`h-16 rounded-[2px] border px-3 text-left ${i === at ? 'border-ink bg-ink text-sheet' : 'border-strong bg-raised'}`}
              >
                <span className="block text-title font-semibold">
                  {one.role} {one.nth}
                </span>
                <span className="text-small tabular-nums">
                  {on} of {session.panels.length}
                </span>
              </button>
            );
          })}
        </div>
        <p className="pb-2 text-lead">
          <span className="font-semibold">
            {coat.name}, coat {coat.nth} of {coat.of}
          </span>
          {coat.faces === 'inside' && ', back faces and openings'}
          {flash.length > 0 && (
            <span>
              {' '}
              · flash: first panel in {span(Math.min(...flash))}, last in {span(Math.max(...flash))}
            </span>
          )}
          {session.clearAt !== null && session.clearAt > minute && (
            <span className="text-stop">
              {' '}
              · nobody enters unprotected before {clock(session.clearAt, locale)}
            </span>
          )}
        </p>
        {fault && (
          <p role="alert">
            <Notice grade="stop">{fault}</Notice>
          </p>
        )}
        {early && (
          <EarlyStart
            name={`${coat.role} ${coat.nth}`}
            reasons={early.reasons}
            onLeave={() => setEarly(null)}
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
        <div className="flex flex-wrap gap-2 pb-3">
          <Button
            look="main"
            className="h-16 px-4 text-lead"
            disabled={!live || open.length === 0}
            onClick={() => void write('coat', open, true)}
          >
            Coat on all {open.length} open panels
          </Button>
          {laidNow > 0 && open.length === 0 && (
            <Button
              className="h-16 px-4 text-lead"
              disabled={!live}
              onClick={() => void write('ended', [], true)}
            >
              This coat is finished
            </Button>
          )}
          <Button
            className="h-16 px-4 text-lead"
            disabled={!live || dirty.length === 0}
            onClick={() => void write('wiped', dirty, false)}
          >
            Wiped: {dirty.length} panels
          </Button>
          <Button
            className="h-16 px-4 text-lead"
            disabled={!live || dirty.length === session.panels.length}
            onClick={() =>
              void write(
                'touched',
                session.panels.map((one) => one.key),
                false,
              )
            }
          >
            Touched again
          </Button>
        </div>
        {again && laidOf(again.marks[at]!) && (
          <TapAgain
            panel={again.key}
            since={clock(laidOf(again.marks[at]!)!.at, locale)}
            disabled={!live}
            onMistake={() => void takeBack(laidOf(again.marks[at]!)!.entry)}
            onTwice={() => void write('coat', [again.key], true)}
            onLeave={() => setAsked(null)}
          />
        )}
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
      </Room>
      <WindowInspector
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

/** What a tap on a panel means. */
const modes = { coats: 'a tap: coat', wipes: 'a tap: wiped', edges: 'a tap: tape edges sealed' };
type Mode = keyof typeof modes;

const laidOf = (mark: CoatMark) => (mark.state === 'laid' || mark.state === 'doubled' ? mark : null);

/** The minute of a time of day as it was typed: today, or last night where today's would lie ahead. */
function minuteOfClock(text: string, now: number, timeZone: string): number {
  const [hour = 0, minute = 0] = text.split(':').map(Number);
  return lastTime(hour * 60 + minute, now, timeZone);
}
