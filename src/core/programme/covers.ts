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
