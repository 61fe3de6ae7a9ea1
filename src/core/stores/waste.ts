import type { Product, Shelf } from '../film';
import { toMinor, type Minor } from '../units';
import type { SessionNeed } from './needs';

export const wasteKinds = ['mixed-paint', 'solvent', 'sludge', 'soiled', 'dust'] as const;
export type WasteKind = (typeof wasteKinds)[number];

export interface WasteLine {
  kind: WasteKind;
  amount: number;
  unit: 'L' | 'kg';
  costMinor: Minor;
}

/** What a licensed carrier asks, minor units per L or kg; invented working defaults. */
const price: Record<WasteKind, { unit: 'L' | 'kg'; minor: number }> = {
  'mixed-paint': { unit: 'L', minor: 240 },
  solvent: { unit: 'L', minor: 160 },
  sludge: { unit: 'kg', minor: 190 },
  soiled: { unit: 'kg', minor: 120 },
  dust: { unit: 'kg', minor: 110 },
};

/** What of a unit drawn becomes waste, by kind of product; sludge carries the old film with it. */
function wasteOf({ code, kind, unit }: Product): { kind: WasteKind; perUnit: number } | null {
  if (code === 'stripper') return { kind: 'sludge', perUnit: 1.6 };
  if (code === 'gun-wash' || code === 'degreaser') return { kind: 'solvent', perUnit: 0.8 };
  if (kind === 'masking') return { kind: 'soiled', perUnit: unit === 'm²' ? 0.03 : 0.004 };
  if (kind === 'wipe') return { kind: 'soiled', perUnit: 0.03 };
  if (kind === 'kit') return { kind: 'soiled', perUnit: 0.08 };
  if (kind === 'abrasive' && unit === 'each') return { kind: 'dust', perUnit: 0.05 };
  if (kind === 'abrasive' && unit === 'kg') return { kind: 'dust', perUnit: 1 };
  if (kind === 'filler' && unit === 'kg') return { kind: 'dust', perUnit: 0.6 };
  return null;
}

/**
 * Waste by kind with what its disposal costs: mixed paint that is left (ready less net), solvents after use, stripper
 * sludge, soiled masking and wipes, dust. Kinds and amounts are recorded; licensed carriers collect.
 * @param draws what steps draw, in the products' units
 */
export function wasteLines(
  draws: readonly { product: string; amount: number }[],
  sessions: readonly SessionNeed[],
  shelf: Shelf,
): WasteLine[] {
  const sums = new Map<WasteKind, number>();
  const add = (kind: WasteKind, amount: number) => sums.set(kind, (sums.get(kind) ?? 0) + amount);
  for (const { product: code, amount } of draws) {
    const product = shelf.get(code);
    const waste = product && wasteOf(product);
    if (waste) add(waste.kind, waste.perUnit * amount);
  }
  for (const session of sessions) {
    const left = session.readyL - session.netL;
    const twoPack = shelf.get(session.product)?.coating?.potLifeMin != null;
    if (twoPack) add('mixed-paint', left);
  }
  return wasteKinds.flatMap((kind) => {
    const amount = sums.get(kind) ?? 0;
    const { unit, minor } = price[kind];
    return amount > 1e-9 ? [{ kind, amount, unit, costMinor: toMinor(amount * minor) }] : [];
  });
}
