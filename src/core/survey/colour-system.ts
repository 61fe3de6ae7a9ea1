import { coatSystemOf, isUpperRole, type CoatSystem, type SystemLayer } from '../film';
import { colourOfKey, systemOfBoth, type Job, type JobSection } from '../record';

/** Section fields that say what is laid. */
type Laid = Pick<JobSection, 'system' | 'coats' | 'ways' | 'schools'>;

/** The coat system whose colour and clear a colour gets: its own, else that of a painted section that carries it. */
function systemKeyOf(job: Job, colour: string): string | null {
  const own = colourOfKey(job, colour).system;
  if (own !== null) return own;
  const carries = (one: JobSection) =>
    one.colour === colour && one.level !== 'Keep' && one.field === undefined;
  return job.sections.find(carries)?.system ?? null;
}

/** A sealer is sprayed in the session of its colour, so that it has the shade that the colour asks for. */
const isOfColour = ({ role }: SystemLayer): boolean => isUpperRole(role) || role === 'sealer';
const hasColour = ({ layers }: CoatSystem): boolean => layers.some(({ role }) => isUpperRole(role));

/** The layer that gives a system its colour: the last that is neither clear nor lock. */
const colourLayerOf = ({ layers }: CoatSystem): SystemLayer | undefined =>
  layers.findLast(({ role }) => isUpperRole(role) && role !== 'clear' && role !== 'intercoat');

/**
 * What is laid for a colour on the panels of a section: the section's primers, then the layers of the colour's own system
 * from its sealer up, with as many coats of it as the colour says. Coats typed for the section's colour are not those of
 * another system; what was typed of primers and clear holds. A system of another build type, or one without a colour,
 * changes nothing.
 * @param area the area that the field is cut from   @returns its fields that differ; empty where nothing does
 */
export function laidFor(job: Job, area: JobSection, colour: string): Partial<Laid> {
  const laid = withSystemOf(job, area, colour);
  const { coats } = colourOfKey(job, colour);
  const system = laid.ways?.system ?? area.ways?.system ?? coatSystemOf(area.system);
  const layer = system && colourLayerOf(system);
  return coats === null || !layer
    ? laid
    : { ...laid, coats: { ...(laid.coats ?? area.coats), [layer.role]: coats } };
}

function withSystemOf(job: Job, area: JobSection, colour: string): Partial<Laid> {
  const key = systemKeyOf(job, colour);
  const base = area.ways?.system ?? coatSystemOf(area.system);
  const own = key === null ? undefined : coatSystemOf(key, area.ways?.systems);
  if (!base || !own || own.key === base.key || own.route !== base.route) return {};
  if (!hasColour(own) || !hasColour(base)) return {};
  const { epoxy, etch, build, primer, promoter, sealer, clear } = area.coats;
  const kept = { epoxy, etch, build, primer, promoter, sealer, clear };
  return {
    system: systemOfBoth(area.system, own.key),
    coats: Object.fromEntries(Object.entries(kept).filter(([, count]) => count !== undefined)),
    ways: waysWith(area, {
      ...base,
      key: systemOfBoth(base.key, own.key),
      name: own.name,
      layers: [...base.layers.filter((one) => !isOfColour(one)), ...own.layers.filter(isOfColour)],
    }),
  };
}

/**
 * What is laid on an area whose colour names a ground coat: one coat of that in place of the sealer, sprayed with the colour,
 * whatever the sealer method says; the count can be typed for the section. An area that keeps its paint, a hull and a
 * system without a colour stay as they are.
 */
function withGroundCoat(job: Job, area: JobSection, colour: string): Partial<Laid> {
  const { groundCoat } = colourOfKey(job, colour);
  const system = area.ways?.system ?? coatSystemOf(area.system);
  if (
    groundCoat === null ||
    area.level === 'Keep' ||
    !system ||
    system.route === 'hull' ||
    !hasColour(system)
  )
    return {};
  const at = system.layers.findIndex(({ role }) => isUpperRole(role));
  const isOther = ({ role }: SystemLayer) => role !== 'sealer';
  const ground = { role: 'sealer', product: groundCoat, coats: { rule: 'fixed', count: 1 } } as const;
  const layers = [
    ...system.layers.slice(0, at).filter(isOther),
    ground,
    ...system.layers.slice(at).filter(isOther),
  ];
  return {
    schools: { ...area.schools, sealer: 'sealer' },
    ways: waysWith(area, { ...system, layers }),
  };
}

/** Areas as their colours ask for it, outside and inside. */
export const withColoursLaid = (job: Job, areas: readonly JobSection[]): JobSection[] =>
  withInsides(job, areas).map((area) => {
    const { colour, insideColour, insideLaid } = area;
    const outside = withGroundCoat(job, area, colour);
    if (insideColour === null || insideLaid === undefined) return { ...area, ...outside };
    // Insides lie on what their own colour asks for.
    const inside = { ...area, ...insideLaid };
    const own = withGroundCoat(job, inside, insideColour);
    if (outside.ways === undefined && own.ways === undefined) return area;
    const { coats, schools, system } = inside;
    const ways = inside.ways ?? waysWith(inside, coatSystemOf(system));
    return { ...area, ...outside, insideLaid: { system, coats, schools, ways, ...own } };
  });

/** What the shop and the job have for an area, with this system in place of its own. */
const waysWith = ({ ways }: JobSection, system: CoatSystem | undefined): NonNullable<Laid['ways']> => ({
  ladders: ways?.ladders ?? [],
  systems: ways?.systems ?? [],
  figures: ways?.figures ?? [],
  system,
});

/** Areas with what is laid on their insides where these get a colour of their own; a field has no inside. */
const withInsides = (job: Job, areas: readonly JobSection[]): JobSection[] =>
  areas.map((area) => {
    const { insideColour, colour } = area;
    if (insideColour === null) return area;
    if (insideColour === colour || area.field !== undefined) return { ...area, insideColour: null };
    return { ...area, insideLaid: laidFor(job, area, insideColour) };
  });
