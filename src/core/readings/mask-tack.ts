import { pullBy, tackAdvice, type Shelf, type TackAdvice } from '../film';
import type { PlannedStep } from '../plan/model';
import type { TapeRating } from '../plan/tape-rating';
import type { Minute } from '../units';

export interface MaskTack {
  product: string;
  /** Age of the film beneath when the tape is laid, minutes. */
  ageMin: number;
  advice: TackAdvice;
  pullBy: Minute;
}

/** How tape is laid by each masking step over film of this job, and by when it must be off (docs/method.md, Tape). */
export function maskTacks(
  steps: readonly PlannedStep[],
  shelf: Shelf,
  { bayC, rated }: { bayC: number; rated: TapeRating },
): ReadonlyMap<string, MaskTack> {
  const found = new Map<string, MaskTack>();
  for (const mask of steps.filter((step) => step.operation.startsWith('mask') && !step.skipped)) {
    const own = new Set(mask.sections);
    const coats = steps.filter(
      (step) =>
        step.coat && !step.skipped && step.end <= mask.start && step.sections.some((key) => own.has(key)),
    );
    const last = coats.reduce<PlannedStep | null>(
      (best, step) => (best && best.end > step.end ? best : step),
      null,
    );
    const sheet = last?.coat && shelf.get(last.coat.product)?.coating;
    if (!last || !sheet) continue;
    const ageMin = mask.start - last.end;
    found.set(mask.key, {
      product: last.coat!.product,
      ageMin,
      advice: tackAdvice(sheet, ageMin, bayC),
      pullBy: pullBy(mask.end, rated(mask, Infinity)),
    });
  }
  return found;
}
