import type { Family } from './family';
import { familySheets } from './family-sheets';
import type { CoatingSheet, MixPart, SheetTimes } from './product';

type Always = 'mix' | 'method' | 'dryUm' | 'sheetC' | 'minAirC' | 'maxAirC' | 'coatsPerSession';
type AlwaysTimes = 'potLifeMin' | 'flashMin' | 'dustFreeMin' | 'recoatMaxMin' | 'sandAfterMin';

/** What every sheet must state; the rest has a middle figure of its family. */
export type SheetDraft = Pick<CoatingSheet, Exclude<Always, 'mix'>> &
  Pick<SheetTimes, AlwaysTimes> & {
    family: Family;
    mix: (Omit<MixPart, 'densityKgL'> & { densityKgL?: number | null })[];
  } & Partial<Omit<CoatingSheet, Always | AlwaysTimes | 'family' | 'mix'>>;

/** Fills what a sheet leaves out with the middle of its family; what it states stays, an explicit null too. */
export function completeSheet({ mix, ...stated }: SheetDraft): CoatingSheet {
  const { densityKgL, ...middle } = familySheets[stated.family];
  return {
    mixBy: 'volume',
    morePoints: [],
    bake: null,
    minSurfaceC: stated.minAirC,
    maxHumidity: 80,
    dewMarginC: 3,
    inductionMin: 0,
    recoatMinMin: stated.flashMin,
    pairs: [],
    shadeL: shades[stated.family] ?? null,
    ...middle,
    ...stated,
    mix: mix.map((part) => ({
      ...part,
      densityKgL: part.densityKgL === undefined ? densityOf(part, densityKgL) : part.densityKgL,
    })),
  };
}

/** Lightness L* that primers of a family mostly have. */
const shades: Partial<Record<Family, number>> = {
  etch: 45,
  epoxy: 55,
  polyester: 65,
  build: 62,
  sealer: 55,
  barrier: 60,
};

const reducerKgL = 0.87;
const activatorKgL = 1.05;

/** Components without solids weigh as solvent, hardeners as resin, the rest as the family's base. */
const densityOf = (part: { label: string; volumeSolids: number }, baseKgL: number): number =>
  part.volumeSolids === 0 ? reducerKgL : /activator|hardener/.test(part.label) ? activatorKgL : baseKgL;

/** Families by the code of the first shelves, for sheets that were stored before a sheet named its family. */
const firstFamilies: Record<string, Family> = {
  'epoxy-primer': 'epoxy',
  'epoxy-aircraft': 'epoxy',
  'high-build-41': 'build',
  'polyester-primer': 'polyester',
  'sealer-grey': 'sealer',
  'base-solid': 'base',
  'base-pearl': 'effect-base',
  'inter-clear': 'inter-clear',
  'clear-21': 'clear',
  'marine-primer-1k': 'one-part',
  'marine-enamel-1k': 'one-part',
  'marine-primer-2k': 'epoxy',
  'marine-topcoat-2k': 'two-part-marine',
  'epoxy-barrier': 'barrier',
  antifouling: 'antifouling',
  liner: 'liner',
};

/** The family of a sheet that names none: known by its code, else taken for a single-stage paint. */
export const familyOfCode = (code: string): Family => firstFamilies[code] ?? 'single-stage';
