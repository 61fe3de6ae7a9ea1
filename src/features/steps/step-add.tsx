'use client';

import { useState } from 'react';
import type { PlannedStep } from '@/core/plan';
import { catalogue } from '@/core/steps';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import type { StepsRoomProps } from './steps-props';

/** Work one may put in by hand: attended, and not part of a booth session. */
const addable = catalogue.filter(
  (one) => one.kind === 'work' && one.place !== 'booth' && one.code !== 'move',
);

/** Puts a step in after the one selected, or takes out one that was put in. */
export function StepAdd({
  job,
  step,
  added,
  sections,
  steps,
}: Pick<StepsRoomProps, 'job' | 'added' | 'sections' | 'steps'> & { step: PlannedStep }) {
  const { save } = useSaving();
  const live = useLive();
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const own = added[step.key];
  const section = step.sections[0]?.split(':')[0] ?? sections[0]?.key ?? '';
  const later = steps
    .filter(
      (one) =>
        one.start >= step.end && one.crew > 0 && one.sections.some((key) => step.sections.includes(key)),
    )
    .sort((a, b) => a.start - b.start)
    .slice(0, 30);
  const submit = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const text = (name: string) => String(given.get(name) ?? '').trim();
    const hours = Number(text('hours').replace(',', '.'));
    if (!Number.isFinite(hours) || hours < 0) return setFault('Hours must be a figure of at least 0.');
    const outcome = await save({
      kind: 'add-step',
      job,
      step: {
        operation: text('operation'),
        name: text('name'),
        section,
        after: step.key,
        personMinutes: Math.round(hours * 60),
        before: text('before') || null,
        note: '',
      },
    });
    setFault(refusalText(outcome));
    if (outcome.status === 'saved') setOpen(false);
  };
  if (own)
    return (
      <Part title="Put in by hand">
        <Button
          disabled={!live}
          onClick={() => void save({ kind: 'remove-added-step', job, id: own.id, seen: own.seen })}
        >
          Take this step out
        </Button>
      </Part>
    );
  if (!open)
    return (
      <Part title="More work">
        <Button disabled={!live} onClick={() => setOpen(true)}>
          Add a step after this one
        </Button>
      </Part>
    );
  return (
    <Part title="A step after this one">
      <AddForm submit={submit} later={later} setOpen={setOpen} fault={fault} />
    </Part>
  );
}

/** What the step is, how long it takes, what waits for it. */
function AddForm({
  submit,
  later,
  setOpen,
  fault,
}: {
  submit: (form: HTMLFormElement) => Promise<void>;
  later: PlannedStep[];
  setOpen: (value: boolean) => void;
  fault: string | null;
}) {
  return (
    <form
      aria-label="Added step"
      className="grid gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(event.currentTarget);
      }}
    >
      <select name="operation" aria-label="Operation" defaultValue="own-work" autoFocus>
        {addable.map((one) => (
          <option key={one.code} value={one.code}>
            {one.name}
          </option>
        ))}
      </select>
      <input name="name" aria-label="Name of the step" placeholder="name, if another" maxLength={80} />
      <input name="hours" aria-label="Person-hours" placeholder="person-hours" inputMode="decimal" required />
      <select name="before" aria-label="Step that waits for it" defaultValue="">
        <option value="">nothing waits for it</option>
        {later.map((one) => (
          <option key={one.key} value={one.key}>
            before {one.name}
          </option>
        ))}
      </select>
      <span className="flex gap-1">
        <Button type="submit" look="main">
          Add
        </Button>
        <Button onClick={() => setOpen(false)}>Cancel</Button>
      </span>
      {fault && (
        <p role="alert" className="text-small text-stop">
          {fault}
        </p>
      )}
    </form>
  );
}
