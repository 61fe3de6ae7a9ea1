import type { Plan, PlannedStep } from '../plan/model';
import type { Shop } from '../shop';
import type { Minute } from '../units';

/** One piece of work in one room, and what it does to the air or asks of it. */
export interface RoomUse {
  job: string;
  step: string;
  name: string;
  place: string;
  from: Minute;
  to: Minute;
  kind: 'dusty' | 'open';
}

/** Dust beside open film: the same room, or one that shares its air. */
export interface AirClash {
  dusty: RoomUse;
  open: RoomUse;
  from: Minute;
  to: Minute;
}

/** A room that must be cleaned between dusty work and the next film; in full where another vehicle made the dust. */
export interface Cleaning {
  place: string;
  after: RoomUse;
  before: RoomUse;
  full: boolean;
}

type Planned = Pick<Plan, 'job' | 'steps' | 'stays'>;

const isOpenFilm = (step: PlannedStep): boolean =>
  step.coat !== null || step.tags.includes('open-film') || step.operation === 'dust-free';

/** What the rooms are used for from now on: dusty work, and film that is open to the air. */
export function roomUses(plans: readonly Planned[], placeIds: ReadonlySet<string>, now: Minute): RoomUse[] {
  return plans.flatMap(({ job, steps, stays }) => {
    const held = new Map(stays.map((stay) => [stay.key, stay.place]));
    return steps.flatMap((step): RoomUse[] => {
      if (step.state === 'done' || step.skipped || step.end <= now) return [];
      const kind = isOpenFilm(step) ? 'open' : step.tags.includes('dusty') ? 'dusty' : null;
      const place =
        (step.hold === null ? undefined : held.get(step.hold)) ?? step.uses.find((id) => placeIds.has(id));
      if (kind === null || place === undefined || step.end === step.start) return [];
      return [{ job, step: step.key, name: step.name, place, from: step.start, to: step.end, kind }];
    });
  });
}

/** Whether dust of one room reaches another: the same one, or air that either says it shares. */
export function sharesAir(places: Shop['places'], one: string, other: string): boolean {
  if (one === other) return true;
  const of = (id: string) => places.find((place) => place.id === id)?.airWith ?? [];
  return of(one).includes(other) || of(other).includes(one);
}

/** Dusty work that runs beside open film, each pair of a dusty step and a job's film in a room once. */
export function airClashes(uses: readonly RoomUse[], places: Shop['places']): AirClash[] {
  const found = new Map<string, AirClash>();
  const open = uses.filter((use) => use.kind === 'open');
  for (const dusty of uses.filter((use) => use.kind === 'dusty'))
    for (const film of open) {
      const [from, to] = [Math.max(dusty.from, film.from), Math.min(dusty.to, film.to)];
      if (from >= to || !sharesAir(places, dusty.place, film.place)) continue;
      const key = `${dusty.job} ${dusty.step} ${film.job} ${film.place}`;
      const known = found.get(key);
      if (known) {
        known.from = Math.min(known.from, from);
        known.to = Math.max(known.to, to);
      } else found.set(key, { dusty, open: film, from, to });
    }
  return [...found.values()].sort((a, b) => a.from - b.from);
}

/** Cleanings that rooms need: between the last dusty work in them and the first film after it. */
export function cleanings(uses: readonly RoomUse[]): Cleaning[] {
  const byPlace = new Map<string, RoomUse[]>();
  for (const use of uses) byPlace.set(use.place, [...(byPlace.get(use.place) ?? []), use]);
  return [...byPlace]
    .flatMap(([place, own]) => {
      const inTime = [...own].sort((a, b) => a.from - b.from);
      return inTime.flatMap((before, i): Cleaning[] => {
        const after = inTime[i - 1];
        if (before.kind !== 'open' || after?.kind !== 'dusty') return [];
        return [{ place, after, before, full: after.job !== before.job }];
      });
    })
    .sort((a, b) => a.before.from - b.before.from);
}
