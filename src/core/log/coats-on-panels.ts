import { standingEntries, type Face, type LogEntry, type LoggedCoat } from '../record';
import type { Minute } from '../units';

/** A coat as it lies on one panel. */
export interface PanelCoat extends Omit<LoggedCoat, 'faces'> {
  part: string;
  face: Face;
  step: string;
  at: Minute;
  people: string[];
  entry: string;
}

/** Every coat of the log on every panel it was laid on, in order of time. */
export const panelCoats = (log: readonly LogEntry[]): PanelCoat[] =>
  standingEntries(log).flatMap(({ id, step, at, people, parts, coat }) => {
    if (!coat) return [];
    const { faces, ...laid } = coat;
    const own: Face[] = faces === 'both' ? ['outside', 'inside'] : [faces];
    return parts.flatMap((part) => own.map((face) => ({ ...laid, part, face, step, at, people, entry: id })));
  });

/** What the log shows of one coat on one panel. */
export type CoatMark =
  | { state: 'open' }
  | { state: 'laid'; at: Minute; batch: string; entry: string }
  /** A later coat of the same layer lies on it, this one was never tapped. */
  | { state: 'missed' }
  | { state: 'doubled'; at: Minute; times: number; entry: string };

/** A coat over both faces is one tap. */
const oncePerEntry = (list: PanelCoat[]): PanelCoat[] =>
  list.filter((one, i) => list.findIndex((other) => other.entry === one.entry) === i);

export interface CounterRow {
  part: string;
  /** One for each planned coat, in their order. */
  marks: CoatMark[];
}

/**
 * The coat counter of a session: panels against coats, with gaps and doubles. A panel may wait for its coat while others
 * have it; it counts as missed once the next coat of the session is on it, or on the panel before and after it.
 * @param coats keys of the coat steps of a session, in the order they are sprayed   @param parts its panels
 */
export function coatCounter(
  coats: readonly string[],
  parts: readonly string[],
  log: readonly LogEntry[],
): CounterRow[] {
  const laid = panelCoats(log);
  return parts.map((part) => {
    const own = coats
      .map((step) => laid.filter((one) => one.part === part && one.step === step))
      .map(oncePerEntry);
    return {
      part,
      marks: own.map((list, i): CoatMark => {
        const last = list.at(-1);
        if (last && list.length > 1)
          return { state: 'doubled', at: last.at, times: list.length, entry: last.entry };
        if (last) return { state: 'laid', at: last.at, batch: last.batch, entry: last.entry };
        return own.slice(i + 1).some((later) => later.length > 0) ? { state: 'missed' } : { state: 'open' };
      }),
    };
  });
}
