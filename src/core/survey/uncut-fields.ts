import { leafColours, textureColours, type Job } from '../record';
import type { SchemeLayout } from '../scheme';
import type { Part } from '../vehicle';

/** Metres of edge by panel between what is of some colours and what is not. */
function edgesByPanel({ pieces, edges }: SchemeLayout, colours: ReadonlySet<string>): Map<string, number> {
  const colourOf = new Map(pieces.map((piece) => [piece.field, piece.colour]));
  const isOf = (field: string | null) => field !== null && colours.has(colourOf.get(field) ?? '');
  const metres = new Map<string, number>();
  for (const { panel, a, b, m } of edges)
    if (isOf(a) !== isOf(b)) metres.set(panel, (metres.get(panel) ?? 0) + m);
  return metres;
}

/**
 * Panels with what is laid out on them and cut out of none: the edges of leaf, m, and texture up to its break line, m² and m.
 * Of a cut panel what keeps its own colour has them; of one that lies wholly in fields the first of these.
 * @param layout everything that is laid out, leaf and texture too
 */
export function withUncut(job: Job, parts: readonly Part[], layout: () => SchemeLayout): Part[] {
  const [leaf, texture] = [leafColours(job), textureColours(job)];
  if (leaf.size === 0 && texture.size === 0) return [...parts];
  const laid = layout();
  const leafM = edgesByPanel(laid, leaf);
  const lineM = edgesByPanel(laid, texture);
  const m2 = new Map<string, number>();
  for (const { panel, colour, areaM2 } of laid.pieces)
    if (texture.has(colour)) m2.set(panel, (m2.get(panel) ?? 0) + areaM2);
  const bearers = new Map<string, Part>();
  for (const part of parts) {
    const isOwn = part.field === undefined || part.field.colour === null;
    if (isOwn || !bearers.has(part.key)) bearers.set(part.key, part);
  }
  return parts.map((part) => {
    if (bearers.get(part.key) !== part) return part;
    const [edges, area] = [leafM.get(part.key), m2.get(part.key)];
    const own = edges === undefined ? part : { ...part, leafM: edges };
    return area === undefined ? own : { ...own, texture: { m2: area, lineM: lineM.get(part.key) ?? 0 } };
  });
}
