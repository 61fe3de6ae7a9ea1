import { clearLeft, isUpperRole } from '../film';
import { colourOfKey, type Job, type JobSection } from '../record';
import type { SectionStack, StackLayer } from '../steps';
import type { FieldLine } from './field-lines';

/** Sanding the step of film at a line level would leave less clear over it than an edge keeps. */
export interface RidgeWarning {
  code: 'ridge-cut';
  /** Names of the two colours, the thinner film first. */
  colours: [string, string];
  panels: string[];
  /** By how much the one film stands above the other, µm. */
  ridgeUm: number;
  /** Clear left over the crest after sanding and polishing, µm; less than nothing where it is cut through. */
  leftUm: number;
  limitUm: number;
  planned: number;
  /** Clear coats that leave the limit. */
  coats: number;
}

type StackOf = (area: JobSection) => SectionStack;

const isOfColour = ({ role }: StackLayer): boolean =>
  role === 'sealer' || (isUpperRole(role) && role !== 'clear');

/** Film of a colour above its primer, µm: sealer, base, effect and lock. */
const colourFilmUm = ({ layers }: SectionStack): number =>
  layers.filter(isOfColour).reduce((sum, layer) => sum + layer.coats * layer.dryUm, 0);

/**
 * What colour sanding leaves of the clear over the crest of a line: the film left on a flat, less the step of film.
 * `left = n·d − removed − second look − between − ridge`, held against what an edge keeps.
 */
function overCrest(
  high: SectionStack,
  ridgeUm: number,
): Omit<RidgeWarning, 'code' | 'colours' | 'panels'> | null {
  const clear = high.layers.findLast((layer) => layer.role === 'clear');
  if (!clear || !high.clear || high.clear.removedFlatUm === 0) return null;
  const flat = clearLeft(high.clear, clear.coats, clear.dryUm);
  const leftUm = flat.flatUm - ridgeUm;
  const limitUm = high.clear.figures.edgeResidualUm;
  if (leftUm >= limitUm) return null;
  const more = Math.ceil((limitUm - leftUm) / clear.dryUm);
  return { ridgeUm, leftUm, limitUm, planned: clear.coats, coats: clear.coats + more };
}

/**
 * The step of film at a line, µm: all of a later colour where it lies on one that was sprayed past the line, else what one
 * film is thicker than the other; with the area that stands higher.
 */
function ridgeOf(
  { a, b, over }: FieldLine,
  filmOf: (area: JobSection) => number,
): [high: JobSection, um: number] {
  if (over !== null) return [over, filmOf(over)];
  return filmOf(a) > filmOf(b) ? [a, filmOf(a) - filmOf(b)] : [b, filmOf(b) - filmOf(a)];
}

/** Lines under one clear over which sanding would leave too little of it; the worst of two colours is told. */
export function fieldRidges(job: Job, lines: readonly FieldLine[], stackOf: StackOf): RidgeWarning[] {
  const told = new Map<string, RidgeWarning>();
  for (const line of lines.filter(({ a, b }) => a.clearOver !== undefined && a.clearOver === b.clearOver)) {
    const [high, um] = ridgeOf(line, (area) => colourFilmUm(stackOf(area)));
    const low = high === line.a ? line.b : line.a;
    const over = overCrest(stackOf(high), um);
    if (!over || um === 0) continue;
    const key = `${line.a.colour}|${line.b.colour}`;
    const before = told.get(key);
    const panels = [...new Set([...(before?.panels ?? []), line.panel])];
    if (before && before.leftUm <= over.leftUm) {
      told.set(key, { ...before, panels });
      continue;
    }
    told.set(key, { code: 'ridge-cut', colours: [nameOf(job, low), nameOf(job, high)], panels, ...over });
  }
  return [...told.values()];
}

const nameOf = (job: Job, { colour }: JobSection): string => colourOfKey(job, colour).name;
