import { tapeRatedDays as ratedDays } from '../film';
import type { Catalogue, Role } from '../steps';
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

/** What lays a cover that stays, and what takes it off again. */
const pairs: readonly { lays: Role; pulls: readonly Role[] }[] = [
  { lays: 'cover-others', pulls: ['uncover', 'uncover-wet'] },
  { lays: 'cover-fittings', pulls: ['uncover', 'uncover-wet'] },
  { lays: 'cover-inside', pulls: ['uncover', 'uncover-wet'] },
  { lays: 'cover-kept', pulls: ['uncover-kept', 'uncover', 'uncover-wet'] },
];

/** Sections whose tape would stay on longer than it lets go cleanly, from the masking to the pull; each once, the worst. */
export function oldTape(steps: readonly TapedStep[], entries: Catalogue): OldTape[] {
  const does = (step: TapedStep, roles: readonly Role[]) =>
    !step.skipped && (entries.get(step.operation)?.does.some((role) => roles.includes(role)) ?? false);
  const worst = new Map<string, OldTape>();
  for (const { lays, pulls } of pairs)
    for (const mask of steps.filter((step) => does(step, [lays])))
      for (const section of mask.sections) {
        const pull = steps
          .filter((one) => one.start >= mask.end && one.sections.includes(section) && does(one, pulls))
          .sort((a, b) => a.start - b.start)[0];
        const days = pull ? Math.ceil((pull.end - mask.start) / 1440) : 0;
        if (days > ratedDays && days > (worst.get(section)?.days ?? 0))
          worst.set(section, { section, days, ratedDays });
      }
  return [...worst.values()];
}
