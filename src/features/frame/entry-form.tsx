'use client';

import { useCallback, useState, type ReactNode } from 'react';
import { get, useForm, type FieldError, type FieldPath, type UseFormReturn } from 'react-hook-form';
import type { Edit } from '@/core/record';
import { typedFigure } from '@/core/units';
import type { Deed } from '@/core/rights';
import { useLive } from '@/ui/use-live';
import { refusalText, useSaving } from './saving';
import { useMay } from './who';

/** Fields of text, as they were typed. */
type Typed = Record<string, string>;

/** Saves an edit; answers why it was refused, null once it is saved. */
export function useSent(): (edit: Edit) => Promise<string | null> {
  const { save } = useSaving();
  return useCallback(async (edit: Edit) => refusalText(await save(edit)), [save]);
}

const faultsOf = (errors: object): string[] =>
  Object.values(errors).flatMap((one: FieldError | undefined) => one?.message ?? []);

/**
 * A few fields that go out together. A field that is wrong says so before anything is sent, what the shop refuses is
 * said after it, and what was typed stays until it is saved.
 */
export function EntryForm<V extends Typed>({
  label,
  className,
  start,
  stays = false,
  deed,
  send,
  children,
}: {
  label?: string;
  className: string;
  /** What was typed stays in the fields, for a question that is asked again a little otherwise. */
  stays?: boolean;
  /** What sending it does; who may not do that does not see the form. Null where it only asks. */
  deed: Deed | null;
  /** What the fields hold at first, and again once they are saved. */
  start: V;
  /** Carries it out; a text is why it was not. */
  send(typed: V): Promise<string | null> | string | null;
  children(form: UseFormReturn<V>): ReactNode;
}) {
  const live = useLive();
  const may = useMay();
  const form = useForm<V>({ values: start });
  const [refusal, setRefusal] = useState<string | null>(null);
  const submit = form.handleSubmit(
    async (typed) => {
      const why = await send(typed);
      setRefusal(why);
      if (why === null && !stays) form.reset(start);
    },
    () => setRefusal(null),
  );
  if (deed !== null && !may(deed)) return null;
  const faults = [...faultsOf(form.formState.errors), ...(refusal === null ? [] : [refusal])];
  return (
    <form aria-label={label} className={className} noValidate onSubmit={(event) => void submit(event)}>
      <fieldset disabled={!live} className="contents">
        {children(form)}
      </fieldset>
      {faults.length > 0 && (
        <p role="alert" className="col-span-full w-full text-small text-stop">
          {faults.join(' ')}
        </p>
      )}
    </form>
  );
}

interface FieldProps<V extends Typed> {
  form: UseFormReturn<V>;
  name: FieldPath<V>;
  label: string;
  className?: string;
  autoFocus?: boolean;
}

interface LineProps<V extends Typed> extends FieldProps<V> {
  type?: 'text' | 'date' | 'time' | 'datetime-local';
  placeholder?: string;
  title?: string;
  required?: boolean;
  maxLength?: number;
  inputMode?: 'decimal' | 'numeric';
  /** Suggestions: the id of a list. */
  list?: string;
  /** What is wrong with it, null where nothing is. */
  fault?(text: string): string | null;
}

/** One line to type, or a day or an hour to pick. */
export function Line<V extends Typed>({
  form,
  name,
  label,
  type = 'text',
  required = false,
  fault,
  ...given
}: LineProps<V>) {
  const typed = form.register(name, {
    setValueAs: (text: string) => text.trim(),
    validate: (value) => {
      const text = String(value);
      if (text === '') return required ? `${label} is missing.` : true;
      return fault?.(text) ?? true;
    },
  });
  return (
    <input
      {...given}
      {...typed}
      type={type}
      aria-label={label}
      aria-required={required}
      aria-invalid={get(form.formState.errors, name) !== undefined}
    />
  );
}

/** A figure to type, with a point or a comma, that lies where it must. */
export function Figure<V extends Typed>({
  least = -Infinity,
  most = Infinity,
  whole = false,
  ...given
}: Omit<LineProps<V>, 'type' | 'fault' | 'inputMode'> & { least?: number; most?: number; whole?: boolean }) {
  const from = least === -Infinity ? '' : ` of at least ${least}`;
  const range = most === Infinity ? from : ` from ${least} to ${most}`;
  return (
    <Line
      {...given}
      inputMode="decimal"
      fault={(text) => {
        const figure = typedFigure(text);
        const holds = Number.isFinite(figure) && figure >= least && figure <= most;
        return holds && (!whole || Number.isInteger(figure))
          ? null
          : `${given.label} must be a ${whole ? 'whole number' : 'figure'}${range}.`;
      }}
    />
  );
}

/** One of several. */
export function Pick<V extends Typed>({
  form,
  name,
  label,
  options,
  onPick,
  ...given
}: FieldProps<V> & { options: readonly { value: string; text: string }[]; onPick?(value: string): void }) {
  const typed = form.register(name, {
    onChange: (event: { target: { value: string } }) => onPick?.(event.target.value),
  });
  return (
    <select {...given} {...typed} aria-label={label}>
      {options.map((one) => (
        <option key={one.value} value={one.value}>
          {one.text}
        </option>
      ))}
    </select>
  );
}
