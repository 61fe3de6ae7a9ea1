import { tapeRatedDays as ratedDays } from '../film';
import type { Minute } from '../units';

interface TapedStep {
  operation: string;
  sections: readonly string[];
  start: Minute;
  end: Minute;
  skipped: boolean;
}

export interface OldTape {
  section: string;
  days: number;
  ratedDays: number;
}

/** Sections whose tape would stay on longer than it lets go cleanly, from the masking to the pull. */
export function oldTape(steps: readonly TapedStep[]): OldTape[] {
  const pulls = steps.filter((step) => step.operation.startsWith('unmask') && !step.skipped);
  const masks = steps.filter((step) => /^mask(-skin)?$/.test(step.operation) && !step.skipped);
  return masks.flatMap((mask) =>
    mask.sections.flatMap((section) => {
      const pull = pulls.find((one) => one.sections.includes(section) && one.start >= mask.start);
      const days = pull ? Math.ceil((pull.end - mask.start) / 1440) : 0;
      return days > ratedDays ? [{ section, days, ratedDays }] : [];
    }),
  );
}
