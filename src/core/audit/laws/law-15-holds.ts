import type { LawFile } from './law';

/** Behind an open hold or gate nothing is booked on the same surface. */
export const holds: LawFile = {
  law: 15,
  check({ plan, walks, applies, find }) {
    const said = new Set<string>();
    for (const { surface, events } of walks) {
      let hold: string | null = null;
      for (const { step, deed } of events) {
        // Looking at a card is no work on the surface.
        if (step.start < plan.now || !step.attended || deed.does === 'approve') continue;
        if (step.held) {
          hold ??= step.key;
          applies();
          continue;
        }
        if (hold === null || said.has(`${hold}\n${step.key}`)) continue;
        said.add(`${hold}\n${step.key}`);
        find({
          surfaces: [surface.key],
          steps: [hold, step.key],
          at: step.start,
          figure: 1,
          limit: 0,
          unit: 'steps',
          breach: 'booked-behind-a-hold',
          station: 'steps',
          insisted: step.insisted,
        });
      }
    }
  },
};
