import type { TypedFigure } from '../figures';
import type { Shelf } from '../film';
import type { Job } from '../record';
import type { Person } from '../shop';
import { netOfJob } from '../survey';
import type { Fault } from './faults';

/** Figures typed for a product that is not on the shelf, or for nobody of the shop, are refused where they are typed. */
export const shopFigureFaults = (
  figures: readonly TypedFigure[],
  { shelf, people }: { shelf: Pick<Shelf, 'has'>; people: readonly Pick<Person, 'id'>[] },
  place: string,
): Fault[] =>
  figures.flatMap(({ scope, of }, i): Fault[] => {
    if (scope === 'product' && !shelf.has(of))
      return [{ place: `${place}[${i}].of`, reason: `no product ${of} is on the shelf` }];
    if (scope === 'painter' && !people.some((one) => one.id === of))
      return [{ place: `${place}[${i}].of`, reason: `nobody here has the id ${of}` }];
    return [];
  });

/** Figures typed for a section or a panel that the job does not have are refused where they are typed. */
export function jobFigureFaults(figures: readonly TypedFigure[], job: Job, place: string): Fault[] {
  if (figures.length === 0) return [];
  const sections = new Set(job.sections.map((one) => one.key));
  const panels = new Set(netOfJob(job).map((part) => part.key));
  return figures.flatMap(({ scope, of }, i): Fault[] => {
    const known = scope === 'section' ? sections : scope === 'panel' ? panels : null;
    return known === null || known.has(of)
      ? []
      : [{ place: `${place}[${i}].of`, reason: `there is no ${scope} ${of} in ${job.number}` }];
  });
}
