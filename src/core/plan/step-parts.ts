import type {
  Because,
  Placement,
  Schedule,
  ScheduleProblem,
  Stretch,
  TimedLink,
  TimedStep,
} from '../schedule';
import type { Minute } from '../units';
import type { Plan, StepShare } from './model';

const mark = ' part ';
/** The first part of a step has its key, so that agreed starts and found orders hold for it. */
const partId = (key: string, nth: number): string => (nth === 1 ? key : `${key}${mark}${nth}`);
const keyOfPart = (id: string): string => id.split(mark)[0]!;

/** How a step is shared out. */
export interface Parting {
  /** Minutes of each part, one person's. */
  minutes: readonly number[];
  /** People without whom the step is whole. */
  crew: number;
  /** Hours of each person for such work, where the day has room for so much of it; a part is then done in one go. */
  hours: ReadonlyMap<string, readonly Stretch[]> | null;
}

/**
 * A problem in which some steps are shared out by panels: each part is one person's, begins when somebody is free and pauses
 * by that person's hours. What the step waits for, each part waits for, and what waits for it waits for all of them.
 */
export function partedProblem(
  problem: ScheduleProblem,
  partings: ReadonlyMap<string, Parting>,
): ScheduleProblem {
  if (partings.size === 0) return problem;
  const partsOf = (id: string): string[] =>
    Array.from({ length: partings.get(id)?.minutes.length ?? 1 }, (_, i) => partId(id, i + 1));
  const steps = problem.steps.flatMap((step): TimedStep[] => {
    const parting = partings.get(step.id);
    if (!parting) return [step];
    const uses = [...step.uses.slice(0, 1), ...step.uses.slice(parting.crew)];
    return parting.minutes.map((minutes, i): TimedStep => {
      const part = { ...step, id: partId(step.id, i + 1), minutes, uses };
      return parting.hours === null ? part : { ...part, kind: 'contiguous', hours: parting.hours };
    });
  });
  const links = problem.links.flatMap((link): TimedLink[] =>
    partings.has(link.from) || partings.has(link.to)
      ? partsOf(link.from).flatMap((from) => partsOf(link.to).map((to) => ({ ...link, from, to })))
      : [link],
  );
  return { ...problem, steps, links };
}

/** A schedule in which what was shared out is one step again, from its first part to its last. */
export function joinedSchedule(
  schedule: Schedule,
  partings: ReadonlyMap<string, Parting>,
): { schedule: Schedule; shares: ReadonlyMap<string, StepShare[]> } {
  const shares = new Map<string, StepShare[]>();
  if (partings.size === 0) return { schedule, shares };
  const unplaced = [...new Set(schedule.unplaced.map(keyOfPart))];
  const lost = new Set(unplaced);
  const joined = new Map<string, Placement>();
  for (const one of schedule.placements) {
    const key = keyOfPart(one.step);
    if (lost.has(key)) continue;
    const known = joined.get(key);
    const because = one.because.map(ofSteps);
    if (!known) {
      joined.set(key, { ...one, step: key, because });
    } else {
      if (one.start < known.start) known.because = because;
      known.start = Math.min(known.start, one.start);
      known.end = Math.max(known.end, one.end);
      known.uses = [...new Set([...known.uses, ...one.uses])];
    }
    if (partings.has(key)) {
      const own = shares.get(key) ?? [];
      shares.set(key, [...own, { person: one.uses[0]!, start: one.start, end: one.end }]);
    }
  }
  for (const own of shares.values()) own.sort((a, b) => a.start - b.start || a.end - b.end);
  return { schedule: { ...schedule, placements: [...joined.values()], unplaced }, shares };
}

/** A reason in terms of whole steps. */
function ofSteps(because: Because): Because {
  switch (because.kind) {
    case 'resource':
      return { ...because, holders: [...new Set(because.holders.map(keyOfPart))] };
    case 'link':
      return { ...because, from: keyOfPart(because.from) };
    default:
      return because;
  }
}

/** Starts that an accepted plan has promised, of shared work one for each part. */
export const agreedStarts = (plan: Pick<Plan, 'steps'>): Map<string, Minute> =>
  new Map(
    plan.steps.flatMap(({ key, start, shares }) =>
      shares.length === 0
        ? [[key, start] as const]
        : shares.map((share, i) => [partId(key, i + 1), share.start] as const),
    ),
  );
