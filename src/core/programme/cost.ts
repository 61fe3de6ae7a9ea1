import type { EdgeKind, Programme } from './model';

export interface ProgrammeCost {
  passes: number;
  /** Coats in all passes, each coat of each product once. */
  coats: number;
  /** Metres of edge to be taped, by kind, over all passes. */
  edgesM: Record<EdgeKind, number>;
  /** Covers to be laid, m². */
  coverM2: number;
  /** Times that something is masked and unmasked again. */
  masks: number;
}

/** What a programme takes, without calendar, people or prices: sums over its passes and covers. */
export function costOf({ passes, covers }: Programme): ProgrammeCost {
  const cost: ProgrammeCost = {
    passes: passes.length,
    coats: 0,
    edgesM: { trim: 0, opening: 0, field: 0 },
    coverM2: 0,
    masks: covers.length,
  };
  for (const { films } of passes) for (const { coats } of films) cost.coats += coats;
  for (const { edgesM, overM2 } of covers) {
    cost.edgesM.trim += edgesM.trim;
    cost.edgesM.opening += edgesM.opening;
    cost.edgesM.field += edgesM.field;
    cost.coverM2 += overM2;
  }
  return cost;
}
