import type { StepDraft } from './draft';
import { leaveOut } from './hand-edits';
import { followersOf } from './order-by-hand';
import type { Step } from './step';

/**
 * Steps that nobody logged although work behind them has begun **on the same section** are left out and said: what follows
 * them there shows that they were done or were not needed. Work on another section shows nothing of the kind, even where
 * the order of the passes on the body ties the two together.
 */
export function leaveOutOvertaken(draft: StepDraft): void {
  const { facts } = draft.context.job;
  if (facts.length === 0) return;
  const before = new Map<string, string[]>();
  for (const [key, later] of followersOf(draft))
    for (const one of later) before.set(one, [...(before.get(one) ?? []), key]);
  const logged = new Set(facts.map((fact) => fact.step));
  const overtaken = new Set<string>();
  const steps = new Map(draft.network.steps.map((step) => [step.key, step]));
  const begun = [...logged].flatMap((key) => steps.get(key) ?? []);
  for (const section of new Set(begun.flatMap((step) => step.sections))) {
    const seen = new Set(begun.flatMap((step) => (step.sections.includes(section) ? [step.key] : [])));
    // A set is walked in the order it grows, so that what comes before what was found is found too.
    for (const key of seen) for (const earlier of before.get(key) ?? []) seen.add(earlier);
    for (const key of seen) if (steps.get(key)?.sections.includes(section)) overtaken.add(key);
  }
  const coated = coatedSessions(draft.network.steps, logged);
  const isImplied = (step: Step) => step.coat === null && step.hold !== null && coated.has(step.hold);
  for (const step of draft.network.steps)
    if (overtaken.has(step.key) && !logged.has(step.key) && !step.skipped && !isImplied(step)) {
      if (step.crew > 0) draft.warn({ code: 'overtaken', step: step.key });
      leaveOut(step);
    }
}

/** Sessions of which a coat is known: who sprayed has loaded and wiped before, whether or not anybody wrote it down. */
export const coatedSessions = (steps: readonly Step[], logged: ReadonlySet<string>): Set<string> =>
  new Set(steps.flatMap((step) => (step.coat && step.hold && logged.has(step.key) ? [step.hold] : [])));
