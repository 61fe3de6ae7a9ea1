'use client';

import { useEffect, useRef } from 'react';
import type { PlannedStep } from '@/core/plan';
import { typedFigure } from '@/core/units';
import { useSaving } from '../frame/saving';
import { hours, moment, span, type Locale } from '../words/format';
import type { ListRow } from './group-steps';
import { counted } from '../words/counted';

const marks = { done: '■', running: '◧', planned: '□' };

/** The heading of a group with its sum; a press folds it. */
export function GroupRow({
  row,
  isFolded,
  onFold,
}: {
  row: Extract<ListRow, { kind: 'group' }>;
  isFolded: boolean;
  onFold(): void;
}) {
  return (
    <tr>
      <th colSpan={8} scope="rowgroup" className="border-b border-line pt-2 text-left text-small text-quiet">
        <button type="button" aria-expanded={!isFolded} onClick={onFold} className="font-semibold">
          {isFolded ? '▸' : '▾'} {row.name}
        </button>
        <span className="pl-2 font-normal tabular-nums">
          {counted(row.steps, 'step')}, {hours(row.personMinutes)} h
        </span>
      </th>
    </tr>
  );
}

/** One step in the list; its hours become a field while they are typed. */
export function StepRow({
  job,
  step,
  seen,
  selected,
  isTyping,
  onTyped,
  onSelect,
  locale,
  because,
}: {
  job: string;
  step: PlannedStep;
  seen: number | null;
  selected: boolean;
  isTyping: boolean;
  onTyped(): void;
  onSelect(): void;
  locale: Locale;
  because: string;
}) {
  return (
    <tr
      id={`row-${step.key}`}
      aria-selected={selected}
      onClick={onSelect}
      className={`cursor-pointer border-b border-line ${selected ? 'bg-raised outline outline-2 -outline-offset-2 outline-ink' : 'hover:bg-tint'}`}
    >
      <td className="pr-2 pl-1" aria-label={step.state}>
        {marks[step.state]}
      </td>
      <td className="max-w-60 truncate py-[3px] pr-3" title={step.name}>
        <button type="button" onClick={onSelect} className="block w-full truncate text-left">
          {step.name}
        </button>
      </td>
      <td className="max-w-32 truncate pr-3" title={step.subject}>
        {step.subject}
      </td>
      <td className="pr-3 text-right whitespace-nowrap">
        {isTyping && step.kind !== 'passive' && step.state === 'planned' ? (
          <HoursField job={job} step={step} seen={seen} onTyped={onTyped} />
        ) : (
          <>
            {step.computedMinutes !== null && <span className="text-small text-quiet">by hand </span>}
            {step.skipped ? 'left out' : step.crew > 0 ? hours(step.personMinutes) : '–'}
          </>
        )}
      </td>
      <td className="pr-3 text-right">{step.crew || '–'}</td>
      <td className="pr-3 whitespace-nowrap">{moment(step.start, locale)}</td>
      <td className="pr-3 text-right whitespace-nowrap">{span(step.minutes)}</td>
      <td className="max-w-36 truncate text-quiet" title={because}>
        {because}
      </td>
    </tr>
  );
}

/** Person-hours typed in the row: Enter saves, Escape leaves, empty returns to the computed ones. */
function HoursField({
  job,
  step,
  seen,
  onTyped,
}: {
  job: string;
  step: PlannedStep;
  seen: number | null;
  onTyped(): void;
}) {
  const { save } = useSaving();
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.select(), []);
  const commit = (text: string) => {
    const value = typedFigure(text);
    if (text !== '' && !(value >= 0)) return field.current?.select();
    const personMinutes = text === '' ? null : Math.round(value * 60);
    if (personMinutes !== step.personMinutes)
      void save({ kind: 'step', job, step: step.key, seen, set: { personMinutes } });
    onTyped();
  };
  return (
    <input
      ref={field}
      aria-label={`Person-hours of ${step.name}`}
      className="w-16 text-right"
      inputMode="decimal"
      defaultValue={(step.personMinutes / 60).toFixed(2)}
      onClick={(event) => event.stopPropagation()}
      onBlur={onTyped}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Enter') commit(event.currentTarget.value.trim());
        if (event.key === 'Escape') onTyped();
      }}
    />
  );
}
