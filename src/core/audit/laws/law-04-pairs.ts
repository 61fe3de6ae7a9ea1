import { checkStack } from '../../film';
import type { LawFile } from './law';

/** Films lie only on films that both sheets bear. */
export const pairs: LawFile = {
  law: 4,
  check({ walks, coating, applies, find }) {
    for (const { surface, end, events } of walks) {
      const laid = end.films.flatMap((film) => {
        const product = coating(film.product);
        return product
          ? [{ product, coats: film.coats, dryUm: film.um / Math.max(1, film.coats), film }]
          : [];
      });
      if (laid.length === 0) continue;
      const isBare = events.some(({ deed }) => deed.does === 'take' && deed.um === 'all');
      applies();
      for (const fault of checkStack(laid, surface.substrate, isBare)) {
        if (fault.grade !== 'error') continue;
        const upper = laid.find((one) => one.product.code === fault.product)!;
        find({
          surfaces: [surface.key],
          steps: [upper.film.step],
          at: upper.film.firstBy,
          figure: 0,
          limit: 0,
          unit: 'coats',
          breach: fault.code,
          station: 'film',
          insisted: false,
        });
      }
    }
  },
};
