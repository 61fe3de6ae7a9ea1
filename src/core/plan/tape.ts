import type { Catalogue } from '../steps';
import { coverRoles, isCoverRole, pulls, type CoverRole } from './cover-roles';
import type { Minute } from '../units';
import type { TapeRating } from './tape-rating';
import type { OldTape } from './watch/model';

interface TapedStep {
  operation: string;
  sections: readonly string[];
  start: Minute;
  end: Minute;
  skipped: boolean;
}

/** Sections whose tape would stay on longer than it lets go cleanly, from the masking to the pull; each once, the worst. */
export function oldTape(steps: readonly TapedStep[], entries: Catalogue, rated: TapeRating): OldTape[] {
  const rolesOf = (step: TapedStep) => (step.skipped ? [] : (entries.get(step.operation)?.does ?? []));
  const pulled = (mask: TapedStep, role: CoverRole, section: string) => {
    const later = steps
      .filter((one) => one.start >= mask.end && one.sections.includes(section))
      .sort((a, b) => a.start - b.start);
    // What is masked once more was pulled before.
    const again = later.find((one) => role === 'cover-others' && rolesOf(one).includes(role));
    const ends = later.filter((one) => pulls(role, rolesOf(one)) && (!again || one.end <= again.start));
    return coverRoles[role].ends === 'first' ? ends[0] : ends.at(-1);
  };
  const worst = new Map<string, OldTape>();
  for (const mask of steps)
    for (const role of rolesOf(mask).filter(isCoverRole))
      for (const section of mask.sections) {
        // Some of it lies until the last section of the lot is unmasked, some only until the first.
        const others = coverRoles[role].ends === 'last' ? mask.sections : [section];
        const ends = others.flatMap((other) => pulled(mask, role, other)?.end ?? []);
        const until = Math.max(mask.start, ...ends);
        const days = Math.ceil((until - mask.start) / 1440);
        const ratedDays = rated({ ...mask, sections: [section] }, until);
        if (days > ratedDays && days > (worst.get(section)?.days ?? 0))
          worst.set(section, { section, days, ratedDays });
      }
  return [...worst.values()];
}
