import type { Plan } from '../plan/model';
import { colourOnFace, leafColours, type Job } from '../record';
import { schemeLayout } from '../survey';

/** What each colour of a job covers, m², by its key: outsides and insides that get film, and lines in leaf. */
export function colourAreas(job: Job, { sections }: Pick<Plan, 'sections'>): Map<string, number> {
  const areas = new Map<string, number>();
  const add = (colour: string, m2: number) => areas.set(colour, (areas.get(colour) ?? 0) + m2);
  for (const one of sections.filter(({ level }) => level !== 'Keep')) {
    add(colourOnFace(one, 'outside'), one.outsideM2);
    add(colourOnFace(one, 'inside'), one.insideM2);
  }
  // Leaf is no work area: its lines are measured as they are laid out.
  const leaf = leafColours(job);
  if (leaf.size > 0)
    for (const { colour, areaM2 } of schemeLayout(job).pieces) if (leaf.has(colour)) add(colour, areaM2);
  return areas;
}
