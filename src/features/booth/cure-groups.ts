import type { ClockRow } from './booth-props';

/** Panels whose last coat is the same tap: one clock for all of them. */
export interface CureGroup extends ClockRow {
  panels: string[];
}

/** Clocks of the same tap together, newest first; faces of a panel that were coated together are one. */
export function cureGroups(clocks: readonly ClockRow[]): CureGroup[] {
  const groups = new Map<string, CureGroup>();
  for (const clock of clocks) {
    const { entry, part, face } = clock.coat;
    const both = clocks.some(
      (one) => one.coat.entry === entry && one.coat.part === part && one.coat.face !== face,
    );
    const key = `${entry} ${both ? 'both' : face}`;
    const group = groups.get(key) ?? { ...clock, panels: [] };
    const name = both || face === 'outside' ? part : `${part} inside`;
    if (!group.panels.includes(name)) group.panels.push(name);
    groups.set(key, group);
  }
  return [...groups.values()].sort((a, b) => b.coat.at - a.coat.at);
}
