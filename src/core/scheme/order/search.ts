import { PassCosts, type Tried } from './pass-cost';
import type { OrderPass, OrderPlan, OrderProblem, OrderResult } from './problem';

/** Up to so many colours all orders are weighed; with more the best this many are followed at each step. */
export const mostExact = 7;
const beamWidth = 120;
/** So many orders are told, each of another kind. */
const told = 3;
/** More colours than this are not searched. */
export const mostSearched = 9;

/** Colours painted, and what lies on each of those to come; what it took to come there. */
interface State {
  painted: number;
  /** By colour: number of what was sprayed over it last; null for the sealer, and for what is painted. */
  grounds: readonly (number | null)[];
  costMinor: number;
  /** What tells it from others in kind, a word a pass, sorted. */
  words: readonly string[];
  /** The pass that led here, and the state before it. */
  by: { tried: Tried; from: State } | null;
}

/**
 * The cheapest orders of the colours of one body: which comes first, which of the later ones are sprayed over and which
 * are covered, and how what stands is masked. Exact to seven colours by dynamic programming over what is painted and what
 * lies on the rest; beyond that the best states are followed, with a bound for all others.
 * @param onStep progress, 0..1; true stops the search and gives no result
 */
export function searchOrder(problem: OrderProblem, onStep?: (share: number) => boolean): OrderResult | null {
  const count = problem.colours.length;
  if (count === 0) return { plans: [], boundMinor: 0, exact: true };
  const costs = new PassCosts(problem);
  const exact = count <= mostExact;
  const left = leastLeft(problem);
  const grounds = new Array<null>(count).fill(null);
  let states: State[] = [{ painted: 0, grounds, costMinor: 0, words: [], by: null }];
  let cutMinor = Infinity;
  for (let step = 0; step < count; step += 1) {
    const groups = new Map<string, State[]>();
    for (const [i, state] of states.entries()) {
      if (onStep?.((step + i / states.length) / count)) return null;
      goOn(problem, costs, state, groups);
    }
    states = [...groups.values()].flat();
    if (exact) continue;
    const bounded = states
      .map((state) => ({ state, bound: state.costMinor + left(state.painted) }))
      .sort((a, b) => a.bound - b.bound);
    cutMinor = Math.min(cutMinor, bounded[beamWidth]?.bound ?? Infinity);
    states = bounded.slice(0, beamWidth).map(({ state }) => state);
  }
  const ends = [...states].sort((a, b) => a.costMinor - b.costMinor);
  const best = ends[0]?.costMinor ?? Infinity;
  return {
    plans: ends.slice(0, told).map((state) => planOf(problem, costs, state)),
    boundMinor: Math.min(best, cutMinor),
    exact: exact || cutMinor >= best,
  };
}

/** Every pass that may follow a state; of states that can go on alike the cheapest few of different kinds are kept. */
function goOn(
  { colours, locks }: OrderProblem,
  costs: PassCosts,
  state: State,
  groups: Map<string, State[]>,
): void {
  const numbers = colours.map((_, i) => i);
  const unpainted = numbers.filter((i) => !(state.painted & (1 << i)));
  const painted = numbers.filter((i) => state.painted & (1 << i));
  const begun = begunFamily(colours, painted, unpainted);
  const awaited = partnerAwaited(colours, locks, state.painted);
  for (const colour of unpainted) {
    const { key, family } = colours[colour]!;
    if (begun !== null && family !== begun) continue;
    if (awaited !== null && key !== awaited) continue;
    if (locks.order !== null && key !== locks.order[painted.length]) continue;
    if (locks.first !== null && (state.painted === 0) !== (key === locks.first)) continue;
    if (locks.last !== null && (unpainted.length === 1) !== (key === locks.last)) continue;
    const ground = state.grounds[colour]!;
    if (costs.coatsOf(colour, ground) === null) continue;
    const { goesPast } = colours[colour]!;
    // What it does not meet is neither sprayed over nor kept free of it, unless it is masked all round.
    const beside = unpainted.filter((one) => one !== colour && (!goesPast || costs.meets(colour, one) > 0));
    for (let subset = 0; subset < (goesPast ? 1 << beside.length : 1); subset += 1) {
      const over = beside.filter((_, i) => subset & (1 << i));
      const masked = painted.concat(beside.filter((_, i) => !(subset & (1 << i))));
      const tried: Tried = {
        colour,
        ground,
        masked,
        stands: painted.length,
        over,
        isLast: unpainted.length === 1,
      };
      const costMinor = state.costMinor + costs.cost(tried);
      const next = state.painted | (1 << colour);
      const grounds = state.grounds.map((one, i) => (i === colour ? null : over.includes(i) ? colour : one));
      const group = `${next}|${grounds.join()}`;
      const known = groups.get(group) ?? [];
      if (known.length === told && costMinor >= known.at(-1)!.costMinor) continue;
      const words = [...state.words, wordOf(costs, tried)].sort();
      groups.set(
        group,
        withState(known, { painted: next, grounds, costMinor, words, by: { tried, from: state } }),
      );
    }
  }
}

/** Of two colours that follow each other: the one still to come, where the other stands; null where neither or both do. */
function partnerAwaited(
  colours: OrderProblem['colours'],
  { together }: OrderProblem['locks'],
  painted: number,
): string | null {
  const [one, other] = (together ?? []).map((key) => colours.findIndex((colour) => colour.key === key));
  if (one === undefined || other === undefined || one < 0 || other < 0) return null;
  const stands = (at: number) => (painted & (1 << at)) !== 0;
  if (stands(one) === stands(other)) return null;
  return colours[stands(one) ? other : one]!.key;
}

/** The family of which some colours stand and others are still to come; null where none is broken off there. */
function begunFamily(
  colours: OrderProblem['colours'],
  painted: readonly number[],
  unpainted: readonly number[],
): string | null {
  const standing = new Set(painted.flatMap((one) => colours[one]!.family ?? []));
  const open = unpainted.find((one) => standing.has(colours[one]!.family ?? ''));
  return open === undefined ? null : colours[open]!.family;
}

/** A short list, the cheapest first, each of another kind, with one more where it belongs there. */
function withState(list: readonly State[], state: State): State[] {
  const kind = state.words.join(';');
  const twin = list.find((one) => one.words.join(';') === kind);
  if (twin && twin.costMinor <= state.costMinor) return [...list];
  return [...list.filter((one) => one !== twin), state]
    .sort((a, b) => a.costMinor - b.costMinor)
    .slice(0, told);
}

/** The passes that led to a state, the first first. */
function passesTo(state: State): Tried[] {
  const passes: Tried[] = [];
  for (let one = state.by; one !== null; one = one.from.by) passes.push(one.tried);
  return passes.reverse();
}

/**
 * What makes a pass another in kind: which of two colours that meet stands when the other comes, how it is masked, what
 * is sprayed over. Colours that do not meet may change places without another kind.
 */
function wordOf(costs: PassCosts, tried: Tried): string {
  const masks = tried.masked.flatMap((one, i) =>
    costs.meets(tried.colour, one) > 0
      ? [`${i < tried.stands ? '' : 'not yet '}${one}|${costs.wayOf(one, tried)}`]
      : [],
  );
  const ground = costs.coatsOf(tried.colour, tried.ground)?.ground ? ['ground'] : [];
  return `${tried.colour}:${[...masks, ...tried.over.map((one) => `~${one}`), ...ground].sort().join()}`;
}

/** The least that the colours to come can cost: each by itself over the ground that suits it, nothing masked. */
function leastLeft({ colours, prices }: OrderProblem): (painted: number) => number {
  const each = colours.map((colour) => {
    const gun = colour.coatMinPerM2 * (prices.labourMinorPerMin + prices.boothMinorPerMin);
    return colour.coats * colour.areaM2 * (colour.coatMinorPerM2 + gun);
  });
  return (painted) => each.reduce((sum, one, i) => sum + (painted & (1 << i) ? 0 : one), 0);
}

function planOf({ colours }: OrderProblem, costs: PassCosts, state: State): OrderPlan {
  const passes = passesTo(state).map((tried) => costs.pass(tried));
  return {
    passes,
    costMinor: state.costMinor,
    kind: state.words.join(';'),
    ridgeUm: ridgeOf(colours, costs, passes),
  };
}

/** The highest step of film where two colours meet: what lies on one side more than on the other. */
function ridgeOf(colours: OrderProblem['colours'], costs: PassCosts, passes: readonly OrderPass[]): number {
  const um = new Map(colours.map((one) => [one.key, 0]));
  for (const pass of passes) {
    const own = colours.find((one) => one.key === pass.colour)!;
    um.set(pass.colour, um.get(pass.colour)! + pass.coats * own.coatUm);
    for (const key of pass.over) um.set(key, um.get(key)! + own.coats * own.coatUm);
  }
  let highest = 0;
  colours.forEach((a, i) =>
    colours.forEach((b, j) => {
      if (i < j && costs.meets(i, j) > 0)
        highest = Math.max(highest, Math.abs(um.get(a.key)! - um.get(b.key)!));
    }),
  );
  return highest;
}
