import type { Job, JobSection } from './job';
import type { KeptScheme } from './job-lists';

type SectionOfScheme = KeptScheme['sections'][number];

/** What a scheme says of a section. */
const sectionOfScheme = ({
  key,
  colour,
  insideColour,
  system,
  level,
  depth,
}: JobSection): SectionOfScheme => ({
  key,
  colour,
  insideColour,
  system,
  level,
  depth,
});

/** The scheme of a job as it stands: what its sections get, its colours, its lines, the order of its colours. */
export const schemeOf = ({
  sections,
  colours,
  constructions,
  colourOrder,
  colourCovers,
}: Job): KeptScheme => ({
  sections: sections.map(sectionOfScheme),
  colours: [...colours],
  constructions: [...constructions],
  colourOrder: [...colourOrder],
  colourCovers: [...colourCovers],
});

/**
 * A job painted by a kept scheme. Sections that came since keep what they have, those that are gone are left out; colours
 * that something else of the job still names stay.
 */
export function withScheme(job: Job, scheme: KeptScheme): Job {
  const own = new Map(scheme.sections.map((one) => [one.key, one]));
  const kept = new Set(scheme.colours.map((one) => one.id));
  return {
    ...job,
    sections: job.sections.map((section) => ({ ...section, ...own.get(section.key) })),
    colours: [...scheme.colours, ...job.colours.filter((one) => !kept.has(one.id))],
    constructions: [...scheme.constructions],
    colourOrder: [...scheme.colourOrder],
    colourCovers: [...(scheme.colourCovers ?? [])],
  };
}

const byId = (list: readonly { id: string }[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
/** The same words for the same scheme, whatever the order of its rows and of the fields in them. */
const wordsOf = (value: unknown): string =>
  JSON.stringify(value, (_key, one: unknown) =>
    typeof one === 'object' && one !== null && !Array.isArray(one)
      ? Object.fromEntries(Object.entries(one).sort(([a], [b]) => (a < b ? -1 : 1)))
      : one,
  );

/** Whether two schemes paint alike: the same lines, the same colours in use, the same on every section. */
export function isSameScheme(one: KeptScheme, other: KeptScheme): boolean {
  const words = ({ sections, colours, constructions, colourOrder, colourCovers = [] }: KeptScheme) => {
    const used = new Set([
      ...sections.flatMap(({ colour, insideColour }) => [colour, insideColour]),
      ...constructions.flatMap(({ colour, shape }) => [
        colour,
        shape.kind === 'band' ? (shape.outline?.colour ?? null) : null,
      ]),
    ]);
    return wordsOf({
      sections: [...sections].sort((a, b) => (a.key < b.key ? -1 : 1)),
      colours: byId(colours.filter((colour) => used.has(colour.id))),
      constructions: byId(constructions),
      colourOrder,
      colourCovers,
    });
  };
  return words(one) === words(other);
}
