import { clearFigures, clearLeft, isUpperRole } from '../film';
import { colourOfKey, type Job, type JobSection } from '../record';
import type { SectionStack, StackLayer } from '../steps';
import type { Part } from '../vehicle';

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
 * `left = n·d − removed − second look − between − (film_high − film_low)`, held against what an edge keeps.
 */
function overCrest(
  low: SectionStack,
  high: SectionStack,
): Omit<RidgeWarning, 'code' | 'colours' | 'panels'> | null {
  const clear = high.layers.findLast((layer) => layer.role === 'clear');
  if (!clear || !high.clear || high.clear.removedFlatUm === 0) return null;
  const ridgeUm = colourFilmUm(high) - colourFilmUm(low);
  if (ridgeUm === 0) return null;
  const { leftFlatUm, coats, betweenUm, sessions, leftEdgeUm } = high.clear;
  const flat = clearLeft({ leftFlatUm, coats, betweenUm, sessions, leftEdgeUm }, clear.coats, clear.dryUm);
  const leftUm = flat.flatUm - ridgeUm;
  const limitUm = clearFigures.edgeResidualUm;
  if (leftUm >= limitUm) return null;
  const more = Math.ceil((limitUm - leftUm) / clear.dryUm);
  return { ridgeUm, leftUm, limitUm, planned: clear.coats, coats: clear.coats + more };
}

/** Where two work areas in different colours meet on a panel under one clear, each pair once. */
function linesOf(
  areas: readonly JobSection[],
  parts: readonly Part[],
): { panel: string; a: JobSection; b: JobSection }[] {
  const byKey = new Map(areas.map((area) => [area.key, area]));
  const onPanel = new Map<string, Map<string, JobSection>>();
  for (const part of parts.filter((one) => one.field !== undefined)) {
    const area = byKey.get(part.section);
    const before = onPanel.get(part.key) ?? new Map<string, JobSection>();
    if (area) onPanel.set(part.key, before.set(area.colour, area));
  }
  return parts.flatMap((part) =>
    (part.field?.edges ?? []).flatMap((edge) => {
      const [a, b] = [byKey.get(part.section), onPanel.get(part.key)?.get(edge.to)];
      const isPair =
        a && b && a.colour < b.colour && a.clearOver !== undefined && a.clearOver === b.clearOver;
      return isPair ? [{ panel: part.key, a, b }] : [];
    }),
  );
}

/** Lines under one clear over which sanding would leave too little of it; the worst of two colours is told. */
export function fieldRidges(
  job: Job,
  areas: readonly JobSection[],
  parts: readonly Part[],
  stackOf: StackOf,
): RidgeWarning[] {
  const told = new Map<string, RidgeWarning>();
  const filmOf = (area: JobSection) => colourFilmUm(stackOf(area));
  for (const { panel, a, b } of linesOf(areas, parts)) {
    const [low, high] = filmOf(a) <= filmOf(b) ? [a, b] : [b, a];
    const over = overCrest(stackOf(low), stackOf(high));
    if (!over) continue;
    const key = `${a.colour}|${b.colour}`;
    const before = told.get(key);
    const { ridgeUm, leftUm, limitUm, planned, coats } =
      before && before.leftUm <= over.leftUm ? before : over;
    const panels = [...new Set([...(before?.panels ?? []), panel])];
    const colours: [string, string] = [nameOf(job, low), nameOf(job, high)];
    told.set(key, { code: 'ridge-cut', colours, panels, ridgeUm, leftUm, limitUm, planned, coats });
  }
  return [...told.values()];
}

const nameOf = (job: Job, { colour }: JobSection): string => colourOfKey(job, colour).name;
