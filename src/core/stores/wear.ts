import type { Shelf } from '../film';
import type { JobSection } from '../record';
import { clogging, type Step } from '../steps';

export interface AbrasiveRow {
  product: string;
  /** What it works on, as the reader is told. */
  on: string;
  areaM2: number;
  units: number;
  /** Square metres one disc or sheet lasts. */
  areaEach: number;
  /** Factor that the layer being removed loads it by; 1 for none. */
  loading: number;
  /** Square metres after which it is unloaded or blown out, rather than thrown away. */
  cleanEvery: number;
}

/** A disc in clean work is blown out after this share of its life; loading shortens it. */
const cleanShare = 0.25;

/**
 * Abrasives of the planned steps by product and layer: how far one lasts and when it wants cleaning. Gummy films load
 * five times, lifting clear one and a half times as fast.
 */
export function abrasiveRows(
  steps: readonly Pick<Step, 'needs' | 'figure' | 'operation' | 'sections' | 'phase'>[],
  sections: readonly Pick<JobSection, 'key' | 'oldFinish'>[],
  shelf: Shelf,
): AbrasiveRow[] {
  const rows = new Map<string, AbrasiveRow>();
  for (const step of steps) {
    if (step.figure.unit !== 'm²') continue;
    const section = sections.find((one) => one.key === step.sections[0]?.split(':')[0]);
    const strips = step.operation === 'strip-disc';
    const loading = strips && section ? clogging(section.oldFinish) : 1;
    const on = strips ? (section?.oldFinish ?? 'old finish') : step.operation;
    for (const need of step.needs) {
      const product = shelf.get(need.product);
      if (product?.kind !== 'abrasive' || product.unit !== 'each' || need.amount <= 0) continue;
      const key = `${need.product}\n${on}`;
      const row = rows.get(key) ?? {
        product: need.product,
        on,
        areaM2: 0,
        units: 0,
        areaEach: 0,
        loading,
        cleanEvery: 0,
      };
      row.areaM2 += step.figure.quantity * Math.min(1, step.figure.share);
      row.units += need.amount;
      rows.set(key, row);
    }
  }
  return [...rows.values()]
    .map((row) => {
      const areaEach = row.areaM2 / row.units;
      return { ...row, areaEach, cleanEvery: (areaEach * cleanShare) / Math.sqrt(row.loading) };
    })
    .sort((a, b) => a.product.localeCompare(b.product) || a.on.localeCompare(b.on));
}

export const tools = ['gun', 'sander', 'block', 'polisher', 'roller'] as const;
export type Tool = (typeof tools)[number];

const toolOf: Record<string, Tool> = {
  'spray-primer': 'gun',
  'spray-colour': 'gun',
  'spray-clear': 'gun',
  'spray-cross': 'gun',
  'strip-disc': 'sander',
  'sand-stable': 'sander',
  'sand-clear-off': 'sander',
  'disc-sand': 'sander',
  'refine-machine': 'sander',
  block: 'block',
  'block-filler': 'block',
  'block-filler-wet': 'block',
  'block-fairing': 'block',
  refine: 'block',
  'colour-sand': 'block',
  polish: 'polisher',
  'second-look': 'polisher',
  roll: 'roller',
};

export interface ToolHours {
  tool: Tool;
  doneMin: number;
  aheadMin: number;
  /** The longest stretch ahead in one phase: what must be on hand before it begins. */
  longestMin: number;
}

/** Person-minutes on each tool, done and ahead, and the longest phase ahead that depends on it. */
export function toolHours(
  steps: readonly Pick<Step, 'operation' | 'personMinutes' | 'phase'>[],
  isDone: (index: number) => boolean,
): ToolHours[] {
  const sums = new Map<Tool, { doneMin: number; aheadMin: number; byPhase: Map<string, number> }>();
  steps.forEach((step, i) => {
    const tool = toolOf[step.operation];
    if (!tool) return;
    const sum = sums.get(tool) ?? { doneMin: 0, aheadMin: 0, byPhase: new Map<string, number>() };
    if (isDone(i)) sum.doneMin += step.personMinutes;
    else {
      sum.aheadMin += step.personMinutes;
      sum.byPhase.set(step.phase, (sum.byPhase.get(step.phase) ?? 0) + step.personMinutes);
    }
    sums.set(tool, sum);
  });
  return tools.flatMap((tool) => {
    const sum = sums.get(tool);
    if (!sum) return [];
    const { doneMin, aheadMin, byPhase } = sum;
    return [{ tool, doneMin, aheadMin, longestMin: Math.max(0, ...byPhase.values()) }];
  });
}
