import { programmeOf, type Programme, type ProgrammeArea } from '../programme';
import { surfacesOf } from '../surface';
import { clearSessions } from './section-situation';
import type { SectionWork } from './section-work';

/** The passes of a job whose sections are known with their situations, in the order in which they are painted. */
export function programmeOfWorks(works: readonly SectionWork[], byHand: readonly string[]): Programme {
  return programmeOf(inPaintOrder(works).map(areaOf), byHand);
}

/** Areas of each body in the order of their lots; `before` of a section names the last of the lot painted before it. */
function inPaintOrder(works: readonly SectionWork[]): SectionWork[] {
  return [...works].sort((a, b) => a.place - b.place);
}

function areaOf({
  group,
  paintedOn,
  section,
  clock,
  lot,
  over,
  situation,
  rounds,
}: SectionWork): ProgrammeArea {
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
    insides: !hasInsides ? 'none' : schools.openings === 'one-go' ? 'with-outside' : 'first',
    surfaces: surfacesOf(group.partsOf(section), [section]),
    films: stack.layers
      .filter((layer) => layer.coats > 0)
      .map(({ role, product, coats }) => ({ role, product: product.code, coats })),
    buildRounds: rounds.build,
    clearSessions: clearSessions(stack, situation),
  };
}
