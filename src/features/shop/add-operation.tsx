'use client';

import { useState } from 'react';
import { operationOf, workStates, type Operation, type WorkState } from '@/core/steps';
import { typedFigure } from '@/core/units';
import { Button } from '@/ui/button';
import { EntryForm, Figure, Line, Pick, useSent } from '../frame/entry-form';
import { stateWords } from '../words/step-words';
import { useOpen } from '../frame/who';

const codeOf = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 30);

const faultOfName = (name: string, taken: readonly string[]): string | null => {
  const code = codeOf(name);
  if (!/^[a-z]/.test(code)) return 'The name must begin with a letter.';
  return taken.includes(code) ? `There is an operation ${code} already.` : null;
};

const emptyOperation: { name: string; rate: string; before: WorkState; why: string } = {
  name: '',
  rate: '',
  before: 'masked',
  why: '',
};

/** A new operation of the shop: its name, minutes a square metre, and what it must be done before; the builder uses it at once. */
export function AddOperation({ onAdded, taken }: { onAdded(code: string): void; taken: readonly string[] }) {
  const live = useOpen('operation');
  const sent = useSent();
  const [open, setOpen] = useState(false);
  const send = async (typed: typeof emptyOperation) => {
    const code = codeOf(typed.name);
    const { code: _code, ...base } = operationOf('own-work');
    const entry: Omit<Operation, 'code'> = {
      ...base,
      name: typed.name,
      basis: 'm²',
      rate: typedFigure(typed.rate),
      fixedMin: 0,
      shapeFactor: 'surface',
      before: [typed.before],
      when: { is: ['painted'] },
      why: typed.why || 'the shop does it',
    };
    const refusal = await sent({ kind: 'operation', code, seen: null, entry });
    if (refusal !== null) return refusal;
    setOpen(false);
    onAdded(code);
    return null;
  };
  if (!open)
    return (
      <Button className="ml-auto" disabled={!live} onClick={() => setOpen(true)}>
        New operation
      </Button>
    );
  return (
    <EntryForm
      deed="operation"
      label="New operation"
      className="ml-auto flex flex-wrap items-center gap-1"
      start={emptyOperation}
      send={send}
    >
      {(form) => (
        <>
          <Line
            form={form}
            name="name"
            label="Name of the operation"
            placeholder="name"
            maxLength={80}
            required
            autoFocus
            fault={(name) => faultOfName(name, taken)}
          />
          <Figure
            form={form}
            name="rate"
            label="Person-minutes a square metre"
            placeholder="min / m²"
            className="w-20"
            least={0}
            required
          />
          <Pick
            form={form}
            name="before"
            label="To be done before it is"
            options={workStates
              .slice(1)
              .map((state) => ({ value: state, text: `before it is ${stateWords[state]}` }))}
          />
          <Line form={form} name="why" label="Why" placeholder="why" maxLength={200} className="w-32" />
          <Button type="submit" look="main">
            Add
          </Button>
          <Button onClick={() => setOpen(false)}>Cancel</Button>
        </>
      )}
    </EntryForm>
  );
}
