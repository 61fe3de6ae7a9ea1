import type { Mark } from '../record';
import { quantityOf } from './labour';
import type { Operation } from './operation';
import { roundKinds, type RoundKind, type RoundOfWork } from './rounds';
import type { Part } from '../vehicle';

export interface PanelRounds {
  part: string;
  /** By kind: rounds done and planned, and the panel's share of their person-minutes. */
  kinds: Record<RoundKind, { done: number; planned: number; minutes: number }>;
  /** Round that comes next, and from when; null when none is left. */
  next: { kind: RoundKind; round: number; start: number } | null;
  /** High and low spots and faults still open: the panel asks for a round beyond the last planned one. */
  open: number;
  asksForMore: boolean;
}

const sanded: Pick<Operation, 'basis' | 'shapeFactor'> = { basis: 'm²', shapeFactor: 'surface' };
const levelKinds: ReadonlySet<Mark['kind']> = new Set([
  'low',
  'high',
  'dent',
  'pinhole',
  'feather',
  'rub-through',
]);

/**
 * Rounds of a section told panel by panel: hours are shared by area and shape, as they are planned; a panel whose marks
 * are still open when the last round of blocking is done asks for one more.
 */
export function panelRounds(
  rounds: readonly RoundOfWork[],
  parts: readonly Part[],
  marks: readonly Pick<Mark, 'part' | 'kind' | 'mended'>[],
): PanelRounds[] {
  const weight = (list: readonly Part[]) => quantityOf(sanded as Operation, list, 'outside').weighted;
  const whole = weight(parts);
  const blocks = rounds.filter((one) => one.kind === 'block' || one.kind === 'fill');
  const blocked = blocks.length > 0 && blocks.every((one) => one.state === 'done');
  return parts.map((part) => {
    const ownShare = whole > 0 ? weight([part]) / whole : 0;
    const kinds = Object.fromEntries(
      roundKinds.map((kind) => {
        const own = rounds.filter((one) => one.kind === kind);
        return [
          kind,
          {
            done: own.filter((one) => one.state === 'done').length,
            planned: own.length,
            minutes: ownShare * own.reduce((sum, one) => sum + one.personMinutes, 0),
          },
        ];
      }),
    ) as PanelRounds['kinds'];
    const ahead = rounds.filter((one) => one.state !== 'done').sort((a, b) => a.start - b.start)[0];
    const open = marks.filter(
      (mark) => mark.part === part.key && !mark.mended && levelKinds.has(mark.kind),
    ).length;
    return {
      part: part.key,
      kinds,
      open,
      asksForMore: blocked && open > 0,
      next: ahead ? { kind: ahead.kind, round: ahead.round, start: ahead.start } : null,
    };
  });
}
