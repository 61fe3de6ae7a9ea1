import type { LawFile } from './law';

/** Bared or treated metal goes by its clock until the first film. */
export const bare: LawFile = {
  law: 2,
  check({ plan, walks, applies, find }) {
    for (const { surface, events, end } of walks) {
      const limit = plan.bareLimitMin(surface.key);
      if (limit === null) continue;
      for (const { step, deed, before } of events) {
        if (deed.does !== 'lay' || before.films.length > 0 || !before.bareSince) continue;
        applies();
        const figure = step.start - before.bareSince.at;
        if (figure > limit)
          find({
            surfaces: [surface.key],
            steps: [before.bareSince.step, step.key],
            at: step.start,
            figure,
            limit,
            unit: 'min',
            breach: 'bare-too-long',
            station: 'bays',
            insisted: step.insisted,
          });
      }
      if (end.bareSince && end.films.length === 0)
        find({
          surfaces: [surface.key],
          steps: [end.bareSince.step],
          at: end.bareSince.at,
          figure: 0,
          limit: 1,
          unit: 'coats',
          breach: 'left-bare',
          station: 'film',
          insisted: false,
        });
    }
  },
};
