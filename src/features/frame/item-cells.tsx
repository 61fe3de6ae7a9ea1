'use client';

import { X } from 'lucide-react';
import type { Edit, JobListName, JobLists } from '@/core/record';
import { wallTime } from '@/core/units';
import { EditChoice, EditText } from './edit-field';
import { useSaving } from './saving';
import { useMay, useOpen } from './who';
import { minuteOf } from './wall-clock';

/** What a row of a strip-down list needs to be edited in place. */
export interface ItemRow<N extends JobListName = JobListName> {
  job: string;
  list: N;
  id: string;
  seen: number;
  /** What the row is called, for labels that are not seen. */
  name: string;
}

type FieldOf<N extends JobListName> = Exclude<keyof JobLists[N][number], 'id'> & string;

/** The field is one of the list's own; the server holds the value against the field's kind. */
function setOf<N extends JobListName>(
  row: ItemRow<N>,
  field: FieldOf<N>,
  value: string | number | boolean | null,
): Edit {
  const { job, list, id, seen } = row;
  const set: object = { [field]: value };
  return { kind: 'set-item', job, list, id, seen, set };
}

export function TextCell<N extends JobListName>({
  row,
  field,
  label,
  value,
  width = 'w-28',
}: {
  row: ItemRow<N>;
  field: FieldOf<N>;
  label: string;
  value: string;
  width?: string;
}) {
  return (
    <td className="py-1 pr-2">
      <EditText
        label={`${label} of ${row.name}`}
        quiet
        className={width}
        value={value}
        toEdit={(text) => setOf(row, field, text)}
      />
    </td>
  );
}

/** What a cell that is typed in needs, whatever is typed there. */
interface TypedCell<N extends JobListName, V> {
  row: ItemRow<N>;
  field: FieldOf<N>;
  label: string;
  value: V;
}

/** A number as it is typed; `per` of what is kept go on one of what is typed. */
function NumberCell<N extends JobListName>({
  row,
  field,
  label,
  value,
  width,
  read,
  per = 1,
}: TypedCell<N, number | null> & { width: string; read: (text: string) => number | null; per?: number }) {
  return (
    <td className="py-1 pr-2">
      <EditText
        label={`${label} of ${row.name}`}
        quiet
        type="number"
        step="any"
        className={width}
        value={value === null ? '' : String(value / per)}
        toEdit={(text) => setOf(row, field, read(text))}
      />
    </td>
  );
}

/** @param none may be left empty */
export function FigureCell<N extends JobListName>({
  none = false,
  ...cell
}: TypedCell<N, number | null> & { none?: boolean }) {
  return (
    <NumberCell {...cell} width="w-14" read={(text) => (text === '' ? (none ? null : 0) : Number(text))} />
  );
}

/** Money typed in whole units of the currency and kept in minor ones; may be left empty. */
export function MoneyCell<N extends JobListName>(cell: TypedCell<N, number | null>) {
  return (
    <NumberCell
      {...cell}
      width="w-20"
      per={100}
      read={(text) => (text === '' ? null : Math.round(Number(text) * 100))}
    />
  );
}

export function DayCell<N extends JobListName>({ row, field, label, value }: TypedCell<N, string | null>) {
  return (
    <td className="py-1 pr-2">
      <EditText
        label={`${label} of ${row.name}`}
        quiet
        type="date"
        className="w-32"
        value={value ?? ''}
        toEdit={(text) => setOf(row, field, text || null)}
      />
    </td>
  );
}

/** A day, and beneath it the hour, kept in minutes after midnight; each may be left empty. */
export function DayHourCell<N extends JobListName>({
  row,
  day,
  hour,
}: {
  row: ItemRow<N>;
  day: { field: FieldOf<N>; label: string; value: string | null };
  hour: { field: FieldOf<N>; label: string; value: number | null };
}) {
  return (
    <td className="py-1 pr-2">
      <EditText
        label={`${day.label} of ${row.name}`}
        quiet
        type="date"
        className="w-32"
        value={day.value ?? ''}
        toEdit={(text) => setOf(row, day.field, text || null)}
      />
      <EditText
        label={`${hour.label} of ${row.name}`}
        quiet
        type="time"
        className="mt-1 w-32"
        value={hour.value === null ? '' : wallTime(hour.value)}
        toEdit={(text) => setOf(row, hour.field, text === '' ? null : minuteOf(text))}
      />
    </td>
  );
}

export function ChoiceCell<N extends JobListName>({
  row,
  field,
  label,
  value,
  choices,
  names = {},
  width = 'w-28',
}: {
  row: ItemRow<N>;
  field: FieldOf<N>;
  label: string;
  value: string;
  choices: readonly string[];
  /** What a choice is called, where that is not its own word. */
  names?: Readonly<Record<string, string>>;
  width?: string;
}) {
  return (
    <td className="py-1 pr-2">
      <EditChoice
        label={`${label} of ${row.name}`}
        quiet
        className={width}
        value={value}
        choices={choices.map((one) => ({ value: one, text: names[one] ?? one.replace(/-/g, ' ') }))}
        toEdit={(text) => setOf(row, field, text)}
      />
    </td>
  );
}

export function TickCell<N extends JobListName>({
  row,
  field,
  label,
  value,
}: {
  row: ItemRow<N>;
  field: FieldOf<N>;
  label: string;
  value: boolean;
}) {
  const { save } = useSaving();
  const open = useOpen(`list ${row.list}`);
  return (
    <td className="py-1 pr-2">
      <input
        type="checkbox"
        aria-label={`${label} of ${row.name}`}
        checked={value}
        disabled={!open}
        className="size-5"
        onChange={(event) => void save(setOf(row, field, event.target.checked))}
      />
    </td>
  );
}

export function RemoveCell({ row }: { row: ItemRow }) {
  const { save } = useSaving();
  const may = useMay();
  if (!may(`list ${row.list}`)) return <td />;
  return (
    <td className="py-1 pr-2">
      <button
        type="button"
        aria-label={`Remove ${row.name}`}
        onClick={() =>
          void save({ kind: 'remove-item', job: row.job, list: row.list, id: row.id, seen: row.seen })
        }
      >
        <X size={16} aria-hidden="true" />
      </button>
    </td>
  );
}
