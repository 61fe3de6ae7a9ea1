import { closesAcross, waitAcross, type ClosingKey, type WaitKey } from '../film';
import type { Minute } from '../units';
import type { Film } from './sweep';
import type { Inquiry } from './model';

/** Panels of a section stand in one air: what holds for one film of them is worked out once. */
function once(
  { sectionOf, known }: Inquiry,
  surface: string,
  what: string,
  reckon: () => Minute | null,
): Minute | null {
  const key = `${sectionOf(surface)}\n${what}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  const made = reckon();
  known.set(key, made);
  return made;
}

/** Minute from which a wait of a film has passed on a surface, in the air it stands in; null where its sheet names none. */
export function readyAt(
  inquiry: Inquiry,
  surface: string,
  { product, lastBy }: Pick<Film, 'product' | 'lastBy'>,
  key: WaitKey,
): Minute | null {
  const sheet = inquiry.coating(product)?.coating;
  if (!sheet || typeof sheet[key] !== 'number' || sheet[key] === 0) return null;
  return once(inquiry, surface, `${key} ${product} ${lastBy}`, () => {
    const wait = waitAcross(sheet, key, lastBy, inquiry.plan.airFrom(surface, lastBy));
    return wait === null ? null : lastBy + wait;
  });
}

/** Minute at which a window that opened at `from` closes; null where it never does. */
export function closedAt(
  inquiry: Inquiry,
  surface: string,
  product: string,
  key: ClosingKey,
  from: Minute,
): Minute | null {
  const sheet = inquiry.coating(product)?.coating;
  if (!sheet) return null;
  return once(inquiry, surface, `${key} ${product} ${from}`, () => {
    const open = closesAcross(sheet, key, from, inquiry.plan.airFrom(surface, from));
    return open === null ? null : from + open;
  });
}
