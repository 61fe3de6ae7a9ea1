import type { LawFile } from './law';

/** Days a film settles before it is looked at once more. */
const settleMin = 14 * 1440;

/** What is fitted stays away from machines; the return look waits until the last polish has settled. */
export const trades: LawFile = {
  law: 16,
  check({ walks, applies, find }) {
    for (const { surface, events } of walks) {
      const fitted = events.find(({ deed }) => deed.does === 'fit');
      const polished = events.filter(({ deed }) => deed.does === 'take' && deed.by === 'polish').at(-1);
      const look = events.find(({ deed }) => deed.does === 'look-again');
      if (fitted && polished) {
        applies();
        if (polished.step.end > fitted.step.start)
          find({
            surfaces: [surface.key],
            steps: [fitted.step.key, polished.step.key],
            at: fitted.step.start,
            figure: fitted.step.start,
            limit: polished.step.end,
            unit: 'min',
            breach: 'fitted-before-polish',
            station: 'steps',
            insisted: fitted.step.insisted,
          });
      }
      if (look && polished) {
        applies();
        const figure = look.step.start - polished.step.end;
        if (figure < settleMin)
          find({
            surfaces: [surface.key],
            steps: [polished.step.key, look.step.key],
            at: look.step.start,
            figure,
            limit: settleMin,
            unit: 'min',
            breach: 'looked-too-soon',
            station: 'steps',
            insisted: look.step.insisted,
          });
      }
    }
  },
};
