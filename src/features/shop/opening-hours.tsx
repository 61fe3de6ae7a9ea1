'use client';

import { useState, type ReactNode } from 'react';
import { Button } from '@/ui/button';
import { Fact, Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { FileReader } from '../frame/file-reader';
import { refusalText, useSaving } from '../frame/saving';
import { date } from '../words/format';
import type { Shop, ShopChangeSeen } from './shop-props';
import { minuteOf, weekdays } from './wall-clock';
import type { Edit } from '@/core/record';

/** When the shop works: hours by weekday, closed days typed or read from a calendar file. */
export function OpeningHours({ shop, seen }: { shop: Shop; seen: ShopChangeSeen }) {
  const live = useLive();
  const { save } = useSaving();
  const [fault, setFault] = useState<string | null>(null);
  const send = async (edit: Parameters<typeof save>[0], form?: HTMLFormElement) => {
    const outcome = await save(edit);
    setFault(refusalText(outcome));
    if (outcome.status === 'saved') form?.reset();
  };
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
            {remove(
              `Remove ${shift.day} ${shift.hours}`,
              () =>
                void send({
                  kind: 'remove-shift',
                  weekday: shift.weekday,
                  startMin: shift.startMin,
                  seen: seen.shifts[`shift-${shift.weekday}-${shift.startMin}`] ?? 1,
                }),
            )}
          </Fact>
        ))}
        <AddShift send={send} seen={seen} />
        <p className="text-small text-quiet">
          Two lines for one day leave a break between them. The same opening with another closing changes it.
        </p>
      </Part>
      <Part title="Closed">
        <ClosedDays shop={shop} remove={remove} send={send} seen={seen} />
        <AddClosedDay send={send} />
        <FileReader
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
function AddShift({
  send,
  seen,
}: {
  send(edit: Edit, form?: HTMLFormElement): Promise<void>;
  seen: ShopChangeSeen;
}) {
  const live = useLive();
  return (
    <form
      aria-label="Opening hours"
      className="flex flex-wrap gap-1 pt-1"
      onSubmit={(event) => {
        event.preventDefault();
        const form = event.currentTarget;
        const given = new FormData(form);
        const weekday = Number(given.get('weekday'));
        const startMin = minuteOf(String(given.get('from')));
        const endMin = minuteOf(String(given.get('to')));
        void send(
          {
            kind: 'shift',
            weekday,
            startMin,
            endMin,
            seen: seen.shifts[`shift-${weekday}-${startMin}`] ?? null,
          },
          form,
        );
      }}
    >
      <select name="weekday" aria-label="Weekday" disabled={!live}>
        {weekdays.map((day, i) => (
          <option key={day} value={i + 1}>
            {day}
          </option>
        ))}
      </select>
      <input type="time" name="from" aria-label="Opens" required disabled={!live} />
      <input type="time" name="to" aria-label="Closes" required disabled={!live} />
      <Button type="submit" disabled={!live}>
        Add
      </Button>
    </form>
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
  send(edit: Edit, form?: HTMLFormElement): Promise<void>;
  seen: ShopChangeSeen;
}) {
  return (
    <>
      {shop.closures.map((closure) => (
        <Fact key={closure.date} label={closure.reason || 'closed'}>
          {date(closure.date)}{' '}
          {remove(
            `Remove the closed day ${date(closure.date)}`,
            () =>
              void send({
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
function AddClosedDay({ send }: { send(edit: Edit, form?: HTMLFormElement): Promise<void> }) {
  const live = useLive();
  return (
    <form
      aria-label="Closed day"
      className="flex flex-wrap gap-1 pt-1"
      onSubmit={(event) => {
        event.preventDefault();
        const form = event.currentTarget;
        const given = new FormData(form);
        const closure = { date: String(given.get('date')), reason: String(given.get('reason') ?? '') };
        void send({ kind: 'add-closures', closures: [closure] }, form);
      }}
    >
      <input type="date" name="date" aria-label="Closed on" required disabled={!live} />
      <input
        name="reason"
        aria-label="Reason"
        placeholder="reason"
        maxLength={80}
        className="w-28"
        disabled={!live}
      />
      <Button type="submit" disabled={!live}>
        Add
      </Button>
    </form>
  );
}
