import type { Plan } from '@/core/plan';
import { colourOfKey, type Job } from '@/core/record';
import { schemeLayout } from '@/core/survey';
import type { NetField } from './net-panel';

/** Fields of a scheme by panel, with the areas that the plan works them as; what has its panel's own colour is none. */
export function netFields(job: Job, plan: Pick<Plan, 'parts' | 'sections'>): Map<string, NetField[]> {
  const fields = new Map<string, NetField[]>();
  if (job.constructions.length === 0) return fields;
  const areas = new Map(
    plan.parts.flatMap(({ key, section, field }) =>
      field?.colour ? [[`${key} ${field.colour}`, section]] : [],
    ),
  );
  for (const { panel, colour, figures } of schemeLayout(job).pieces) {
    const area = areas.get(`${panel} ${colour}`);
    if (area === undefined) continue;
    const rings = figures.flatMap(({ outline, holes }) => [outline, ...holes]);
    fields.set(panel, [...(fields.get(panel) ?? []), { area, hex: colourOfKey(job, colour).hex, rings }]);
  }
  return fields;
}
