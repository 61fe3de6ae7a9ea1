export const quantityKinds = ['volume', 'film', 'mass', 'area', 'length', 'temperature'] as const;
export type QuantityKind = (typeof quantityKinds)[number];

/** Factor to the metric unit a figure is kept in: L, µm, kg, m², m. US measures unless they say imperial. */
const factors: Record<Exclude<QuantityKind, 'temperature'>, Record<string, number>> = {
  volume: {
    l: 1,
    ml: 0.001,
    oz: 0.0295735295625,
    pt: 0.473176473,
    qt: 0.946352946,
    gal: 3.785411784,
    'imp gal': 4.54609,
  },
  film: { µm: 1, um: 1, micron: 1, mil: 25.4, mm: 1000 },
  mass: { kg: 1, g: 0.001, oz: 0.028349523125, lb: 0.45359237 },
  area: { 'm²': 1, m2: 1, 'sq ft': 0.09290304, 'ft²': 0.09290304, ft2: 0.09290304 },
  length: { m: 1, cm: 0.01, mm: 0.001, in: 0.0254, ft: 0.3048, yd: 0.9144 },
};
const own: Record<QuantityKind, string> = {
  volume: 'L',
  film: 'µm',
  mass: 'kg',
  area: 'm²',
  length: 'm',
  temperature: '°C',
};

export type ReadQuantity =
  | { status: 'ok'; value: number }
  | { status: 'faulty'; code: 'no-number' | 'unknown-unit'; unit: string; known: string[] };

/**
 * Reads a figure with or without its unit (`12 oz`, `2.5 mil`, `59 °F`) into the metric unit it is kept in; a bare
 * figure is in that unit. Conversions are the exact legal ones.
 */
export function readQuantity(text: string, kind: QuantityKind): ReadQuantity {
  const match = /^\s*(-?\d+(?:[.,]\d+)?)\s*(.*?)\s*$/.exec(text);
  const unit = (match?.[2] ?? '').toLowerCase().replace(/\.$/, '');
  const known = kind === 'temperature' ? ['°C', '°F'] : Object.keys(factors[kind]);
  if (!match) return { status: 'faulty', code: 'no-number', unit: '', known };
  const value = Number(match[1]!.replace(',', '.'));
  if (unit === '' || unit === own[kind].toLowerCase()) return { status: 'ok', value };
  if (kind === 'temperature')
    return unit === '°f' || unit === 'f'
      ? { status: 'ok', value: ((value - 32) * 5) / 9 }
      : unit === 'c'
        ? { status: 'ok', value }
        : { status: 'faulty', code: 'unknown-unit', unit, known };
  const factor = factors[kind][unit];
  return factor === undefined
    ? { status: 'faulty', code: 'unknown-unit', unit, known }
    : { status: 'ok', value: value * factor };
}

/** A figure as it was typed, with a point or a comma; NaN where it is none, also where nothing was typed. */
export const typedFigure = (text: string): number =>
  text.trim() === '' ? NaN : Number(text.trim().replace(',', '.'));

/** A figure that may be left empty: null where nothing was typed. */
export const optionalFigure = (text: string): number | null =>
  text.trim() === '' ? null : typedFigure(text);
