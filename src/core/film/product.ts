import type { Minor } from '../units';

export const productKinds = ['coating', 'filler', 'chemical', 'abrasive', 'masking', 'wipe', 'kit'] as const;
export type ProductKind = (typeof productKinds)[number];
export const units = ['L', 'kg', 'm', 'm²', 'each'] as const;
export type Unit = (typeof units)[number];

export interface Pack {
  /** Contents in the product's unit; for a two-pack kit, litres of ready mix. */
  size: number;
  priceMinor: Minor;
}

/** One component of a mix: parts by volume and its own volume solids, 0..1. */
export interface MixPart {
  label: string;
  parts: number;
  volumeSolids: number;
}

export const methods = ['spray', 'roller', 'brush'] as const;
export type Method = (typeof methods)[number];

export const hazards = [
  'isocyanate',
  'solvent',
  'acid',
  'chromate',
  'biocide',
  'dust',
  'peroxide',
  'caustic',
] as const;
export type Hazard = (typeof hazards)[number];

/** What a data sheet says of a coating; times are minutes at `sheetC`. */
export interface CoatingSheet {
  mix: MixPart[];
  method: Method;
  /** Cured dry film of one coat, µm. */
  dryUm: number;
  potLifeMin: number | null;
  flashMin: number;
  dustFreeMin: number;
  /** Time after which the next coat needs the surface scuffed; null = never closes. */
  recoatMaxMin: number | null;
  sandAfterMin: number;
  sheetC: number;
  /** Application limits, air °C; outside them there is no time but a stop. */
  minAirC: number;
  maxAirC: number;
  /** Most coats in one session; more need cutting and another session. */
  coatsPerSession: number | null;
}

export interface Product {
  code: string;
  name: string;
  kind: ProductKind;
  unit: Unit;
  packs: Pack[];
  leadDays: number;
  hazards: Hazard[];
  coating: CoatingSheet | null;
}

/** The shelf: every product by its code. */
export type Shelf = ReadonlyMap<string, Product>;

export const shelfOf = (products: readonly Product[]): Shelf =>
  new Map(products.map((one) => [one.code, one]));
