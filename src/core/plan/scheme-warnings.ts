import type { SchemeFault } from '../scheme';
import { textureColours, uncutColours, type Job, type JobSection } from '../record';
import { paintedLayout, schemeLayout } from '../survey';
import type { Part } from '../vehicle';

/** What is laid out and cannot be carried out: lines without panels, and fields on panels that keep their paint. */
export type SchemeWarning =
  | { code: 'scheme-fault'; construction: string; fault: SchemeFault['code']; strip: string }
  | { code: 'field-on-kept'; construction: string; panels: string[] };

/** @param parts with the area each is worked in */
export function schemeWarnings(
  job: Job,
  sections: readonly JobSection[],
  parts: readonly Part[],
): SchemeWarning[] {
  if (job.constructions.length === 0) return [];
  const uncut = uncutColours(job);
  const texture = textureColours(job);
  const isUncut = (id: string) => uncut.has(job.constructions.find((one) => one.id === id)?.colour ?? '');
  // Leaf lies on kept paint as on new; texture does not.
  const textured = schemeLayout(job).pieces.filter((piece) => texture.has(piece.colour));
  const pieces = [...paintedLayout(job).pieces, ...textured];
  const ofUncut = schemeLayout(job).faults.filter(({ construction }) => isUncut(construction));
  const faults = [...paintedLayout(job).faults, ...ofUncut];
  const nameOf = (id: string) => job.constructions.find((one) => one.id === id)?.name ?? id;
  const keeps = new Set(sections.flatMap((one) => (one.level === 'Keep' ? [one.key] : [])));
  const kept = new Set(parts.flatMap((part) => (keeps.has(part.section) ? [part.key] : [])));
  return [
    ...faults.map(({ construction, code, strip }): SchemeWarning => ({
      code: 'scheme-fault',
      construction: nameOf(construction),
      fault: code,
      strip,
    })),
    ...job.constructions.flatMap(({ id, name }): SchemeWarning[] => {
      const own = pieces.filter((piece) => piece.construction === id && kept.has(piece.panel));
      const panels = [...new Set(own.map((piece) => piece.panel))];
      return panels.length > 0 ? [{ code: 'field-on-kept', construction: name, panels }] : [];
    }),
  ];
}
