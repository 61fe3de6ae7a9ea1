import type { PlannedStep } from '../plan/model';
import type { Minute } from '../units';

/** Two crews on the same section of one vehicle at the same time. */
export interface Collision {
  first: string;
  second: string;
  sections: string[];
  from: Minute;
  to: Minute;
  /** One makes dust or water, or leaves a film open: they cannot go on side by side. */
  excluded: boolean;
}

const isDirty = (step: PlannedStep): boolean =>
  step.tags.some((tag) => tag === 'dusty' || tag === 'wet' || tag === 'hot');
const isDelicate = (step: PlannedStep): boolean => step.coat !== null || step.tags.includes('open-film');

/** Attended steps ahead that meet on a section; those that only share it must share it by panel or side. */
export function collisions(steps: readonly PlannedStep[], now: Minute): Collision[] {
  const ahead = steps
    .filter((step) => step.crew > 0 && !step.skipped && step.state !== 'done' && step.end > now)
    .sort((a, b) => a.start - b.start);
  const found: Collision[] = [];
  ahead.forEach((first, i) => {
    for (const second of ahead.slice(i + 1)) {
      if (second.start >= first.end) break;
      const sections = first.sections.filter((key) => second.sections.includes(key));
      if (sections.length === 0) continue;
      const excluded =
        (isDirty(first) && isDelicate(second)) ||
        (isDelicate(first) && isDirty(second)) ||
        (isDirty(first) && isDirty(second));
      const [from, to] = [Math.max(now, second.start), Math.min(first.end, second.end)];
      if (to > from) found.push({ first: first.key, second: second.key, sections, from, to, excluded });
    }
  });
  return found;
}
