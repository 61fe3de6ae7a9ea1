import type { Family, Product, Shelf, WaitKey } from '../film';
import type { StepDraft } from './draft';
import type { Operation, Role } from './operation';

/** A film laid by hand on parts of a section: filler, putty, sealant, texture. */
interface HandFilm {
  step: string;
  product: Product;
}

const sands: readonly Role[] = ['block-filler', 'block', 'scuff', 'scuff-spots', 'sand', 'cut', 'polish'];
const tapes: readonly Role[] = ['cover-others', 'cover-outside', 'cover-inside', 'cover-kept'];
const handles: readonly Role[] = ['fit', 'hang', 'off', 'uncover', 'uncover-wet'];
const coats: readonly Role[] = ['spray', 'fill', 'spot-prime', 'texture'];

/** What work by hand lays: the first product it uses that stays as a film; null where it leaves none. */
export function filmOf({ kind, consumes }: Operation, shelf: Shelf): Product | null {
  if (kind !== 'work') return null;
  return consumes.map(({ product }) => shelf.get(product)).find((one) => one?.coating) ?? null;
}

/** Spread proud, to be sanded flat; sealant and texture are sanded round, and only bear no dust before they have a skin. */
const levelled: ReadonlySet<Family | undefined> = new Set<Family>(['filler', 'putty']);

/** What a film that was spread waits for before it is sanded, or dust is made beside it. */
export const sandedAfter = ({ coating }: Product): { key: WaitKey; code: WaitCode } =>
  levelled.has(coating?.family)
    ? { key: 'sandAfterMin', code: 'sand-after' }
    : { key: 'dustFreeMin', code: 'dust-free' };

/** The time of a sheet that work on a film waits for; null where it leaves the film alone. */
function waitOf({ kind, does }: Operation): { key: WaitKey; code: WaitCode } | null {
  const is = (roles: readonly Role[]) => does.some((role) => roles.includes(role));
  if (is(sands)) return { key: 'sandAfterMin', code: 'sand-after' };
  if (is(tapes)) return { key: 'tapeAfterMin', code: 'tape-after' };
  if (is(handles)) return { key: 'handleAfterMin', code: 'handle-after' };
  if (is(coats) || kind === 'session' || kind === 'rolled')
    return { key: 'recoatMinMin', code: 'recoat-min' };
  return null;
}
type WaitCode = 'dust-free' | 'sand-after' | 'tape-after' | 'handle-after' | 'recoat-min';

/** Films by hand that stand on sections: what works on them waits as their sheets say, at the air of the bay. */
export class HandFilms {
  private readonly films = new Map<string, HandFilm[]>();

  constructor(private readonly draft: StepDraft) {}

  /** Ties a step to the films by hand beneath it, and keeps in mind what it lays itself. */
  meet(operation: Operation, sections: readonly string[], step: string): void {
    const wait = waitOf(operation);
    const met = new Set(sections.flatMap((section) => this.films.get(section) ?? []));
    if (wait)
      for (const { step: from, product } of met) {
        const { key, code } = wait.key === 'sandAfterMin' ? sandedAfter(product) : wait;
        const min = this.draft.waits(product, key, 'bay');
        if (min > 0 && from !== step)
          this.draft.link(from, step, { code, product: product.code, airC: this.airC }, min);
      }
    // What was sanded or coated over is met by its own film from then on.
    if (wait?.key === 'sandAfterMin' || wait?.key === 'recoatMinMin')
      for (const section of sections) this.films.delete(section);
    const product = filmOf(operation, this.draft.context.shelf);
    if (product)
      for (const section of sections)
        this.films.set(section, [...(this.films.get(section) ?? []), { step, product }]);
  }

  private get airC(): number {
    return this.draft.airC('bay');
  }
}
