import type { Surface } from '../surface';
import type { Pass, PassCover, ProgrammeArea } from './model';

/**
 * What is covered while a pass is sprayed: everything of its body that it does not coat. Insides are opened behind foam or
 * back-tape on their own line; for the colour the insides are shut and what stands beside is taped along the trim; for
 * the primer and the build only what keeps its paint.
 * @returns null where nothing stands beside it
 */
export function coverOf(
  pass: Pass,
  areas: readonly ProgrammeArea[],
  passes: readonly Pass[],
): PassCover | null {
  // For its last coats a piece may hang on another body than the one it was primed with.
  const isLast = pass.role === 'colour' || pass.role === 'clear';
  const body = areas
    .filter((area) => (isLast ? area.paintedOn : area.body) === pass.body)
    .map((area) => ({ ...area, loose: area.loose && (!isLast || area.paintedOn === area.body) }));
  const coated = new Set(pass.areas);
  const own = body.filter((area) => coated.has(area.key));
  // Pieces that lie apart cover nothing of each other, but fields of one panel do.
  const others = body.filter(
    (area) => !coated.has(area.key) && (!area.loose || own.some((one) => sharesPanels(one, area))),
  );
  const surfaces = (list: readonly ProgrammeArea[]) => list.flatMap((area) => area.surfaces);
  const faces = (face: Surface['face']) => surfaces(own).filter((one) => one.face === face);
  switch (pass.role) {
    case 'texture':
    case 'touch-in':
      // Their lines are taped in the step that lays them.
      return null;
    case 'prime':
    case 'build': {
      const kept = surfaces(others.filter((area) => !area.painted));
      return covering(pass, kept, { trim: trimOf(kept), opening: 0, field: 0 }, 'beside', null);
    }
    case 'inside': {
      const outside = faces('outside');
      const opening = openingOf(faces('inside'), outside);
      const next = passes.find((one) => one.after.some(({ pass: key }) => key === pass.key));
      const over = [...outside, ...surfaces(others)];
      return covering(pass, over, { trim: 0, opening, field: 0 }, 'coated', next?.key ?? null);
    }
    case 'colour':
    case 'clear': {
      if (own.some((area) => area.keepsMask)) return familyCover(pass, own, others, passes);
      const shut = pass.faces === 'both' ? [] : faces('inside');
      // Further clears of its own lie under the same covers.
      const next = passes.find((one) =>
        one.after.some(({ pass: key, why }) => key === pass.key && why !== 'film-beneath'),
      );
      // Pieces that lie apart are held by their backs: nothing is taped for them but their own insides.
      const beside = surfaces(others);
      const trim = own.some((area) => !area.loose) && beside.length > 0 ? trimOf(faces('outside')) : 0;
      const field = fieldsOf(faces('outside'), beside);
      const opening = openingOf(shut, faces('outside'));
      return covering(pass, [...shut, ...beside], { trim, opening, field }, 'beside', next?.key ?? null);
    }
  }
}

function covering(
  { key }: Pass,
  over: readonly Surface[],
  edgesM: PassCover['edgesM'],
  edgeOn: PassCover['edgeOn'],
  offBefore: string | null,
): PassCover | null {
  if (over.length === 0) return null;
  const overM2 = over.reduce((sum, one) => sum + one.areaM2, 0);
  return { key, over: over.map((one) => one.key), overM2, edgesM, edgeOn, offBefore };
}

/**
 * Colours that are cleared in one go: the first is covered round for all of them, with what is shut; each later one is
 * taped against those that stand; for the clear nothing more is covered.
 */
function familyCover(
  pass: Pass,
  own: readonly ProgrammeArea[],
  others: readonly ProgrammeArea[],
  passes: readonly Pass[],
): PassCover | null {
  if (pass.role === 'clear') return null;
  const overs = new Set(own.map((area) => area.clearOver));
  const family = others.filter((area) => overs.has(area.clearOver));
  const before = passes.slice(0, passes.indexOf(pass)).filter((one) => one.role === 'colour');
  const standing = family.filter((area) => before.some((one) => one.areas.includes(area.key)));
  const surfaces = (list: readonly ProgrammeArea[]) => list.flatMap((area) => area.surfaces);
  const outside = (list: readonly ProgrammeArea[]) => surfaces(list).filter((one) => one.face === 'outside');
  if (standing.length === 0) {
    const all = [...own, ...family];
    const shut = surfaces(all).filter((one) => one.face === 'inside');
    const round = others.filter((area) => !family.includes(area));
    const opening = openingOf(shut, outside(all));
    const edges = { trim: round.length > 0 ? trimOf(outside(all)) : 0, opening, field: 0 };
    return covering(pass, [...shut, ...surfaces(round)], edges, 'beside', null);
  }
  const colours = new Set(standing.map((area) => area.colour));
  const field = outside(own)
    .flatMap((one) => one.fieldEdges)
    .reduce((sum, edge) => sum + (colours.has(edge.to) ? edge.tapedM : 0), 0);
  return covering(pass, outside(standing), { trim: 0, opening: 0, field }, 'beside', null);
}

/** Whether two areas have fields on the same panels. */
export function sharesPanels(a: ProgrammeArea, b: ProgrammeArea): boolean {
  const panels = new Set(a.surfaces.map((one) => one.panel));
  return a.clock === b.clock && b.surfaces.some((one) => panels.has(one.panel));
}

/** Edges of what is coated to other fields of its panels. */
function fieldsOf(coated: readonly Surface[], beside: readonly Surface[]): number {
  const panels = new Set(beside.map((one) => one.panel));
  return coated.reduce((sum, one) => sum + (panels.has(one.panel) ? one.lengthsM.field : 0), 0);
}

const trimOf = (list: readonly Surface[]): number => list.reduce((sum, one) => sum + one.lengthsM.trim, 0);

/** The line of openings runs along the trim of the panels that have an inside. */
function openingOf(insides: readonly Surface[], outsides: readonly Surface[]): number {
  const panels = new Set(insides.map((one) => one.panel));
  return trimOf(outsides.filter((one) => panels.has(one.panel)));
}
