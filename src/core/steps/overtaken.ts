import type { StepDraft } from './draft';
import { leaveOut } from './hand-edits';
import { followersOf } from './order-by-hand';
import type { Step } from './step';

/**
 * Steps that nobody logged although work behind them has begun are left out and said: what follows them shows that they
 * were done or were not needed, and no plan may put them after it.
 */
export function leaveOutOvertaken(draft: StepDraft): void {
  const { facts } = draft.context.job;
  if (facts.length === 0) return;
  const before = new Map<string, string[]>();
  for (const [key, later] of followersOf(draft))
    for (const one of later) before.set(one, [...(before.get(one) ?? []), key]);
  const logged = new Set(facts.map((fact) => fact.step));
  const seen = new Set(logged);
  const queue = [...logged];
  for (let key = queue.pop(); key !== undefined; key = queue.pop())
    for (const earlier of before.get(key) ?? [])
      if (!seen.has(earlier)) {
        seen.add(earlier);
        queue.push(earlier);
      }
  const coated = coatedSessions(draft.network.steps, logged);
  const isImplied = (step: Step) => step.coat === null && step.hold !== null && coated.has(step.hold);
  for (const step of draft.network.steps)
    if (seen.has(step.key) && !logged.has(step.key) && !step.skipped && !isImplied(step)) {
      if (step.crew > 0) draft.warn({ code: 'overtaken', step: step.key });
      leaveOut(step);
    }
}

/** Sessions of which a coat is known: who sprayed has loaded and wiped before, whether or not anybody wrote it down. */
export const coatedSessions = (steps: readonly Step[], logged: ReadonlySet<string>): Set<string> =>
  new Set(steps.flatMap((step) => (step.coat && step.hold && logged.has(step.key) ? [step.hold] : [])));
