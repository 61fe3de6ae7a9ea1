import { figuresFrom } from '../figures';
import { isHandSanding, isMachine, strainLimits, type StrainLimits } from '../readings/strain';
import type { Schedule, ScheduleProblem, Stretch } from '../schedule';
import { catalogueWith, type Role, type Step, type StepNetwork } from '../steps';
import { minutesWithin } from '../schedule';
import { hardHours } from './hard-hours';
import type { PlanInput } from './model';
import type { ShopHours } from './shop-hours';
import type { Parting } from './step-parts';

/** Work by hand that goes panel by panel: whoever is free takes the next one. */
const byPanel: ReadonlySet<Role> = new Set<Role>([
  'scuff',
  'scuff-spots',
  'block',
  'block-filler',
  'sand',
  'cut',
  'polish',
  'nib',
  'cover-fittings',
  'cover-kept',
  'cover-others',
  'cover-fields',
]);

/** Shorter work is not shared out, minutes. */
const leastMin = 60;

/** Open minutes that a step waits for hands before it is begun with fewer. */
const longWaitMin = 240;

interface Ground {
  input: PlanInput;
  network: StepNetwork;
  problem: ScheduleProblem;
}

/**
 * Steps that may be shared out by panels: nobody is named for them, no window closes on them, they begin and end no stay, and
 * nothing is known of them yet. With the index of each.
 */
function shareable({ input, network, problem }: Ground): [step: Step, index: number][] {
  const entries = catalogueWith(input.operations ?? []);
  const known = new Set(problem.facts.map((fact) => fact.step));
  const bound = new Set(
    network.links.flatMap(({ from, to, min, max }) => (max !== null || min < 0 ? [from, to] : [])),
  );
  const ends = new Set(network.stays.flatMap(({ from, to }) => [from, to]));
  const people = new Set(input.shop.people.map((person) => person.id));
  return network.steps.flatMap((step, i): [Step, number][] => {
    const { key, kind, crew, person, pinnedAt, skipped, operation } = step;
    if (kind !== 'splittable' || crew === 0 || person !== null || pinnedAt !== null || skipped) return [];
    if (known.has(key) || bound.has(key) || ends.has(key)) return [];
    if (!entries.get(operation)?.does.some((role) => byPanel.has(role))) return [];
    // Where nobody has the skill there is nobody to share it among.
    const hands = problem.steps[i]!.uses.slice(0, crew);
    return hands.length === crew && hands.flat().every((id) => people.has(id)) ? [[step, i]] : [];
  });
}

/** Work of several people that waits long until all of them are free: each panel is begun by whoever is. */
export function idlePartings(
  ground: Ground,
  schedule: Schedule,
  open: readonly Stretch[],
): Map<string, Parting> {
  const people = new Set(ground.input.shop.people.map((person) => person.id));
  const waited = new Map(
    schedule.placements.map(({ step, because }) => {
      const forHands = because.flatMap((one) =>
        (one.kind === 'resource' || one.kind === 'closed') && one.resources.some((id) => people.has(id))
          ? [minutesWithin(open, one.from, one.to)]
          : [],
      );
      return [step, Math.max(0, ...forHands)] as const;
    }),
  );
  const found = new Map<string, Parting>();
  for (const [{ key, crew, minutes }] of shareable(ground)) {
    if (crew < 2 || minutes < leastMin || (waited.get(key) ?? 0) < longWaitMin) continue;
    found.set(key, { crew, minutes: Array.from({ length: crew }, () => minutes), hours: null });
  }
  return found;
}

/** Hard work, parted so that nobody does more of it in a day than the limits allow; empty where they are only said. */
export function strainPartings(ground: Ground, hours: ShopHours): Map<string, Parting> {
  const { shop, job } = ground.input;
  const figures = figuresFrom(shop.figures, job.figures);
  const found = new Map<string, Parting>();
  if (figures('strain.kept') !== 1) return found;
  const limits = strainLimits(figures);
  const byLimit = new Map<number, ReadonlyMap<string, Stretch[]>>();
  const hoursAt = (limit: number) => {
    const own =
      byLimit.get(limit) ??
      new Map(
        shop.people.map(({ id }, i) => [
          id,
          hardHours(hours.byId.get(id) ?? [], limit, i % 2 === 0 ? 'first' : 'last', shop.timeZone),
        ]),
      );
    byLimit.set(limit, own);
    return own;
  };
  for (const [step, i] of shareable(ground)) {
    const limit = limitOf(step, limits);
    if (limit === null) continue;
    const own = hoursAt(limit);
    const able = new Set(ground.problem.steps[i]!.uses.slice(0, step.crew).flat());
    const atOnce = longestOf([...able].flatMap((id) => own.get(id) ?? []));
    if (atOnce < leastMin / 4) continue;
    const each = Math.max(1, Math.ceil(step.minutes / Math.min(limit, atOnce)));
    const minutes = Array.from({ length: step.crew * each }, () => Math.ceil(step.minutes / each));
    found.set(step.key, { crew: step.crew, minutes, hours: own });
  }
  return found;
}

/** Minutes a day that one person may do of a step; null where nothing limits it. */
function limitOf(step: Step, { handSandingMin, machineMin, overheadMin }: StrainLimits): number | null {
  const limits = [
    ...(isHandSanding(step) ? [handSandingMin] : []),
    ...(isMachine(step) ? [machineMin] : []),
    ...(step.overhead > 0 ? [Math.floor(overheadMin / step.overhead)] : []),
  ];
  return limits.length === 0 ? null : Math.min(...limits);
}

/** A length that comes back at least once in five of the first stretches: a part that long finds room in any week. */
function longestOf(stretches: readonly Stretch[]): number {
  const lengths = stretches
    .slice(0, 60)
    .map(({ from, to }) => to - from)
    .sort((a, b) => b - a);
  return lengths[Math.floor(lengths.length / 5)] ?? 0;
}
