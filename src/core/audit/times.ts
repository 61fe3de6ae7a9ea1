import { closesAcross, waitAcross, type ClosingKey, type WaitKey } from '../film';
import type { Minute } from '../units';
import type { Film } from './sweep';
import type { Inquiry } from './model';

/** Minute from which a wait of a film has passed on a surface, in the air it stands in; null where its sheet names none. */
export function readyAt(
  { plan, coating }: Inquiry,
  surface: string,
  film: Pick<Film, 'product' | 'lastBy'>,
  key: WaitKey,
): Minute | null {
  const sheet = coating(film.product)?.coating;
  if (!sheet || typeof sheet[key] !== 'number' || sheet[key] === 0) return null;
  const wait = waitAcross(sheet, key, film.lastBy, plan.airFrom(surface, film.lastBy));
  return wait === null ? null : film.lastBy + wait;
}

/** Minute at which a window that opened at `from` closes; null where it never does. */
export function closedAt(
  { plan, coating }: Inquiry,
  surface: string,
  product: string,
  key: ClosingKey,
  from: Minute,
): Minute | null {
  const sheet = coating(product)?.coating;
  if (!sheet) return null;
  const open = closesAcross(sheet, key, from, plan.airFrom(surface, from));
  return open === null ? null : from + open;
}
