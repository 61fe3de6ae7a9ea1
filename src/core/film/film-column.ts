import type { ClearBudget } from './clear-budget';
import { usualFilmFigures, takenBetween, type FilmFigures } from './clear-budget';
import type { LayerRole } from './coat-system';

/** One layer of a section in its film picture, µm on flats and on edges. */
export interface FilmSlice {
  /** What stays of the old film, what of it is stripped, or a layer that is laid. */
  kind: 'kept' | 'old' | LayerRole;
  name: string;
  coats: number;
  laidUm: number;
  edgeUm: number;
  /** What blocking, sanding and polishing take from it. */
  takenUm: number;
  edgeTakenUm: number;
  why: 'none' | 'stripping' | 'blocking' | 'scuffing' | 'ladder' | 'nibs';
}

export interface FilmColumn {
  slices: FilmSlice[];
  /** Film when all is done, µm. */
  leftUm: number;
  edgeLeftUm: number;
  /** What must stay of the last film, from the top of what lies beneath it; null where nothing is sanded. */
  floorUm: number | null;
  edgeFloorUm: number | null;
  /** Level of the bottom of the film that is sanded at the end. */
  topStartsUm: number;
  edgeTopStartsUm: number;
}

/** A layer that stood on the object when it came. */
export interface OldLayer {
  name: string;
  um: number;
  /** It is taken off before anything is laid. */
  isStripped: boolean;
}

interface Laid {
  role: LayerRole;
  name: string;
  coats: number;
  dryUm: number;
}

/** Layers that are sanded by the coat that follows them on hulls. */
const rolled: readonly LayerRole[] = ['primer', 'topcoat'];

/**
 * The film of a section from what is kept to the top, with what the planned work takes from each layer. Edges carry
 * their share of what flats get and lose more at the end.
 * @param figures what must stay, and what edges carry
 * @param route hulls are sanded between coats by roller; others only where their ladder says
 */
export function filmColumn(
  kept: readonly OldLayer[],
  layers: readonly Laid[],
  clear: ClearBudget | null,
  route: 'panel' | 'hull' | 'aircraft',
  figures: FilmFigures = clear?.figures ?? usualFilmFigures,
): FilmColumn {
  const share = figures.edgeShare;
  const laid = layers.filter((layer) => layer.coats > 0);
  // Only the topmost clear is sanded and polished; one that lies between colours keeps all of its film.
  const top = laid.findLastIndex((layer) => layer.role === 'clear');
  const slices: FilmSlice[] = [
    ...kept.map(({ name, um, isStripped }): FilmSlice => ({
      kind: isStripped ? 'old' : 'kept',
      name,
      coats: 0,
      laidUm: um,
      edgeUm: um * share,
      takenUm: isStripped ? um : 0,
      edgeTakenUm: isStripped ? um * share : 0,
      why: isStripped ? 'stripping' : 'none',
    })),
    ...laid.map((layer, i): FilmSlice => {
      const laidUm = layer.coats * layer.dryUm;
      const edgeUm = laidUm * share;
      const ownClear = i === top ? clear : null;
      const [flatTakes, edgeTakes, why] = taken(layer, laidUm, edgeUm, ownClear, { route, figures });
      // No work takes more of a film than is there; what lies beneath it is another matter, and told as cut through.
      const [takenUm, edgeTakenUm] = [Math.min(laidUm, flatTakes), Math.min(edgeUm, edgeTakes)];
      const { role: kind, name, coats } = layer;
      return { kind, name, coats, laidUm, edgeUm, takenUm, edgeTakenUm, why };
    }),
  ];
  const last = slices.at(-1);
  const sum = (pick: (slice: FilmSlice) => number) => slices.reduce((total, slice) => total + pick(slice), 0);
  const leftUm = sum((slice) => slice.laidUm - slice.takenUm);
  const edgeLeftUm = sum((slice) => slice.edgeUm - slice.edgeTakenUm);
  const sanded = last?.why === 'ladder';
  return {
    slices,
    leftUm,
    edgeLeftUm,
    floorUm: sanded ? figures.residualUm : null,
    edgeFloorUm: sanded ? figures.edgeResidualUm : null,
    topStartsUm: leftUm - (last ? last.laidUm - last.takenUm : 0),
    edgeTopStartsUm: edgeLeftUm - (last ? last.edgeUm - last.edgeTakenUm : 0),
  };
}

function taken(
  layer: Laid,
  laidUm: number,
  edgeUm: number,
  clear: ClearBudget | null,
  { route, figures }: { route: 'panel' | 'hull' | 'aircraft'; figures: FilmFigures },
): [takenUm: number, edgeTakenUm: number, why: FilmSlice['why']] {
  if (layer.role === 'build')
    return [laidUm * figures.blockedShare, edgeUm * figures.blockedEdgeShare, 'blocking'];
  if (layer.role === 'clear' && clear && clear.removedFlatUm > 0) {
    const edges = layer.coats * layer.dryUm * clear.figures.edgeShare - leftOnEdges(clear, layer);
    return [
      clear.removedFlatUm +
        takenBetween(layer.coats, clear.sessions, clear.figures) +
        clear.figures.secondLookUm,
      edges,
      'ladder',
    ];
  }
  if (route === 'hull' && rolled.includes(layer.role)) {
    const sandings = Math.max(0, layer.role === 'topcoat' ? layer.coats : layer.coats - 1);
    const takenUm = Math.min(laidUm, sandings * figures.nibsUm);
    return [takenUm, Math.min(edgeUm, takenUm), 'nibs'];
  }
  if (layer.role === 'epoxy') return [figures.scuffUm, figures.scuffUm, 'scuffing'];
  return [0, 0, 'none'];
}

/** Clear left on edges for the coats that are laid, when the budget was worked out for its own count. */
const leftOnEdges = (clear: ClearBudget, layer: Laid): number =>
  clear.leftEdgeUm +
  clear.betweenUm -
  takenBetween(layer.coats, clear.sessions, clear.figures) -
  (clear.coats - layer.coats) * layer.dryUm * clear.figures.edgeShare;
