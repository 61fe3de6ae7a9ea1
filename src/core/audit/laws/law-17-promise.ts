import type { PromisedFilm } from '../model';
import type { Film } from '../sweep';
import type { LawFile } from './law';

/** Every surface ends with the stack it was promised, in order. */
export const promise: LawFile = {
  law: 17,
  check({ plan, walks, applies, find }) {
    for (const { surface, end } of walks) {
      const promised = plan.promises.get(surface.key);
      if (!promised) continue;
      applies();
      const missing = firstMissing(promised, coatsOf(end.films));
      if (missing)
        find({
          surfaces: [surface.key],
          steps: [],
          at: plan.now,
          figure: missing.there,
          limit: missing.film.least,
          unit: 'coats',
          breach: 'not-as-promised',
          station: 'film',
          insisted: false,
        });
    }
  },
};

/** Films bottom up, coats of one product in several sessions added up. */
function coatsOf(films: readonly Film[]): { product: string; coats: number }[] {
  const list: { product: string; coats: number }[] = [];
  for (const { product, coats } of films) {
    const last = list.at(-1);
    if (last?.product === product) last.coats += coats;
    else list.push({ product, coats });
  }
  return list;
}

function firstMissing(
  promised: readonly PromisedFilm[],
  laid: readonly { product: string; coats: number }[],
): { film: PromisedFilm; there: number } | null {
  let at = 0;
  for (const film of promised) {
    const found = laid.findIndex((one, i) => i >= at && one.product === film.product);
    if (found < 0 && film.optional) continue;
    if (found < 0) return { film, there: 0 };
    if (laid[found]!.coats < film.least) return { film, there: laid[found]!.coats };
    at = found + 1;
  }
  return null;
}
