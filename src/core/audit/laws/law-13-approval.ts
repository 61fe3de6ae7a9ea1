import { colourFamilies } from '../families';
import type { LawFile } from './law';

/** Where an approval is asked, no colour goes on before it, and none is booked before a sample was accepted. */
export const approval: LawFile = {
  law: 13,
  check({ plan, walks, coating, applies, find }) {
    const isColour = (product: string) => {
      const family = coating(product)?.coating?.family;
      return family !== undefined && colourFamilies.has(family);
    };
    const approvals = plan.steps.filter((step) => step.deeds.some((deed) => deed.does === 'approve'));
    for (const step of approvals)
      for (const { surface, events } of walks) {
        if (!step.on.includes(surface.key)) continue;
        const first = events.find(({ deed }) => deed.does === 'lay' && isColour(deed.product));
        if (!first) continue;
        applies();
        if (first.step.start < step.end)
          find({
            surfaces: [surface.key],
            steps: [step.key, first.step.key],
            at: first.step.start,
            figure: first.step.start,
            limit: step.end,
            unit: 'min',
            breach: 'coloured-before-approval',
            station: 'steps',
            insisted: first.step.insisted,
          });
      }
    for (const { surface, events } of walks) {
      if (!plan.awaitsSample(surface.key)) continue;
      const first = events.find(({ deed }) => deed.does === 'lay' && isColour(deed.product));
      if (!first || first.step.start < plan.now) continue;
      applies();
      if (!first.step.held)
        find({
          surfaces: [surface.key],
          steps: [first.step.key],
          at: first.step.start,
          figure: 1,
          limit: 0,
          unit: 'steps',
          breach: 'booked-before-approval',
          station: 'steps',
          insisted: first.step.insisted,
        });
    }
  },
};
