import type { Construction } from '../record';
import { edgeProfile } from './edge-profile';
import { lineOnStrip } from './laid-line';
import { regionsOf } from './region';
import type { Strip } from './strip';

/** Height of an edge at a place along a strip, m; null where it is not there. */
export type EdgeMeasure = (u: number) => number | null;

/** The lower and the upper edge of a construction on a strip; of a field its line alone. */
export function edgeMeasures(strip: Strip, one: Construction): EdgeMeasure[] {
  if (one.shape.kind === 'field') {
    const line = lineOnStrip(strip, one.shape.line);
    return line ? [line.height] : [];
  }
  const [region] = regionsOf(strip, one) ?? [];
  if (!region) return [];
  const rings = region.rings.map((outline) => ({ figure: { outline } }));
  return (['lower', 'upper'] as const).map((edge) => edgeProfile(rings, edge).at);
}

/** From where to where along its strip a construction runs, m; what has no ends runs from end to end. */
export function spanOf(
  { lengthM }: Strip,
  { shape }: Pick<Construction, 'shape'>,
): [from: number, to: number] {
  if (shape.kind === 'box') return [shape.atMm / 1000, (shape.atMm + shape.lengthMm) / 1000];
  if (shape.kind !== 'band') return [0, lengthM];
  return [(shape.fromMm ?? 0) / 1000, shape.toMm === null ? lengthM : shape.toMm / 1000];
}
