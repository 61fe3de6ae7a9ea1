import type { Surface } from '../surface';
import type { Minute } from '../units';
import type { AuditPlan, AuditStep } from './model';

/** What is sprayed together, with what else stands there. */
export interface SprayPass {
  key: string;
  place: string | null;
  targets: ReadonlySet<string>;
  /** The other surfaces of the bodies that are sprayed. */
  others: readonly Surface[];
  sprays: readonly AuditStep[];
  /** Start of the first spray and the minute the last coat was laid. */
  from: Minute;
  to: Minute;
}

const laysFilm = (step: AuditStep): boolean => step.deeds.some((deed) => deed.does === 'lay');

/** The passes of a plan in the order they are sprayed; coats by roller have none, since they hit nothing beside them. */
export function passesOf(plan: AuditPlan): SprayPass[] {
  const bodyOf = new Map(plan.surfaces.map((one) => [one.key, one.body]));
  const byPass = new Map<string, AuditStep[]>();
  for (const step of plan.steps)
    if (step.pass !== null && laysFilm(step)) byPass.set(step.pass, [...(byPass.get(step.pass) ?? []), step]);
  return [...byPass]
    .map(([key, sprays]): SprayPass => {
      const targets = new Set(sprays.flatMap((step) => step.on));
      const bodies = new Set([...targets].map((surface) => bodyOf.get(surface)));
      return {
        key,
        place: sprays[0]!.place,
        targets,
        others: plan.surfaces.filter((one) => bodies.has(one.body) && !targets.has(one.key)),
        sprays,
        from: Math.min(...sprays.map((step) => step.start)),
        to: Math.max(...sprays.map((step) => step.end)),
      };
    })
    .sort((a, b) => a.from - b.from);
}
