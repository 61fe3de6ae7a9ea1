import type { FiguresProps } from '../figures/figure-place';
import { jobFigures } from '../figures/figures-props';
import {
  checkStack,
  gritTakesAt,
  gritSteps,
  groundAdvice,
  ladderMinutes,
  laddersWith,
  repairCard,
  repairCards,
  ladderSheets,
  type ClearBudget,
  type CoatingSheet,
  type FilmColumn,
  type GroundAdvice,
  type Ladder,
  type Product,
  type RepairCard,
  type Shelf,
  type SliceTimes,
} from '@/core/film';
import type { GritStep } from '@/core/film';
import { figuresFrom } from '@/core/figures';
import { edgeBandM2, perimeterM } from '@/core/geometry';
import type { Plan } from '@/core/plan';
import { colourOfKey, type Job, type JobColour, type JobSection } from '@/core/record';
import type { Shop } from '@/core/shop';
import { ladderOf, laddersBeneath, withShopWays, type StageLadder } from '@/core/steps';
import { sectionFilm } from '@/core/readings/section-film';
import { stackSentence } from '../words/film-words';

export type SectionSeen = JobSection & { seen: number };

export interface FilmSheet {
  role: string;
  product: string;
  name: string;
  sheet: CoatingSheet;
}

export interface LadderRow {
  grit: string;
  removalUm: number;
  minutesPerM2: number;
  sheetsPerM2: number;
  /** Grain of this step over the last; null for the first and for polishes. */
  ratio: number | null;
  verdict: GritStep['verdict'] | null;
}

/** One panel's edges: what gets the least film and loses the most. */
export interface EdgeRow {
  part: string;
  name: string;
  shape: string;
  beadM: number;
  rivetM: number;
  edgeM: number;
  bandM2: number;
}

/** Everything the Film room shows of one section or lot. */
export interface FilmSection {
  key: string;
  section: SectionSeen;
  colour: Pick<JobColour, 'name' | 'hex'>;
  name: string;
  level: string;
  areaM2: number;
  route: 'panel' | 'hull' | 'aircraft';
  column: FilmColumn;
  times: SliceTimes[];
  layers: Plan['sections'][number]['layers'];
  readingsUm: number[];
  sheets: FilmSheet[];
  faults: { grade: 'error' | 'caution' | 'note'; text: string }[];
  clear: ClearBudget | null;
  ladder: Pick<Ladder, 'key' | 'name' | 'why'>;
  ladderRows: LadderRow[];
  /** Ladders of the work beneath the colour, in working order. */
  beneath: StageLadder[];
  beadM: number;
  edges: EdgeRow[];
  ground: GroundAdvice | null;
  /** How each flaw of its film is mended. */
  cards: RepairCard[];
  /** What has to be done again where a pad went through. */
  cutThrough: RepairCard['reach'];
}

export interface FilmProps {
  job: string;
  sections: FilmSection[];
  /** Air of the first booth, where everything is reckoned unless asked otherwise, °C. */
  boothC: number;
  /** Ladders of colour sanding there are. */
  ladders: { value: string; text: string }[];
  locale: { timeZone: string; currency: string };
  figures: FiguresProps;
}

/** What the room needs of a job and its plan. */
export function filmProps(
  given: Job,
  versions: Record<string, number>,
  plan: Plan,
  { shop, shelf }: { shop: Shop; shelf: Shelf },
): FilmProps {
  const nameOf = (code: string) => shelf.get(code)?.name ?? code;
  const job = withShopWays(given, shop);
  return {
    job: job.number,
    sections: plan.sections.flatMap((summary) => {
      const own = job.sections.find((one) => one.key === summary.base);
      if (!own) return [];
      const section = { ...own, seen: versions[`${job.number}/${own.key}`]! };
      return [filmSection(summary, section, job, plan, shelf, nameOf)];
    }),
    ladders: laddersWith(shop.ladders).map(({ key, name }) => ({ value: key, text: name })),
    boothC: shop.places.find((place) => place.kind === 'booth')?.airC ?? 20,
    locale: { timeZone: shop.timeZone, currency: shop.currency },
    figures: jobFigures(job, shop.figures, versions[job.number]!),
  };
}

function filmSection(
  summary: Plan['sections'][number],
  section: SectionSeen,
  job: Job,
  plan: Plan,
  shelf: Shelf,
  nameOf: (code: string) => string,
): FilmSection {
  const { route, depth, column, times } = sectionFilm(summary, section, job, plan);
  const products = summary.layers.flatMap((layer): { layer: typeof layer; product: Product }[] => {
    const product = shelf.get(layer.product);
    return product?.coating ? [{ layer, product }] : [];
  });
  const families = products.map(({ product }) => product.coating!.family);
  const parts = plan.parts.filter((part) => part.section === summary.section);
  const [figures, at] = [figuresFrom(section.ways?.figures ?? job.figures), { section: section.key }];
  const lot = { ...section, level: summary.level };
  const ladder = ladderOf(lot);
  return {
    key: summary.section,
    section,
    colour: colourOfKey(job, summary.colour),
    name: summary.name,
    level: summary.level,
    areaM2: summary.outsideM2,
    route,
    column,
    times,
    layers: summary.layers,
    readingsUm: readingsOn(parts, job),
    // A product that lies in two layers has one sheet.
    sheets: products
      .filter(({ product }, i) => products.findIndex((one) => one.product === product) === i)
      .map(({ layer, product }) => ({
        role: layer.role,
        product: product.code,
        name: product.name,
        sheet: product.coating!,
      })),
    faults: checkStack(
      products.map(({ layer, product }) => ({ product, coats: layer.coats, dryUm: layer.dryUm })),
      section.substrate,
      depth === 'bare',
    ).map((fault) => ({
      grade: fault.grade,
      text: stackSentence(fault.code, nameOf(fault.product), fault.beneath && nameOf(fault.beneath)),
    })),
    clear: summary.clear,
    ladder: { key: ladder.key, name: ladder.name, why: ladder.why },
    ladderRows: ladderRows(ladder, section),
    beneath: laddersBeneath(section, route),
    beadM: parts.reduce((sum, part) => sum + part.beadM, 0),
    edges: edgesOf(parts),
    ground: groundOf(products, summary.colour, job, plan),
    cards: repairCards(families, gritTakesAt(figures, at)),
    cutThrough: repairCard('burn-through', families).reach,
  };
}

function readingsOn(parts: Plan['parts'], job: Job): number[] {
  const keys = new Set(parts.map((part) => part.key));
  return job.readings.filter((reading) => keys.has(reading.part)).map((reading) => reading.um);
}

/** Edges and beads of every panel, the longest first. */
const edgesOf = (parts: Plan['parts']): FilmSection['edges'] =>
  parts
    .map(({ key, name, shape, beadM, rivetM, outline, holes }) => ({
      part: key,
      name,
      shape,
      beadM,
      rivetM,
      edgeM: [outline, ...holes].reduce((sum, ring) => sum + perimeterM(ring), 0),
      bandM2: edgeBandM2({ outline, holes }, edgeBandWidthM),
    }))
    .sort((a, b) => b.beadM + b.edgeM - (a.beadM + a.edgeM));

/** Width along an edge in which a pad cuts through first, m. */
const edgeBandWidthM = 0.025;

/** Hiding of an area's colour over what lies beneath it, and over the other colours it may meet. */
function groundOf(
  products: readonly { layer: Plan['sections'][number]['layers'][number]; product: Product }[],
  own: string,
  job: Job,
  plan: Plan,
): GroundAdvice | null {
  for (const [i, { layer, product }] of products.entries()) {
    const { family, dryUm } = product.coating!;
    const beneath = products
      .slice(0, i)
      .reverse()
      .find((one) => one.product.coating!.shadeL !== null);
    const under = beneath && {
      key: beneath.product.code,
      name: beneath.product.name,
      l: beneath.product.coating!.shadeL,
      hex: null,
    };
    const { hex, hides } = colourOfKey(job, own);
    const used = new Set(plan.sections.map((one) => one.colour));
    const strips = job.colours
      .filter((one) => used.has(one.id) && one.hex !== hex)
      .map((one) => ({ key: one.id, name: `a strip of ${one.name}`, l: null, hex: one.hex }));
    const asked = { family, product: product.code, hex, coatUm: dryUm, hides };
    const advice = groundAdvice({ ...asked, planned: layer.coats }, [...(under ? [under] : []), ...strips]);
    if (advice) return advice;
  }
  return null;
}

function ladderRows(ladder: Ladder, { key, ways }: SectionSeen): LadderRow[] {
  const minutes = ladderMinutes(ladder, figuresFrom(ways?.figures ?? []), { section: key });
  const sheets = ladderSheets(ladder);
  const grits = ladder.steps.flatMap((step) => (typeof step.grit === 'number' ? [step.grit] : []));
  const checks = new Map(gritSteps(grits, ladder.hand ? 'block' : 'machine').map((step) => [step.to, step]));
  return ladder.steps.map((step, i) => {
    const check = typeof step.grit === 'number' ? checks.get(step.grit) : undefined;
    return {
      grit: typeof step.grit === 'number' ? `P${step.grit}` : step.grit,
      removalUm: step.removalUm,
      minutesPerM2: minutes[i]!,
      sheetsPerM2: sheets[i]!,
      ratio: check?.ratio ?? null,
      verdict: check?.verdict ?? null,
    };
  });
}
