import type { FigureEntry, FigureKey, FigureScope, TypedFigure } from '@/core/figures';

/** What a figure may be typed for: the whole, or one thing of it. */
export interface FigurePlaceShown {
  scope: FigureScope;
  of: string;
  name: string;
}

export interface FiguresProps {
  /** Whose figures they are; null for the shop. */
  job: string | null;
  seen: number;
  typed: readonly TypedFigure[];
  /** Of a job: what is typed for the shop and its products. */
  inherited: readonly TypedFigure[];
  places: readonly FigurePlaceShown[];
}

export const isAt = (one: TypedFigure, key: FigureKey, { scope, of }: FigurePlaceShown): boolean =>
  one.key === key && one.scope === scope && one.of === of;

/** The unit behind a figure; empty for a share and a factor. */
export const unitText = ({ unit }: FigureEntry): string =>
  unit === 'share' || unit === 'factor' || unit === 'yes' ? '' : ` ${unit}`;
