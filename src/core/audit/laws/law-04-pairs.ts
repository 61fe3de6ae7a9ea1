import { checkStack, pairRule } from '../../film';
import type { LawFile } from './law';

/** Films lie only on films that both sheets bear. */
export const pairs: LawFile = {
  law: 4,
  check({ walks, coating, applies, find }) {
    for (const { surface, end, events } of walks) {
      for (const { step, deed, before } of events) {
        const lower = coating(before.films.at(-1)?.product ?? '')?.coating;
        const upper = deed.does === 'spread' ? coating(deed.product)?.coating : undefined;
        if (!lower || !upper) continue;
        applies();
        const rule = pairRule(upper.family, lower.family);
        if (rule?.grade === 'error')
          find({
            surfaces: [surface.key],
            steps: [before.films.at(-1)!.step, step.key],
            at: step.start,
            figure: 0,
            limit: 0,
            unit: 'coats',
            breach: rule.code,
            station: 'film',
            insisted: step.insisted,
          });
      }
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
