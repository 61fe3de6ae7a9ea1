import { baseOf } from '../record';
import { filmFiguresOf, clearLeft, type FilmFigures, type Ladder } from '../film';
import type { StepDraft } from './draft';
import type { SectionWork } from './section-work';
import { ladderOf, type StackLayer } from './stack';

/** Says when a typed number of coats leaves less than the finish takes; a thin result never passes unsaid. */
export function warnOfFilm(draft: StepDraft, work: SectionWork): void {
  const { section, group, situation } = work;
  // What takes its coats from a higher level beside it needs fewer itself: that level says when they are too few.
  if (section.lead !== undefined) return;
  warnOfTopcoat(draft, work);
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
  const limitUm = draft.figures('film.most', { section: baseOf(section.key) });
  if (stack.totalUm > limitUm)
    draft.warn({
      code: 'film-limit',
      section: section.key,
      totalUm: stack.totalUm,
      limitUm,
    });
}

/** A topcoat that is sanded and polished has to outlast both: typed thinner, it is told with what would be left. */
function warnOfTopcoat(draft: StepDraft, { section, group, situation }: SectionWork): void {
  const topcoat = group.stackOf(section).layers.findLast((layer) => layer.role === 'topcoat');
  const isWorked = situation.flags.has('levels') || situation.flags.has('polishes');
  if (!topcoat?.typed || topcoat.coats === 0 || !isWorked) return;
  const left = (coats: number) =>
    topcoatLeft(
      ladderOf(section),
      { ...topcoat, coats },
      {
        isRolled: situation.route === 'hull',
        figures: filmFiguresOf(draft.figures),
      },
    );
  const isThin = (coats: number) => left(coats).flatUm < 0 || left(coats).edgeUm < 0;
  if (!isThin(topcoat.coats)) return;
  let needed = topcoat.coats;
  while (needed < mostCoats && isThin(needed)) needed += 1;
  const { flatUm: leftFlatUm, edgeUm: leftEdgeUm } = left(topcoat.coats);
  const { key } = section;
  draft.warn({ code: 'thin-topcoat', section: key, typed: topcoat.coats, needed, leftFlatUm, leftEdgeUm });
}
const mostCoats = 20;

/** Film that sanding between rolled coats, the grits and the polish leave; edges are taped through the grits, and polished twice. */
function topcoatLeft(
  { steps }: Ladder,
  { coats, dryUm }: StackLayer,
  { isRolled, figures }: { isRolled: boolean; figures: FilmFigures },
) {
  const sum = (isGrit: boolean) =>
    steps.reduce((total, one) => total + ((typeof one.grit === 'number') === isGrit ? one.removalUm : 0), 0);
  const nibsUm = isRolled ? coats * figures.nibsUm : 0;
  return {
    flatUm: coats * dryUm - nibsUm - sum(true) - sum(false),
    edgeUm: coats * dryUm * figures.edgeShare - nibsUm - figures.edgeTakes * sum(false),
  };
}
