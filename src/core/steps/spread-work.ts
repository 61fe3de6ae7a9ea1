import { usualFigures, type FigurePlace, type Figures } from '../figures';
import {
  paletteLimitKg,
  readyDensity,
  spreadFaultsOf,
  spreadKgPerM2,
  spreadMinPerKg,
  spreadPlan,
  standardShelf,
  workingLifeMin,
  type CoatingSheet,
  type Product,
  type SpreadFigures,
} from '../film';
import { baseOf } from '../record';
import type { Part } from '../vehicle';
import type { StepDraft } from './draft';
import { quantityOf } from './labour';
import { ruledShare } from './level-work';
import type { Operation } from './operation';
import type { SectionWork } from './section-work';
import type { SpreadOfStep } from './step';

interface Spread {
  product: Product;
  sheet: CoatingSheet;
  /** What the entry says of a filled square metre at the usual figures, kg. */
  perUnit: number;
}

/** Filler or putty that an operation spreads; null for other work. */
export function spreadOf({ does, consumes, basis }: Operation, { context }: StepDraft): Spread | null {
  if (!does.includes('fill') || basis !== 'm²') return null;
  for (const { product: code, perUnit } of consumes) {
    const product = context.shelf.get(code);
    const sheet = product?.coating;
    if (product && sheet && (sheet.family === 'filler' || sheet.family === 'putty'))
      return { product, sheet, perUnit };
  }
  return null;
}

/** Hardened with a paste that is weighed to it. */
const hasPaste = ({ hazards }: Product): boolean => hazards.includes('peroxide');

/** The figures by which a filler or putty is spread at a place. */
export const spreadFigures = (
  figures: Figures,
  { code, coating }: Pick<Product, 'code' | 'coating'>,
  at: FigurePlace = {},
): SpreadFigures => {
  const place = { ...at, product: code };
  return {
    depthMm: figures(coating?.family === 'putty' ? 'putty.depth' : 'filler.depth', place),
    left: figures('filler.left', place),
    paletteKg: figures('filler.palette', place),
    hardener: figures('filler.hardener', place),
    mixMin: figures('filler.mix', place),
    spreadKgPerMin: figures('filler.spread', place),
  };
};

const standardDensity = new Map(
  standardShelf.flatMap(({ code, coating }) => (coating ? [[code, readyDensity(coating)] as const] : [])),
);

/** Kilograms mixed for a filled square metre: what the entry says, at the depth, the loss and the density of this job. */
function kgPerM2(spread: Spread, figures: SpreadFigures): number {
  const own = readyDensity(spread.sheet);
  const usual = spreadFigures(usualFigures, spread.product);
  const more =
    spreadKgPerM2(own, figures) / spreadKgPerM2(standardDensity.get(spread.product.code) ?? own, usual);
  return spread.perUnit * more;
}

/** Minutes for a filled square metre beyond what the rate holds, which is meant at the usual figures in mild air. */
export function spreadMore(draft: StepDraft, operation: Operation, section: string): number {
  const spread = spreadOf(operation, draft);
  if (!spread) return 0;
  const minutes = (figures: SpreadFigures, airC: number): number => {
    const life = workingLifeMin(spread.sheet, airC, hasPaste(spread.product) ? figures.hardener : null);
    return kgPerM2(spread, figures) * spreadMinPerKg(paletteLimitKg(life, figures), figures);
  };
  const own = spreadFigures(draft.figures, spread.product, { section: baseOf(section) });
  return (
    minutes(own, draft.airC('bay')) -
    minutes(spreadFigures(usualFigures, spread.product), spread.sheet.sheetC)
  );
}

/** What a step spreads over its areas, each at its own depth; null where it spreads none. */
export function spreadOfStep(
  draft: StepDraft,
  operation: Operation,
  works: readonly SectionWork[],
  parts: readonly Part[],
): { told: SpreadOfStep; consumes: Operation['consumes'] } | null {
  const spread = spreadOf(operation, draft);
  if (!spread) return null;
  const airC = draft.airC('bay');
  const areas = works.map(({ section }) => {
    const own = parts.filter((part) => part.section === section.key);
    const areaM2 =
      quantityOf(operation, own, operation.faces, draft.figures).amount * ruledShare(operation, section);
    const figures = spreadFigures(draft.figures, spread.product, { section: baseOf(section.key) });
    for (const fault of spreadFaultsOf(spread.sheet, airC, { figures, hasPaste: hasPaste(spread.product) }))
      draft.warn({
        code: 'filler-fault',
        section: baseOf(section.key),
        product: spread.product.code,
        ...fault,
      });
    return { areaM2, figures, kg: areaM2 * kgPerM2(spread, figures) };
  });
  const sum = (value: (one: (typeof areas)[number]) => number) =>
    areas.reduce((total, one) => total + value(one), 0);
  const [areaM2, massKg] = [sum((one) => one.areaM2), sum((one) => one.kg)];
  const mean = areaM2 > 0 ? massKg / areaM2 : kgPerM2(spread, areas[0]!.figures);
  const plan = spreadPlan(spread.sheet, areaM2, mean, airC, {
    figures: areas[0]!.figures,
    hasPaste: hasPaste(spread.product),
  });
  return {
    told: {
      product: spread.product.code,
      airC,
      areaM2,
      depthMm:
        areaM2 > 0 ? sum((one) => one.areaM2 * one.figures.depthMm) / areaM2 : areas[0]!.figures.depthMm,
      massKg: plan.massKg,
      palettes: plan.palettes,
      paletteKg: plan.paletteKg,
      hardenerG: plan.hardenerG,
      lifeMin: plan.lifeMin,
    },
    consumes: operation.consumes.map((one) =>
      one.product === spread.product.code ? { ...one, perUnit: mean } : one,
    ),
  };
}
