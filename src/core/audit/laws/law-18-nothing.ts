import type { LawFile } from './law';

/** No step stands for nothing: no work without a surface, no set-up for zero area. */
export const nothing: LawFile = {
  law: 18,
  check({ plan, applies, find }) {
    for (const step of plan.steps) {
      if (!step.attended || step.minutes === 0) continue;
      applies();
      if (step.isEmpty)
        find({
          surfaces: [],
          steps: [step.key],
          at: step.start,
          figure: step.minutes,
          limit: 0,
          unit: 'min',
          breach: 'work-on-nothing',
          station: 'steps',
          insisted: step.insisted,
        });
    }
  },
};
