import type { FigureScope } from './figure-entry';
import { figureEntry, type FigureKey } from './register';

/** A figure as somebody typed it. `of` names the product, painter, section or panel; empty for the shop or the whole job. */
export interface TypedFigure {
  key: FigureKey;
  scope: FigureScope;
  of: string;
  value: number;
}

/** Where a figure is asked for; what is left out has no say. */
export interface FigurePlace {
  product?: string;
  /** Id of whoever has the gun. */
  painter?: string;
  /** A section of the job, not a work area of one. */
  section?: string;
  panel?: string;
}

/** The figure that holds at a place: the nearest that was typed, else the trade's. */
export type Figures = (key: FigureKey, at?: FigurePlace) => number;

/** What nobody typed. */
export const usualFigures: Figures = (key) => figureEntry(key).usual;

/** Scopes from the nearest: a panel before whoever works on it, and that before the product that lies on it. */
const nearestFirst: readonly FigureScope[] = ['panel', 'painter', 'product', 'section', 'job', 'shop'];
const nameAt = (scope: FigureScope, at: FigurePlace): string | undefined => {
  switch (scope) {
    case 'panel':
      return at.panel;
    case 'section':
      return at.section;
    case 'product':
      return at.product;
    case 'painter':
      return at.painter;
    case 'shop':
    case 'job':
      return '';
  }
};

/** The figures of a shop and a job together. @param typed of the shop, then of the job */
export function figuresFrom(...typed: readonly (readonly TypedFigure[])[]): Figures {
  const byPlace = new Map(
    typed.flat().map((one) => [`${one.key}\n${one.scope}\n${one.of}`, one.value] as const),
  );
  if (byPlace.size === 0) return usualFigures;
  return (key, at = {}) => {
    for (const scope of nearestFirst) {
      const of = nameAt(scope, at);
      const value = of === undefined ? undefined : byPlace.get(`${key}\n${scope}\n${of}`);
      if (value !== undefined) return value;
    }
    return figureEntry(key).usual;
  };
}

/** Typed figures with others in the place of those that stand for the same. */
export function withFigures(typed: readonly TypedFigure[], more: readonly TypedFigure[]): TypedFigure[] {
  const placeOf = ({ key, scope, of }: TypedFigure) => `${key}\n${scope}\n${of}`;
  const changed = new Set(more.map(placeOf));
  return [...typed.filter((one) => !changed.has(placeOf(one))), ...more];
}
