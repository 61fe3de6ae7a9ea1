import type { Minor } from '../units';
import type { Family } from './family';

export const productKinds = [
  'coating',
  'filler',
  'chemical',
  'abrasive',
  'masking',
  'wipe',
  'kit',
  'service',
] as const;
export type ProductKind = (typeof productKinds)[number];
export const units = ['L', 'kg', 'm', 'm²', 'each'] as const;
export type Unit = (typeof units)[number];

export interface Pack {
  /** Contents in the product's unit; for a kit, litres of ready mix. */
  size: number;
  priceMinor: Minor;
  /** The one component of the mix that is in this pack, by its label; null for a kit or a product that is not mixed. */
  part: string | null;
}

/** One component of a mix: parts by volume or weight (`mixBy`), its own volume solids 0..1, its density. */
export interface MixPart {
  label: string;
  parts: number;
  volumeSolids: number;
  /** kg/L; null where the sheet does not say, then the mix cannot be weighed. */
  densityKgL: number | null;
}

export const methods = ['spray', 'roller', 'brush', 'spread'] as const;
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

/** Times of a sheet at one temperature, minutes; null = the sheet gives none, or it never closes. */
export interface SheetTimes {
  potLifeMin: number | null;
  flashMin: number;
  dustFreeMin: number;
  /** Least time before the next coat; mostly the flash. */
  recoatMinMin: number;
  /** Time after which the next coat needs the surface prepared anew; null = never closes. */
  recoatMaxMin: number | null;
  sandAfterMin: number;
  tapeAfterMin: number | null;
  handleAfterMin: number | null;
  fullCureMin: number | null;
}

export interface SheetPoint extends SheetTimes {
  airC: number;
}

/** What has to be done when the recoat window has closed. */
export const reopenings = ['scuff', 'abrade', 'strip', 'none'] as const;
export type Reopening = (typeof reopenings)[number];

/** How far a damage in it can be mended: a spot, the panel, or all of it. */
export const repairs = ['spot', 'panel', 'whole'] as const;
export type Repair = (typeof repairs)[number];

/** Set-up of the gun, or the passes of roller and tip. */
export interface Application {
  nozzleMm: number | null;
  pressureBar: number | null;
  fanCm: number | null;
  passes: number;
}

/** What a data sheet says of a coating; the flat times hold at `sheetC`, further temperatures in `morePoints`. */
export interface CoatingSheet extends SheetTimes {
  family: Family;
  mix: MixPart[];
  mixBy: 'volume' | 'weight';
  method: Method;
  /** Cured dry film of one coat, µm. */
  dryUm: number;
  coatsLeast: number;
  coatsMost: number;
  sheetC: number;
  morePoints: SheetPoint[];
  bake: { metalC: number; minutes: number } | null;
  /** Application limits, air and surface °C; outside them there is no time but a stop. */
  minAirC: number;
  maxAirC: number;
  minSurfaceC: number;
  maxHumidity: number;
  dewMarginC: number;
  /** Minutes it stands after mixing before it is used. */
  inductionMin: number;
  /** Most coats in one session; more need cutting and another session. */
  coatsPerSession: number | null;
  /** How long an edge can still be joined, minutes. */
  wetEdgeMin: number;
  flowLPerMin: number;
  application: Application;
  afterMax: Reopening;
  /** Codes of products that this sheet itself names as fit beneath or above it. */
  pairs: string[];
  repair: Repair;
  /** Density of the dry film, kg/L; null = not known, and weights are not guessed. */
  dryDensityKgL: number | null;
  /** Lightness L* of a film that has one shade of its own; null for what is tinted or clear. */
  shadeL: number | null;
  /** g/L of the ready mix; null = the sheet does not say. */
  vocGL: number | null;
}
