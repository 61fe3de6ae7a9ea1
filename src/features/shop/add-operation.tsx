'use client';

import { useState } from 'react';
import { operationOf, workStates, type Operation, type WorkState } from '@/core/steps';
import { Button } from '@/ui/button';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from '../frame/saving';
import { stateWords } from '../words/step-words';

const codeOf = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 30);

/** A new operation of the shop: its name, minutes a square metre, and what it must be done before; the builder uses it at once. */
export function AddOperation({ onAdded, taken }: { onAdded(code: string): void; taken: readonly string[] }) {
  const { save } = useSaving();
  const live = useLive();
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const submit = async (form: HTMLFormElement) => {
    const given = new FormData(form);
    const text = (key: string) => String(given.get(key) ?? '').trim();
    const code = codeOf(text('name'));
    const rate = Number(text('rate').replace(',', '.'));
    if (!/^[a-z]/.test(code)) return setFault('The name must begin with a letter.');
    if (taken.includes(code)) return setFault(`There is an operation ${code} already.`);
    if (!(rate >= 0)) return setFault('The rate must be a figure of at least 0.');
    const before = text('before') as WorkState;
    const { code: _code, ...base } = operationOf('own-work');
    const entry: Omit<Operation, 'code'> = {
      ...base,
      name: text('name'),
      basis: 'm²',
      rate,
      fixedMin: 0,
      shapeFactor: 'surface',
      before: [before],
      when: { is: ['painted'] },
      why: text('why') || 'the shop does it',
    };
    const outcome = await save({ kind: 'operation', code, seen: null, entry });
    setFault(refusalText(outcome));
    if (outcome.status === 'saved') {
      setOpen(false);
      onAdded(code);
    }
  };
  if (!open)
    return (
      <Button className="ml-auto" disabled={!live} onClick={() => setOpen(true)}>
        New operation
      </Button>
    );
  return (
    <form
      aria-label="New operation"
      className="ml-auto flex flex-wrap items-center gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(event.currentTarget);
      }}
    >
      <input
        name="name"
        aria-label="Name of the operation"
        placeholder="name"
        maxLength={80}
        required
        autoFocus
      />
      <input
        name="rate"
        aria-label="Person-minutes a square metre"
        placeholder="min / m²"
        inputMode="decimal"
        className="w-20"
        required
      />
      <select name="before" aria-label="To be done before it is" defaultValue="masked">
        {workStates.slice(1).map((state) => (
          <option key={state} value={state}>
            before it is {stateWords[state]}
          </option>
        ))}
      </select>
      <input name="why" aria-label="Why" placeholder="why" maxLength={200} className="w-32" />
      <Button type="submit" look="main">
        Add
      </Button>
      <Button onClick={() => setOpen(false)}>Cancel</Button>
      {fault && (
        <p role="alert" className="w-full text-small text-stop">
          {fault}
        </p>
      )}
    </form>
  );
}
