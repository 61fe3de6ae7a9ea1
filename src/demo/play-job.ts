import type { Plan } from '../core/plan';
import type { LogEntry, StepFact } from '../core/record';
import { minutesWithin, type Stretch } from '../core/schedule';
import type { Minute } from '../core/units';
import { panelsOf } from '../core/vehicle';

/** How far actual hours differed from the plan, by operation: preparation ran over, spraying did not. */
const pace: Record<string, number> = {
  'strip-disc': 1.2,
  'strip-chemical': 1.1,
  'strip-down': 1.15,
  fill: 1.05,
  block: 1.08,
  mask: 1.25,
  'colour-sand': 0.95,
  polish: 0.95,
};

/** Plays a plan up to a minute over the shop's open stretches: what ended before it is done, what spans it is running, with what was logged. */
export function playUntil(plan: Plan, now: Minute, open: readonly Stretch[]): StepFact[] {
  return plan.steps
    .filter((step) => step.start < now)
    .map((step) => {
      const done = step.end <= now;
      const share = done ? 1 : (now - step.start) / (step.end - step.start);
      return {
        step: step.key,
        status: done ? 'done' : 'running',
        start: step.start,
        end: done ? step.end : null,
        // What is left of the planned working time, so that nothing but the pace moves the plan.
        remainingMin: done ? null : Math.min(step.minutes, minutesWithin(open, now, step.end)),
        personMinutes: Math.round(step.personMinutes * share * (pace[step.operation] ?? 1)),
        materialsMinor: Math.round(step.materialsMinor * share),
        uses: step.uses,
      } satisfies StepFact;
    });
}

/** Batches on the tins of the demo shelf; what came from elsewhere carries the number of its week. */
const tins: Readonly<Record<string, string>> = {
  'high-build-41': 'HB 2207',
  'sealer-grey': 'SG 118',
  'clear-21': 'C 0931',
};
const batchOf = (product: string, at: Minute): string =>
  tins[product] ??
  `${product.slice(0, 2).toUpperCase()} ${String(Math.floor(at / 10_080) % 100).padStart(2, '0')}`;

/** Air of the demo booth; it comes from a stand-in, and says so. */
const boothAir = { airC: 20, surfaceC: 19.5, humidity: 48, simulated: true };

/**
 * The log of the coats that ended before a minute, as a helper at the window would have tapped it: begun, every panel
 * coated, done.
 * @param people ids of those who may have sprayed
 */
export function logUntil(plan: Plan, now: Minute, people: ReadonlySet<string>): LogEntry[] {
  const blank = { parts: [], remainingMin: null, redo: '', coat: null, note: '', work: null, corrects: null };
  return plan.steps.flatMap((step): LogEntry[] => {
    const { coat } = step;
    if (!coat || step.end > now) return [];
    const coated = panelsOf(plan.parts.filter((part) => step.sections.includes(part.section)));
    const parts = coated.filter((part) => coat.faces !== 'inside' || part.insideM2 > 0);
    const entry = (kind: LogEntry['kind'], at: Minute, given: Partial<LogEntry> = {}): LogEntry => ({
      ...blank,
      id: `${step.key}/${kind}`,
      step: step.key,
      kind,
      at,
      people: step.uses.filter((id) => people.has(id)),
      ...given,
    });
    return [
      entry('began', step.start),
      entry('coat', step.start + Math.floor(step.minutes / 2), {
        parts: parts.map((part) => part.key),
        coat: {
          product: coat.product,
          role: coat.role,
          nth: coat.coat,
          faces: coat.faces,
          wetUm: null,
          batch: batchOf(coat.product, step.start),
          air: boothAir,
          reducer: '',
        },
      }),
      entry('ended', step.end),
    ];
  });
}
