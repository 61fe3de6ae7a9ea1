import { clearLeft } from '../film';
import type { StepDraft } from './draft';
import type { SectionWork } from './section-work';

/** Says when a typed number of clears leaves less than the finish needs; a thin result never passes unsaid. */
export function warnOfFilm(draft: StepDraft, { section, group, situation }: SectionWork): void {
  // What takes its coats from a higher level beside it needs fewer itself: that level says when they are too few.
  if (section.lead !== undefined) return;
  if (situation.route !== 'panel') return;
  const stack = group.stackOf(section);
  const clear = stack.layers.findLast((layer) => layer.role === 'clear');
  if (stack.clear && clear && clear.coats < stack.clear.coats) {
    const { flatUm, edgeUm } = clearLeft(stack.clear, clear.coats, clear.dryUm);
    draft.warn({
      code: 'thin-clear',
      section: section.key,
      typed: clear.coats,
      needed: stack.clear.coats,
      leftFlatUm: flatUm,
      leftEdgeUm: edgeUm,
    });
  }
  const limitUm = 500;
  if (stack.totalUm > limitUm)
    draft.warn({ code: 'film-limit', section: section.key, totalUm: stack.totalUm, limitUm });
}
