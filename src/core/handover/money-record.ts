import type { Offer } from '../offer';
import type { Plan } from '../plan/model';
import type { Minor } from '../units';

/** Hours of a stretch of work beside those that were quoted. */
export interface PhaseHours {
  phase: string;
  usedMin: number;
  /** Null where nothing was accepted. */
  quotedMin: number | null;
}

/** What the work took, beside what was agreed. */
export interface MoneyRecord {
  phases: PhaseHours[];
  labourMin: { used: number; quoted: number | null };
  boothMin: { used: number; quoted: number | null };
  materialsMinor: { used: Minor; quoted: Minor | null };
  /** What was to be paid by the quote that was accepted, tax included; null where none was. */
  grossMinor: Minor | null;
  /** Changes of the scope that were agreed. */
  scope: { what: string; hours: number; moneyMinor: number; agreedBy: string; onDate: string }[];
}

export function moneyRecord(
  plan: Pick<Plan, 'steps' | 'budgets'>,
  accepted: Offer | null,
  scope: MoneyRecord['scope'],
): MoneyRecord {
  const used = new Map<string, number>();
  for (const { phase, usedMin } of plan.steps) used.set(phase, (used.get(phase) ?? 0) + usedMin);
  const minutes = (kind: 'labour' | 'found' | 'booth') =>
    (accepted?.lines ?? []).filter((line) => line.kind === kind);
  const quotedOf = (phase: string) =>
    Math.round(
      60 * minutes('labour').reduce((sum, line) => sum + (line.of === phase ? line.quantity : 0), 0),
    );
  const phases = [...new Set([...used.keys(), ...minutes('labour').map((line) => line.of)])].filter(
    (phase) => phase !== '',
  );
  const all = (kinds: readonly ('labour' | 'found' | 'booth')[]) =>
    accepted === null
      ? null
      : Math.round(60 * kinds.flatMap(minutes).reduce((sum, line) => sum + line.quantity, 0));
  return {
    phases: phases
      .map((phase) => ({
        phase,
        usedMin: used.get(phase) ?? 0,
        quotedMin: accepted === null ? null : quotedOf(phase),
      }))
      .filter((one) => one.usedMin > 0 || (one.quotedMin ?? 0) > 0),
    labourMin: { used: plan.budgets.labourMin.used, quoted: all(['labour', 'found']) },
    boothMin: { used: plan.budgets.boothMin.used, quoted: all(['booth']) },
    materialsMinor: {
      used: plan.budgets.materialsMinor.used,
      quoted:
        accepted === null
          ? null
          : accepted.lines.reduce(
              (sum, line) =>
                sum + (['materials', 'bought-in', 'disposal'].includes(line.kind) ? line.sumMinor : 0),
              0,
            ),
    },
    grossMinor: accepted?.grossMinor ?? null,
    scope: [...scope],
  };
}
