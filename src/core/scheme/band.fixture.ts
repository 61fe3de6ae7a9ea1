import type { Construction } from '../record';

/**
 * A band on both sides of a body of 4.4 m: its lower edge 600 mm above the lowest point, 200 mm wide at the front and
 * 100 mm at the rear.
 */
export const taperedBand = (over: Partial<Omit<Construction, 'shape'>> = {}): Construction => ({
  id: 'n1',
  name: 'Band',
  colour: 'c.1',
  strip: 'both',
  place: 1,
  ...over,
  shape: {
    kind: 'band',
    line: { datum: 'base', panel: '', fairing: 'straight', stations: [{ atMm: 0, mm: 600 }] },
    widths: [
      { atMm: 0, mm: 200 },
      { atMm: 4400, mm: 100 },
    ],
    lies: 'above',
    fromMm: null,
    toMm: null,
    ends: 'square',
    outline: null,
  },
});
