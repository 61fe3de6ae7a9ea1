import type { Plan } from '../plan/model';
import { colourOnFace, uncutColours, type Job } from '../record';
import { schemeLayout } from '../survey';

/** What each colour of a job covers, m², by its key: outsides and insides that get film, and what is laid in leaf or texture. */
export function colourAreas(job: Job, { sections }: Pick<Plan, 'sections'>): Map<string, number> {
  const areas = new Map<string, number>();
  const add = (colour: string, m2: number) => areas.set(colour, (areas.get(colour) ?? 0) + m2);
  for (const one of sections.filter(({ level }) => level !== 'Keep')) {
    add(colourOnFace(one, 'outside'), one.outsideM2);
    add(colourOnFace(one, 'inside'), one.insideM2);
  }
  // Leaf and texture are no work areas: they are measured as they are laid out.
  const uncut = uncutColours(job);
  if (uncut.size > 0)
    for (const { colour, areaM2 } of schemeLayout(job).pieces) if (uncut.has(colour)) add(colour, areaM2);
  return areas;
}
