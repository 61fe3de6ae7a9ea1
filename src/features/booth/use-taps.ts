'use client';

import { useState } from 'react';
import type { LogKind } from '@/core/record';
import { lastTime, typedFigure } from '@/core/units';
import { refusalText, useSaving } from '../frame/saving';
import type { BoothProps, BoothSession, SessionCoat } from './booth-props';
import type { Tap } from './window-inspector';

/** Writes an entry of panels; `insisted` is why it is begun though it is too early. */
export type WriteTap = (
  kind: LogKind,
  parts: string[],
  withCoat: boolean,
  insisted?: string,
) => Promise<void>;

/** What is typed at the window, and what a tap writes into the log; a coat that is too early waits for a reason. */
export function useTaps({
  props,
  session,
  coat,
  minute,
}: {
  props: BoothProps;
  session: BoothSession;
  coat: SessionCoat;
  minute: number;
}) {
  const { job, locale, people } = props;
  const { save } = useSaving();
  const [tap, setTap] = useState<Tap>({
    who: people.find((person) => person.paints)?.id ?? '',
    batch: '',
    wetUm: '',
    trueTime: '',
    air: props.lastAir ?? { airC: props.boothC, surfaceC: props.boothC - 1, humidity: 50, simulated: false },
  });
  const [fault, setFault] = useState<string | null>(null);
  const [early, setEarly] = useState<{ parts: string[]; reasons: string[] } | null>(null);

  const write: WriteTap = async (kind, parts, withCoat, insisted = '') => {
    const wetUm = tap.wetUm.trim() === '' ? null : typedFigure(tap.wetUm);
    if (withCoat && wetUm !== null && !(wetUm > 0))
      return setFault(`Wet film: “${tap.wetUm}” is no figure above 0 µm. Nothing is written.`);
    const outcome = await save({
      kind: 'log',
      job,
      insist: insisted !== '',
      entry: {
        step: withCoat ? coat.step : (session.wipe ?? coat.step),
        kind,
        at: tap.trueTime === '' ? null : minuteOfClock(tap.trueTime, minute, locale.timeZone),
        people: tap.who ? [tap.who] : [],
        parts,
        remainingMin: null,
        redo: '',
        note: insisted,
        coat: withCoat ? coatOf(coat, tap, wetUm) : null,
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
  return { tap, setTap, write, takeBack, fault, early, leave: () => setEarly(null) };
}

const coatOf = (coat: SessionCoat, tap: Tap, wetUm: number | null) => ({
  product: coat.product,
  role: coat.role,
  nth: coat.nth,
  faces: coat.faces,
  batch: tap.batch || coat.batches[0] || '',
  wetUm,
  air: tap.air,
  reducer: '',
});

/** The minute of a time of day as it was typed: today, or last night where today's would lie ahead. */
function minuteOfClock(text: string, now: number, timeZone: string): number {
  const [hour = 0, minute = 0] = text.split(':').map(Number);
  return lastTime(hour * 60 + minute, now, timeZone);
}
