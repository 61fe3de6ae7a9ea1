import type { ConstructionShape, LaidLine } from '@/core/record';

/** A construction moved up its strip and along it, mm. */
export function movedShape(shape: ConstructionShape, upMm: number, alongMm: number): ConstructionShape {
  const line: LaidLine = {
    ...shape.line,
    stations: shape.line.stations.map(({ atMm, mm }) => ({ atMm, mm: rounded(mm + upMm) })),
  };
  if (shape.kind === 'box') return { ...shape, line, atMm: Math.max(0, rounded(shape.atMm + alongMm)) };
  if (shape.kind !== 'band') return { ...shape, line };
  const end = (at: number | null) => (at === null ? null : Math.max(0, rounded(at + alongMm)));
  return { ...shape, line, fromMm: end(shape.fromMm), toMm: end(shape.toMm) };
}

/** To a tenth of a millimetre: finer than a rule is read. */
const rounded = (mm: number): number => Math.round(mm * 10) / 10;
