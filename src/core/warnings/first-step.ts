import { colourRoles } from '../film';
import type { Plan, PlannedStep, PlanWarning } from '../plan';
import { baseOf } from '../record';
import { minuteAt, type Minute } from '../units';

type Test = (step: PlannedStep) => boolean;

/** The first step ahead that a warning concerns, not to begin before it is settled; null where none is left. */
export function firstStepOf(warning: PlanWarning, plan: Pick<Plan, 'steps' | 'parts'>): PlannedStep | null {
  const test = testFor(warning, plan);
  if (!test) return null;
  return plan.steps.reduce<PlannedStep | null>(
    (first, step) =>
      step.state === 'planned' && !step.skipped && test(step) && (!first || step.start < first.start)
        ? step
        : first,
    null,
  );
}

/** When it has to be settled by. @param timeZone of the shop, for what has a day and no minute */
export function settledBy(warning: PlanWarning, step: PlannedStep | null, timeZone: string): Minute | null {
  switch (warning.code) {
    case 'window-tight':
    case 'pin-closes-window':
      return warning.closes;
    case 'scarce-hands':
      return minuteAt(warning.lastDay, 0, timeZone);
    case 'rounds-late':
      return minuteAt(warning.lastDay, 0, timeZone);
    case 'hard-days':
      return minuteAt(warning.date, 0, timeZone);
    case 'sample-late':
      return minuteAt(warning.orderBy, 0, timeZone);
    default:
      return step?.start ?? null;
  }
}

/** What tells the steps that a warning concerns; null where it concerns no step. */
function testFor(warning: PlanWarning, plan: Pick<Plan, 'parts'>): Test | null {
  if ('step' in warning) return (step) => step.key === warning.step;
  switch (warning.code) {
    case 'no-skill':
      return (step) => step.people.includes(warning.skill);
    case 'air-outside-limits':
    case 'batches-apart':
      return (step) => step.coat?.product === warning.product;
    case 'session-over-shift':
      return (step) => step.hold === warning.session;
    default:
      return 'part' in warning ? onPanelOf(warning, plan) : onSectionsOf(warning, plan);
  }
}

const both =
  (...tests: readonly Test[]): Test =>
  (step) =>
    tests.every((test) => test(step));
const isHeld: Test = (step) => step.heldBy.length > 0;
const isFinish: Test = (step) => step.phase === 'finish';
const takesPaint: Test = ({ phase, tags }) => phase === 'strip' || tags.includes('dusty');
const isCoat: Test = (step) => step.coat !== null;
const lays =
  (...roles: readonly string[]): Test =>
  (step) =>
    step.coat !== null && roles.includes(step.coat.role);

function onSections(keys: readonly string[]): Test {
  const areas = new Set(keys);
  return (step) => step.sections.some((key) => areas.has(key) || areas.has(baseOf(key)));
}

const sectionsOf = (panels: readonly string[], { parts }: Pick<Plan, 'parts'>): string[] =>
  parts.flatMap((one) => (panels.includes(one.key) ? [one.section] : []));

/** Of one panel: its finish, where film is what it is about. */
function onPanelOf(warning: Extract<PlanWarning, { part: string }>, plan: Pick<Plan, 'parts'>): Test {
  const on = onSections(sectionsOf([warning.part], plan));
  if (warning.code === 'reference-spot') return both(on, takesPaint);
  return warning.code === 'kept-thin' || warning.code === 'spot-thin' ? both(on, isFinish) : on;
}

/** Of sections and areas: the coat, the finish or the held step that it is about. */
function onSectionsOf(warning: PlanWarning, plan: Pick<Plan, 'parts'>): Test | null {
  switch (warning.code) {
    case 'thin-clear':
      return both(onSections([warning.section]), lays('clear'));
    case 'thin-topcoat':
      return both(onSections([warning.section]), lays('topcoat'));
    case 'ridge-cut':
      return both(onSections(sectionsOf(warning.panels, plan)), lays('clear', 'topcoat'));
    case 'kept-unread':
      return both(onSections([warning.section]), isFinish);
    case 'film-limit':
    case 'stack':
    case 'product-missing':
      return both(onSections([warning.section]), isCoat);
    case 'lead-untested':
    case 'patch-open':
    case 'gate-open':
      return both(onSections([warning.section]), isHeld);
    case 'gloss-over-straightness':
    case 'kept-not-stripped':
    case 'lifting-kept':
    case 'system-differs':
      return onSections([warning.section]);
    case 'filler-fault':
      return both(onSections([warning.section]), (step) => step.spread?.product === warning.product);
    case 'rounds-late':
      return both(onSections([warning.section]), (step) => /^(fill|fair|block)/.test(step.operation));
    case 'old-tape':
      return both(onSections([warning.section]), (step) => step.phase === 'mask');
    case 'ground-shows':
    case 'line-shows':
    case 'finish-not-laid':
      return both(onSections(warning.areas), lays('sealer', ...colourRoles));
    case 'sample-open':
    case 'sample-at-risk':
      return both(onSections(warning.areas), (step) => isCoat(step) || isHeld(step));
    case 'unequal-coats':
      return both(onSections(warning.counts.flatMap((one) => one.areas)), isCoat);
    case 'effect-apart':
      return both(onSections(warning.sections), isCoat);
    default:
      return null;
  }
}
