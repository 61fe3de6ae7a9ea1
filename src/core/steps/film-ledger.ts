import type { WaitKey } from '../film';
import type { Face } from '../surface';
import type { StepDraft } from './draft';
import { HandFilms } from './hand-films';
import type { Faces } from './labour';
import type { Operation } from './operation';
import { afterSanding, type Session } from './session';

/** The faces that `outside`, `inside` or `both` name. */
export const facesIn = (named: Faces): readonly Face[] =>
  named === 'both' ? ['outside', 'inside'] : [named];

/** A coat on an area and a face, the topmost there. */
interface Topmost {
  film: Session;
  /** Nobody has worked on it since: the next work waits until it sands. */
  untouched: boolean;
  /** Its recoat window still runs: nobody has sanded all of the face since. */
  open: boolean;
}

/** A film whose window is still open, on these areas of a face. */
export interface OpenFilm {
  film: Session;
  face: Face;
  sections: string[];
}

/** Which face of an area is meant; areas without insides have none. */
type FacesOf = (area: string) => Faces;

/**
 * What lies on top of each face of each area while the steps of a job are written, in their order: every step that meets
 * a film is tied to it as the film's sheet says.
 */
export class FilmLedger {
  private readonly tops = new Map<string, Topmost>();
  private readonly byHand: HandFilms;

  constructor(private readonly draft: StepDraft) {
    this.byHand = new HandFilms(draft);
  }

  private on(areas: readonly string[], facesOf: FacesOf): Topmost[] {
    return areas.flatMap((area) =>
      facesIn(facesOf(area)).flatMap((face) => this.tops.get(`${area}|${face}`) ?? []),
    );
  }

  /** Areas that have no film of the job on any face. */
  bareOf(areas: readonly string[]): Set<string> {
    return new Set(areas.filter((area) => this.on([area], () => 'both').length === 0));
  }

  /** Coats were laid; windows that close by themselves, as those of rolled coats do, are not kept. */
  coated(areas: readonly string[], facesOf: FacesOf, film: Session, keepsWindow: boolean): void {
    for (const area of areas)
      for (const face of facesIn(facesOf(area)))
        this.tops.set(`${area}|${face}`, { film, untouched: true, open: keepsWindow });
  }

  /** Work on films that nobody touched since their last coat waits until they sand. */
  sanded(areas: readonly string[], faces: Faces, step: string): void {
    for (const film of this.touched(areas, () => faces)) afterSanding(this.draft, film, step);
  }

  /** A coat on films that nobody touched waits only until their sheets bear the next one; a scuff, if any, waits by itself. */
  recoated(areas: readonly string[], facesOf: FacesOf, coat: string): void {
    const { draft } = this;
    for (const { lastCoat, lastProduct } of this.touched(areas, facesOf)) {
      const why = { code: 'recoat-min', product: lastProduct.code, airC: draft.airC('booth') } as const;
      draft.link(lastCoat, coat, why, draft.waits(lastProduct, 'recoatMinMin', 'booth'));
    }
  }

  /** Films that nobody worked on until now. */
  private touched(areas: readonly string[], facesOf: FacesOf): Set<Session> {
    const tops = this.on(areas, facesOf).filter((one) => one.untouched);
    for (const top of tops) top.untouched = false;
    return new Set(tops.map((one) => one.film));
  }

  /** Work over the whole of a face opens its film again for the next coat. */
  opened(areas: readonly string[], named: Faces): void {
    for (const top of this.on(areas, () => named)) top.open = false;
  }

  /** Films that cure now: those that nobody has worked on. They are left as worked on. */
  cured(areas: readonly string[]): Session[] {
    const tops = this.on(areas, () => 'both').filter((one) => one.untouched);
    for (const top of tops) top.untouched = false;
    return [...new Set(tops.map((one) => one.film))];
  }

  /** Tape or hands on films wait as their sheets say. */
  borne(
    key: WaitKey & ('tapeAfterMin' | 'handleAfterMin'),
    areas: readonly string[],
    faces: Faces,
    step: string,
  ): void {
    const code = key === 'tapeAfterMin' ? 'tape-after' : 'handle-after';
    const films = new Set(this.on(areas, () => faces).map((one) => one.film));
    for (const { lastCoat, lastProduct } of films) {
      const why = { code, product: lastProduct.code, airC: this.draft.airC('bay') } as const;
      this.draft.link(lastCoat, step, why, this.draft.waits(lastProduct, key, 'bay'));
    }
  }

  /** Films beneath a coat whose windows still run, each once for every face it lies on. */
  openBeneath(areas: readonly string[], facesOf: FacesOf): OpenFilm[] {
    const found: OpenFilm[] = [];
    for (const area of areas)
      for (const face of facesIn(facesOf(area))) {
        const top = this.tops.get(`${area}|${face}`);
        if (!top?.open) continue;
        const known = found.find((one) => one.film === top.film && one.face === face);
        if (known) known.sections.push(area);
        else found.push({ film: top.film, face, sections: [area] });
      }
    return found;
  }

  /** Ties a step to the films by hand beneath it, and keeps in mind what it lays itself. */
  meet(operation: Operation, areas: readonly string[], step: string): void {
    this.byHand.meet(operation, areas, step);
  }
}
