import { colourRoles } from '../../film';
import { batchesOnPanels } from '../../log';
import { areaOfCoat } from '../../readings/area-of-coat';
import { colourOfKey, colourOnFace, type Job } from '../../record';
import type { Plan } from '../model';
import type { BatchesApart } from './model';

/** Colours whose last coats carry more than one batch; two that were boxed carry a name of their own. */
export function batchesApart(
  job: Pick<Job, 'log' | 'colours'>,
  plan: Pick<Plan, 'parts' | 'steps' | 'sections'>,
): BatchesApart[] {
  if (job.log.length === 0) return [];
  const summaries = new Map(plan.sections.map((one) => [one.section, one]));
  const areaOf = areaOfCoat(plan);
  const lots = batchesOnPanels(
    job.log,
    (coat) => {
      const area = summaries.get(areaOf(coat) ?? '');
      return area ? colourOfKey(job, colourOnFace(area, coat.face)).name : '';
    },
    (role) => colourRoles.has(role),
  );
  return lots.flatMap(({ colour, product, panels }): BatchesApart[] => {
    const written = panels.filter((one) => one.batch !== '');
    const batches = [...new Set(written.map((one) => one.batch))];
    if (batches.length < 2) return [];
    const most = mostUsed(written.map((one) => one.batch));
    const apart = written.flatMap((one) => (one.batch === most ? [] : [one.part]));
    return [{ code: 'batches-apart', colour, product, batches, panels: [...new Set(apart)] }];
  });
}

function mostUsed(names: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? '';
}
