import type { LayerRole } from '../film';
import type { Minute } from '../units';

/** What can be written down at the work. An entry is never changed: a mistake is corrected by a counter-entry. */
export const logKinds = [
  'began',
  'left',
  'ended',
  'coat',
  'wiped',
  'touched',
  'sealed',
  'inspected',
  'note',
] as const;
export type LogKind = (typeof logKinds)[number];

/** Which side of a panel: what one sees, or back faces, jambs and openings. */
export type Face = 'outside' | 'inside';
/** Faces that one coat covers. */
export const coatFaces = ['outside', 'both', 'inside'] as const;
export type CoatFaces = (typeof coatFaces)[number];

/** Air at the moment something was laid. */
export interface LoggedAir {
  airC: number;
  surfaceC: number;
  /** Relative humidity, %. */
  humidity: number;
  /** Read from a stand-in that measures nothing. */
  simulated: boolean;
}

/** One coat of one product on the panels of an entry. */
export interface LoggedCoat {
  product: string;
  role: LayerRole;
  /** 1 for the first coat of that layer. */
  nth: number;
  faces: CoatFaces;
  /** Batch it was sprayed from; empty where nobody wrote it down. */
  batch: string;
  /** Wet film by comb, µm; null where it was not measured. */
  wetUm: number | null;
  air: LoggedAir | null;
  /** Reducer and hardener as mixed; empty for the sheet's own. */
  reducer: string;
}

export interface LogEntry {
  id: string;
  /** Key of the step it belongs to. */
  step: string;
  kind: LogKind;
  /** True time, which may lie before the writing. */
  at: Minute;
  /** Ids of the people who did it. */
  people: string[];
  /** Panels it concerns; empty for the whole step. */
  parts: string[];
  /** `left`: attended minutes of the step that are still to do; null where nobody said. */
  remainingMin: number | null;
  /** Cause of work that is done again; empty for first work. */
  redo: string;
  coat: LoggedCoat | null;
  note: string;
  /** The entry that this one takes back; null for an ordinary one. */
  corrects: string | null;
}

/** Entries that stand: those taken back, and the entries that take them back, left out; in order of time. */
export function standingEntries(log: readonly LogEntry[]): LogEntry[] {
  const takenBack = new Set(log.flatMap((entry) => entry.corrects ?? []));
  return log
    .filter((entry) => entry.corrects === null && !takenBack.has(entry.id))
    .map((entry, i) => ({ entry, i }))
    .sort((a, b) => a.entry.at - b.entry.at || a.i - b.i)
    .map(({ entry }) => entry);
}
