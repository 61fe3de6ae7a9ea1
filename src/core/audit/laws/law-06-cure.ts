import { readyAt } from '../times';
import type { Deed } from '../model';
import type { LawFile } from './law';

/** Deeds that take hold of what they work on, or let it bear on something. */
const handles: ReadonlySet<Deed['does']> = new Set(['fit', 'hang', 'off', 'turn']);

/** A film that cures takes no hands: what is taken hold of is handle-able first. */
export const cure: LawFile = {
  law: 6,
  check(ground) {
    const { walks, applies, find } = ground;
    for (const { surface, events } of walks)
      for (const { step, deed, before } of events) {
        const top = before.films.at(-1);
        if (!top || !handles.has(deed.does)) continue;
        const from = readyAt(ground, surface.key, top, 'handleAfterMin');
        if (from === null) continue;
        applies();
        if (step.start < from)
          find({
            surfaces: [surface.key],
            steps: [top.step, step.key],
            at: step.start,
            figure: step.start - top.lastBy,
            limit: from - top.lastBy,
            unit: 'min',
            breach: 'handled-soft',
            station: 'bays',
            insisted: step.insisted,
          });
      }
  },
};
