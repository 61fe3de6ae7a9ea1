import type { OwnPart } from '../record';
import type { Fault } from './faults';
import { boundsOf, polygonAreaM2, selfCrossing, type Ring } from '../geometry';

/** No panel is longer, m. */
const longestM = 60;
/** Anything smaller is a slip of the hand, m². */
const leastM2 = 1e-4;

/** What speaks against an outline and its openings; null where it can be drawn, cut and painted. */
export function outlineFault(outline: Ring, holes: readonly Ring[]): string | null {
  for (const ring of [outline, ...holes]) {
    const cross = selfCrossing(ring);
    if (cross) return `crosses itself: edge ${cross[0] + 1} and edge ${cross[1] + 1}`;
  }
  if (polygonAreaM2(outline) < leastM2) return 'encloses less than a square centimetre';
  const { left, right, top, bottom } = boundsOf(outline);
  return Math.max(right - left, bottom - top) > longestM
    ? `is longer than ${longestM} m: is the scale right?`
    : null;
}

/** Most points of all panels of one job: every page of it draws them. */
export const mostPointsOfJob = 10_000;

/** Faults of panels as they were written, each by its place. */
export function outlineFaults(parts: readonly Pick<OwnPart, 'outline' | 'holes'>[], place: string): Fault[] {
  const points = parts.reduce((sum, { outline, holes }) => sum + [outline, ...holes].flat().length, 0);
  if (points > mostPointsOfJob)
    return [{ place, reason: `they have ${points} points; a job has at most ${mostPointsOfJob}` }];
  return parts.flatMap(({ outline, holes }, i): Fault[] => {
    const reason = outlineFault(outline, holes);
    return reason ? [{ place: `${place}[${i}].outline`, reason }] : [];
  });
}
