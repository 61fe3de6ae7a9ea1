import { colourFamilies } from '../families';
import type { Breach, Deed } from '../model';
import type { Walk } from '../walks';
import type { LawFile } from './law';

/** Gaps are set before filler, seams sealed before the colour, wax comes after every film. */
export const order: LawFile = {
  law: 14,
  check({ walks, coating, applies, find }) {
    const isColour = (deed: Deed) => {
      const family = deed.does === 'lay' ? coating(deed.product)?.coating?.family : undefined;
      return family !== undefined && colourFamilies.has(family);
    };
    const isFiller = (deed: Deed) =>
      deed.does === 'spread' && coating(deed.product)?.coating?.family === 'filler';
    const orders: { first: Deed['does']; then: (deed: Deed) => boolean; breach: Breach }[] = [
      { first: 'set-gaps', then: isFiller, breach: 'filled-before-gaps' },
      { first: 'seal-seams', then: isColour, breach: 'seams-unsealed' },
    ];
    for (const walk of walks) {
      for (const { first, then, breach } of orders) {
        const earlier = walk.events.find(({ deed }) => deed.does === first);
        const later = walk.events.find(({ deed }) => then(deed));
        if (!earlier || !later) continue;
        applies();
        if (later.step.start < earlier.step.end)
          find({
            surfaces: [walk.surface.key],
            steps: [later.step.key, earlier.step.key],
            at: later.step.start,
            figure: later.step.start,
            limit: earlier.step.end,
            unit: 'min',
            breach,
            station: 'steps',
            insisted: later.step.insisted,
          });
      }
      const waxed = walk.events.find(({ deed }) => deed.does === 'wax');
      if (!waxed) continue;
      applies();
      const painted = laidAfter(walk, waxed.step.start);
      if (painted)
        find({
          surfaces: [walk.surface.key],
          steps: [waxed.step.key, painted.key],
          at: painted.start,
          figure: painted.start,
          limit: waxed.step.start,
          unit: 'min',
          breach: 'painted-after-wax',
          station: 'steps',
          insisted: painted.insisted,
        });
    }
  },
};

const laidAfter = ({ events }: Walk, at: number) =>
  events.find(({ step, deed }) => deed.does === 'lay' && step.end > at)?.step;
