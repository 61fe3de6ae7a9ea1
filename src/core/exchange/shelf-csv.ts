import Papa from 'papaparse';
import type { CoatingSheet, Product } from '../film';
import { guard, unguard } from './csv-cells';
import { csvRows } from './csv-rows';
import { parseWith, type Fault, type Parsed } from './faults';
import { completeProduct, productFaults, productSchema } from './product-schema';

/**
 * The Shelf as CSV: a product a line, a column a plain figure, packs as `size@price` and mixes as `label=parts:solids`
 * joined by spaces and bars. Figures of sheets with several temperatures keep only the first: the bundle keeps all.
 */
const columns = [
  'code',
  'name',
  'kind',
  'unit',
  'lead_days',
  'lead_in',
  'shelf_life_days',
  'sheet_dated',
  'hazards',
  'packs',
  'family',
  'mix_by',
  'mix',
  'method',
  'dry_um',
  'coats_least',
  'coats_most',
  'sheet_c',
  'pot_life_min',
  'flash_min',
  'dust_free_min',
  'recoat_min_min',
  'recoat_max_min',
  'sand_after_min',
  'min_air_c',
  'max_air_c',
  'coats_per_session',
  'voc_g_l',
  'shade_l',
] as const;
type Column = (typeof columns)[number];

/** What a sheet's line states; everything else of a known sheet stays as it is. */
const statedKeys = [
  'family',
  'mixBy',
  'mix',
  'method',
  'dryUm',
  'coatsLeast',
  'coatsMost',
  'sheetC',
  'potLifeMin',
  'flashMin',
  'dustFreeMin',
  'recoatMinMin',
  'recoatMaxMin',
  'sandAfterMin',
  'minAirC',
  'maxAirC',
  'coatsPerSession',
  'vocGL',
  'shadeL',
] as const satisfies readonly (keyof CoatingSheet)[];

/** A known sheet with what a line of the file states in place of its own. */
export const sheetFromFile = (known: CoatingSheet, read: CoatingSheet): CoatingSheet => ({
  ...known,
  ...Object.fromEntries(statedKeys.map((key) => [key, read[key]])),
});

const mostLines = 5000;

/** Names inside a cell that holds several: what parts them is written as in an address, `%7C` for a bar. */
const quoted = (name: string) =>
  name.replace(/[%|=:@]/g, (sign) => `%${sign.charCodeAt(0).toString(16).toUpperCase()}`);
const unquoted = (name: string) =>
  name.replace(/%(25|7C|3D|3A|40)/gi, (_, code: string) => String.fromCharCode(Number.parseInt(code, 16)));

/** Writes products as CSV with a head line. Prices in minor units. */
export function writeShelfCsv(products: readonly Product[]): string {
  const rows = products.map((product): Record<Column, string> => {
    const sheet = product.coating;
    const figure = (value: number | null | undefined) => (value == null ? '' : String(value));
    return {
      code: product.code,
      name: product.name,
      kind: product.kind,
      unit: product.unit,
      lead_days: String(product.leadDays),
      lead_in: product.leadIn,
      shelf_life_days: figure(product.shelfLifeDays),
      sheet_dated: product.sheetDated ?? '',
      hazards: product.hazards.join(' '),
      packs: product.packs
        .map((pack) => `${pack.size}@${pack.priceMinor}${pack.part ? `=${quoted(pack.part)}` : ''}`)
        .join(' | '),
      family: sheet?.family ?? '',
      mix_by: sheet?.mixBy ?? '',
      mix: (sheet?.mix ?? [])
        .map((part) => `${quoted(part.label)}=${part.parts}:${part.volumeSolids}:${part.densityKgL ?? ''}`)
        .join(' | '),
      method: sheet?.method ?? '',
      dry_um: figure(sheet?.dryUm),
      coats_least: figure(sheet?.coatsLeast),
      coats_most: figure(sheet?.coatsMost),
      sheet_c: figure(sheet?.sheetC),
      pot_life_min: figure(sheet?.potLifeMin),
      flash_min: figure(sheet?.flashMin),
      dust_free_min: figure(sheet?.dustFreeMin),
      recoat_min_min: figure(sheet?.recoatMinMin),
      recoat_max_min: figure(sheet?.recoatMaxMin),
      sand_after_min: figure(sheet?.sandAfterMin),
      min_air_c: figure(sheet?.minAirC),
      max_air_c: figure(sheet?.maxAirC),
      coats_per_session: figure(sheet?.coatsPerSession),
      voc_g_l: figure(sheet?.vocGL),
      shade_l: figure(sheet?.shadeL),
    };
  });
  const guarded = rows.map((row) =>
    Object.fromEntries(Object.entries(row).map(([key, text]) => [key, guard(text)])),
  );
  return `${Papa.unparse(guarded, { columns: [...columns], newline: '\n' })}\n`;
}

type Row = Partial<Record<Column, string>>;

/** Reads products from CSV; every fault names its line and column, and a faulty file yields nothing. */
export function readShelfCsv(text: string): Parsed<Product[]> {
  const faulty = (place: string, reason: string): Parsed<Product[]> => ({
    status: 'faulty',
    faults: [{ place, reason }],
  });
  const file = csvRows(text, mostLines + 1);
  const [headRow, ...body] = file.rows;
  const head = (headRow?.cells ?? []).map((cell) => cell.trim());
  const missing = (['code', 'name', 'kind', 'unit'] as const).filter((column) => !head.includes(column));
  if (missing.length > 0)
    return faulty('line 1', `the columns ${missing.join(', ')} are missing; separate columns by commas`);
  if (file.isCut) return faulty(`line ${mostLines + 2}`, `more than ${mostLines} products in one file`);
  const faults: Fault[] = file.faults.map(({ line, reason }) => ({ place: `line ${line}`, reason }));
  const products: Product[] = [];
  const lineOf = new Map<string, number>();
  body.forEach(({ line, cells }) => {
    const row: Row = Object.fromEntries(head.map((column, i) => [column, cells[i]]));
    const parsed = parseWith<Parameters<typeof completeProduct>[0]>(productSchema, productOf(row));
    if (parsed.status === 'faulty') {
      faults.push(
        ...parsed.faults.map((one) => ({ place: `line ${line}, ${one.place}`, reason: one.reason })),
      );
      return;
    }
    const product = completeProduct(parsed.value);
    faults.push(...productFaults(product).map((one) => ({ ...one, place: `line ${line}, ${one.place}` })));
    const before = lineOf.get(product.code);
    if (before)
      faults.push({ place: `line ${line}`, reason: `${product.code} stands in line ${before} too` });
    lineOf.set(product.code, line);
    products.push(product);
  });
  if (products.length === 0 && faults.length === 0)
    return faulty('line 2', 'there is no product in the file');
  return faults.length > 0
    ? { status: 'faulty', faults: faults.slice(0, 50) }
    : { status: 'ok', value: products };
}

function productOf(row: Row): unknown {
  const text = (column: Column) => unguard((row[column] ?? '').trim());
  // A figure that is none stays text, so that the schema names it; an empty cell is not stated.
  const figure = (column: Column) => {
    const value = text(column);
    return value === '' ? undefined : Number.isNaN(Number(value)) ? value : Number(value);
  };
  const orNull = (column: Column) => figure(column) ?? null;
  const list = (column: Column, by: RegExp) => text(column).split(by).filter(Boolean);
  const number = (value: string | undefined) =>
    value === undefined || value === '' ? undefined : Number(value);
  const packs = packsIn(list, number);
  const mix = mixIn(list, number);
  const sheet = {
    family: text('family') || undefined,
    mix,
    mixBy: text('mix_by') || undefined,
    method: text('method'),
    dryUm: figure('dry_um'),
    coatsLeast: figure('coats_least'),
    coatsMost: figure('coats_most'),
    sheetC: figure('sheet_c') ?? 20,
    potLifeMin: orNull('pot_life_min'),
    flashMin: figure('flash_min'),
    dustFreeMin: figure('dust_free_min'),
    recoatMinMin: figure('recoat_min_min'),
    recoatMaxMin: orNull('recoat_max_min'),
    sandAfterMin: figure('sand_after_min'),
    minAirC: figure('min_air_c'),
    maxAirC: figure('max_air_c'),
    coatsPerSession: orNull('coats_per_session'),
    vocGL: orNull('voc_g_l'),
    shadeL: orNull('shade_l'),
  };
  // A coating must have a sheet; a filler may, and goes by that of its kind where the line gives none.
  const hasSheet = text('kind') === 'coating' || (text('kind') === 'filler' && text('family') !== '');
  return {
    code: text('code'),
    name: text('name'),
    kind: text('kind'),
    unit: text('unit'),
    leadDays: figure('lead_days') ?? 0,
    leadIn: text('lead_in') || 'calendar',
    shelfLifeDays: orNull('shelf_life_days'),
    sheetDated: text('sheet_dated') || null,
    hazards: list('hazards', /\s+/),
    packs,
    coating: hasSheet ? withoutUndefined(sheet) : null,
  };
}

/** Packs of a cell: `size@price`, with `=part` for a single component. */
function packsIn(
  list: (column: Column, by: RegExp) => string[],
  number: (value: string | undefined) => number | undefined,
) {
  return list('packs', /\s*\|\s*/).map((pack) => {
    const [size, rest] = pack.split('@');
    const [price, part] = (rest ?? '').split('=');
    return {
      size: number(size),
      priceMinor: number(price),
      part: part === undefined ? null : unquoted(part),
    };
  });
}

/** Parts of a mix in a cell: `label=parts:solids:density`. */
function mixIn(
  list: (column: Column, by: RegExp) => string[],
  number: (value: string | undefined) => number | undefined,
) {
  return list('mix', /\s*\|\s*/).map((one) => {
    const [label, rest] = one.split('=');
    const [parts, solids, density] = (rest ?? '').split(':');
    return {
      label: label === undefined ? undefined : unquoted(label),
      parts: number(parts),
      volumeSolids: number(solids),
      densityKgL: number(density) ?? null,
    };
  });
}

const withoutUndefined = (given: object) =>
  Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined));

/** Parts of a mix as its sheet states them: `4:1:0.5`, or `98:2 by weight`. */
export function ratioWords({ coating }: Pick<Product, 'coating'>): string {
  if (!coating) return '';
  const ratio = coating.mix.map((part) => Number(part.parts.toFixed(2))).join(':');
  return coating.mixBy === 'weight' ? `${ratio} by weight` : ratio;
}
