import type { Budgets } from '../money';
import type { StepFact } from '../record';
import { minutesWithin } from '../schedule';
import type { Minute } from '../units';
import type { Placed } from './calendar';
import type { PlannedStep } from './model';

/** The three budgets of a placed plan: what facts have used, what is expected in all, and the caps. */
export function budgetsOf(
  { facts, now }: { facts: readonly StepFact[]; now: Minute },
  placed: Placed,
  steps: readonly PlannedStep[],
  caps: { labourMin: number; materialsMinor: number; boothMin: number },
): Budgets {
  const sum = (list: readonly PlannedStep[], value: (step: PlannedStep) => number) =>
    list.reduce((total, one) => total + value(one), 0);
  const known = new Map(facts.map((fact) => [fact.step, fact]));
  const usedLabour = facts.reduce((total, fact) => total + fact.personMinutes, 0);
  const planned = new Map(steps.map((step) => [step.key, step.materialsMinor]));
  const usedMaterials = facts.reduce((total, { step, status, materialsMinor }) => {
    // What runs has drawn nothing yet that anybody wrote down.
    const reckoned = status === 'done' ? (planned.get(step) ?? 0) : 0;
    return total + (materialsMinor ?? reckoned);
  }, 0);
  // Loading and wiping before a coat that was tapped are done as planned, though nobody wrote them down.
  const expected = ({ key, state, usedMin, leftMin }: PlannedStep) =>
    state === 'done' && !known.has(key) ? usedMin : leftMin;
  const booth = placed.stays.filter((stay) => stay.kind === 'session');
  const within = (from: Minute, to: Minute) => minutesWithin(placed.open, from, to);
  const usedBooth = booth
    .filter((stay) => known.has(stay.from))
    .reduce((total, stay) => total + within(stay.start, Math.min(stay.end, now)), 0);
  return {
    labourMin: {
      used: usedLabour,
      planned: usedLabour + sum(steps, expected),
      cap: caps.labourMin,
    },
    materialsMinor: {
      used: usedMaterials,
      planned: sum(steps, (step) => step.materialsMinor),
      cap: caps.materialsMinor,
    },
    boothMin: {
      used: usedBooth,
      planned: booth.reduce((total, stay) => total + within(stay.start, stay.end), 0),
      cap: caps.boothMin,
      nightsHeld: booth.filter((stay) => within(stay.start, stay.end) < stay.end - stay.start).length,
    },
  };
}
