import type { Figures } from '@/core/figures';
import type { Shelf } from '@/core/film';
import type { Plan } from '@/core/plan';
import { materialUse } from '@/core/readings/material-use';
import type { MaterialCap } from '@/core/record';
import { firstUpper } from '../words/counted';
import { productKindWords } from '../words/store-words';

/** A cap with what the whole plan draws of it. */
export interface CapShown extends MaterialCap {
  seen: number;
  name: string;
  plannedMinor: number;
  planned: number;
  /** Null where it caps a kind. */
  unit: string | null;
}

/** The caps of a job by name, with what the plan draws of each. @param versions of the rows of the job */
export const capsShown = (
  caps: readonly MaterialCap[],
  versions: Record<string, number>,
  plan: Plan,
  { shelf, figures }: { shelf: Shelf; figures: Figures },
): CapShown[] =>
  materialUse(caps, plan, shelf, figures).map(({ cap, minor, amount }): CapShown => {
    const product = shelf.get(cap.product);
    return {
      ...cap,
      seen: versions[`${plan.job}/${cap.id}`] ?? 1,
      name: cap.product === '' ? firstUpper(productKindWords[cap.kind]) : (product?.name ?? cap.product),
      plannedMinor: minor,
      planned: amount,
      unit: cap.product === '' ? null : (product?.unit ?? ''),
    };
  });
