import type { StepFact } from '../record';
import type { LinkReason, Step, StepNetwork } from '../steps';
import type { Minute } from '../units';

/** What stands against beginning a step at a minute. */
export type TooEarly =
  | { code: 'not-ended'; step: string; why: LinkReason }
  /** The grit before it was not ended on these panels. */
  | { code: 'not-signed'; step: string; panels: string[] }
  | { code: 'not-ready'; step: string; why: LinkReason; readyAt: Minute };

/**
 * Why a step should not be begun at a minute: work before it that has not ended, or film that is not ready. Links that
 * reach back behind a start (a least lag below zero) hold nothing here; steps left out are behind us.
 * @param unsigned of work that goes panel by panel: on which of its panels a step before it was not ended; undefined where
 * the whole step counts
 */
export function tooEarly(
  network: Pick<StepNetwork, 'steps' | 'links'>,
  facts: readonly StepFact[],
  step: string,
  at: Minute,
  unsigned: (before: Step) => string[] | undefined = () => undefined,
): TooEarly[] {
  const known = new Map(facts.map((fact) => [fact.step, fact]));
  const steps = new Map(network.steps.map((one) => [one.key, one]));
  const own = steps.get(step);
  const seen = new Set<string>();
  const against = (key: string): TooEarly[] => {
    if (seen.has(key)) return [];
    seen.add(key);
    return network.links.flatMap(({ from, to, min, why }): TooEarly[] => {
      const before = steps.get(from);
      if (to !== key || min < 0 || !before || before.skipped) return [];
      const panels = unsigned(before);
      if (panels !== undefined) return panels.length > 0 ? [{ code: 'not-signed', step: from, panels }] : [];
      const fact = known.get(from);
      // Who taps a coat has loaded and wiped: what is not written of the same session says nothing, what it stood on does.
      if (!fact && own && isImplied(before, own)) return against(from);
      if (fact?.status !== 'done' || fact.end === null) return [{ code: 'not-ended', step: from, why }];
      const readyAt = fact.end + min;
      return readyAt > at ? [{ code: 'not-ready', step: from, why, readyAt }] : [];
    });
  };
  return against(step);
}

const isImplied = (before: Step, coat: Step): boolean =>
  coat.coat !== null && before.coat === null && before.hold !== null && before.hold === coat.hold;
