import type { Surface } from '../surface';
import { visitsBySurface, walkSurface, type SurfaceEvent, type SurfaceState } from './sweep';
import type { AuditPlan } from './model';

/** Every surface walked once, kept for all laws. */
export interface Walk {
  surface: Surface;
  events: readonly SurfaceEvent[];
  end: SurfaceState;
}

export function walksOf(plan: AuditPlan): Walk[] {
  const visits = visitsBySurface(plan);
  return plan.surfaces.map((surface) => {
    const events: SurfaceEvent[] = [];
    const end = walkSurface(surface, visits.get(surface.key)!, (event) => events.push(event));
    return { surface, events, end };
  });
}

/** Walks of each body, by its key. */
export function byBody(walks: readonly Walk[]): Map<string, Walk[]> {
  const bodies = new Map<string, Walk[]>();
  for (const walk of walks) {
    const own = bodies.get(walk.surface.body);
    if (own) own.push(walk);
    else bodies.set(walk.surface.body, [walk]);
  }
  return bodies;
}
