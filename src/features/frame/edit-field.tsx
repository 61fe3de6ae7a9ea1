'use client';

import { useId, useState, type KeyboardEvent } from 'react';
import type { Edit } from '@/core/record';
import { useLive } from '@/ui/use-live';
import { deedOf } from '@/core/rights';
import { refusalText, useSaving } from './saving';
import { useMay } from './who';

interface Common {
  label: string;
  /** Hide the label from sight where the table's head says it. */
  quiet?: boolean;
  value: string;
  /** Turns what was typed into the edit to send. */
  toEdit(text: string): Edit;
  /** Says what is wrong with a text before it is sent; null where nothing is. */
  check?(text: string): string | null;
  className?: string;
}

function useField({ value, toEdit, check }: Pick<Common, 'value' | 'toEdit' | 'check'>) {
  const { save } = useSaving();
  const live = useLive();
  const may = useMay();
  const [draft, setDraftAlone] = useState<string | null>(null);
  // What stood there when typing began: another value by now means that somebody else changed it meanwhile.
  const [base, setBase] = useState<string | null>(null);
  const setDraft = (text: string | null) => {
    if (text === null) setBase(null);
    else if (draft === null) setBase(value);
    setDraftAlone(text);
  };
  const theirs = draft !== null && base !== null && value !== base && value !== draft ? value : null;
  const [fault, setFault] = useState<string | null>(null);
  const commit = async (text: string, insist = false) => {
    if (text === value) {
      setDraft(null);
      setFault(null);
      return;
    }
    setDraft(text);
    // Whoever typed chooses first: nothing of another is written over unseen.
    if (theirs !== null && !insist) return;
    const wrong = check?.(text) ?? null;
    if (wrong) {
      setFault(wrong);
      return;
    }
    const outcome = await save(toEdit(text));
    setFault(refusalText(outcome));
    // On success the fresh value comes with the page; a refused one stays to be mended, unless somebody else changed it.
    if (outcome.status === 'saved') setDraft(null);
  };
  const forget = () => {
    setDraft(null);
    setFault(null);
  };
  const meanwhile = theirs === null ? null : { theirs, keep: () => void commit(draft!, true), take: forget };
  return {
    shown: draft ?? value,
    setDraft,
    fault,
    commit,
    forget,
    live,
    meanwhile,
    may: may(deedOf(toEdit(value))),
  };
}

/** Somebody else changed it while it was typed: both are shown, and who typed chooses. */
const Meanwhile = ({
  theirs,
  mine,
  keep,
  take,
}: {
  theirs: string;
  mine: string;
  keep(): void;
  take(): void;
}) => (
  <span role="alert" className="max-w-64 text-small text-caution">
    Somebody changed this to “{theirs === '' ? 'nothing' : theirs}” while you typed.{' '}
    <button type="button" className="font-semibold underline" onClick={take}>
      Take theirs
    </button>{' '}
    <button type="button" className="font-semibold underline" onClick={keep}>
      Save “{mine === '' ? 'nothing' : mine}”
    </button>
  </span>
);

/** What stands there, for who may read and not change it. */
const Stated = ({
  label,
  quiet,
  text,
  unit,
}: {
  label: string;
  quiet?: boolean;
  text: string;
  unit?: string;
}) => (
  <span className="inline-flex items-baseline gap-1">
    <span className={quiet ? 'sr-only' : 'text-quiet'}>{label}</span>
    <span className="tabular-nums">{text === '' ? '–' : text}</span>
    {unit && text !== '' && <span className="text-quiet">{unit}</span>}
  </span>
);

/** A figure, text or day that is saved when one leaves it or presses Enter; Escape takes back what was typed. */
export function EditText({
  label,
  quiet,
  value,
  toEdit,
  check,
  type = 'text',
  unit,
  className = 'w-20',
  ...limits
}: Common & {
  type?: 'text' | 'number' | 'date' | 'time' | 'color';
  unit?: string;
  min?: number;
  max?: number;
  step?: number | 'any';
}) {
  const id = useId();
  const { shown, setDraft, fault, commit, forget, live, may, meanwhile } = useField({ value, toEdit, check });
  if (!may) return <Stated label={label} quiet={quiet} text={value} unit={unit} />;
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') event.currentTarget.blur();
    if (event.key === 'Escape') {
      forget();
      event.stopPropagation();
    }
  };
  return (
    <span className="inline-flex flex-col">
      <span className="inline-flex items-center gap-1">
        <label htmlFor={id} className={quiet ? 'sr-only' : 'text-quiet'}>
          {label}
        </label>
        <input
          id={id}
          type={type}
          value={shown}
          disabled={!live}
          {...limits}
          aria-invalid={fault !== null}
          aria-describedby={fault ? `${id}-fault` : undefined}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={(event) => void commit(event.target.value)}
          onKeyDown={onKeyDown}
          className={`${type === 'number' ? 'text-right tabular-nums' : ''} ${className}`}
        />
        {unit && <span className="text-quiet">{unit}</span>}
      </span>
      {meanwhile ? (
        <Meanwhile {...meanwhile} mine={shown} />
      ) : fault ? (
        <span id={`${id}-fault`} role="alert" className="max-w-56 text-small text-stop">
          {fault}
        </span>
      ) : null}
    </span>
  );
}

/** A choice that is saved as it is made. */
export function EditChoice({
  label,
  quiet,
  value,
  toEdit,
  choices,
  className = 'w-36',
}: Common & { choices: readonly { value: string; text: string }[] }) {
  const id = useId();
  const { shown, fault, commit, live, may } = useField({ value, toEdit });
  if (!may)
    return (
      <Stated label={label} quiet={quiet} text={choices.find((one) => one.value === value)?.text ?? value} />
    );
  return (
    <span className="inline-flex flex-col">
      <label htmlFor={id} className={quiet ? 'sr-only' : 'text-quiet'}>
        {label}
      </label>
      <select
        id={id}
        value={shown}
        disabled={!live}
        aria-invalid={fault !== null}
        onChange={(event) => void commit(event.target.value)}
        className={className}
      >
        {choices.map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.text}
          </option>
        ))}
      </select>
      {fault && (
        <span role="alert" className="max-w-56 text-small text-stop">
          {fault}
        </span>
      )}
    </span>
  );
}
