import { layerRoles, type LayerRole } from '../film';
import type { AreaFilm, PassFilm } from './model';

/** Passes of their own that lie beneath the colour; a film that is in none of them belongs to the colour. */
export type FilmHome = 'prime' | 'build' | 'colour';

/** The pass that lays the film of an area at a place of its stack: a promoter goes with what it is to hold. */
export function homeOf(films: readonly Pick<AreaFilm, 'role'>[], at: number): FilmHome {
  switch (films[at]?.role) {
    case 'etch':
    case 'epoxy':
      return 'prime';
    case 'build':
      return 'build';
    case 'promoter':
      return homeOf(films, at + 1);
    default:
      return 'colour';
  }
}

/** What one area brings into a pass: its films bottom up, with the coats that it gets of each there. */
export interface AreaShare {
  area: string;
  films: readonly AreaFilm[];
}

interface Slot {
  film: AreaFilm;
  coatsOf: Map<string, number>;
  /** Slots that lie beneath it somewhere. */
  beneath: Set<Slot>;
}

/**
 * Films that areas lay together, bottom up: each by role, product and how often it comes, in an order that holds the
 * stack of every area. Where two stacks contradict each other the trade's usual order of roles decides.
 */
export function filmsTogether(shares: readonly AreaShare[]): PassFilm[] {
  const slots = new Map<string, Slot>();
  for (const { area, films } of shares) {
    let below: Slot | null = null;
    const seen = new Map<string, number>();
    for (const film of films) {
      const name = `${film.role} ${film.product}`;
      const nth = (seen.get(name) ?? 0) + 1;
      seen.set(name, nth);
      const key = `${name} ${nth}`;
      const slot: Slot = slots.get(key) ?? { film, coatsOf: new Map(), beneath: new Set() };
      slots.set(key, slot);
      if (film.coats > 0) slot.coatsOf.set(area, film.coats);
      if (below) slot.beneath.add(below);
      below = slot;
    }
  }
  const laid = inOrder([...slots.values()]).filter((slot) => slot.coatsOf.size > 0);
  return laid.map(({ film: { role, product }, coatsOf }) => {
    const counts = [...new Set(coatsOf.values())].sort((a, b) => b - a);
    const on = counts.map((coats) => ({
      coats,
      areas: [...coatsOf].flatMap(([area, own]) => (own === coats ? [area] : [])),
    }));
    return { role, product, coats: counts[0]!, first: 1, of: counts[0]!, on };
  });
}

/** A promoter comes first and a topcoat before a clear, whatever the list of roles says. */
const rankOf = (role: LayerRole): number => {
  if (role === 'promoter') return -1;
  return layerRoles.indexOf(role === 'topcoat' ? 'intercoat' : role);
};

function inOrder(slots: readonly Slot[]): Slot[] {
  const left = [...slots].sort((a, b) => rankOf(a.film.role) - rankOf(b.film.role));
  const placed = new Set<Slot>();
  while (left.length > 0) {
    const free = left.findIndex((slot) => [...slot.beneath].every((one) => placed.has(one)));
    const [next] = left.splice(Math.max(0, free), 1);
    placed.add(next!);
  }
  return [...placed];
}

/** The areas that get a coat of a film, counted from one within its pass. */
export const areasOfCoat = ({ on }: PassFilm, coat: number): string[] =>
  on.flatMap(({ coats, areas }) => (coats >= coat ? areas : []));
