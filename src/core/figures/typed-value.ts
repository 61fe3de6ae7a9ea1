import { readQuantity, type QuantityKind } from '../units';
import type { FigureEntry } from './figure-entry';

export type ReadFigure = { status: 'ok'; value: number } | { status: 'faulty'; reason: string };

const kinds: Partial<Record<FigureEntry['unit'], { kind: QuantityKind; per: number }>> = {
  µm: { kind: 'film', per: 1 },
  L: { kind: 'volume', per: 1 },
  mL: { kind: 'volume', per: 1000 },
  m: { kind: 'length', per: 1 },
  'm²': { kind: 'area', per: 1 },
  kg: { kind: 'mass', per: 1 },
};
/** Other units that a figure may be typed in, as factors to its own. */
const others: Partial<Record<FigureEntry['unit'], Record<string, number>>> = {
  share: { '%': 0.01 },
  factor: { '%': 0.01 },
  min: { min: 1, h: 60, d: 1440 },
  days: { d: 1, day: 1, days: 1, weeks: 7 },
  mm: { cm: 10, in: 25.4 },
};

/**
 * Reads a figure as it was typed: a number with point or comma, alone or with a unit (`1.8 mil`, `8 oz`, `65 %`, `2 h`), in the
 * unit of its entry. Out of its range, it is refused with the range.
 */
export function readFigure(text: string, entry: FigureEntry): ReadFigure {
  const read = valueOf(text, entry);
  if (read.status === 'faulty') return read;
  // A conversion leaves binary dust: nobody types more than six places.
  const value = Math.round(read.value * 1e6) / 1e6;
  const { least, most, unit, whole } = entry;
  const shown = unit === 'share' || unit === 'factor' ? '' : ` ${unit}`;
  if (value < least || value > most)
    return { status: 'faulty', reason: `${value}${shown} is outside ${least}–${most}${shown}` };
  if (whole && !Number.isInteger(value)) return { status: 'faulty', reason: `${value} is no whole number` };
  return { status: 'ok', value };
}

function valueOf(text: string, { unit }: FigureEntry): ReadFigure {
  const quantity = kinds[unit];
  if (quantity) {
    const typed = unit === 'mL' && /^\s*-?\d+(?:[.,]\d+)?\s*$/.test(text) ? `${text.trim()} ml` : text;
    const read = readQuantity(typed, quantity.kind);
    if (read.status === 'ok') return { status: 'ok', value: read.value * quantity.per };
    return read.code === 'no-number'
      ? noFigure(text)
      : { status: 'faulty', reason: `“${read.unit}” is no unit here: ${read.known.join(', ')}` };
  }
  const match = /^\s*(-?\d+(?:[.,]\d+)?)\s*(.*?)\s*$/.exec(text);
  if (!match) return noFigure(text);
  const [, figure, given] = match as unknown as [string, string, string];
  const value = Number(figure.replace(',', '.'));
  if (given === '' || given === unit) return { status: 'ok', value };
  const known = others[unit] ?? {};
  const factor = known[given.toLowerCase()];
  if (factor !== undefined) return { status: 'ok', value: value * factor };
  const units = Object.keys(known).length > 0 ? Object.keys(known).join(', ') : unit;
  return { status: 'faulty', reason: `“${given.slice(0, 12)}” is no unit here: ${units}` };
}

const noFigure = (text: string): ReadFigure => ({
  status: 'faulty',
  reason: text.trim() === '' ? 'a figure is missing' : `“${text.trim().slice(0, 20)}” is no figure`,
});
