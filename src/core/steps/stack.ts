import {
  clearBudget,
  coatSystemOf,
  ladders,
  levelStandards,
  type ClearBudget,
  type LayerRole,
  type Product,
  type Shelf,
} from '../film';
import type { JobSection } from '../record';

/** One layer of a section as it will be laid. */
export interface StackLayer {
  role: LayerRole;
  product: Product;
  coats: number;
  dryUm: number;
  /** The manager typed this count; the computed one stands beside it. */
  typed: boolean;
  computedCoats: number;
}

export interface SectionStack {
  layers: StackLayer[];
  clear: ClearBudget | null;
  missing: string[];
  /** Planned dry film in all, µm, before any sanding. */
  totalUm: number;
}

/**
 * The layers of a section from its system, level and depth: epoxy only on bare metal, build per block round, clear by
 * the clear budget. Products that the shelf lacks are listed and left out.
 */
export function stackOf(section: JobSection, shelf: Shelf): SectionStack {
  const system = coatSystemOf(section.system);
  const standard = levelStandards[section.level];
  const layers: StackLayer[] = [];
  const missing: string[] = [];
  let clear: ClearBudget | null = null;
  for (const layer of system?.layers ?? []) {
    const product = shelf.get(layer.product);
    if (!product?.coating) {
      missing.push(layer.product);
      continue;
    }
    const { dryUm } = product.coating;
    let computed = 0;
    switch (layer.coats.rule) {
      case 'fixed':
        computed = layer.coats.count;
        break;
      case 'level':
        computed = layer.coats.byLevel[section.level];
        break;
      case 'per-round':
        computed = layer.coats.count * Math.max(section.depth === 'bare' ? 1 : 0, standard.blockRounds);
        break;
      case 'budget':
        clear = clearBudget({
          ladder: ladders[standard.ladder],
          coatUm: dryUm,
          levelMinimum: Math.max(1, standard.clearCoats),
          productMinimum: 2,
        });
        computed = clear.coats;
    }
    if (section.level === 'Keep' || (layer.role === 'epoxy' && section.depth !== 'bare')) computed = 0;
    const typedCoats = section.coats[layer.role];
    const coats = typedCoats ?? computed;
    const typed = typedCoats !== undefined;
    if (coats > 0 || typed)
      layers.push({ role: layer.role, product, coats, dryUm, typed, computedCoats: computed });
  }
  return { layers, clear, missing, totalUm: layers.reduce((sum, one) => sum + one.coats * one.dryUm, 0) };
}
