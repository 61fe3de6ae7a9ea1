import { readyAt } from '../times';
import type { AuditStep } from '../model';
import type { SprayPass } from '../passes';
import type { Walk } from '../walks';
import type { Ground, LawFile } from './law';

const worked: ReadonlySet<string> = new Set(['lay', 'take', 'spread', 'treat']);

/** What is in reach of a spray is target, covered or painted later; covers come late, stand on dry film and go in time. */
export const covers: LawFile = {
  law: 7,
  check(ground) {
    const byKey = new Map(ground.walks.map((walk) => [walk.surface.key, walk]));
    for (const pass of ground.passes) hits(ground, pass, byKey);
    for (const walk of ground.walks) beneath(ground, walk);
    for (const cover of ground.plan.covers) life(ground, cover.key, cover.over, cover.ratedDays);
    tape(ground);
  },
};

/** Covers over a surface at a minute, by what was laid and pulled until then. */
function coveredAt({ events }: Walk, at: number): boolean {
  const on = new Set<string>();
  for (const { step, deed } of events) {
    if (step.end > at) continue;
    if (deed.does === 'cover') on.add(deed.cover);
    if (deed.does === 'uncover') on.delete(deed.cover);
  }
  return on.size > 0;
}

/** Overspray on what is finished or kept. */
function hits({ applies, find }: Ground, pass: SprayPass, byKey: ReadonlyMap<string, Walk>): void {
  const bySection = new Map<string, string[]>();
  for (const other of pass.others) {
    const walk = byKey.get(other.key)!;
    const lays = walk.events.filter(({ deed }) => deed.does === 'lay');
    const isPaintedLater = lays.some(({ step }) => step.start >= pass.to);
    applies();
    if (isPaintedLater || coveredAt(walk, pass.from)) continue;
    bySection.set(other.section, [...(bySection.get(other.section) ?? []), other.key]);
  }
  for (const surfaces of bySection.values())
    find({
      surfaces,
      steps: [pass.sprays[0]!.key],
      at: pass.from,
      figure: 0,
      limit: 1,
      unit: 'steps',
      breach: 'sprayed-uncovered',
      station: 'steps',
      insisted: pass.sprays[0]!.insisted,
    });
}

/** Work on a surface that still lies under a cover, and first coats on what nobody wiped since it was touched. */
function beneath({ applies, find }: Ground, { surface, events }: Walk): void {
  let lastPass: string | null = null;
  for (const { step, deed, before } of events) {
    if (worked.has(deed.does)) {
      applies();
      if (before.covers.length > 0)
        find({
          surfaces: [surface.key],
          steps: [before.covers[0]!, step.key],
          at: step.start,
          figure: before.covers.length,
          limit: 0,
          unit: 'steps',
          breach: 'worked-under-cover',
          station: 'steps',
          insisted: step.insisted,
        });
    }
    if (deed.does !== 'lay' || step.pass === null || step.pass === lastPass) continue;
    lastPass = step.pass;
    applies();
    if (before.wipedAt === null)
      find({
        surfaces: [surface.key],
        steps: [step.key],
        at: step.start,
        figure: 0,
        limit: 1,
        unit: 'steps',
        breach: 'not-wiped',
        station: 'steps',
        insisted: step.insisted,
      });
  }
}

/** A cover comes off, within its rating. */
function life(
  { plan, applies, find }: Ground,
  key: string,
  over: readonly string[],
  ratedDays: number,
): void {
  const has = (step: AuditStep, does: 'cover' | 'uncover') =>
    step.deeds.some((deed) => deed.does === does && deed.cover === key);
  const laid = plan.steps.find((step) => has(step, 'cover'));
  if (!laid || over.length === 0) return;
  const pulled = plan.steps.filter((step) => has(step, 'uncover')).at(-1);
  applies();
  const common = { surfaces: [...over], at: laid.start, station: 'steps', insisted: false } as const;
  if (!pulled) {
    find({ ...common, steps: [laid.key], figure: 0, limit: 1, unit: 'steps', breach: 'cover-left-on' });
    return;
  }
  const days = Math.ceil((pulled.end - laid.start) / 1440);
  if (days > ratedDays)
    find({
      ...common,
      steps: [laid.key, pulled.key],
      figure: days,
      limit: ratedDays,
      unit: 'days',
      breach: 'cover-too-old',
    });
}

/** Tape stands on films that bear it. */
function tape(ground: Ground): void {
  const { plan, walks, applies, find } = ground;
  const byKey = new Map(walks.map((walk) => [walk.surface.key, walk]));
  for (const cover of plan.covers)
    for (const edge of cover.edgesOn) {
      const event = byKey
        .get(edge)
        ?.events.find(({ deed }) => deed.does === 'cover' && deed.cover === cover.key);
      const top = event?.before.films.at(-1);
      if (!event || !top) continue;
      const from = readyAt(ground, edge, top, 'tapeAfterMin');
      if (from === null) continue;
      applies();
      if (event.step.start < from)
        find({
          surfaces: [edge],
          steps: [top.step, event.step.key],
          at: event.step.start,
          figure: event.step.start - top.lastBy,
          limit: from - top.lastBy,
          unit: 'min',
          breach: 'taped-soft',
          station: 'bays',
          insisted: event.step.insisted,
        });
    }
}
