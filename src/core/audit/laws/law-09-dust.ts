import type { AuditStep } from '../model';
import type { Ground, LawFile } from './law';

/**
 * From the final wipe until the film is dust-free no dust is made at the body or in its air; a room in which dust was made is
 * cleaned before a film is laid in it.
 */
export const dust: LawFile = {
  law: 9,
  check(ground) {
    const { plan, passes } = ground;
    const bodyOf = new Map(plan.surfaces.map((one) => [one.key, one.body]));
    const airOf = new Map(plan.places.map((place) => [place.id, new Set([place.id, ...place.airWith])]));
    const dusty = plan.steps.filter((step) => step.dusty && step.end > step.start);
    cleanedRooms(ground);
    for (const pass of passes) {
      ground.applies();
      const inPass = plan.steps.filter((step) => step.pass === pass.key);
      const wipe = inPass.filter((step) => step.deeds.some((deed) => deed.does === 'wipe')).at(-1);
      const from = wipe?.end ?? pass.from;
      const to = Math.max(...inPass.filter((step) => !step.attended).map((step) => step.end), pass.to);
      const bodies = new Set([...pass.targets].map((surface) => bodyOf.get(surface)));
      const air = pass.place === null ? new Set<string>() : (airOf.get(pass.place) ?? new Set([pass.place]));
      for (const step of dusty)
        if (step.start < to && step.end > from && step.pass !== pass.key)
          judge(ground, pass, step, bodies, air);
    }
  },
};

function judge(
  { plan, find }: Ground,
  pass: Ground['passes'][number],
  step: AuditStep,
  bodies: ReadonlySet<string | undefined>,
  air: ReadonlySet<string>,
): void {
  const isAtBody = plan.surfaces.some((one) => bodies.has(one.body) && step.on.includes(one.key));
  const isInAir = step.place !== null && air.has(step.place);
  if (isAtBody || isInAir)
    find({
      surfaces: [...pass.targets],
      steps: [pass.sprays[0]!.key, step.key],
      at: Math.max(pass.from, step.start),
      figure: 1,
      limit: 0,
      unit: 'steps',
      breach: isAtBody ? 'dust-at-the-body' : 'dust-in-the-air',
      station: 'bays',
      insisted: step.insisted,
    });
}

/** Rooms by what happened in them: dust lies until it is cleaned away by a planned step. */
function cleanedRooms({ plan, applies, find }: Ground): void {
  const dirtyBy = new Map<string, AuditStep>();
  const told = new Set<string>();
  const inOrder = [...plan.steps].sort((a, b) => a.start - b.start || a.end - b.end);
  for (const step of inOrder) {
    const { place, deeds } = step;
    if (place === null || step.end <= step.start) continue;
    const dirty = dirtyBy.get(place);
    if (deeds.some((deed) => deed.does === 'lay')) {
      applies();
      const name = `${place} ${dirty?.key ?? ''}`;
      if (dirty && !told.has(name)) {
        told.add(name);
        find({
          surfaces: [...step.on],
          steps: [dirty.key, step.key],
          at: step.start,
          figure: 0,
          limit: 1,
          unit: 'steps',
          breach: 'room-not-cleaned',
          station: 'steps',
          insisted: step.insisted,
        });
      }
    }
    if (step.dusty) dirtyBy.set(place, step);
    if (deeds.some((deed) => deed.does === 'clean-room')) dirtyBy.delete(place);
  }
}
