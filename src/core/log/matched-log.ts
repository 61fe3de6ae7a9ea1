import { standingEntries, type LogEntry } from '../record';
import { surfacesOfStep, taskOfPass, workOf, type Step, type WorkDone } from '../steps';
import { faceOfSurface, panelOfSurface, type Surface } from '../surface';

/** An entry on a step as steps are today. */
export interface MatchedEntry extends LogEntry {
  /** Surfaces of the step that it speaks of; null for all of it. */
  on: readonly string[] | null;
  /** Share of the work it tells of that belongs to this step, 0..1: what was one step may be two today. */
  share: number;
}

/** Where an entry belongs today, if that is not the step it was written on. */
export interface MovedEntry {
  entry: string;
  to: Pick<MatchedEntry, 'step' | 'on' | 'share' | 'parts'>[];
}

type Steps = readonly Pick<Step, 'key' | 'operation' | 'sections' | 'faces' | 'shut' | 'coat' | 'grit'>[];
type Surfaces = ReadonlyMap<string, readonly Surface[]>;

/** Whether a step is a grit of what a key named as one step. */
const isGritOf = ({ key, grit }: Steps[number], task: string): boolean =>
  grit !== null && taskOfPass(key) === task;

const wordsOf = ({ operation, pass, round }: WorkDone): string => `${operation} ${pass} ${round}`;

/**
 * The standing entries of a log on the steps of today. An entry remembers what was done on which surfaces: where these
 * are worked by another step now, or by several, it is told of that one, with its share by area; what no step does any
 * more keeps its own key and holds nothing. Entries of before that goes by the key, on the panels they name.
 */
export function matchedLog(log: readonly LogEntry[], steps: Steps, surfaces: Surfaces): MatchedEntry[] {
  const matcher = new Matcher(steps, surfaces);
  return standingEntries(log).flatMap((entry) => matcher.match(entry));
}

class Matcher {
  private readonly byKey: Map<string, Steps[number]>;
  private readonly byWork = new Map<string, Steps[number][]>();
  private readonly areas = new Map<string, number>();
  private readonly known = new Map<string, ReadonlySet<string>>();

  constructor(
    private readonly steps: Steps,
    private readonly surfaces: Surfaces,
  ) {
    this.byKey = new Map(steps.map((step) => [step.key, step]));
    for (const step of steps) {
      const words = wordsOf(workOf(step));
      this.byWork.set(words, [...(this.byWork.get(words) ?? []), step]);
    }
    for (const list of surfaces.values()) for (const one of list) this.areas.set(one.key, one.areaM2);
  }

  match(entry: LogEntry): MatchedEntry[] {
    const written = this.byKey.get(entry.step);
    const named = entry.parts.length > 0 ? new Set(entry.parts) : null;
    const isNamed = (surface: string) => named === null || named.has(panelOfSurface(surface));
    if (entry.work === null) {
      const steps = written ? [written] : this.steps.filter((step) => isGritOf(step, entry.step));
      if (steps.length === 0) return [{ ...entry, on: null, share: 1 }];
      return steps.map(({ key, ...step }) => ({
        ...entry,
        step: key,
        on: named ? [...this.of({ key, ...step })].filter(isNamed) : null,
        share: 1 / steps.length,
      }));
    }
    // A face of a panel that a scheme has cut since was worked with all of its fields.
    const done = new Set(entry.work.surfaces.filter(isNamed).map(faceOfSurface));
    // A job has no surfaces where it is tested, approved or handed over: then the key alone tells.
    if (entry.work.surfaces.length === 0) return [{ ...entry, on: null, share: 1 }];
    const same = this.byWork.get(wordsOf(entry.work)) ?? this.gritsOf(entry.work);
    const found = same.flatMap((step) => {
      const own = this.of(step);
      const on = [...own].filter((key) => done.has(faceOfSurface(key)));
      return on.length > 0 ? [{ step, on, isAll: on.length === own.size }] : [];
    });
    const whole = this.areaOf(found.flatMap((one) => one.on));
    // A scuffing that the calendar put in stands in no network before it is placed: its key is kept.
    if (found.length === 0)
      return [{ ...entry, step: written ? `${entry.step}|past` : entry.step, on: null, share: 1 }];
    return found.map(({ step, on, isAll }) => ({
      ...entry,
      step: step.key,
      parts: entry.parts.filter((part) => on.some((key) => panelOfSurface(key) === part)),
      on: isAll ? null : on,
      share: whole > 0 ? this.areaOf(on) / whole : 1 / found.length,
    }));
  }

  /** What was one step of sanding or blocking before each grit had its own: all grits of it. */
  private gritsOf(work: WorkDone): Steps {
    return this.steps.filter(
      ({ grit, key, operation }) =>
        grit !== null && wordsOf(workOf({ key: taskOfPass(key), operation })) === wordsOf(work),
    );
  }

  private of(step: Steps[number]): ReadonlySet<string> {
    const known = this.known.get(step.key);
    if (known) return known;
    const made = new Set(surfacesOfStep(step, this.surfaces).map((one) => one.key));
    this.known.set(step.key, made);
    return made;
  }

  private areaOf(keys: readonly string[]): number {
    return keys.reduce((sum, key) => sum + (this.areas.get(key) ?? 0), 0);
  }
}

/** The entries that stand on other steps today than they were written on, for readers that know steps only by their keys. */
export function movedEntries(log: readonly LogEntry[], matched: readonly MatchedEntry[]): MovedEntry[] {
  const written = new Map(log.map((entry) => [entry.id, entry.step]));
  const moved = new Set(matched.flatMap((one) => (written.get(one.id) === one.step ? [] : [one.id])));
  return [...moved].map((entry) => ({
    entry,
    to: matched.flatMap(({ id, step, on, share, parts }) =>
      id === entry ? [{ step, on, share, parts }] : [],
    ),
  }));
}

/** A log with its moved entries on the steps they belong to today; what was one step is shared out, so that no hour counts twice. */
export function withMoved(
  log: readonly LogEntry[],
  moved: readonly MovedEntry[],
): (LogEntry & Partial<Pick<MatchedEntry, 'on' | 'share'>>)[] {
  if (moved.length === 0) return [...log];
  const byEntry = new Map(moved.map((one) => [one.entry, one.to]));
  return log.flatMap((entry) => {
    const to = byEntry.get(entry.id);
    return to ? to.map(({ step, parts, on, share }) => ({ ...entry, step, parts, on, share })) : [entry];
  });
}
