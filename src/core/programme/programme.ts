import type { LayerRole } from '../film';
import { coverOf } from './covers';
import { isByHand } from './colour-order';
import { coatsInRound, onInside } from './rounds';
import type { Body, OrderWhy, Pass, PassFilm, Programme, ProgrammeArea } from './model';

const primers: readonly LayerRole[] = ['promoter', 'etch', 'epoxy'];
const onInsides: readonly LayerRole[] = ['ground', 'colour', 'topcoat', 'clear'];

type Given = Pick<Pass, 'role' | 'scope' | 'round' | 'faces' | 'films'> & { after: Pass['after'] };

/**
 * The passes of a job: primer and build of a whole body, insides one after another and all shut before the first outside
 * is covered, the colours of a body one after the other, further clears of each.
 * @param areas in the order in which they are painted on their body   @param byHand the manager's order of colours, by clock
 */
export function programmeOf(areas: readonly ProgrammeArea[], byHand: readonly string[] = []): Programme {
  const bodies = bodiesOf(areas);
  const passes = bodies.flatMap((body) => {
    const own = areas.filter((area) => area.body === body.key);
    return new BodyPasses(body, own, byHand).all();
  });
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

  constructor(
    private readonly body: Body,
    areas: readonly ProgrammeArea[],
    private readonly byHand: readonly string[],
  ) {
    this.painted = areas.filter((area) => area.painted);
  }

  all(): Pass[] {
    this.ground();
    const insides = this.insides();
    this.colours(insides);
    return this.passes;
  }

  private add(areas: readonly ProgrammeArea[], given: Given): string {
    const { role, scope, round } = given;
    const key = [scope, role, ...(round > 0 ? [round] : [])].join('/');
    const isHull = areas.some((area) => area.buildType === 'hull');
    this.passes.push({
      ...given,
      key,
      body: this.body.key,
      application: isHull ? 'roll' : 'spray',
      areas: areas.map((area) => area.key),
      bodyFlat: !this.body.loose && (role === 'inside' || role === 'colour'),
      cover: null,
    });
    return key;
  }

  /** Primer of all that is bare, then the build round by round. */
  private ground(): void {
    const key = this.body.key;
    const primed = this.painted.filter((area) => filmsOf([area], primers).length > 0);
    let last: string | null = null;
    if (primed.length > 0)
      last = this.add(primed, {
        role: 'prime',
        scope: key,
        round: 0,
        faces: 'both',
        films: filmsOf(primed, primers),
        after: [],
      });
    const rounds = Math.max(0, ...this.painted.map((area) => area.buildRounds));
    for (let round = 1; round <= rounds; round += 1) {
      const built = this.painted.filter((area) => area.buildRounds >= round);
      const inRound = built.map((area) => ({
        ...area,
        films: area.films.map((film) => ({
          ...film,
          coats: coatsInRound(film.coats, round, area.buildRounds),
        })),
      }));
      const films = filmsOf(inRound, ['build']);
      last = this.add(built, {
        role: 'build',
        scope: key,
        round,
        faces: 'outside',
        films,
        after: behind(last, 'film-beneath'),
      });
    }
  }

  private insides(): string[] {
    const keys: string[] = [];
    const opened = this.painted.filter((area) => area.insides === 'first');
    for (const clock of new Set(opened.map((area) => area.clock))) {
      const own = opened.filter((area) => area.clock === clock);
      const films = filmsOf(own, onInsides).map((film) => ({
        ...film,
        coats: onInside(film),
      }));
      const before = this.body.loose ? null : (keys.at(-1) ?? null);
      const after = behind(before, 'one-inside-after-another');
      keys.push(this.add(own, { role: 'inside', scope: clock, round: 0, faces: 'inside', films, after }));
    }
    return keys;
  }

  private colours(insides: readonly string[]): void {
    let earlier: { key: string; clock: string } | null = null;
    for (const lot of new Set(this.painted.map((area) => area.lot))) {
      const own = this.painted.filter((area) => area.lot === lot);
      const clears = own[0]!.clearSessions;
      const films = filmsOf(own, null).flatMap((film) => {
        if (primers.includes(film.role) || film.role === 'build') return [];
        return [film.role === 'clear' && clears[0] !== undefined ? { ...film, coats: clears[0] } : film];
      });
      const clock = own[0]!.clock;
      const after = [
        ...(this.body.loose ? [] : insides.map((pass) => ({ pass, why: 'insides-first' as const }))),
        ...behind(earlier?.key ?? null, this.whyAfter(earlier?.clock ?? '', clock)),
      ];
      const faces = own.some((area) => area.insides === 'with-outside') ? 'both' : 'outside';
      const key = this.add(own, { role: 'colour', scope: lot, round: 0, faces, films, after });
      this.clears(own, lot, key, clears.slice(1));
      earlier = { key, clock };
    }
  }

  private clears(
    own: readonly ProgrammeArea[],
    lot: string,
    colour: string,
    sessions: readonly number[],
  ): void {
    let last = colour;
    sessions.forEach((coats, i) => {
      const films = filmsOf(own, ['clear']).map((film) => ({ ...film, coats }));
      const after = behind(last, 'film-beneath');
      last = this.add(own, { role: 'clear', scope: lot, round: i + 2, faces: 'outside', films, after });
    });
  }

  /** Loose pieces lie apart: there the next colour only waits for the booth. */
  private whyAfter(earlier: string, clock: string): OrderWhy {
    if (this.body.loose) return 'booth';
    return isByHand(this.byHand, earlier, clock) ? 'by-hand' : 'from-the-top';
  }
}

const behind = (pass: string | null, why: OrderWhy): Pass['after'] => (pass === null ? [] : [{ pass, why }]);

/** Films of areas, each product once with the most coats any of them gets; of these roles, or of all. */
function filmsOf(areas: readonly ProgrammeArea[], roles: readonly LayerRole[] | null): PassFilm[] {
  const found = new Map<string, PassFilm>();
  for (const { films } of areas)
    for (const film of films) {
      if (roles && !roles.includes(film.role)) continue;
      const name = `${film.role} ${film.product}`;
      const known = found.get(name);
      if (!known || known.coats < film.coats) found.set(name, film);
    }
  return [...found.values()];
}
