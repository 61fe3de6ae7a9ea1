import type { Compiled } from '../compiled';
import type { Logic, Literal } from './logic';
import { opposite } from './logic';

/** Where steps and holds stand in the encoding. */
export interface Places {
  start: Int32Array;
  end: Int32Array;
  endPlus: Float64Array;
  choices: Literal[][];
  holdResources: Map<number, Literal>[];
  isFact: (step: number) => boolean;
}

interface Entity {
  /** Steps whose start and end bound it: itself, or the first and last of a hold. */
  first: number;
  last: number;
  step: number;
  hold: number;
  sides: [Literal | null, Literal | null];
}

/** Most pairs that exclude each other before the encoding is given up. */
const mostPairs = 20_000;

/**
 * For every pair that excludes each other: one before the other, or one of them elsewhere.
 * @returns 'large' when there are too many pairs, 'loose' when a contradiction would prove nothing, else 'exact'
 */
export function encodeExclusions(
  problem: Compiled,
  logic: Logic,
  places: Places,
): 'exact' | 'loose' | 'large' {
  let pairs = 0;
  let loose = false;
  for (let x = 0; x < problem.exclusions.length; x += 1) {
    const entities = entitiesOf(problem, logic, places, x);
    // A hold without length overlaps nothing, which the order of pairs does not know.
    loose ||= entities.some((one) => one.hold >= 0 && problem.holds[one.hold]!.leastMin === 0);
    for (let i = 0; i < entities.length; i += 1)
      for (let k = 0; k < entities.length; k += 1) {
        const [a, b] = [entities[i]!, entities[k]!];
        const [sideA, sideB] = [a.sides[0], b.sides[1]];
        if (i === k || sideA === null || sideB === null) continue;
        if ((problem.exclusions[x]!.same && i > k) || areTogether(problem, places, a, b)) continue;
        pairs += 1;
        if (pairs > mostPairs) return 'large';
        keepApart(logic, places, a, b, [sideA, sideB]);
      }
  }
  return loose ? 'loose' : 'exact';
}

function areTogether({ steps }: Compiled, { isFact }: Places, a: Entity, b: Entity): boolean {
  const own = (one: Entity, other: Entity) =>
    one.step >= 0 && other.hold >= 0 && steps[one.step]!.holds.includes(other.hold);
  return own(a, b) || own(b, a) || (a.step >= 0 && b.step >= 0 && isFact(a.step) && isFact(b.step));
}

function keepApart(
  logic: Logic,
  { start, end, endPlus }: Places,
  a: Entity,
  b: Entity,
  sides: Literal[],
): void {
  const [before, after] = [logic.truth(), logic.truth()];
  const elsewhere = sides.flatMap((one) => (one === true ? [] : [opposite(one)]));
  logic.clause(before, after, ...elsewhere);
  for (const [one, other, when] of [
    [a, b, before],
    [b, a, after],
  ] as const) {
    const from = end[one.last]!;
    const to = start[other.first]!;
    if (from === to) logic.deny(when);
    else logic.edges.push({ from, to, lag: endPlus[one.last]!, when });
  }
}

function entitiesOf(problem: Compiled, logic: Logic, places: Places, x: number): Entity[] {
  const { steps, holds, facts } = problem;
  const entities: Entity[] = [];
  const side = (ways: readonly (readonly [Uint8Array, Literal])[], bit: number): Literal | null => {
    const own = ways.filter(([sides]) => (sides[x] ?? 0) & bit).map(([, way]) => way);
    if (own.length === 0) return null;
    return own.length === ways.length ? true : logic.either(own);
  };
  const enter = (one: Omit<Entity, 'sides'>, ways: readonly (readonly [Uint8Array, Literal])[]): void => {
    const sides: Entity['sides'] = [side(ways, 1), side(ways, 2)];
    if (sides[0] !== null || sides[1] !== null) entities.push({ ...one, sides });
  };
  const factAt = new Map(facts.map((one) => [one.step, one]));
  steps.forEach((step, i) => {
    const fact = factAt.get(i);
    if (fact ? !fact.resources || fact.end <= fact.start : step.minutes === 0) return;
    const ways = fact
      ? [[step.choices[0]!.sides, true] as const]
      : step.choices.map((one, c) => [one.sides, places.choices[i]![c]!] as const);
    enter({ first: i, last: i, step: i, hold: -1 }, ways);
  });
  holds.forEach((hold, h) => {
    const ways = [...places.holdResources[h]!].flatMap(([r, literal]) => {
      const sides = hold.sidesBy.get(r);
      return sides ? [[sides, literal] as const] : [];
    });
    enter({ first: hold.from, last: hold.to, step: -1, hold: h }, ways);
  });
  return entities;
}
