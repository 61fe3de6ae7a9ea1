import type { LayerRole } from '../film';
import type { Face } from '../surface';
import type { StepDraft } from './draft';
import type { Session } from './session';

/** Films that may be scuffed when their window has closed before the next session of the same pass. */
const scuffed: ReadonlySet<LayerRole | undefined> = new Set<LayerRole>([
  'sealer',
  'clear',
  'intercoat',
  'promoter',
]);

/** A face of areas that a pass coats. */
export interface CoatedFace {
  face: Face;
  sections: readonly string[];
}

/** Names a window; that of an inside is told apart. */
export const windowKey = (from: string, to: string, face: Face): string =>
  `${from}>${to}${face === 'inside' ? '|inside' : ''}`;

/** From which coat the window of a film runs, and for how long; null where it never closes. */
export function closingOf(draft: StepDraft, film: Session): { from: string; maxMin: number } | null {
  const open = draft.closes(film.lastProduct, 'recoatMaxMin', 'booth');
  if (open === null) return null;
  // It runs from the gun, not from the flash that the painter stands by.
  return { from: film.opens, maxMin: open - draft.stepOf(film.opens).figure.flashMin };
}

/** The next session of a pass follows inside the window of the film that ended the last; a colour is not scuffed for it. */
export function withinRecoat(
  draft: StepDraft,
  session: Session,
  { firstCoat: to }: Session,
  coated: readonly CoatedFace[],
): void {
  const closing = closingOf(draft, session);
  if (closing === null) return;
  const { from, maxMin } = closing;
  const product = session.lastProduct.code;
  if (scuffed.has(draft.stepOf(from).coat?.role)) {
    for (const { face, sections } of coated)
      draft.softWindow({
        key: windowKey(from, to, face),
        from,
        lastCoat: session.lastCoat,
        to,
        product,
        maxMin,
        sections: [...sections],
        face,
      });
    return;
  }
  draft.link(from, to, { code: 'recoat-max', product, airC: draft.airC('booth') }, 0, maxMin);
}
