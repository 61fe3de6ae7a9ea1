import type { Caps } from '../record';
import { costOfMinutes, toMinor, type Minor } from '../units';

/** One of the three budgets; labour and booth in minutes, materials in minor units. */
export interface Budget {
  used: number;
  /** Expected in all: what was used and what is still planned. */
  planned: number;
  cap: number;
}

export interface Budgets {
  labourMin: Budget;
  materialsMinor: Budget;
  boothMin: Budget & { nightsHeld: number };
}

export type BudgetBreach = { budget: 'labour' | 'materials' | 'booth'; planned: number; cap: number };

/** Budgets whose plan passes the cap; a cap of 0 is no cap. */
export function breachesOf(budgets: Budgets): BudgetBreach[] {
  const all = [
    { budget: 'labour' as const, ...budgets.labourMin },
    { budget: 'materials' as const, ...budgets.materialsMinor },
    { budget: 'booth' as const, ...budgets.boothMin },
  ];
  return all
    .filter((one) => one.cap > 0 && one.planned > one.cap)
    .map(({ budget, planned, cap }) => ({ budget, planned, cap }));
}

/** Caps in the units of the budgets. */
export const capsInMinutes = (caps: Caps) => ({
  labourMin: Math.round(caps.labourHours * 60),
  materialsMinor: caps.materialsMinor,
  boothMin: Math.round(caps.boothHours * 60),
});

export interface Quote {
  labourMinor: Minor;
  materialsMinor: Minor;
  boothMinor: Minor;
  netMinor: Minor;
  taxMinor: Minor;
  grossMinor: Minor;
}

/** Hours × rate + materials + booth × rate + tax, each line rounded once. */
export function quoteOf(
  budgets: Budgets,
  rates: { labourRateMinorPerHour: Minor; boothRateMinorPerHour: Minor; taxBp: number },
): Quote {
  const labourMinor = costOfMinutes(budgets.labourMin.planned, rates.labourRateMinorPerHour);
  const boothMinor = costOfMinutes(budgets.boothMin.planned, rates.boothRateMinorPerHour);
  const materialsMinor = budgets.materialsMinor.planned;
  const netMinor = labourMinor + materialsMinor + boothMinor;
  const taxMinor = toMinor((netMinor * rates.taxBp) / 10000);
  return { labourMinor, materialsMinor, boothMinor, netMinor, taxMinor, grossMinor: netMinor + taxMinor };
}
