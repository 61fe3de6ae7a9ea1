import { layoutOf, ownTapeOf, tapeEffort, type FieldPiece, type SchemeLayout } from '../scheme';
import {
  baseOf,
  clockOf,
  colourOfKey,
  fieldAreaKey,
  uncutColours,
  type Job,
  type JobSection,
} from '../record';
import { bodyKindOf, type Part, type PartEdge } from '../vehicle';
import { laidFor } from './colour-system';
import { netOfJob } from './parts-of-job';
import { withUncut } from './uncut-fields';

/** What the layouts of a scheme were computed from, and what came of it. */
interface Known {
  from: readonly unknown[];
  /** Everything that is laid out. */
  layout: SchemeLayout;
  /** What is painted: without leaf, which lies on the finished film, and texture, which has the panel's colour. */
  painted: SchemeLayout;
}
const known = new WeakMap<Job['constructions'], Known>();

function layoutsOf(job: Job): Known {
  const { constructions, bodyKind, dimensions, ownParts, measured, surveyed } = job;
  const uncut = uncutColours(job);
  const from = [bodyKind, dimensions, ownParts, measured, surveyed, [...uncut].sort().join()];
  const before = known.get(constructions);
  if (before?.from.every((one, i) => one === from[i])) return before;
  const lay = (own: Job['constructions']) =>
    layoutOf(netOfJob(job), bodyKindOf(bodyKind)?.route ?? 'panel', own);
  const layout = lay(constructions);
  const made = { from, layout, painted: uncut.size === 0 ? layout : lay(without(constructions, uncut)) };
  known.set(constructions, made);
  return made;
}

/** The fields of a job's panels as its scheme lays them out; computed once for what it hangs on. */
export const schemeLayout = (job: Job): SchemeLayout => layoutsOf(job).layout;

/** The same without what is cut out of no panel: leaf and texture. */
export const paintedLayout = (job: Job): SchemeLayout => layoutsOf(job).painted;

const without = (constructions: Job['constructions'], uncut: ReadonlySet<string>): Job['constructions'] =>
  constructions.flatMap((one) => {
    const { colour, shape } = one;
    if (uncut.has(colour)) return [];
    const isEdged = shape.kind === 'band' && shape.outline !== null && uncut.has(shape.outline.colour);
    return [isEdged ? { ...one, shape: { ...shape, outline: null } } : one];
  });

/** What is left of a panel below this is covered by its fields, m². */
const leastM2 = 1e-4;

/** Kinds of construction whose own tape can mask them. */
const narrowKinds: ReadonlySet<string> = new Set(['band', 'stripes', 'box']);

/**
 * Fields in another colour than their section's as areas of their own: with the clock of the area they are cut from, so
 * that all work but masks and colours is done with it. What keeps its paint gets no field.
 * @param areas as they are treated   @param parts with the area each belongs to
 */
export function withFieldAreas(
  job: Job,
  areas: readonly JobSection[],
  parts: readonly Part[],
): { sections: JobSection[]; parts: Part[] } {
  if (job.constructions.length === 0) return { sections: [...areas], parts: [...parts] };
  const cutter = new Cutter(job, areas);
  const cut = withUncut(
    job,
    parts.flatMap((part) => cutter.cut(part)),
    () => schemeLayout(job),
  );
  const onTexture = new Set(cut.flatMap((part) => (part.texture ? [part.section] : [])));
  const had = new Set(parts.map((part) => part.section));
  const has = new Set(cut.map((part) => part.section));
  const sections = areas.flatMap((area) => [
    // An area all of whose panels have another colour is left out itself.
    ...(had.has(area.key) && !has.has(area.key) ? [] : [area]),
    ...cutter.areasOf(area),
  ]);
  // What shares its steps is textured and cleared alike, whether each area of it has a field or not.
  const textured = new Set(sections.flatMap((area) => (onTexture.has(area.key) ? [clockOf(area)] : [])));
  const isTextured = (area: JobSection) => area.field === undefined && textured.has(clockOf(area));
  const clocks = new Set(sections.flatMap((area) => (area.field === undefined ? [] : [clockOf(area)])));
  return {
    sections: sections
      .map((area) => (isTextured(area) ? withTexture(area) : area))
      .map((area) => (clocks.has(clockOf(area)) ? underOneClear(area) : area)),
    parts: cut,
  };
}

/** What has texture up to a line gets it under its colour unless the method says over it. */
const withTexture = (area: JobSection): JobSection =>
  (area.schools.texture ?? 'none') === 'none'
    ? { ...area, schools: { ...area.schools, texture: 'before-colour' } }
    : area;

/** Colours that meet on a panel are cleared in one go unless somebody chose otherwise. */
const underOneClear = (area: JobSection): JobSection => ({
  ...area,
  schools: { 'clear-over': 'all', ...area.schools },
});

/** Texture and liner go by the panel, not by the colours on it; what is textured over its colour is cleared apart from its fields. */
function schoolsOfField({ schools }: JobSection): JobSection['schools'] {
  const texture = schools.texture ?? 'none';
  if (texture === 'none') return schools;
  const smooth = { ...schools, texture: 'none' as const };
  return texture === 'before-colour' ? smooth : { ...smooth, 'clear-over': 'each' };
}

/** The lengths of a panel that fall to a field: by its share of the area, since nobody has measured where each runs. */
const lengthsOf = ({ trimM, beadM, rivetM, seamM }: Part, share: number) => ({
  trimM: trimM * share,
  beadM: beadM * share,
  rivetM: rivetM * share,
  seamM: seamM * share,
});

const sumOf = (pieces: readonly FieldPiece[]): number => pieces.reduce((sum, piece) => sum + piece.areaM2, 0);

/** The colour that has most of a panel. */
function largest(pieces: readonly FieldPiece[]): string {
  const sums = new Map<string, number>();
  for (const { colour, areaM2 } of pieces) sums.set(colour, (sums.get(colour) ?? 0) + areaM2);
  return [...sums].reduce((most, one) => (one[1] > most[1] ? one : most))[0];
}

/** Where two colours of a panel meet. */
interface Line {
  a: string;
  b: string;
  m: number;
  effortM: number;
  tightM: number;
}

class Cutter {
  private readonly byKey: ReadonlyMap<string, JobSection>;
  private readonly made = new Map<string, JobSection>();
  private readonly layout: SchemeLayout;
  private readonly narrow: ReadonlySet<string>;

  constructor(
    private readonly job: Job,
    areas: readonly JobSection[],
  ) {
    this.byKey = new Map(areas.map((area) => [area.key, area]));
    this.layout = paintedLayout(job);
    // A colour that has a field as well is masked as one.
    const wide = job.constructions.filter((one) => !narrowKinds.has(one.shape.kind));
    const isWide = new Set(wide.map((one) => one.colour));
    this.narrow = new Set(job.colours.flatMap(({ id }) => (isWide.has(id) ? [] : [id])));
  }

  areasOf = (area: JobSection): JobSection[] =>
    [...this.made.values()].filter((one) => one.key.startsWith(`${area.key}~`));

  /** The fields of a panel as parts of it, before what keeps the colour of its area. */
  cut(part: Part): Part[] {
    const given = this.byKey.get(part.section);
    if (!given || given.level === 'Keep') return [part];
    const on = this.layout.pieces.filter((piece) => piece.panel === part.key);
    const others = on.filter((piece) => piece.colour !== given.colour);
    if (others.length === 0) return [part];
    const isCovered = part.outsideM2 - sumOf(others) < leastM2;
    const area = isCovered ? this.wholeOf(given, largest(others)) : given;
    const pieces = on.filter((piece) => piece.colour !== area.colour);
    if (pieces.length === 0) return [{ ...part, section: area.key }];
    const colourOf = new Map(this.layout.pieces.map((piece) => [piece.field, piece.colour]));
    const edges = this.layout.edges.filter((edge) => edge.panel === part.key);
    const coloured = (field: string | null) => (field === null ? area.colour : colourOf.get(field)!);
    const lines = edges.flatMap((edge) => {
      const [a, b] = [coloured(edge.a), coloured(edge.b)];
      const tightM = edge.bend === 'tight' ? edge.m : 0;
      return a === b ? [] : [{ a, b, m: edge.m, effortM: edge.m * tapeEffort(edge), tightM }];
    });
    const edgesOf = (colour: string) => this.edgesOf(lines, colour, area.colour);
    const colours = [...new Set(pieces.map((piece) => piece.colour))];
    const fields = colours.map((colour): Part => {
      const own = pieces.filter((piece) => piece.colour === colour);
      const [figure] = own.flatMap((piece) => piece.figures);
      const areaM2 = sumOf(own);
      const share = part.outsideM2 > 0 ? areaM2 / part.outsideM2 : 0;
      return {
        ...part,
        section: this.areaOf(area, colour).key,
        outline: figure!.outline,
        holes: figure!.holes,
        outsideM2: areaM2,
        insideM2: 0,
        ...lengthsOf(part, share),
        field: { colour, edges: edgesOf(colour) },
      };
    });
    const left = part.outsideM2 - sumOf(pieces);
    const rest = {
      ...part,
      ...lengthsOf(part, left / part.outsideM2),
      section: area.key,
      outsideM2: left,
      field: { colour: null, edges: edgesOf(area.colour) },
    };
    return [...fields, rest];
  }

  /** Edges of a colour to each other one of its panel. */
  private edgesOf(lines: readonly Line[], colour: string, base: string): PartEdge[] {
    const sums = new Map<string, PartEdge>();
    for (const { a, b, m, effortM, tightM } of lines) {
      if (a !== colour && b !== colour) continue;
      const to = a === colour ? b : a;
      const sum = sums.get(to) ?? { to, m: 0, effortM: 0, tapedM: 0, tightM: 0, ownTapeMm: null };
      sums.set(to, {
        ...sum,
        m: sum.m + m,
        effortM: sum.effortM + effortM,
        tapedM: sum.m + m,
        tightM: sum.tightM + tightM,
      });
    }
    return [...sums.values()].map((edge) => {
      // A stripe has two edges: tape as wide as it runs half as far as they do.
      const tape = edge.to === base ? null : ownTapeOf(this.job.constructions, edge.to);
      if (!tape) return edge;
      const round = lines.reduce(
        (sum, line) => sum + (line.a === edge.to || line.b === edge.to ? line.m : 0),
        0,
      );
      return { ...edge, tapedM: Math.min(edge.m, round / 2), ownTapeMm: tape.widestMm };
    });
  }

  /** Panels that are wholly in another colour are set apart with all they have, as a lot is. */
  private wholeOf(area: JobSection, colour: string): JobSection {
    const key = `${fieldAreaKey(area.key, colour)}~all`;
    const name = `${area.name}, all ${colourOfKey(this.job, colour).name}`;
    const made = this.made.get(key) ?? {
      ...area,
      ...laidFor(this.job, area, colour),
      key,
      base: baseOf(area.key),
      name,
      clock: `${fieldAreaKey(clockOf(area), colour)}~all`,
      clockName: name,
      colour,
    };
    this.made.set(key, made);
    return made;
  }

  private areaOf(area: JobSection, colour: string): JobSection {
    const key = fieldAreaKey(area.key, colour);
    const made = this.made.get(key) ?? {
      ...area,
      ...laidFor(this.job, area, colour),
      key,
      base: baseOf(area.key),
      name: `${colourOfKey(this.job, colour).name} on ${area.name}`,
      clock: clockOf(area),
      clockName: area.clockName ?? area.name,
      colour,
      field: colour,
      narrow: this.narrow.has(colour),
      schools: schoolsOfField(area),
    };
    this.made.set(key, made);
    return made;
  }
}
