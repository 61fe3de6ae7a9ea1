'use client';

import { useState } from 'react';
import type { PlannedStep } from '@/core/plan';
import { localDateOf, minuteAt } from '@/core/units';
import { Button } from '@/ui/button';
import { useSaving } from '../frame/saving';
import { clock, moment } from '../words/format';
import { useOpen } from '../frame/who';

/** Pins a step to a minute, typed; the plan shows at once what that moves, and the pin can be taken out again. */
export function StepPin({
  job,
  step,
  seen,
  timeZone,
}: {
  job: string;
  step: PlannedStep;
  seen: number | null;
  timeZone: string;
}) {
  const live = useOpen('step');
  const { save } = useSaving();
  const shown = step.pinnedAt ?? step.start;
  const [day, setDay] = useState(localDateOf(shown, timeZone));
  const [time, setTime] = useState(clock(shown, { timeZone }));
  // A pin set by dragging, or a start that moved, shows here too; the fields stay, so the keyboard keeps its place.
  const [given, setGiven] = useState(shown);
  if (given !== shown) {
    setGiven(shown);
    setDay(localDateOf(shown, timeZone));
    setTime(clock(shown, { timeZone }));
  }
  const pin = (startAt: number | null) =>
    void save({ kind: 'step', job, step: step.key, seen, set: { startAt } });
  const typed = () => {
    const [hour = 0, minute = 0] = time.split(':').map(Number);
    return minuteAt(day, 60 * hour + minute, timeZone);
  };
  return (
    <div role="group" aria-label="Pin" className="py-1">
      <div className="flex flex-wrap items-center gap-1">
        <span className="text-quiet">Begin on</span>
        <input
          type="date"
          aria-label="Pinned to the day"
          className="w-32"
          value={day}
          disabled={!live}
          onChange={(event) => setDay(event.target.value)}
        />
        <input
          type="time"
          aria-label="Pinned to the time"
          value={time}
          disabled={!live}
          onChange={(event) => setTime(event.target.value)}
        />
        <Button className="!px-2" disabled={!live || day === '' || time === ''} onClick={() => pin(typed())}>
          Pin
        </Button>
        {step.pinnedAt !== null && (
          <Button className="!px-2" disabled={!live} onClick={() => pin(null)}>
            Take the pin out
          </Button>
        )}
      </div>
      {step.pinnedAt !== null && (
        <p className="text-small text-quiet">
          Pinned to {moment(step.pinnedAt, { timeZone })}
          {step.start !== step.pinnedAt && `; it can begin ${moment(step.start, { timeZone })}`}.
        </p>
      )}
    </div>
  );
}
