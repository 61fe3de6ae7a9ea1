import type { Construction, Job, JobColour } from '@/core/record';
import { netOfJob } from '@/core/survey';
import { bodyKindOf, type BodyKind, type Part } from '@/core/vehicle';

export type ConstructionShown = Construction & { seen: number };

/** What the layout of a scheme is drawn and measured from. */
export interface LayoutProps {
  job: string;
  parts: Part[];
  route: BodyKind['route'];
  constructions: ConstructionShown[];
  colours: Pick<JobColour, 'id' | 'name' | 'hex'>[];
  /** Key of the colour of each section. */
  colourOf: Record<string, string>;
}

export function layoutProps(job: Job, versions: Record<string, number>): LayoutProps {
  return {
    job: job.number,
    parts: netOfJob(job),
    route: bodyKindOf(job.bodyKind)?.route ?? 'panel',
    constructions: [...job.constructions]
      .sort((a, b) => a.place - b.place)
      .map((one) => ({ ...one, seen: versions[`${job.number}/${one.id}`]! })),
    colours: job.colours.map(({ id, name, hex }) => ({ id, name, hex })),
    colourOf: Object.fromEntries(job.sections.map((section) => [section.key, section.colour])),
  };
}
