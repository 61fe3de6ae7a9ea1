'use client';

import { readQuantity, type QuantityKind } from '@/core/units';
import { Fact } from '@/ui/facts';
import { EditChoice, EditText } from '../frame/edit-field';
import { span } from '../words/format';
import type { productEdit } from './product-edit';

/** Minutes out of `45`, `45 min`, `3 h` or `2 d`; null for what is none of these. */
export function readMinutes(text: string): number | null {
  const match = /^\s*(\d+(?:[.,]\d+)?)\s*(min|h|d)?\s*$/.exec(text);
  if (!match) return null;
  const factor = { min: 1, h: 60, d: 1440 }[match[2] ?? 'min']!;
  return Math.round(Number(match[1]!.replace(',', '.')) * factor);
}

type Edits = ReturnType<typeof productEdit>;

export function Time({
  label,
  value,
  none,
  toEdit,
}: {
  label: string;
  value: number | null;
  none: boolean;
  toEdit(minutes: number | null): Edits;
}) {
  return (
    <Fact label={label}>
      <EditText
        label={label}
        quiet
        className="w-24 text-right"
        value={value === null ? '' : span(value).replace(/ h (\d+)$/, (_, min: string) => ` h ${min}`)}
        check={(text) =>
          (none && text.trim() === '') || readMinutes(text) !== null ? null : 'write 45 min, 3 h or 2 d'
        }
        toEdit={(text) => toEdit(text.trim() === '' ? null : readMinutes(text))}
      />
    </Fact>
  );
}

/** A figure with its unit, or with another that is converted: 1.2 mil, 59 °F. */
export function Quantity({
  label,
  kind,
  value,
  unit,
  toEdit,
}: {
  label: string;
  kind: QuantityKind;
  value: number;
  unit: string;
  toEdit(value: number): Edits;
}) {
  return (
    <Fact label={label}>
      <EditText
        label={label}
        quiet
        className="w-20 text-right"
        unit={unit}
        value={String(Number(value.toFixed(3)))}
        check={(text) => {
          const read = readQuantity(text, kind);
          if (read.status === 'ok') return null;
          return read.code === 'no-number'
            ? 'a figure is wanted'
            : `“${read.unit}” is not known; ${read.known.join(', ')} are`;
        }}
        toEdit={(text) => {
          const read = readQuantity(text, kind);
          return toEdit(read.status === 'ok' ? read.value : NaN);
        }}
      />
    </Fact>
  );
}

export function Whole({
  label,
  value,
  none = false,
  toEdit,
}: {
  label: string;
  value: number | null;
  none?: boolean;
  toEdit(value: number | null): Edits;
}) {
  return (
    <Fact label={label}>
      <EditText
        label={label}
        quiet
        type="number"
        step="any"
        className="w-20"
        value={value === null ? '' : String(value)}
        check={(text) => (text === '' && !none ? 'a figure is wanted' : null)}
        toEdit={(text) => toEdit(text === '' ? null : Number(text))}
      />
    </Fact>
  );
}

export function Choice({
  label,
  value,
  values,
  toEdit,
}: {
  label: string;
  value: string;
  values: readonly string[];
  toEdit(text: string): Edits;
}) {
  return (
    <Fact label={label}>
      <EditChoice
        label={label}
        quiet
        className="w-28"
        value={value}
        choices={values.map((one) => ({ value: one, text: one === 'none' ? 'no way back' : one }))}
        toEdit={toEdit}
      />
    </Fact>
  );
}
