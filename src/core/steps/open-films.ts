import type { Face } from '../surface';
import type { Faces } from './labour';
import type { Session } from './session';

/** The faces that `outside`, `inside` or `both` name. */
export const facesIn = (named: Faces): readonly Face[] =>
  named === 'both' ? ['outside', 'inside'] : [named];

/** A film whose window is still open on some sections: nobody has sanded them as a whole since its last coat. */
export interface OpenFilm {
  film: Session;
  face: Face;
  sections: string[];
}

/** The last film on each face of each section, until work opens it again over the whole face. */
export class OpenFilms {
  private readonly films = new Map<string, Session>();

  laid(sections: readonly string[], named: Faces, film: Session): void {
    for (const section of sections)
      for (const face of facesIn(named)) this.films.set(`${section}|${face}`, film);
  }

  opened(sections: readonly string[], named: Faces): void {
    for (const section of sections)
      for (const face of facesIn(named)) this.films.delete(`${section}|${face}`);
  }

  /** Open films beneath a coat, each once for every face it lies on. @param facesOf what of a section is coated */
  beneath(sections: readonly string[], facesOf: (section: string) => Faces): OpenFilm[] {
    const found: OpenFilm[] = [];
    for (const section of sections)
      for (const face of facesIn(facesOf(section))) {
        const film = this.films.get(`${section}|${face}`);
        if (!film) continue;
        const known = found.find((one) => one.film === film && one.face === face);
        if (known) known.sections.push(section);
        else found.push({ film, face, sections: [section] });
      }
    return found;
  }
}
