import { compile } from './compile';
import { lagCycle } from './lag-cycle';
import { Exact, mostLearned } from './learn/exact';
import type { ScheduleModel } from './model';

/** Something a problem asks for that could be given up, and the problem without it. */
export interface Demand {
  words: string;
  without: (model: ScheduleModel) => ScheduleModel;
}

/** Whether a problem has a plan, as far as so many conflicts tell. */
export type Standing = 'none' | 'some' | 'open';

/** Conflicts that one question may take. */
const mostConflicts = 4000;

/** Asks whether there is any plan at all, over a horizon long enough for a proof. */
export function standingOfModel(model: ScheduleModel, isOver: () => boolean): Standing {
  if (model.steps.length > mostLearned) return 'open';
  const problem = compile(model, 'proof');
  if (lagCycle(problem)) return 'none';
  const exact = Exact.of(problem, 'makespan', 1);
  if (!exact) return 'open';
  for (let done = 0; done < mostConflicts; done += 200) {
    const verdict = exact.run(200, isOver);
    if (verdict === 'found') return 'some';
    if (verdict === 'none') return exact.proves ? 'none' : 'open';
    if (isOver()) return 'open';
  }
  return 'open';
}

/** Every demand of a problem, by its place in the document. */
export function demandsOf(model: ScheduleModel): Demand[] {
  const quoted = (id: string) => JSON.stringify(id);
  return [
    ...model.links.map((one, i) => {
      const bounds = [one.min === null ? '' : `min ${one.min}`, one.max === null ? '' : `max ${one.max}`];
      return {
        words: `links[${i}]: ${quoted(one.from)} to ${quoted(one.to)}, ${one.type} ${bounds.filter(Boolean).join(' ')}`,
        without: only('links', one),
      };
    }),
    ...model.pinned.map((one, i) => ({
      words: `pinned[${i}]: ${quoted(one.step)} starts at ${one.start}`,
      without: only('pinned', one),
    })),
    ...model.resources.flatMap((one, i) =>
      one.calendar === null
        ? []
        : [
            {
              words: `resources[${i}].calendar: ${quoted(one.id)} is open in ${quoted(one.calendar)}`,
              without: changed('resources', one.id, { calendar: null }),
            },
          ],
    ),
    ...model.resources.map((one, i) => ({
      words: `resources[${i}].capacity: ${quoted(one.id)} has ${one.capacity}`,
      without: changed('resources', one.id, { capacity: 1e9 }),
    })),
    ...model.exclusions.map((one, i) => ({
      words: `exclusions[${i}]: ${quoted(one.a)} never beside ${quoted(one.b)}`,
      without: only('exclusions', one),
    })),
    ...model.same.map((one, i) => ({
      words: `same[${i}]: one of ${one.anyOf.map(quoted).join(', ')} for ${one.steps.map(quoted).join(', ')}`,
      without: only('same', one),
    })),
    ...model.holds.map((one, i) => ({
      words: `holds[${i}]: ${quoted(one.id)} from ${quoted(one.from)} to ${quoted(one.to)}`,
      without: (from: ScheduleModel) => withoutHold(from, one.id),
    })),
    ...model.jobs.flatMap((one, i) =>
      one.release <= model.now
        ? []
        : [
            {
              words: `jobs[${i}].release: ${quoted(one.id)} not before ${one.release}`,
              without: changed('jobs', one.id, { release: model.now }),
            },
          ],
    ),
  ];

  /** Leaves out one entry, found again by identity, so that demands may be dropped in any order. */
  function only<K extends 'links' | 'pinned' | 'exclusions' | 'same'>(
    name: K,
    entry: ScheduleModel[K][number],
  ): (from: ScheduleModel) => ScheduleModel {
    return (from) => {
      const list: readonly ScheduleModel[K][number][] = from[name];
      return { ...from, [name]: list.filter((one) => one !== entry) };
    };
  }
  function changed<K extends 'resources' | 'jobs'>(
    name: K,
    id: string,
    change: Partial<ScheduleModel[K][number]>,
  ): (from: ScheduleModel) => ScheduleModel {
    return (from) => ({
      ...from,
      [name]: from[name].map((one) => (one.id === id ? { ...one, ...change } : one)),
    });
  }
}

function withoutHold(model: ScheduleModel, id: string): ScheduleModel {
  const kept = <T extends { hold: string } | object>(uses: readonly T[]): T[] =>
    uses.filter((one) => !('hold' in one && one.hold === id));
  return {
    ...model,
    holds: model.holds.filter((one) => one.id !== id),
    steps: model.steps.map((one) => ({ ...one, uses: kept(one.uses) })),
    pinned: model.pinned.map((one) => ({ ...one, uses: one.uses && kept(one.uses) })),
    done: model.done.map((one) => ({ ...one, uses: kept(one.uses) })),
    running: model.running.map((one) => ({ ...one, uses: kept(one.uses) })),
  };
}

/**
 * Demands that contradict each other such that none can be left out (Junker's QuickXplain, 2004). The model must be
 * proven to have no plan.
 */
export function contradiction(
  model: ScheduleModel,
  isOver: () => boolean,
): { demands: Demand[]; irreducible: boolean } {
  const all = demandsOf(model);
  let certain = true;
  const without = (left: ReadonlySet<Demand>) =>
    all.reduce((from, one) => (left.has(one) ? from : one.without(from)), model);
  /** Whether these demands alone, and what cannot be given up, contradict. */
  const contradicts = (kept: readonly Demand[]): boolean => {
    const standing = isOver() ? 'open' : standingOfModel(without(new Set(kept)), isOver);
    if (standing === 'open') certain = false;
    return standing === 'none';
  };
  const explain = (ground: readonly Demand[], added: boolean, rest: readonly Demand[]): Demand[] => {
    if (added && contradicts(ground)) return [];
    if (rest.length === 1) return [...rest];
    const half = rest.length >> 1;
    const [first, second] = [rest.slice(0, half), rest.slice(half)];
    const fromSecond = explain([...ground, ...first], first.length > 0, second);
    const fromFirst = explain([...ground, ...fromSecond], fromSecond.length > 0, first);
    return [...fromFirst, ...fromSecond];
  };
  if (all.length === 0 || contradicts([])) return { demands: [], irreducible: certain };
  return { demands: explain([], false, all), irreducible: certain };
}
