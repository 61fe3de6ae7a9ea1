import type { Film } from './kubelka-munk';
import { bandsNm } from './observer';

/** A toner of the invented mixing bench: its film at full strength, per µm of dry film. */
export interface Toner {
  key: string;
  name: string;
  film: Film;
}

/** A smooth step from 1 below an edge to 0 above it; the width is where it falls from 88 to 12 %. */
const below = (nm: number, width: number) => (at: number) => 1 / (1 + Math.exp((at - nm) / (width / 4)));
const above = (nm: number, width: number) => (at: number) => 1 - below(nm, width)(at);
const around = (nm: number, width: number) => (at: number) => Math.exp(-(((at - nm) / width) ** 2));

const toner = (
  key: string,
  name: string,
  absorbs: (nm: number) => number,
  scatters: (nm: number) => number,
): Toner => ({ key, name, film: { k: bandsNm.map(absorbs), s: bandsNm.map(scatters) } });

/**
 * Invented toners: curves of the kind such pigments have, made up here and measured nowhere. Where a shop reads its own
 * drawdowns, these give way.
 */
export const toners: readonly Toner[] = [
  toner(
    'white',
    'dense white',
    (nm) => 0.0004 + 0.02 * below(405, 24)(nm),
    (nm) => 0.2 - 0.0001 * (nm - 400),
  ),
  toner(
    'black',
    'carbon black',
    () => 0.6,
    () => 0.004,
  ),
  toner(
    'ochre',
    'earth ochre',
    (nm) => 0.003 + 0.3 * below(535, 80)(nm),
    (nm) => 0.075 + 0.03 * above(560, 80)(nm),
  ),
  toner(
    'oxide-red',
    'earth red',
    (nm) => 0.005 + 0.4 * below(578, 45)(nm),
    (nm) => 0.07 + 0.03 * above(600, 60)(nm),
  ),
  toner(
    'red',
    'bright red',
    (nm) => 0.0006 + 0.34 * below(592, 26)(nm),
    (nm) => 0.012 + 0.035 * above(595, 40)(nm),
  ),
  toner(
    'orange',
    'bright orange',
    (nm) => 0.0006 + 0.34 * below(556, 28)(nm),
    (nm) => 0.014 + 0.035 * above(560, 40)(nm),
  ),
  toner(
    'yellow',
    'bright yellow',
    (nm) => 0.0005 + 0.34 * below(503, 26)(nm),
    (nm) => 0.02 + 0.03 * above(500, 40)(nm),
  ),
  toner(
    'green',
    'deep green',
    (nm) => 0.006 + 0.2 * below(470, 40)(nm) + 0.34 * above(565, 50)(nm),
    (nm) => 0.006 + 0.014 * around(515, 45)(nm),
  ),
  toner(
    'blue',
    'deep blue',
    (nm) => 0.004 + 0.4 * above(520, 60)(nm),
    (nm) => 0.006 + 0.014 * around(450, 55)(nm),
  ),
  toner(
    'violet',
    'violet',
    (nm) => 0.006 + 0.3 * around(555, 55)(nm),
    (nm) => 0.01 + 0.008 * around(430, 40)(nm),
  ),
];

/** Effective constants of effect coats: for hiding only, no look at other angles is claimed. */
export const effectFilms = {
  silver: { k: bandsNm.map(() => 0.01), s: bandsNm.map(() => 0.06) } satisfies Film,
  pearl: { k: bandsNm.map(() => 0.0006), s: bandsNm.map(() => 0.02) } satisfies Film,
};
