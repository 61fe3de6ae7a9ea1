import { exactly, key } from '../concepts/atoms';
import { fileKeys } from '../concepts/field';
import { productFields } from '../concepts/product';
import { completeSheet, familyOfCode, type Product, type SheetDraft } from '../film';
import type { Fault } from './faults';

/** Keys of a product without its code, shared by the Shelf's form, the shelf CSV and the job bundle. */
export const productKeys = fileKeys(productFields);

export const productSchema = exactly({ code: key(), ...productKeys });

type Written = Omit<Product, 'coating' | 'packs' | 'shelfLifeDays'> & {
  packs: { size: number; priceMinor: number; part?: string | null }[];
  shelfLifeDays?: number | null;
  coating: (Omit<SheetDraft, 'family'> & { family?: SheetDraft['family'] }) | null;
};

/** A product as it was written, with everything it leaves out filled in. */
export function completeProduct(written: Written): Product {
  const { coating: sheet, packs, shelfLifeDays, ...rest } = written;
  return {
    ...rest,
    packs: packs.map((pack) => ({ ...pack, part: pack.part ?? null })),
    shelfLifeDays: shelfLifeDays ?? null,
    coating: sheet ? completeSheet({ ...sheet, family: sheet.family ?? familyOfCode(rest.code) }) : null,
  };
}

/** Kinds of product that stay on the surface as a film. */
const filmKinds: ReadonlySet<Product['kind']> = new Set<Product['kind']>(['coating', 'filler']);

/** Faults of a product that no single field shows: an empty mix, a window that closes before it opens, weighing blind. */
export function productFaults(product: Product, place = ''): Fault[] {
  const faults: Fault[] = [];
  const add = (where: string, reason: string) =>
    faults.push({ place: [place, where].filter(Boolean).join('.'), reason });
  const sheet = product.coating;
  if (product.kind === 'coating' && sheet === null) add('coating', 'a coating needs its sheet');
  if (!filmKinds.has(product.kind) && sheet !== null)
    add('coating', 'only a coating or a filler has a sheet');
  if (!sheet) return faults;
  if (sheet.mix.reduce((sum, part) => sum + part.parts, 0) <= 0)
    add('coating.mix', 'the parts of the mix add up to nothing');
  if (sheet.mix.every((part) => part.volumeSolids === 0))
    add('coating.mix', 'a mix without solids leaves no film');
  if (sheet.coatsLeast > sheet.coatsMost) add('coating.coatsMost', 'the most coats are fewer than the least');
  if (sheet.minAirC > sheet.maxAirC) add('coating.maxAirC', 'the highest air lies below the lowest');
  for (const [i, point] of [sheet, ...sheet.morePoints].entries()) {
    const at = i === 0 ? 'coating' : `coating.morePoints[${i - 1}]`;
    if (point.recoatMaxMin !== null && point.recoatMaxMin < point.recoatMinMin)
      add(`${at}.recoatMaxMin`, 'the recoat window closes before it opens');
  }
  const temperatures = [sheet.sheetC, ...sheet.morePoints.map((point) => point.airC)];
  if (new Set(temperatures).size < temperatures.length)
    add('coating.morePoints', 'two points stand at the same temperature');
  if (sheet.mixBy === 'weight')
    sheet.mix.forEach((part, i) => {
      if (part.densityKgL === null)
        add(`coating.mix[${i}].densityKgL`, 'a mix by weight needs the density of each part');
    });
  const labels = new Set(sheet.mix.map((part) => part.label));
  product.packs.forEach((pack, i) => {
    if (pack.part !== null && !labels.has(pack.part))
      add(`packs[${i}].part`, `the mix has no part called ${pack.part}`);
  });
  return faults;
}
