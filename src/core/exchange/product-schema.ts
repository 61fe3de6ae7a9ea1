import Joi from 'joi';
import {
  completeSheet,
  families,
  familyOfCode,
  hazards,
  methods,
  productKinds,
  reopenings,
  repairs,
  units,
  type Product,
  type SheetDraft,
} from '../film';
import type { Fault } from './faults';
import * as field from './fields';

const minutes = () => field.whole(0, 1_000_000);
const given = (keys: Record<string, Joi.Schema>) => Joi.object(keys).options({ presence: 'required' });
const orNot = (schema: Joi.Schema) => schema.optional();

const timeFields = {
  potLifeMin: minutes().allow(null),
  flashMin: minutes(),
  dustFreeMin: minutes(),
  recoatMaxMin: minutes().allow(null),
  sandAfterMin: minutes(),
};
const furtherTimes = {
  recoatMinMin: minutes(),
  tapeAfterMin: minutes().allow(null),
  handleAfterMin: minutes().allow(null),
  fullCureMin: minutes().allow(null),
};
const optional = (keys: Record<string, Joi.Schema>) =>
  Object.fromEntries(Object.entries(keys).map(([key, schema]) => [key, orNot(schema)]));

/** A sheet as a file or a form writes it; what it leaves out has the middle of its family. */
const coating = given({
  family: orNot(field.oneOf(families)),
  mix: Joi.array()
    .items(
      given({
        label: field.requiredLine(40),
        parts: field.figure(0, 1000),
        volumeSolids: field.figure(0, 1),
        densityKgL: orNot(field.figure(0.3, 8).allow(null)),
      }),
    )
    .min(1)
    .max(8),
  mixBy: orNot(field.oneOf(['volume', 'weight'])),
  method: field.oneOf(methods),
  dryUm: field.figure(0.1, 5000),
  coatsLeast: orNot(field.whole(1, 20)),
  coatsMost: orNot(field.whole(1, 20)),
  ...timeFields,
  ...optional(furtherTimes),
  sheetC: field.figure(-10, 80),
  morePoints: orNot(
    Joi.array()
      .items(given({ airC: field.figure(-10, 80), ...timeFields, ...furtherTimes }))
      .max(6),
  ),
  bake: orNot(
    Joi.object({ metalC: field.figure(20, 200).required(), minutes: minutes().required() }).allow(null),
  ),
  minAirC: field.figure(-20, 60),
  maxAirC: field.figure(-20, 80),
  minSurfaceC: orNot(field.figure(-20, 60)),
  maxHumidity: orNot(field.figure(1, 100)),
  dewMarginC: orNot(field.figure(0, 20)),
  inductionMin: orNot(minutes()),
  coatsPerSession: field.whole(1, 20).allow(null),
  wetEdgeMin: orNot(field.figure(0.5, 600)),
  flowLPerMin: orNot(field.figure(0.001, 20)),
  application: orNot(
    given({
      nozzleMm: field.figure(0.2, 10).allow(null),
      pressureBar: field.figure(0.1, 300).allow(null),
      fanCm: field.figure(1, 100).allow(null),
      passes: field.whole(1, 20),
    }),
  ),
  afterMax: orNot(field.oneOf(reopenings)),
  pairs: orNot(Joi.array().items(field.key()).max(40)),
  repair: orNot(field.oneOf(repairs)),
  dryDensityKgL: orNot(field.figure(0.3, 10).allow(null)),
  vocGL: orNot(field.figure(0, 1000).allow(null)),
  shadeL: orNot(field.figure(0, 100).allow(null)),
});

/** Fields of a product without its code, shared by the Shelf's form, the shelf CSV and the job bundle. */
export const productFields = {
  name: field.requiredLine(80),
  kind: field.oneOf(productKinds),
  unit: field.oneOf(units),
  packs: Joi.array()
    .items(
      given({
        size: field.figure(0.001, 100_000),
        priceMinor: field.moneyMinor(),
        part: orNot(field.line(40).min(1).allow(null)),
      }),
    )
    .max(12),
  leadDays: field.whole(0, 365),
  shelfLifeDays: orNot(field.whole(1, 10_000).allow(null)),
  hazards: Joi.array().items(field.oneOf(hazards)).unique(),
  coating: coating.allow(null),
};

export const productSchema = given({ code: field.key(), ...productFields });

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

/** Faults of a product that no single field shows: an empty mix, a window that closes before it opens, weighing blind. */
export function productFaults(product: Product, place = ''): Fault[] {
  const faults: Fault[] = [];
  const add = (where: string, reason: string) =>
    faults.push({ place: [place, where].filter(Boolean).join('.'), reason });
  const sheet = product.coating;
  if ((product.kind === 'coating') !== (sheet !== null))
    add('coating', 'a coating has a sheet, and nothing else does');
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
