import { boundsOf, type Point } from '@/core/geometry';
import { areaStates, type Plan } from '@/core/plan';
import { colourOfKey, type Job } from '@/core/record';
import type { Minute } from '@/core/units';

/** A net in small: one shape a lot, with the look it has at a minute. */
export interface Thumbnail {
  viewBox: string;
  shapes: { d: string; state: string; colour: string }[];
}

/** Width of the small picture in its own units; a panel's corner is given to the unit. */
const widthUnits = 120;

/** The net of a plan as it looks at a minute; null where there are no panels. */
export function thumbnailOf(job: Pick<Job, 'colours'>, plan: Plan, at: Minute): Thumbnail | null {
  if (plan.parts.length === 0) return null;
  const { left, right, top, bottom } = boundsOf(plan.parts.flatMap((part) => part.outline));
  const scale = widthUnits / Math.max(0.1, right - left);
  const ring = (points: readonly Point[]) =>
    `M${points.map(([x, y]) => `${Math.round((x - left) * scale)} ${Math.round((y - top) * scale)}`).join('L')}Z`;
  const states = areaStates(plan, at);
  return {
    viewBox: `-1 -1 ${widthUnits + 2} ${Math.ceil((bottom - top) * scale) + 2}`,
    shapes: plan.sections.map(({ section, colour }) => ({
      d: plan.parts
        .filter((part) => part.section === section)
        .map((part) => [part.outline, ...part.holes].map(ring).join(''))
        .join(''),
      state: states.get(section) ?? 'old',
      colour: colourOfKey(job, colour).hex,
    })),
  };
}
