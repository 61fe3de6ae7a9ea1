import type { StepFact } from '../record';
import { coatedSessions, type StepNetwork } from '../steps';

/**
 * Loading and wiping of a session of which a coat was logged: done as planned, ending as the first coat began. Later
 * coats do not count for earlier ones: a coat nobody tapped stays open, and the counter shows it.
 */
export function impliedFacts({ steps }: Pick<StepNetwork, 'steps'>, facts: readonly StepFact[]): StepFact[] {
  const known = new Map(facts.map((fact) => [fact.step, fact]));
  const found: StepFact[] = [];
  for (const session of coatedSessions(steps, new Set(known.keys()))) {
    const own = steps.filter((step) => step.hold === session);
    const firstCoat = own.findIndex((step) => step.coat !== null);
    const starts = own.flatMap((step) => (step.coat ? (known.get(step.key)?.start ?? []) : []));
    let end = Math.min(...starts);
    for (const step of own.slice(0, firstCoat).reverse()) {
      if (known.has(step.key) || step.skipped) continue;
      const start = end - step.minutes;
      found.push({
        step: step.key,
        status: 'done',
        start,
        end,
        remainingMin: null,
        personMinutes: step.personMinutes,
        materialsMinor: null,
        uses: [],
      });
      end = start;
    }
  }
  return found;
}
