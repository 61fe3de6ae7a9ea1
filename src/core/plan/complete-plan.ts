import type { Plan, PlannedStep } from './model';

/** What steps and plans carry since, with the value that says nothing of it. */
const laterOfStep = {
  heldBy: [],
  pass: null,
  quotedMinor: null,
  computedMinutes: null,
  skipped: false,
  note: '',
  person: null,
  atHand: null,
  pinnedAt: null,
  leadsTo: [],
  checks: [],
  tags: [],
  inspection: null,
  lost: 'what it was planned for is not done.',
  faces: 'outside',
  shut: [],
  partDone: null,
  spread: null,
  limits: [],
  shares: [],
  overhead: 0,
} satisfies Partial<PlannedStep>;
const laterOfCoat = { faces: 'both' as const };
const laterOfHour = { mixes: [] } satisfies Partial<Plan['goHours'][number]>;
const laterOfWindow = { remedy: null };
const laterOfFigure = { learned: 1 };
const laterOfPlan = {
  pools: [],
  voc: { lines: [], totalKg: 0, unknown: [] },
  waste: [],
  allowance: null,
  trades: [],
} satisfies Partial<Plan>;

/** A plan that an earlier Coatrel stored, with everything it could not know filled in; a present one is unchanged. */
export const completePlan = (stored: Plan): Plan => ({
  ...laterOfPlan,
  ...stored,
  windows: stored.windows.map((window) => ({ ...laterOfWindow, ...window })),
  goHours: (stored.goHours ?? []).map((hour) => ({ ...laterOfHour, ...hour })),
  steps: stored.steps.map((step) => ({
    ...laterOfStep,
    ...step,
    readyFrom: step.readyFrom ?? step.start,
    leftMin: step.leftMin ?? (step.state === 'planned' ? step.personMinutes : 0),
    figure: { ...laterOfFigure, ...step.figure },
    coat: step.coat && { ...laterOfCoat, ...step.coat },
  })),
});
