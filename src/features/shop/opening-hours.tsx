'use client';

import { useState, type ReactNode } from 'react';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { FileReader } from '../frame/file-reader';
import { EntryForm, Line, Pick, useSent } from '../frame/entry-form';
import { date } from '../words/format';
import type { Shop, ShopChangeSeen } from './shop-props';
import { minuteOf, weekdays } from '../frame/wall-clock';
import type { Edit } from '@/core/record';
import { useOpen } from '../frame/who';

/** When the shop works: hours by weekday, closed days typed or read from a calendar file. */
export function OpeningHours({ shop, seen }: { shop: Shop; seen: ShopChangeSeen }) {
  const live = useOpen('shift');
  const sent = useSent();
  const [fault, setFault] = useState<string | null>(null);
  const send = (edit: Edit) => void sent(edit).then(setFault);
  const remove = (label: string, act: () => void) => (
    <button type="button" className="underline" disabled={!live} aria-label={label} onClick={act}>
      remove
    </button>
  );
  return (
    <>
      <Part title="Open">
        {shop.shifts.map((shift) => (
          <Fact key={`${shift.weekday}${shift.startMin}`} label={shift.day}>
            {shift.hours}{' '}
            {remove(`Remove ${shift.day} ${shift.hours}`, () =>
              send({
                kind: 'remove-shift',
                weekday: shift.weekday,
                startMin: shift.startMin,
                seen: seen.shifts[`shift-${shift.weekday}-${shift.startMin}`] ?? 1,
              }),
            )}
          </Fact>
        ))}
        <AddShift seen={seen} />
        <p className="text-small text-quiet">
          Two lines for one day leave a break between them. The same opening with another closing changes it.
        </p>
      </Part>
      <Part title="Closed">
        <ClosedDays shop={shop} remove={remove} send={send} seen={seen} />
        <AddClosedDay />
        <FileReader
          deed="add-closures"
          label="Read closed days from an iCalendar file: whole days only, known ones stay"
          accept=".ics,text/calendar"
          mostMb={2}
          path="/api/closures"
          toBody={(text) => ({ text })}
          saved="Closed days read"
        />
      </Part>
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
    </>
  );
}

/** One more stretch of opening hours. */
function AddShift({ seen }: { seen: ShopChangeSeen }) {
  const send = useSent();
  return (
    <EntryForm
      deed="shift"
      label="Opening hours"
      className="flex flex-wrap gap-1 pt-1"
      start={{ weekday: '1', from: '', to: '' }}
      send={(typed) => {
        const weekday = Number(typed.weekday);
        const startMin = minuteOf(typed.from);
        const seenShift = seen.shifts[`shift-${weekday}-${startMin}`] ?? null;
        return send({ kind: 'shift', weekday, startMin, endMin: minuteOf(typed.to), seen: seenShift });
      }}
    >
      {(form) => (
        <>
          <Pick
            form={form}
            name="weekday"
            label="Weekday"
            options={weekdays.map((day, i) => ({ value: String(i + 1), text: day }))}
          />
          <Line form={form} name="from" type="time" label="Opens" required />
          <Line form={form} name="to" type="time" label="Closes" required />
          <Button type="submit">Add</Button>
        </>
      )}
    </EntryForm>
  );
}

/** Closed days, each with its way out. */
function ClosedDays({
  shop,
  remove,
  send,
  seen,
}: {
  shop: Shop;
  remove: (label: string, act: () => void) => ReactNode;
  send(edit: Edit): void;
  seen: ShopChangeSeen;
}) {
  return (
    <>
      {shop.closures.map((closure) => (
        <Fact key={closure.date} label={closure.reason || 'closed'}>
          {date(closure.date)}{' '}
          {remove(`Remove the closed day ${date(closure.date)}`, () =>
            send({
              kind: 'remove-closure',
              date: closure.date,
              seen: seen.closures[`closed-${closure.date}`] ?? 1,
            }),
          )}
        </Fact>
      ))}
      {shop.closures.length === 0 && <p className="text-quiet">No closed days.</p>}
    </>
  );
}

/** One more closed day. */
function AddClosedDay() {
  const send = useSent();
  return (
    <EntryForm
      deed="add-closures"
      label="Closed day"
      className="flex flex-wrap gap-1 pt-1"
      start={{ date: '', reason: '' }}
      send={(closure) => send({ kind: 'add-closures', closures: [closure] })}
    >
      {(form) => (
        <>
          <Line form={form} name="date" type="date" label="Closed on" required />
          <Line
            form={form}
            name="reason"
            label="Reason"
            placeholder="reason"
            maxLength={80}
            className="w-28"
          />
          <Button type="submit">Add</Button>
        </>
      )}
    </EntryForm>
  );
}
