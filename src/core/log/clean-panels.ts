import { standingEntries, type LogEntry } from '../record';
import { localDateOf, type Minute } from '../units';

/** Whether a panel may be sprayed as it was wiped. */
export type CleanState =
  | { state: 'not-wiped' }
  | { state: 'clean'; since: Minute }
  | { state: 'touched'; since: Minute; why: 'handled' | 'worked-on' | 'overnight' };

/**
 * Cleaning state of panels: the last wipe holds until somebody handles the panel, works on it, or a night passes. A coat
 * seals it: what lies under it needs no wipe again, the next wipe is for what comes on top.
 * @param partsOfStep panels a step is done to   @param dirties whether a step leaves dust or grease on what it touches
 */
export function cleanStates(
  parts: readonly string[],
  log: readonly LogEntry[],
  {
    partsOfStep,
    dirties,
    now,
    timeZone,
  }: {
    partsOfStep(step: string): readonly string[];
    dirties(step: string): boolean;
    now: Minute;
    timeZone: string;
  },
): Map<string, CleanState> {
  const states = new Map<string, CleanState>(parts.map((part) => [part, { state: 'not-wiped' }]));
  const touch = (part: string, since: Minute, why: 'handled' | 'worked-on') => {
    if (states.get(part)?.state === 'clean') states.set(part, { state: 'touched', since, why });
  };
  for (const entry of standingEntries(log)) {
    const own = entry.parts.length > 0 ? entry.parts : partsOfStep(entry.step);
    for (const part of own.filter((one) => states.has(one)))
      if (entry.kind === 'wiped') states.set(part, { state: 'clean', since: entry.at });
      else if (entry.kind === 'touched') touch(part, entry.at, 'handled');
      else if ((entry.kind === 'began' || entry.kind === 'ended') && dirties(entry.step))
        touch(part, entry.at, 'worked-on');
  }
  const today = localDateOf(now, timeZone);
  for (const [part, one] of states)
    if (one.state === 'clean' && localDateOf(one.since, timeZone) !== today)
      states.set(part, { state: 'touched', since: one.since, why: 'overnight' });
  return states;
}
