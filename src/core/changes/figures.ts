import type { Plan } from '../plan/model';
import type { LocalDate } from '../units';

/** What a manager compares between two plans of the same job. */
export interface PlanFigures {
  labourMin: number;
  materialsMinor: number;
  boothMin: number;
  /** Booth sessions of the plan. */
  passes: number;
  finishDate: LocalDate | null;
  lateDays: number;
}

export const figuresOf = (plan: Plan): PlanFigures => ({
  labourMin: plan.budgets.labourMin.planned,
  materialsMinor: plan.budgets.materialsMinor.planned,
  boothMin: plan.budgets.boothMin.planned,
  passes: plan.stays.filter((stay) => stay.kind === 'session').length,
  finishDate: plan.finishDate,
  lateDays: plan.lateDays,
});
