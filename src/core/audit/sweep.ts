import type { Surface } from '../surface';
import type { Minute } from '../units';
import type { AuditPlan, AuditStep, Deed, Removal } from './model';

/** A film that stands on a surface. */
export interface Film {
  product: string;
  coats: number;
  um: number;
  edgeUm: number;
  /** When its first and its last coat were laid. */
  firstBy: Minute;
  lastBy: Minute;
  step: string;
  pass: string | null;
  /** Sanded, scuffed or blocked since its last coat, as a whole. */
  openedAt: Minute | null;
  openedBy: Removal | null;
}

/** Filler, putty, sealant or texture on parts of a surface. */
export interface SpreadFilm {
  product: string;
  at: Minute;
  step: string;
  /** Nobody has blocked it yet. */
  isRaw: boolean;
}

/** A surface between two deeds. */
export interface SurfaceState {
  films: readonly Film[];
  /** Bare since: the end of the last baring or treatment; null while a film lies on it. */
  bareSince: { at: Minute; step: string } | null;
  /** Spots bared where paint stays: the end of the work that bared them last. */
  spotsBareSince: { at: Minute; step: string } | null;
  /** What was spread by hand since the last coat over all of it. */
  spreads: readonly SpreadFilm[];
  covers: readonly string[];
  /** End of the last final wipe, and of the last work that touched it since. */
  wipedAt: Minute | null;
}

export interface SurfaceEvent {
  step: AuditStep;
  deed: Deed;
  /** The deed is the first of its kind in the step. */
  before: SurfaceState;
}

const untouched: SurfaceState = {
  films: [],
  bareSince: null,
  spotsBareSince: null,
  spreads: [],
  covers: [],
  wipedAt: null,
};

/** A step on a surface: it works there itself, or what it lays or pulls lies over it. */
export interface Visit {
  step: AuditStep;
  isOn: boolean;
  /** Covers it lays or pulls that lie over the surface. */
  covers: readonly string[];
}

/** Steps on each surface in the order they begin: one sort for all laws. */
export function visitsBySurface(plan: AuditPlan): Map<string, Visit[]> {
  const covers = new Map(plan.covers.map((cover) => [cover.key, cover]));
  const lists = new Map<string, Visit[]>(plan.surfaces.map((surface) => [surface.key, []]));
  const sorted = [...plan.steps].sort((a, b) => a.start - b.start || a.end - b.end);
  for (const step of sorted) {
    const touched = new Map(step.on.map((key) => [key, { isOn: true, covers: [] as string[] }]));
    for (const deed of step.deeds) {
      if (deed.does !== 'cover' && deed.does !== 'uncover') continue;
      for (const key of covers.get(deed.cover)?.over ?? []) {
        const known = touched.get(key);
        if (known) known.covers.push(deed.cover);
        else touched.set(key, { isOn: false, covers: [deed.cover] });
      }
    }
    for (const [key, one] of touched) lists.get(key)?.push({ step, isOn: one.isOn, covers: one.covers });
  }
  return lists;
}

/**
 * Walks one surface through its plan and tells every deed with the state before it.
 * @returns the state at the end
 */
export function walkSurface(
  surface: Surface,
  visits: readonly Visit[],
  tell: (event: SurfaceEvent) => void,
): SurfaceState {
  let state = untouched;
  for (const { step, isOn, covers } of visits)
    for (const deed of step.deeds) {
      const isOwn = deed.does !== 'take' || !deed.sections || deed.sections.includes(surface.section);
      const reaches =
        deed.does === 'cover' || deed.does === 'uncover' ? covers.includes(deed.cover) : isOn && isOwn;
      if (!reaches) continue;
      tell({ step, deed, before: state });
      state = after(state, step, deed);
    }
  return state;
}

function after(state: SurfaceState, step: AuditStep, deed: Deed): SurfaceState {
  switch (deed.does) {
    case 'lay':
      return {
        ...state,
        films: laid(state.films, step, deed),
        bareSince: null,
        spotsBareSince: null,
        spreads: [],
      };
    case 'prime-spots':
      return { ...state, spotsBareSince: null, wipedAt: null };
    case 'spread': {
      const film = { product: deed.product, at: step.end, step: step.key, isRaw: true };
      return { ...state, spreads: [...state.spreads, film], wipedAt: null };
    }
    case 'take':
      return taken(state, step, deed);
    case 'treat':
      return state.films.length > 0
        ? state
        : { ...state, bareSince: { at: step.end, step: step.key }, wipedAt: null };
    case 'wipe':
      return { ...state, wipedAt: step.end };
    case 'cover':
      return { ...state, covers: [...state.covers, deed.cover], wipedAt: null };
    case 'uncover':
      return { ...state, covers: state.covers.filter((one) => one !== deed.cover) };
    default:
      return state;
  }
}

function laid(
  films: readonly Film[],
  step: AuditStep,
  deed: Extract<Deed, { does: 'lay' }>,
): readonly Film[] {
  const top = films.at(-1);
  const { product, um, edgeUm, by } = deed;
  // Coats of one product are one film, also where it was cut flat between them; its window runs from what is new.
  if (top && top.product === product)
    return [
      ...films.slice(0, -1),
      {
        ...top,
        firstBy: top.openedAt === null ? top.firstBy : by,
        pass: step.pass,
        openedAt: null,
        openedBy: null,
        coats: top.coats + 1,
        um: top.um + um,
        edgeUm: top.edgeUm + edgeUm,
        lastBy: by,
        step: step.key,
      },
    ];
  const film: Film = {
    product,
    coats: 1,
    um,
    edgeUm,
    firstBy: by,
    lastBy: by,
    step: step.key,
    pass: step.pass,
    openedAt: null,
    openedBy: null,
  };
  return [...films, film];
}

function taken(state: SurfaceState, step: AuditStep, deed: Extract<Deed, { does: 'take' }>): SurfaceState {
  const spreads =
    deed.by === 'block' ? state.spreads.map((one) => ({ ...one, isRaw: false })) : state.spreads;
  if (deed.um === 'all')
    return { ...state, films: [], spreads: [], bareSince: { at: step.end, step: step.key }, wipedAt: null };
  // Spots that are abraded once more have their clock from then.
  const bares = deed.spots && (deed.by === 'strip' || state.spotsBareSince !== null);
  const spotsBareSince = bares ? { at: step.end, step: step.key } : state.spotsBareSince;
  const top = state.films.at(-1);
  if (!top) return { ...state, spreads, spotsBareSince, wipedAt: null };
  const opened: Film = {
    ...top,
    // What is done to spots says nothing of the whole.
    um: deed.spots ? top.um : top.um - deed.um,
    edgeUm: deed.spots ? top.edgeUm : top.edgeUm - deed.edgeUm,
    openedAt: deed.spots ? top.openedAt : step.end,
    openedBy: deed.spots ? top.openedBy : deed.by,
  };
  return { ...state, spreads, spotsBareSince, films: [...state.films.slice(0, -1), opened], wipedAt: null };
}
