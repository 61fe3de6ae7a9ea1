'use client';

import { useState } from 'react';
import type { PlannedStep } from '@/core/plan';
import { catalogue } from '@/core/steps';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { EntryForm, Figure, Line, Pick, useSent } from '../frame/entry-form';
import { useSaving } from '../frame/saving';
import type { StepsRoomProps } from './steps-props';
import { useOpen } from '../frame/who';

/** Work one may put in by hand: attended, and not part of a booth session. */
const addable = catalogue.filter(
  (one) => one.kind === 'work' && one.place !== 'booth' && one.code !== 'move',
);

const emptyStep = { operation: 'own-work', name: '', hours: '', before: '' };

type Given = { step: PlannedStep } & {
  [K in 'job' | 'added' | 'sections' | 'steps']: StepsRoomProps[K];
};

/** Puts a step in after the one selected, or takes out one that was put in. */
export function StepAdd({ job, step, added, sections, steps }: Given) {
  const { save } = useSaving();
  const live = useOpen('add-step');
  const [open, setOpen] = useState(false);
  const sent = useSent();
  const own = added[step.key];
  const section = step.sections[0]?.split(':')[0] ?? sections[0]?.key ?? '';
  const later = steps
    .filter(
      (one) =>
        one.start >= step.end && one.crew > 0 && one.sections.some((key) => step.sections.includes(key)),
    )
    .sort((a, b) => a.start - b.start)
    .slice(0, 30);
  const send = async (typed: typeof emptyStep) => {
    const refusal = await sent({
      kind: 'add-step',
      job,
      step: {
        operation: typed.operation,
        name: typed.name,
        section,
        after: step.key,
        personMinutes: Math.round(typedFigure(typed.hours) * 60),
        before: typed.before || null,
        note: '',
      },
    });
    if (refusal === null) setOpen(false);
    return refusal;
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
      <AddForm send={send} later={later} close={() => setOpen(false)} />
    </Part>
  );
}

/** What the step is, how long it takes, what waits for it. */
function AddForm({
  send,
  later,
  close,
}: {
  send(typed: typeof emptyStep): Promise<string | null>;
  later: PlannedStep[];
  close(): void;
}) {
  const waiting = [
    { value: '', text: 'nothing waits for it' },
    ...later.map((one) => ({ value: one.key, text: `before ${one.name}` })),
  ];
  return (
    <EntryForm deed="add-step" label="Added step" className="grid gap-1" start={emptyStep} send={send}>
      {(form) => (
        <>
          <Pick
            form={form}
            name="operation"
            label="Operation"
            autoFocus
            options={addable.map((one) => ({ value: one.code, text: one.name }))}
          />
          <Line
            form={form}
            name="name"
            label="Name of the step"
            placeholder="name, if another"
            maxLength={80}
          />
          <Figure
            form={form}
            name="hours"
            label="Person-hours"
            placeholder="person-hours"
            least={0}
            required
          />
          <Pick form={form} name="before" label="Step that waits for it" options={waiting} />
          <span className="flex gap-1">
            <Button type="submit" look="main">
              Add
            </Button>
            <Button onClick={close}>Cancel</Button>
          </span>
        </>
      )}
    </EntryForm>
  );
}
