import { usualFigures, type FigureKey, type Figures } from '../figures';
import type { Find, Job, PriorRepair } from '../record';

/** Share of the hours of stripping, metal and filler to hold for what comes to light only then. */
const byAge: readonly { olderThan: number; share: FigureKey }[] = [
  { olderThan: 50, share: 'hidden.over-50' },
  { olderThan: 30, share: 'hidden.over-30' },
  { olderThan: 10, share: 'hidden.over-10' },
  { olderThan: -1, share: 'hidden.younger' },
];
const byRepair: Record<PriorRepair, FigureKey | null> = {
  none: null,
  some: 'hidden.some',
  many: 'hidden.many',
};

/** The figure that holds what is kept back for the age of an object. @param year the present year */
export const hiddenShareKey = (builtYear: number, year: number): FigureKey =>
  byAge.find((one) => year - builtYear > one.olderThan)?.share ?? 'hidden.younger';

export interface Allowance {
  share: number;
  /** Held in all, taken by finds, and left; person-minutes. More found than held leaves nothing. */
  heldMin: number;
  foundMin: number;
  leftMin: number;
}

/**
 * Hours held for hidden damage by age and prior repair, burnt down by what is found. Our own working shares; a job of
 * unknown year holds none, and has an allowance only for what was found.
 * @param workMin person-minutes of stripping, metalwork and filler in the plan   @param year the present year
 */
export function allowanceOf(
  job: Pick<Job, 'builtYear' | 'priorRepair' | 'finds' | 'decisions'>,
  workMin: number,
  year: number,
  figures: Figures = usualFigures,
): Allowance | null {
  const foundMin = Math.round(mendedFinds(job).reduce((sum, find) => sum + find.hours * 60, 0));
  // Nothing is held for what nobody can guess; what was found takes its hours all the same.
  if (job.builtYear === null) return foundMin === 0 ? null : { share: 0, heldMin: 0, foundMin, leftMin: 0 };
  const repaired = byRepair[job.priorRepair];
  const share = figures(hiddenShareKey(job.builtYear, year)) + (repaired === null ? 0 : figures(repaired));
  const heldMin = Math.round(workMin * share);
  return { share, heldMin, foundMin, leftMin: Math.max(0, heldMin - foundMin) };
}

/** Damage that is mended: what the owner refused stays as it is. */
const mendedFinds = ({ finds, decisions }: Pick<Job, 'finds' | 'decisions'>): Find[] => {
  const refused = new Set(decisions.flatMap((one) => (one.answer === 'refused' ? [one.find] : [])));
  return finds.filter((find) => !refused.has(find.id));
};

/** Phases in which hidden damage comes to light. */
const hiddenPhases: ReadonlySet<string> = new Set(['strip', 'metal', 'filler']);
export const showsHiddenDamage = (step: { phase: string }): boolean => hiddenPhases.has(step.phase);

/** Person-minutes of the steps in which hidden damage comes to light. */
export const hiddenWorkMin = (steps: readonly { phase: string; personMinutes: number }[]): number =>
  steps.filter(showsHiddenDamage).reduce((sum, step) => sum + step.personMinutes, 0);
