import type { StepFact } from '../record';
import type { Step, StepNetwork } from '../steps';
import type { Minute } from '../units';

/**
 * Waits and moves need nobody, so nobody logs them: one runs as soon as all before it has ended, and is over when its
 * minutes have passed. Only what follows a logged step is reckoned; @returns facts for these steps.
 */
export function silentFacts(
  network: Pick<StepNetwork, 'steps' | 'links'>,
  facts: readonly StepFact[],
  now: Minute,
): StepFact[] {
  const known = new Map(facts.map((fact) => [fact.step, fact]));
  const linksTo = new Map<string, { from: string; min: number }[]>();
  for (const { from, to, min } of network.links) {
    const list = linksTo.get(to);
    if (list) list.push({ from, min });
    else linksTo.set(to, [{ from, min }]);
  }
  const found: StepFact[] = [];
  const silent = network.steps.filter(
    (step) => step.crew === 0 && !step.skipped && !known.has(step.key) && linksTo.has(step.key),
  );
  // A wait may follow a wait: go round until nothing new is known.
  for (let before = -1; before < found.length;) {
    before = found.length;
    for (const step of silent) {
      if (known.has(step.key)) continue;
      const start = readyAt(linksTo.get(step.key)!, known);
      if (start === null || start > now) continue;
      const fact = silentFact(step, start, now);
      known.set(step.key, fact);
      found.push(fact);
    }
  }
  return found;
}

/** Minute from which nothing before it holds it back; null while something has not ended. */
function readyAt(
  links: readonly { from: string; min: number }[],
  known: ReadonlyMap<string, StepFact>,
): Minute | null {
  let ready = -Infinity;
  for (const { from, min } of links) {
    const fact = known.get(from);
    if (fact?.status !== 'done' || fact.end === null) return null;
    ready = Math.max(ready, fact.end + Math.max(0, min));
  }
  return ready;
}

function silentFact(step: Step, start: Minute, now: Minute): StepFact {
  const end = start + step.minutes;
  const over = end <= now;
  return {
    step: step.key,
    status: over ? 'done' : 'running',
    start,
    end: over ? end : null,
    remainingMin: over ? null : end - now,
    personMinutes: 0,
    materialsMinor: null,
    uses: [],
  };
}
