import type { StepDraft } from './draft';

/**
 * Tape that is pulled while its paint is soft comes off where the body stands: before it goes anywhere that waits for no
 * more than the pull itself does.
 */
export function pullBeforeMoving(draft: Pick<StepDraft, 'network' | 'operation' | 'stepOf' | 'link'>): void {
  const { steps, links, stays } = draft.network;
  const before = new Map<string, Set<string>>();
  for (const { from, to } of links) before.set(to, (before.get(to) ?? new Set()).add(from));
  const entries = stays.flatMap((stay) => (stay.kind === 'stay' ? [draft.stepOf(stay.from)] : []));
  for (const pull of steps) {
    if (!draft.operation(pull.operation).does.includes('uncover-wet')) continue;
    const needs = [...(before.get(pull.key) ?? [])];
    for (const entry of entries) {
      const waits = before.get(entry.key);
      const isSame = needs.length > 0 && needs.every((key) => waits?.has(key));
      if (isSame && pull.sections.some((one) => entry.sections.includes(one)))
        draft.link(pull.key, entry.key, { code: 'order' });
    }
  }
}
