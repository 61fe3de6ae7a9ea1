import { completeSheet, type SheetDraft } from './complete-sheet';
import type { Family } from './family';
import type { CoatingSheet, Hazard, Pack, Product, Unit } from './product';

/** Ways to write the entries of the standard shelf in a line each. */

export const h = 60;
export const day = 1440;

type PackWords = [size: number, priceMinor: number] | [size: number, priceMinor: number, part: string];

/** Packs: kits, or a single component by its label. */
export const packs = (...list: PackWords[]): Pack[] =>
  list.map(([size, priceMinor, part]) => ({ size, priceMinor, part: part ?? null }));

export const part = (label: string, parts: number, volumeSolids: number) => ({ label, parts, volumeSolids });
/** A part that comes ready, with its density. */
export const ready = (densityKgL: number) => ({ label: 'ready', parts: 1, volumeSolids: 1, densityKgL });

type Times = Pick<CoatingSheet, 'potLifeMin' | 'flashMin' | 'dustFreeMin' | 'recoatMaxMin' | 'sandAfterMin'>;
export const times = (
  potLifeMin: number | null,
  flashMin: number,
  dustFreeMin: number,
  recoatMaxMin: number | null,
  sandAfterMin: number,
): Times => ({ potLifeMin, flashMin, dustFreeMin, recoatMaxMin, sandAfterMin });

type Extra = Partial<SheetDraft> & { leadDays?: number; shelfLifeDays?: number };

/** A coating with what its sheet states; the middle of its family stands for the rest. */
export function coating(
  code: string,
  name: string,
  family: Family,
  mix: SheetDraft['mix'],
  dryUm: number,
  sheet: Times,
  list: Pack[],
  hazards: Hazard[],
  { leadDays = 3, shelfLifeDays = 540, ...extra }: Extra = {},
): Product {
  return {
    code,
    name,
    kind: 'coating',
    unit: 'L',
    packs: list,
    leadDays,
    leadIn: 'calendar',
    sheetDated: null,
    shelfLifeDays,
    hazards,
    coating: completeSheet({
      family,
      mix,
      method: 'spray',
      dryUm,
      ...sheet,
      sheetC: 20,
      minAirC: 12,
      maxAirC: 32,
      coatsPerSession: null,
      ...extra,
    }),
  };
}

export const goods = (
  kind: Product['kind'],
  code: string,
  name: string,
  unit: Unit,
  list: Pack[],
  hazards: Hazard[] = [],
  shelfLifeDays: number | null = null,
): Product => ({
  code,
  name,
  kind,
  unit,
  packs: list,
  leadDays: 2,
  leadIn: 'calendar',
  sheetDated: null,
  shelfLifeDays,
  hazards,
  coating: null,
});
