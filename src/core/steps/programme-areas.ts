import { programmeOf, type AreaFilm, type Programme, type ProgrammeArea } from '../programme';
import { surfacesOf } from '../surface';
import { clearSessions } from './section-situation';
import type { StepDraft } from './draft';
import { filmOf } from './hand-films';
import type { SectionWork } from './section-work';
import type { SectionStack } from './stack';

/** The passes of a job whose sections are known with their situations, in the order in which they are painted. */
export function programmeOfWorks(
  works: readonly SectionWork[],
  byHand: readonly string[],
  draft: StepDraft,
): Programme {
  const product = (operation: string) =>
    filmOf(draft.operation(operation), draft.context.shelf)?.code ?? null;
  const textures = { under: product('texture-before'), over: product('texture-after') };
  const areas = inPaintOrder(works).map((work) => ({ ...areaOf(work), texture: textureOf(work, textures) }));
  return programmeOf(areas, byHand);
}

/** Areas of each body in the order of their lots; `before` of a section names the last of the lot painted before it. */
function inPaintOrder(works: readonly SectionWork[]): SectionWork[] {
  return [...works].sort((a, b) => a.place - b.place);
}

/** What the method lays on the lower panels of a painted area. */
function textureOf(
  { situation: { route, flags, schools } }: SectionWork,
  textures: Record<'under' | 'over', string | null>,
): ProgrammeArea['texture'] {
  if (route !== 'panel' || schools.texture === 'none') return null;
  const lies = schools.texture === 'before-colour' ? 'under' : 'over';
  const product = textures[lies];
  const isLaid = flags.has(lies === 'under' ? 'painted' : 'topcoated');
  return product !== null && isLaid ? { product, lies } : null;
}

const filmsOf = ({ layers }: SectionStack): AreaFilm[] =>
  layers
    .filter((layer) => layer.coats > 0)
    .map(({ role, product, coats }) => ({ role, product: product.code, coats }));

function areaOf({
  group,
  paintedOn,
  section,
  clock,
  lot,
  over,
  situation,
  rounds,
}: SectionWork): Omit<ProgrammeArea, 'texture'> {
  const stack = group.stackOf(section);
  const { flags, schools } = situation;
  const hasInsides = flags.has('openings');
  return {
    key: section.key,
    clock,
    lot,
    clearOver: flags.has('clear-over') ? over : null,
    body: group.key,
    paintedOn: paintedOn.key,
    loose: group.loose,
    buildType: situation.route,
    painted: flags.has('painted'),
    colour: section.colour,
    keepsMask: flags.has('keeps-mask'),
    insides: !hasInsides ? 'none' : schools.openings === 'one-go' ? 'with-outside' : 'first',
    surfaces: surfacesOf(group.partsOf(section), [section]),
    films: filmsOf(stack),
    insideFilms: section.insideLaid === undefined ? null : filmsOf(group.insideStackOf(section)),
    buildRounds: rounds.build,
    stands: flags.has('on-stands'),
    clearSessions: clearSessions(stack, situation),
  };
}
