import type { DryMass, PanelMass } from '../readings/dry-mass';
import type { PanelFilm } from './film-record';

/** Dry mass with the films that were read in place of the planned ones. */
export interface MeasuredMass extends DryMass {
  /** Panels whose film was read since its last coat. */
  measured: readonly string[];
}

/**
 * Where the finished film of a panel was read, what is laid there is taken in the ratio of the new film as read to the new
 * film as planned: m = m_plan · (read − kept) / (planned − kept), by the median of its readings. What was sanded since it was
 * read, and what nobody read, stays as planned.
 */
export function measuredMass(mass: DryMass, film: readonly PanelFilm[]): MeasuredMass {
  const byPart = new Map(film.map((one) => [one.part, one]));
  const measured: string[] = [];
  const panels = mass.panels.map((panel): PanelMass => {
    const ratio = ratioOf(byPart.get(panel.part));
    if (ratio === null || panel.laidKg === null) return panel;
    measured.push(panel.part);
    const laidKg = panel.laidKg * ratio;
    const { removedKg, armM } = panel;
    const momentKgM = removedKg === null || armM === null ? null : (laidKg - removedKg) * armM;
    return { ...panel, laidKg, momentKgM };
  });
  const sum = (value: (one: PanelMass) => number | null) =>
    panels.reduce((total, one) => total + (value(one) ?? 0), 0);
  return {
    ...mass,
    panels,
    laidKg: sum((one) => one.laidKg),
    momentKgM: sum((one) => one.momentKgM),
    measured,
  };
}

/** New film as read over new film as planned; null where nothing can be said. */
function ratioOf(film: PanelFilm | undefined): number | null {
  if (!film || film.medianUm === null || film.isStale) return null;
  const planned = film.planned.flatUm - film.keptUm;
  return planned > 0 ? Math.max(0, film.medianUm - film.keptUm) / planned : null;
}
