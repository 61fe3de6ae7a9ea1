import { materialUse } from '../../readings/material-use';
import type { Figures } from '../../figures';
import type { Shelf } from '../../film';
import type { MaterialCap } from '../../record';
import type { Plan } from '../model';
import type { OverMaterialCap } from './model';

/** Caps on a kind of material, or on one product, that the plan passes. */
export function overMaterialCaps(
  caps: readonly MaterialCap[],
  plan: Pick<Plan, 'steps' | 'sessions'>,
  shelf: Shelf,
  figures: Figures,
): OverMaterialCap[] {
  return materialUse(caps, plan, shelf, figures).flatMap(({ cap, minor, amount }): OverMaterialCap[] => {
    const { kind, product, mostMinor, mostAmount } = cap;
    const of = { code: 'over-material-cap' as const, kind, product: product === '' ? null : product };
    return [
      ...(mostMinor !== null && minor > mostMinor
        ? [{ ...of, unit: null, planned: minor, cap: mostMinor }]
        : []),
      ...(mostAmount !== null && amount > mostAmount + 1e-9
        ? [{ ...of, unit: shelf.get(product)?.unit ?? 'each', planned: amount, cap: mostAmount }]
        : []),
    ];
  });
}
