import type { Gauge } from '../core/record';

/** A film gauge as the survey uses it: one reading at a time. */
export interface FilmGauge {
  name: string;
  /** True for a stand-in: whatever shows its readings says so. */
  simulated: boolean;
  read(part: string, nth: number): { um: number; gauge: Gauge };
}

/**
 * A stand-in for a gauge that is not there: readings that look like an old repaint, the same for the same panel and
 * number, so that a demonstration can be repeated. It measures nothing.
 */
export function simulatedFilmGauge(gauge: Gauge): FilmGauge {
  return {
    name: 'Simulated gauge',
    simulated: true,
    read: (part, nth) => {
      const hash = [...`${part}/${nth}`].reduce((sum, sign) => (sum * 31 + sign.charCodeAt(0)) % 9973, 7);
      const panel = [...part].reduce((sum, sign) => (sum * 17 + sign.charCodeAt(0)) % 89, 3);
      // A panel's own level of 110–200 µm, its readings scattered by 25 µm, every eleventh over old filler.
      const filler = hash % 11 === 0 ? 190 : 0;
      return { um: 110 + panel + (hash % 50) - 25 + filler, gauge };
    },
  };
}
