import type { Figures } from '../figures';
import type { StepDraft } from './draft';
import { leaveOut } from './hand-edits';
import { crewMinutes } from './labour';
import { followersOf } from './order-by-hand';
import type { Step } from './step';
import { surfacesBySection, surfacesOfStep } from './step-work';

/**
 * Steps that nobody logged although work behind them has begun **on the same surfaces** are left out and said: what
 * follows them there shows that they were done or were not needed. Work on another panel, or on another face of it, shows
 * nothing of the kind, even where both share their steps: what was overtaken on some panels alone is still to be done on
 * the others, and takes their share of its minutes.
 */
export function leaveOutOvertaken(draft: StepDraft): void {
  if (draft.network.facts.length === 0) return;
  const { begun } = draft;
  const overtaken = overtakenOn(draft);
  const coated = coatedSessions(draft.network.steps, begun);
  const isImplied = (step: Step) => step.coat === null && step.hold !== null && coated.has(step.hold);
  for (const [step, { areaM2, wholeM2 }] of overtaken) {
    if (begun.has(step.key) || step.skipped || isImplied(step)) continue;
    const left = wholeM2 > 0 ? 1 - areaM2 / wholeM2 : 0;
    // What takes its minutes once, however much there is of it, was done with the first panel.
    if (left > dust && step.figure.unit !== 'fixed') takeShare(step, left, draft.figures);
    else {
      if (step.crew > 0) draft.warn({ code: 'overtaken', step: step.key });
      leaveOut(step);
    }
  }
}

const dust = 1e-9;

/** Steps on surfaces where work behind them has begun, with the area of these surfaces and of all they have, m². */
function overtakenOn(draft: StepDraft): Map<Step, { areaM2: number; wholeM2: number }> {
  const { steps, facts } = draft.network;
  const before = new Map<string, string[]>();
  for (const [key, later] of followersOf(draft))
    for (const one of later) before.set(one, [...(before.get(one) ?? []), key]);
  const byKey = new Map(steps.map((step) => [step.key, step]));
  const bySection = surfacesBySection(draft.context.parts, draft.context.job.sections);
  const of = new Map(steps.map((step) => [step, surfacesOfStep(step, bySection)]));
  const begunOn = new Map<string, string[]>();
  for (const fact of facts) {
    const step = byKey.get(fact.step);
    const on = fact.on ? new Set(fact.on) : null;
    for (const { key } of step ? of.get(step)! : [])
      if (on === null || on.has(key)) begunOn.set(key, [...(begunOn.get(key) ?? []), fact.step]);
  }
  // Surfaces on which the same steps were begun have the same steps behind them.
  const earlierOf = new Map<string, ReadonlySet<string>>();
  const earlier = (begun: readonly string[]): ReadonlySet<string> => {
    const name = begun.join('\n');
    const known = earlierOf.get(name);
    if (known) return known;
    const seen = new Set(begun);
    // A set is walked in the order it grows, so that what comes before what was found is found too.
    for (const key of seen) for (const one of before.get(key) ?? []) seen.add(one);
    earlierOf.set(name, seen);
    return seen;
  };
  const earlierOn = new Map([...begunOn].map(([surface, begun]) => [surface, earlier(begun)]));
  const found = new Map<Step, { areaM2: number; wholeM2: number }>();
  for (const step of steps) {
    const own = of.get(step)!;
    const sum = (list: typeof own) => list.reduce((total, one) => total + one.areaM2, 0);
    const gone = own.filter((one) => earlierOn.get(one.key)?.has(step.key));
    if (gone.length > 0)
      found.set(step, { areaM2: gone.length === own.length ? sum(own) : sum(gone), wholeM2: sum(own) });
  }
  return found;
}

/** Leaves of a step what its other panels take; setting up and flashing take their time whatever is left. */
function takeShare(step: Step, share: number, figures: Figures): void {
  const { flashMin: flash, fixedMin } = step.figure;
  const byArea = Math.max(0, step.personMinutes - flash * step.crew - fixedMin);
  const worked = fixedMin + byArea * share;
  step.computedMinutes = step.personMinutes;
  step.personMinutes = Math.round(worked) + flash * step.crew;
  step.minutes = crewMinutes(worked, Math.max(1, step.crew), figures) + flash;
}

/** Sessions of which a coat is known: who sprayed has loaded and wiped before, whether or not anybody wrote it down. */
export const coatedSessions = (steps: readonly Step[], logged: ReadonlySet<string>): Set<string> =>
  new Set(steps.flatMap((step) => (step.coat && step.hold && logged.has(step.key) ? [step.hold] : [])));
