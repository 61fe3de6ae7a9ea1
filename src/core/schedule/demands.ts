import type { ModelLink, ScheduleModel } from './model';

/** Something a problem asks for that could be given up, and the problem without it. */
export interface Demand {
  /** Its place in the document and what stands there. */
  words: string;
  /** What it asks for, as one would say it. */
  says: string;
  /** What of it could be given in to by degrees; null where it can only be dropped. */
  gives: Gives | null;
  without: (model: ScheduleModel) => ScheduleModel;
}

/** A figure of a demand that can be moved. */
export interface Gives {
  figure: 'max' | 'min' | 'start' | 'release';
  at: number;
  /** The problem with another figure in its place. */
  with: (model: ScheduleModel, figure: number) => ScheduleModel;
}

/** A name as it is said; a long one is cut. */
const named = (id: string) => `“${id.length > 60 ? `${id.slice(0, 59)}…` : id}”`;

function linkSays({ from, to, type, min, max }: ModelLink): string {
  const after = `after ${named(from)} ${type === 'end-start' ? 'ends' : 'begins'}`;
  const least = min !== null && !(min === 0 && max !== null) ? `at least ${lasting(min)}` : null;
  const most = max === null ? null : max === 0 ? 'at once' : `at most ${lasting(max)}`;
  return `${named(to)} begins ${[least, most].filter(Boolean).join(' and ')} ${after}`;
}

/** Minutes, and in larger words where they are many. */
function lasting(minutes: number): string {
  if (minutes < 120) return `${minutes} min`;
  const [days, hours] = [Math.floor(minutes / 1440), Math.round((minutes % 1440) / 6) / 10];
  const parts = [days > 0 ? `${days} d` : '', hours > 0 ? `${hours} h` : ''].filter(Boolean);
  return `${minutes} min (${parts.join(' ')})`;
}

function linkGives(link: ModelLink): Gives | null {
  const figure = link.max !== null ? 'max' : 'min';
  const at = link[figure];
  if (at === null) return null;
  return {
    figure,
    at,
    with: (from, value) => ({
      ...from,
      links: from.links.map((one) => (one === link ? { ...one, [figure]: value } : one)),
    }),
  };
}

const quoted = (id: string) => JSON.stringify(id);

/** Lags between steps, and starts that are pinned. */
const demandsOfLinks = (model: ScheduleModel): Demand[] => [
  ...model.links.map((one, i) => {
    const bounds = [one.min === null ? '' : `min ${one.min}`, one.max === null ? '' : `max ${one.max}`];
    return {
      words: `links[${i}]: ${quoted(one.from)} to ${quoted(one.to)}, ${one.type} ${bounds.filter(Boolean).join(' ')}`,
      says: linkSays(one),
      gives: linkGives(one),
      without: only('links', one),
    };
  }),
  ...model.pinned.map((one, i) => ({
    words: `pinned[${i}]: ${quoted(one.step)} starts at ${one.start}`,
    says: `${named(one.step)} is pinned to minute ${one.start}`,
    gives: null,
    without: only('pinned', one),
  })),
];

/** Hours and capacities. */
const demandsOfResources = (model: ScheduleModel): Demand[] => [
  ...model.resources.flatMap((one, i) =>
    one.calendar === null
      ? []
      : [
          {
            words: `resources[${i}].calendar: ${quoted(one.id)} is open in ${quoted(one.calendar)}`,
            says: `${named(one.id)} works in the hours ${named(one.calendar)} only`,
            gives: null,
            without: changed('resources', one.id, { calendar: null }),
          },
        ],
  ),
  ...model.resources.map((one, i) => ({
    words: `resources[${i}].capacity: ${quoted(one.id)} has ${one.capacity}`,
    says: `of ${named(one.id)} there is ${one.capacity} at a time`,
    gives: null,
    without: changed('resources', one.id, { capacity: 1e9 }),
  })),
];

/** What must not or must go together, and what is held throughout. */
const demandsOfCompany = (model: ScheduleModel): Demand[] => [
  ...model.exclusions.map((one, i) => ({
    words: `exclusions[${i}]: ${quoted(one.a)} never beside ${quoted(one.b)}`,
    says: `work marked ${named(one.a)} must not go on beside work marked ${named(one.b)}`,
    gives: null,
    without: only('exclusions', one),
  })),
  ...model.same.map((one, i) => ({
    words: `same[${i}]: one of ${one.anyOf.map(quoted).join(', ')} for ${one.steps.map(quoted).join(', ')}`,
    says: `${one.steps.map(named).join(' and ')} must be done by the same`,
    gives: null,
    without: only('same', one),
  })),
  ...model.holds.map((one, i) => ({
    words: `holds[${i}]: ${quoted(one.id)} from ${quoted(one.from)} to ${quoted(one.to)}`,
    says: `${named(one.id)} is held from the start of ${named(one.from)} to the end of ${named(one.to)}`,
    gives: null,
    without: (from: ScheduleModel) => withoutHold(from, one.id),
  })),
];

/** Releases that lie ahead. */
const demandsOfJobs = (model: ScheduleModel): Demand[] =>
  model.jobs.flatMap((one, i) =>
    one.release <= model.now
      ? []
      : [
          {
            words: `jobs[${i}].release: ${quoted(one.id)} not before ${one.release}`,
            says: `${named(one.id)} may not begin before minute ${one.release}`,
            gives: {
              figure: 'release' as const,
              at: one.release,
              with: (from: ScheduleModel, release: number) => changed('jobs', one.id, { release })(from),
            },
            without: changed('jobs', one.id, { release: model.now }),
          },
        ],
  );

/** Every demand of a problem, by its place in the document. */
export const demandsOf = (model: ScheduleModel): Demand[] => [
  ...demandsOfLinks(model),
  ...demandsOfResources(model),
  ...demandsOfCompany(model),
  ...demandsOfJobs(model),
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
