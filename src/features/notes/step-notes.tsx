'use client';

import type { PlannedStep } from '@/core/plan';
import type { NewNote } from '@/core/record';
import { Button } from '@/ui/button';
import { Part } from '@/ui/facts';
import { EntryForm, Line, Pick, useSent } from '../frame/entry-form';
import { NoteLines } from './note-lines';
import { useNotesOf } from './notes-context';

interface Given {
  job: string;
  bodyKind: string;
  step: PlannedStep;
  productName(code: string): string;
  placeName(id: string): string;
}

/** What was learned of this work before, and where the next thing is written down. */
export function StepNotes({ job, bodyKind, step, productName, placeName }: Given) {
  const send = useSent();
  const notes = useNotesOf(step.key);
  const ties = tiesOf(step, bodyKind, productName, placeName);
  return (
    <Part title="Notes of earlier work">
      <NoteLines notes={notes} />
      <EntryForm
        deed="add-note"
        label="Write a note"
        className="flex flex-col gap-2 pt-1"
        start={{ cause: '', cure: '', tie: '0' }}
        send={({ cause, cure, tie }) =>
          send({
            kind: 'add-note',
            note: { ...ties[Number(tie)]!.note, cause, cure, job, part: '', step: step.key, by: '' },
          })
        }
      >
        {(form) => (
          <>
            <Line
              form={form}
              name="cause"
              label="What happened"
              placeholder="what happened"
              maxLength={200}
              required
            />
            <Line
              form={form}
              name="cure"
              label="What helps"
              placeholder="what helps"
              maxLength={200}
              required
            />
            <Pick
              form={form}
              name="tie"
              label="Where it comes back"
              options={ties.map(({ text }, i) => ({ value: String(i), text }))}
            />
            <Button type="submit">Write it down</Button>
          </>
        )}
      </EntryForm>
    </Part>
  );
}

type Tied = Pick<NewNote, 'operation' | 'product' | 'bodyKind' | 'place'>;

/** Where a note on a step may come back. */
function tiesOf(
  { operation, name, coat, uses }: PlannedStep,
  bodyKind: string,
  productName: Given['productName'],
  placeName: Given['placeName'],
): { text: string; note: Tied }[] {
  const none: Tied = { operation: '', product: '', bodyKind: '', place: '' };
  const places = uses.filter((id) => placeName(id) !== '');
  return [
    { text: `comes back with: ${name}`, note: { ...none, operation } },
    ...(coat
      ? [
          {
            text: `comes back with ${productName(coat.product)}`,
            note: { ...none, product: coat.product },
          },
        ]
      : []),
    { text: `${name}, on such a body`, note: { ...none, operation, bodyKind } },
    ...places.map((place) => ({
      text: `${name}, in ${placeName(place)}`,
      note: { ...none, operation, place },
    })),
  ];
}
