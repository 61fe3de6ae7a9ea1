import type { Shelf } from '../film';
import type { Plan } from '../plan/model';
import type { LocalDate } from '../units';

/** A product that lies on the object, with the date of the sheet it was laid by. */
export interface UsedProduct {
  code: string;
  name: string;
  /** Null where nobody wrote it down. */
  sheetDated: LocalDate | null;
  /** Sections or lots it lies on, by name. */
  on: string[];
}

/** Products that coats and fillers of the work are made of, in the order in which they were first laid. */
export function productsUsed(plan: Pick<Plan, 'steps' | 'sections'>, shelf: Shelf): UsedProduct[] {
  const names = new Map(plan.sections.map((one) => [one.section, one.name]));
  const found = new Map<string, Set<string>>();
  const inOrder = [...plan.steps].sort((a, b) => a.start - b.start);
  for (const { coat, spread, sections, skipped } of inOrder) {
    const code = coat?.product ?? spread?.product;
    if (code === undefined || skipped) continue;
    const on = found.get(code) ?? new Set<string>();
    for (const section of sections) on.add(names.get(section) ?? section);
    found.set(code, on);
  }
  return [...found].map(([code, on]) => ({
    code,
    name: shelf.get(code)?.name ?? code,
    sheetDated: shelf.get(code)?.sheetDated ?? null,
    on: [...on],
  }));
}
