import type { AuditPlan } from '../audit';
import { asksForSample, colourOnFace, isCleared, sampleState, type Job, type JobSection } from '../record';
import type { Shop } from '../shop';
import type { Surface } from '../surface';
import type { Plan } from './model';

/**
 * Surfaces whose colour waits until somebody accepted a sample of it, or took the risk by name: asked for by the shop from
 * a level up, and no coat of it begun anywhere on the job.
 */
export function awaitingSample(
  job: Job,
  shop: Pick<Shop, 'approvalFrom'>,
  plan: Plan,
  { surfaces, sections }: { surfaces: readonly Surface[]; sections: readonly JobSection[] },
): AuditPlan['awaitsSample'] {
  const areas = new Map(sections.map((one) => [one.key, one]));
  const colourOf = ({ section, face }: Pick<Surface, 'section' | 'face'>): string => {
    const area = areas.get(section);
    return area ? colourOnFace(area, face === 'inside' ? 'inside' : 'outside') : '';
  };
  const signed = new Set(job.signOffs.map((one) => one.step));
  const released = new Set(
    plan.steps.flatMap((step) =>
      signed.has(step.key) && step.operation === 'approve-sample' ? step.sections : [],
    ),
  );
  const begun = new Set(
    plan.steps.flatMap((step) =>
      step.state === 'planned' || !step.coat
        ? []
        : step.sections.map((section) =>
            colourOf({ section, face: step.coat!.faces === 'inside' ? 'inside' : 'outside' }),
          ),
    ),
  );
  const waiting = new Set(
    surfaces.flatMap((surface) => {
      const area = areas.get(surface.section);
      const colour = colourOf(surface);
      const isAsked = area !== undefined && asksForSample(area.level, shop) && !released.has(area.key);
      return isAsked && !begun.has(colour) && !isCleared(sampleState(job.samples, colour))
        ? [surface.key]
        : [];
    }),
  );
  return (surface) => waiting.has(surface);
}
