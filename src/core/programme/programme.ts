import { coverOf, sharesPanels } from './covers';
import { isByHand } from './colour-order';
import { filmsTogether, homeOf, type FilmHome } from './films';
import { coatsInRound, onInside } from './rounds';
import type { AreaFilm, Body, OrderWhy, Pass, PassFilm, Programme, ProgrammeArea } from './model';

type PassGiven = Pick<Pass, 'role' | 'scope' | 'round' | 'faces' | 'films' | 'after'>;

/**
 * The passes of a job: primer and build of a whole body, insides one after another and all shut before the first outside
 * is covered, the colours of a body one after the other, further clears of each.
 * @param areas in the order in which they are painted on their body   @param byHand the manager's order of colours, by clock
 */
export function programmeOf(areas: readonly ProgrammeArea[], byHand: readonly string[] = []): Programme {
  const bodies = bodiesOf(areas);
  const hangs = (body: Body) => areas.some((area) => area.body === body.key && area.paintedOn !== body.key);
  // Pieces that are hung on a body for their colour have their ground, and their insides, before.
  const inOrder = [...bodies.filter(hangs), ...bodies.filter((body) => !hangs(body))];
  const passes = inOrder.flatMap((body) => new BodyPasses(body, areas, byHand).all());
  const covers = passes.flatMap((pass) => coverOf(pass, areas, passes) ?? []);
  const covered = new Set(covers.map((cover) => cover.key));
  return {
    bodies,
    passes: passes.map((pass) => ({ ...pass, cover: covered.has(pass.key) ? pass.key : null })),
    covers,
  };
}

const bodiesOf = (areas: readonly ProgrammeArea[]): Body[] =>
  [...new Set(areas.map((area) => area.body))].map((key) => {
    const own = areas.filter((area) => area.body === key);
    return { key, loose: own.every((area) => area.loose), areas: own.map((area) => area.key) };
  });

class BodyPasses {
  private readonly passes: Pass[] = [];
  private readonly painted: readonly ProgrammeArea[];
  /** What gets its last coats here, hung pieces among it. */
  private readonly coloured: readonly ProgrammeArea[];

  constructor(
    private readonly body: Body,
    areas: readonly ProgrammeArea[],
    private readonly byHand: readonly string[],
  ) {
    this.painted = areas.filter((area) => area.painted && area.body === body.key);
    this.coloured = areas.filter((area) => hasColour(area) && area.paintedOn === body.key);
  }

  all(): Pass[] {
    this.ground();
    const textures = this.textures('under');
    const insides = this.insides();
    this.colours(insides, textures);
    this.textures('over');
    this.touchIns();
    return this.passes;
  }

  private add(areas: readonly ProgrammeArea[], given: PassGiven): string {
    const { role, scope, round } = given;
    const key = [scope, role, ...(round > 0 ? [round] : [])].join('/');
    const isShut = role === 'colour' || (role === 'clear' && given.faces === 'both');
    const isHull = areas.some((area) => area.buildType === 'hull');
    this.passes.push({
      ...given,
      key,
      body: this.body.key,
      application: isHull ? 'roll' : 'spray',
      areas: keysOf(areas),
      shut: isShut ? keysOf(areas.filter((area) => area.insides === 'first')) : [],
      past: [],
      bodyFlat: !this.body.loose && (role === 'inside' || role === 'colour'),
      cover: null,
    });
    return key;
  }

  /** Primer of all that is bare, then the build round by round. */
  private ground(): void {
    const key = this.body.key;
    const primed = this.painted.filter((area) => ownFilms(area, 'prime').length > 0);
    let last: string | null = null;
    if (primed.length > 0) {
      const films = together(primed, (area) => ownFilms(area, 'prime'));
      last = this.add(primed, { role: 'prime', scope: key, round: 0, faces: 'both', films, after: [] });
    }
    const rounds = Math.max(0, ...this.painted.map((area) => area.buildRounds));
    for (let round = 1; round <= rounds; round += 1) {
      const built = this.painted.filter((area) => area.buildRounds >= round);
      const films = together(built, (area) =>
        ownFilms(area, 'build').map((film) => ({
          ...film,
          coats: coatsInRound(film.coats, round, area.buildRounds),
        })),
      );
      const after = behind(last, 'film-beneath');
      last = this.add(built, { role: 'build', scope: key, round, faces: 'outside', films, after });
    }
  }

  private insides(): string[] {
    const keys: string[] = [];
    const opened = this.painted.filter((area) => area.insides === 'first' && hasColour(area));
    for (const clock of new Set(opened.map((area) => area.clock))) {
      const own = opened.filter((area) => area.clock === clock);
      const films = together(own, (area) =>
        ownFilms({ films: area.insideFilms ?? area.films }, 'colour')
          // What is primed inside takes its colour without a sealer.
          .filter((film) => film.role !== 'sealer')
          .map((film) => ({ ...film, coats: onInside(film) })),
      );
      const before = this.body.loose ? null : (keys.at(-1) ?? null);
      const after = behind(before, 'one-inside-after-another');
      keys.push(this.add(own, { role: 'inside', scope: clock, round: 0, faces: 'inside', films, after }));
    }
    return keys;
  }

  /** Texture and liner, each clock by itself. */
  private textures(lies: 'under' | 'over'): string[] {
    const areas = lies === 'under' ? this.painted : this.coloured;
    const textured = areas.filter((area) => area.texture?.lies === lies);
    return [...new Set(textured.map((area) => area.clock))].map((clock) => {
      const own = textured.filter((area) => area.clock === clock);
      const { product } = own[0]!.texture!;
      const on = [{ coats: 1, areas: keysOf(own) }];
      const films = [{ role: 'texture' as const, product, coats: 1, first: 1, of: 1, on }];
      const after = behind(this.lastOn(own), 'film-beneath');
      return this.add(own, { role: 'texture', scope: clock, round: 0, faces: 'outside', films, after });
    });
  }

  /** What stood on stands gets all its coats once they were shifted. */
  private touchIns(): void {
    const stood = this.coloured.filter((area) => area.stands);
    for (const clock of new Set(stood.map((area) => area.clock))) {
      const own = stood.filter((area) => area.clock === clock);
      const films = together(own, (area) => ownFilms(area, 'colour'));
      const after = behind(this.lastOn(own), 'stands-shifted');
      this.add(own, { role: 'touch-in', scope: clock, round: 0, faces: 'outside', films, after });
    }
  }

  /** The last pass so far that any of these areas is in. */
  private lastOn(areas: readonly ProgrammeArea[]): string | null {
    const keys = new Set(keysOf(areas));
    return this.passes.findLast((pass) => pass.areas.some((key) => keys.has(key)))?.key ?? null;
  }

  private colours(insides: readonly string[], textures: readonly string[]): void {
    let earlier: { key: string; lot: string } | null = null;
    /** Colours that wait for one clear over all of them. */
    const overs = new Map<string, string[]>();
    for (const lot of new Set(this.coloured.map((area) => area.lot))) {
      const own = this.coloured.filter((area) => area.lot === lot);
      const clears = clearsOf(own);
      const over = own[0]!.clearOver;
      const first = over === null ? clears[0] : 0;
      const films = together(own, (area) => withFirstClears(ownFilms(area, 'colour'), first));
      const top = films.findLastIndex(isClear);
      if (top >= 0 && over === null) films[top] = { ...films[top]!, of: sumOf(clears) };
      const after = [
        ...(this.body.loose ? [] : insides.map((pass) => ({ pass, why: 'insides-first' as const }))),
        ...[...new Set(own.filter(hasOwnInside).map((area) => area.clock))].map((clockOfPiece) => ({
          pass: `${clockOfPiece}/inside`,
          why: 'insides-first' as const,
        })),
        ...behind(earlier?.key ?? null, this.whyAfter(earlier?.lot ?? '', own)),
        ...this.onSamePanels(own, earlier?.key ?? null),
        ...textures
          .filter((key) => own.some((area) => key === `${area.clock}/texture`))
          .map((pass) => ({ pass, why: 'film-beneath' as const })),
      ];
      const pass: PassGiven = { role: 'colour', scope: lot, round: 0, faces: facesOf(own), films, after };
      const key = this.add(own, pass);
      if (over === null) this.clears(own, { scope: lot, sessions: clears, colours: [key] });
      else overs.set(over, [...(overs.get(over) ?? []), key]);
      earlier = { key, lot };
    }
    for (const [scope, colours] of overs) {
      const own = this.coloured.filter((area) => area.clearOver === scope);
      this.clears(own, { scope, sessions: clearsOf(own), colours });
    }
  }

  /** Clears after the colours of a lot, of which its colour session lays the first; over all colours they lay all. */
  private clears(
    own: readonly ProgrammeArea[],
    { scope, sessions, colours }: { scope: string; sessions: readonly number[]; colours: readonly string[] },
  ): void {
    const isOver = own[0]!.clearOver !== null;
    let after: Pass['after'] = colours.flatMap((colour) =>
      behind(colour, isOver ? 'clear-over-all' : 'film-beneath'),
    );
    let first = 1;
    for (const [i, coats] of sessions.entries()) {
      if (i > 0 || isOver) {
        const films = clearFilms(own, coats).map((film) => ({ ...film, first, of: sumOf(sessions) }));
        // An inside that is sprayed in one go has all it gets with the first.
        const faces = isOver && i === 0 ? facesOf(own) : 'outside';
        const pass: PassGiven = { role: 'clear', scope, round: i + 1, faces, films, after };
        after = behind(this.add(own, pass), 'film-beneath');
      }
      first += coats;
    }
  }

  /** Earlier colours of loose panels that this one lies on too, besides the last. */
  private onSamePanels(own: readonly ProgrammeArea[], last: string | null): Pass['after'] {
    if (!this.body.loose) return [];
    return this.passes.flatMap(({ key, role, areas }) => {
      const before = this.coloured.filter((area) => areas.includes(area.key));
      const isBeneath = before.some((one) => own.some((area) => sharesPanels(one, area)));
      return role === 'colour' && key !== last && isBeneath ? behind(key, 'from-the-top') : [];
    });
  }

  /** Loose pieces lie apart: there the next colour only waits for the booth, unless it lies on the same panels. */
  private whyAfter(earlier: string, own: readonly ProgrammeArea[]): OrderWhy {
    const before = this.coloured.filter((area) => area.lot === earlier);
    if (this.body.loose && !before.some((one) => own.some((area) => sharesPanels(one, area)))) return 'booth';
    return isByHand(this.byHand, earlier, own[0]!.lot) ? 'by-hand' : 'from-the-top';
  }
}

const behind = (pass: string | null, why: OrderWhy): Pass['after'] => (pass === null ? [] : [{ pass, why }]);

/** Films of an area that one kind of pass lays, bottom up. */
const ownFilms = ({ films }: Pick<ProgrammeArea, 'films'>, home: FilmHome): AreaFilm[] =>
  films.filter((_, at) => homeOf(films, at) === home);

const together = (areas: readonly ProgrammeArea[], share: (area: ProgrammeArea) => AreaFilm[]): PassFilm[] =>
  filmsTogether(areas.map((area) => ({ area: area.key, films: share(area) })));

/** Of the outside passes those coat insides too that are sprayed in one go with it. */
const facesOf = (areas: readonly ProgrammeArea[]): 'both' | 'outside' =>
  areas.some((area) => area.insides === 'with-outside') ? 'both' : 'outside';

/** Some panels get primer alone. */
const hasColour = (area: ProgrammeArea): boolean => area.painted && ownFilms(area, 'colour').length > 0;

/** A hung piece whose inside was painted while it was loose. */
const hasOwnInside = ({ body, paintedOn, insides }: ProgrammeArea): boolean =>
  body !== paintedOn && insides === 'first';

const isClear = ({ role }: Pick<PassFilm, 'role'>): boolean => role === 'clear';

/** Only the topmost clear of a stack is laid in several sessions; those beneath lie between colours. */
const withFirstClears = (films: readonly AreaFilm[], coats: number | undefined): AreaFilm[] =>
  films.map((film, at) =>
    coats !== undefined && at === films.findLastIndex(isClear) ? { ...film, coats } : film,
  );

const clearFilms = (areas: readonly ProgrammeArea[], coats: number): PassFilm[] =>
  together(areas, ({ films }) => {
    const top = films.findLast(isClear);
    return top ? [{ ...top, coats }] : [];
  });

/** Coats of clear in each session of a lot: those of the area that gets most. */
const clearsOf = (areas: readonly ProgrammeArea[]): readonly number[] =>
  areas.reduce<readonly number[]>(
    (most, { clearSessions }) => (sumOf(clearSessions) > sumOf(most) ? clearSessions : most),
    [],
  );
const sumOf = (list: readonly number[]): number => list.reduce((sum, one) => sum + one, 0);
const keysOf = (areas: readonly ProgrammeArea[]): string[] => areas.map((area) => area.key);
