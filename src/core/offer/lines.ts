import type { Figures } from '../figures';
import type { Shelf } from '../film';
import type { Plan, PlannedStep } from '../plan/model';
import { phases } from '../steps/operation';
import { drawnBySteps } from '../stores';
import { costOfMinutes, toMinor, type Minor } from '../units';
import type { OfferLine } from './model';

interface Rates {
  labourRateMinorPerHour: Minor;
  boothRateMinorPerHour: Minor;
}

/** Person-minutes of a step in all: what was used and what is left. */
const minutesOf = ({ state, usedMin, leftMin }: PlannedStep): number =>
  state === 'done' ? usedMin : usedMin + leftMin;

const hours = (minutes: number): number => minutes / 60;

/**
 * The lines of a quote out of a plan: labour by phase at the shop's rate, what was found, materials by phase, booth hours, work that
 * is bought in, and disposal. Each sum is rounded once, half away from zero, so that the lines add up to the net sum exactly.
 */
export function offerLines(plan: Plan, rates: Rates, shelf: Shelf, figures: Figures): OfferLine[] {
  const isBoughtIn = boughtIn(plan, shelf, figures);
  const inPhase = new Map<string, PlannedStep[]>();
  for (const step of plan.steps) inPhase.set(step.phase, [...(inPhase.get(step.phase) ?? []), step]);
  const rank = (phase: string) => phases.findIndex((one) => one === phase);
  const inOrder = [...inPhase].sort((a, b) => rank(a[0]) - rank(b[0]));
  return [
    ...inOrder.flatMap(([phase, steps]) => labourLine(phase, steps, rates)),
    ...otherLabour(plan, rates),
    ...inOrder.flatMap(([phase, steps]) =>
      materialsLine(
        phase,
        steps.filter((one) => !isBoughtIn(one)),
      ),
    ),
    ...plan.steps.filter(isBoughtIn).flatMap(boughtInLine),
    ...boothLine(plan, rates),
    ...plan.waste.flatMap(({ kind, amount, unit, costMinor }): OfferLine[] =>
      costMinor === 0
        ? []
        : [
            {
              key: `disposal/${kind}`,
              kind: 'disposal',
              of: kind,
              quantity: amount,
              unit,
              rateMinor: null,
              sumMinor: costMinor,
              steps: [],
            },
          ],
    ),
  ];
}

function labourLine(
  phase: string,
  steps: readonly PlannedStep[],
  { labourRateMinorPerHour: rate }: Rates,
): OfferLine[] {
  const worked = steps.filter((step) => minutesOf(step) > 0);
  const minutes = worked.reduce((sum, step) => sum + minutesOf(step), 0);
  if (minutes === 0) return [];
  return [
    {
      key: `labour/${phase}`,
      kind: 'labour',
      of: phase,
      quantity: hours(minutes),
      unit: 'h',
      rateMinor: rate,
      sumMinor: costOfMinutes(minutes, rate),
      steps: worked.map((step) => step.key),
    },
  ];
}

/** Damage that was found, and work done on what is no longer planned. */
function otherLabour(
  { steps, budgets, allowance }: Plan,
  { labourRateMinorPerHour: rate }: Rates,
): OfferLine[] {
  const found = allowance?.foundMin ?? 0;
  const planned = steps.reduce((sum, step) => sum + minutesOf(step), 0);
  const rest = budgets.labourMin.planned - planned - found - (allowance?.leftMin ?? 0);
  const line = (key: string, kind: 'found' | 'labour', minutes: number): OfferLine[] =>
    Math.round(minutes) <= 0
      ? []
      : [
          {
            key,
            kind,
            of: '',
            quantity: hours(minutes),
            unit: 'h',
            rateMinor: rate,
            sumMinor: costOfMinutes(minutes, rate),
            steps: [],
          },
        ];
  return [...line('found', 'found', found), ...line('labour/past', 'labour', rest)];
}

function materialsLine(phase: string, steps: readonly PlannedStep[]): OfferLine[] {
  const drawn = steps.filter((step) => step.materialsMinor !== 0);
  const sum = drawn.reduce((total, step) => total + step.materialsMinor, 0);
  return sum === 0
    ? []
    : [
        {
          key: `materials/${phase}`,
          kind: 'materials',
          of: phase,
          quantity: 1,
          unit: '',
          rateMinor: null,
          sumMinor: sum,
          steps: drawn.map((step) => step.key),
        },
      ];
}

const boughtInLine = ({ key, name, subject, materialsMinor }: PlannedStep): OfferLine[] =>
  materialsMinor === 0
    ? []
    : [
        {
          key: `bought-in/${key}`,
          kind: 'bought-in',
          of: `${name}, ${subject}`,
          quantity: 1,
          unit: '',
          rateMinor: null,
          sumMinor: materialsMinor,
          steps: [key],
        },
      ];

function boothLine({ budgets, stays }: Plan, { boothRateMinorPerHour: rate }: Rates): OfferLine[] {
  const minutes = budgets.boothMin.planned;
  return minutes === 0
    ? []
    : [
        {
          key: 'booth',
          kind: 'booth',
          of: '',
          quantity: hours(minutes),
          unit: 'h',
          rateMinor: rate,
          sumMinor: costOfMinutes(minutes, rate),
          steps: stays.flatMap((stay) => (stay.kind === 'session' ? [stay.from] : [])),
        },
      ];
}

/** Work that somebody else does: it was quoted, or the shelf has it as a service. */
function boughtIn(plan: Plan, shelf: Shelf, figures: Figures): (step: PlannedStep) => boolean {
  const drawn = drawnBySteps(plan.steps, plan.sessions, shelf, figures);
  return ({ key, quotedMinor }) =>
    quotedMinor !== null ||
    (drawn.get(key) ?? []).some(({ product }) => shelf.get(product)?.kind === 'service');
}

/** The sum of some lines. */
export const sumOf = (lines: readonly OfferLine[]): Minor =>
  toMinor(lines.reduce((sum, line) => sum + line.sumMinor, 0));
