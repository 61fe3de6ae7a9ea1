import type { Plan, PlannedStep } from '../plan/model';
import { localDateOf, type LocalDate, type Minor } from '../units';
import { stageStates, type Offer, type OfferStage, type StageState } from './model';

/** Work that has to be done for a state to be seen; the first of these that is planned at all. */
const madeBy: Record<StageState, readonly ((step: PlannedStep) => boolean)[]> = {
  ordered: [],
  stripped: [(step) => step.phase === 'strip'],
  primed: [(step) => step.phase === 'build', (step) => step.phase === 'epoxy'],
  coloured: [(step) => step.coat !== null && (step.phase === 'colour' || step.phase === 'clear')],
  delivered: [(step) => step.operation === 'handover', (step) => step.phase === 'refit'],
};

/** The steps by which a state is reached; empty where nothing of the kind is planned. */
export function stepsToStage({ steps }: Pick<Plan, 'steps'>, state: StageState): PlannedStep[] {
  for (const test of madeBy[state]) {
    const own = steps.filter((step) => !step.skipped && test(step));
    if (own.length > 0) return own;
  }
  return [];
}

/** When each state is reached by the plan; the order itself on the day of the quote. */
export function stageDays(
  plan: Pick<Plan, 'steps'>,
  madeOn: LocalDate,
  timeZone: string,
): Record<StageState, LocalDate | null> {
  const days: Record<StageState, LocalDate | null> = {
    ordered: madeOn,
    stripped: null,
    primed: null,
    coloured: null,
    delivered: null,
  };
  for (const state of stageStates) {
    const own = stepsToStage(plan, state);
    if (own.length > 0) days[state] = localDateOf(Math.max(...own.map((step) => step.end)), timeZone);
  }
  return days;
}

/** A stage of an accepted quote as it stands today. */
export interface StageDue extends OfferStage {
  /** All work that it waits for is done. */
  isReached: boolean;
}

/** Which payments of an accepted quote are due: a state is reached when all work that it waits for is done. */
export const stagesDue = (offer: Pick<Offer, 'stages'>, plan: Pick<Plan, 'steps'>): StageDue[] =>
  offer.stages.map((stage) => {
    const own = stepsToStage(plan, stage.state);
    return {
      ...stage,
      isReached: stage.state === 'ordered' || (own.length > 0 && own.every((step) => step.state === 'done')),
    };
  });

/** A stage with the net sum and the tax that are in it. */
export interface StageParts extends StageDue {
  netMinor: Minor;
  taxMinor: Minor;
}

/** Net sum and tax of each stage: tax by its share of the whole, rounded once a stage, and the last takes the rest. */
export function stageParts(offer: Offer, stages: readonly StageDue[]): StageParts[] {
  const taxes = offer.taxes.reduce((sum, tax) => sum + tax.sumMinor, 0);
  let [netLeft, taxLeft] = [offer.netMinor, taxes];
  return stages.map((stage, i) => {
    const isLast = i === stages.length - 1;
    const taxMinor = isLast
      ? taxLeft
      : Math.round((stage.grossMinor * taxes) / Math.max(1, offer.grossMinor));
    const netMinor = isLast ? netLeft : stage.grossMinor - taxMinor;
    netLeft -= netMinor;
    taxLeft -= taxMinor;
    return { ...stage, netMinor, taxMinor };
  });
}
