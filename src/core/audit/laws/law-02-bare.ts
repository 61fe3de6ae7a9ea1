import type { Walk } from '../walks';
import type { Ground, LawFile } from './law';

/** Bared or treated metal goes by its clock until the first film. */
export const bare: LawFile = {
  law: 2,
  check(ground) {
    const { plan, walks, applies, find } = ground;
    for (const walk of walks) {
      spotsPrimed(ground, walk);
      const { surface, events, end } = walk;
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

/** Spots that were bared where the paint stays are primed, or coated over, inside the same limit. */
function spotsPrimed({ plan, applies, find }: Ground, { surface, events }: Walk): void {
  const limit = plan.spotLimitMin(surface.key);
  if (limit === null) return;
  for (const { step, deed, before } of events) {
    const bared = before.spotsBareSince;
    if (!bared || (deed.does !== 'prime-spots' && deed.does !== 'lay' && deed.does !== 'spread')) continue;
    applies();
    const figure = step.start - bared.at;
    if (figure > limit)
      find({
        surfaces: [surface.key],
        steps: [bared.step, step.key],
        at: step.start,
        figure,
        limit,
        unit: 'min',
        breach: 'spots-bare-too-long',
        station: 'bays',
        insisted: step.insisted,
      });
  }
}
