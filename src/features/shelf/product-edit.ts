import type { Product } from '@/core/film';

export type SeenProduct = Product & { seen: number; ratio: string };

/** The edit that sets some of a product's fields; the rest goes as it was seen. */
export function productEdit(product: SeenProduct, set: Partial<Omit<Product, 'code'>>) {
  const {
    code,
    seen,
    name,
    kind,
    unit,
    packs,
    leadDays,
    leadIn,
    shelfLifeDays,
    sheetDated,
    hazards,
    coating,
  } = product;
  const rest = { name, kind, unit, packs, leadDays, leadIn, shelfLifeDays, sheetDated, hazards, coating };
  return { kind: 'product', code, seen, product: { ...rest, ...set } } as const;
}
