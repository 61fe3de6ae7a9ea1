import type { PartSurvey } from '../record';
import { minuteAt, type LocalDate, type Minute } from '../units';
import type { Part } from '../vehicle';

export interface LateCover {
  part: string;
  coveredBy: string;
  coveredOn: LocalDate;
  painted: Minute;
}

/**
 * Panels that would be covered (carpet, lining, another panel) before their last coat is laid.
 * @param steps steps with their sections and whether they lay a coat   @param parts parts with the lot they travel with
 */
export function coversBeforePaint(
  surveyed: readonly Pick<PartSurvey, 'key' | 'coveredBy' | 'coveredOn'>[],
  parts: readonly Pick<Part, 'key' | 'section'>[],
  steps: readonly { sections: readonly string[]; end: Minute; coat: unknown }[],
  timeZone: string,
): LateCover[] {
  const lotOf = new Map(parts.map((part) => [part.key, part.section]));
  return surveyed.flatMap((one): LateCover[] => {
    const lot = lotOf.get(one.key);
    if (one.coveredOn === null || lot === undefined) return [];
    const ends = steps.filter((step) => step.coat && step.sections.includes(lot)).map((step) => step.end);
    const painted = Math.max(...ends);
    if (ends.length === 0 || painted <= minuteAt(one.coveredOn, 0, timeZone)) return [];
    return [{ part: one.key, coveredBy: one.coveredBy, coveredOn: one.coveredOn, painted }];
  });
}
