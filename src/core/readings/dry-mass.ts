import type { Figures } from '../figures';
import type { Shelf } from '../film';
import type { Plan } from '../plan/model';
import { baseOf, type Job } from '../record';
import { isTouchIn } from '../steps';
import { filmSummary } from '../survey';
import { panelsOf } from '../vehicle';

/** Dry film laid on a panel and taken off it. */
export interface PanelMass {
  part: string;
  name: string;
  /** kg; null where a sheet does not give the density of its dry film. */
  laidKg: number | null;
  /** kg; null where it is stripped and nobody has read its film. */
  removedKg: number | null;
  /** Station of its middle from the datum, m; null where nobody said. */
  armM: number | null;
  /** kg·m of what is laid less what is taken off; null where one of them is not known. */
  momentKgM: number | null;
}

export interface DryMass {
  panels: PanelMass[];
  /** Sums over what is known. */
  laidKg: number;
  removedKg: number;
  momentKgM: number;
  /** Products whose dry film nobody knows the weight of: what they lay is in no sum. */
  unknownProducts: string[];
}

/**
 * Dry mass of the film of a plan by panel, m = A·d·ρ: 1 m² × 1 µm × 1 kg/L is one gram. What is stripped to bare is what was
 * read there, outside, at the density of old film. Nothing is guessed: what is not known stays out, and is named. The
 * moment is about the datum of the weight and balance sheet; the licensed engineer weighs.
 */
export function dryMass(
  { steps, parts }: Pick<Plan, 'steps' | 'parts'>,
  job: Pick<Job, 'surveyed' | 'readings' | 'sections'>,
  shelf: Shelf,
  figures: Figures,
): DryMass {
  const laidG = new Map<string, number>();
  const unknown = new Map<string, Set<string>>();
  for (const step of steps) {
    const { coat } = step;
    if (!coat || step.skipped || isTouchIn(step)) continue;
    const density = shelf.get(coat.product)?.coating?.dryDensityKgL ?? null;
    for (const part of parts) {
      if (!step.sections.includes(part.section)) continue;
      const inside = coat.faces === 'outside' || step.shut.includes(part.section) ? 0 : part.insideM2;
      const areaM2 = (coat.faces === 'inside' ? 0 : part.outsideM2) + inside;
      if (areaM2 === 0) continue;
      if (density === null)
        unknown.set(part.key, (unknown.get(part.key) ?? new Set<string>()).add(coat.product));
      else laidG.set(part.key, (laidG.get(part.key) ?? 0) + areaM2 * coat.dryUm * density);
    }
  }
  const panels = panelsOf(parts).map(({ key, name, section, outsideM2 }): PanelMass => {
    const survey = job.surveyed.find((one) => one.key === key);
    const base = baseOf(section);
    const depth = survey?.depth ?? job.sections.find((one) => one.key === base)?.depth;
    const read = filmSummary(job.readings.filter((one) => one.part === key));
    const oldKgL = figures('mass.old-film', { section: base });
    const stripped = read ? (outsideM2 * read.medianUm * oldKgL) / 1000 : null;
    const removedKg = depth === 'bare' ? stripped : 0;
    const laidKg = unknown.has(key) ? null : (laidG.get(key) ?? 0) / 1000;
    const armM = survey?.armM ?? null;
    const isKnown = laidKg !== null && removedKg !== null && armM !== null;
    return {
      part: key,
      name,
      laidKg,
      removedKg,
      armM,
      momentKgM: isKnown ? (laidKg - removedKg) * armM : null,
    };
  });
  const sum = (value: (one: PanelMass) => number | null) =>
    panels.reduce((total, one) => total + (value(one) ?? 0), 0);
  return {
    panels,
    laidKg: sum((one) => one.laidKg),
    removedKg: sum((one) => one.removedKg),
    momentKgM: sum((one) => one.momentKgM),
    unknownProducts: [...new Set([...unknown.values()].flatMap((one) => [...one]))].sort(),
  };
}
