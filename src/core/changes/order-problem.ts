import { colourRoles, effectFamilies, groundAdvice, type Product, type Shelf } from '../film';
import type { Plan, PlannedPass } from '../plan';
import { colourFamilies } from '../readings/colour-families';
import { colourOfKey, type Job } from '../record';
import {
  ownTapeOf,
  sealerGround,
  type OrderColour,
  type OrderEdge,
  type OrderPrices,
  type OrderProblem,
} from '../scheme';
import type { Shop } from '../shop';
import { figuresFrom } from '../figures';
import { catalogueWith, type Operation } from '../steps';
import { unitPriceMinor } from '../stores';
import type { Part } from '../vehicle';

/** The colours of one body whose order can still be chosen, with the passes that lay them. */
export interface BodyOrder {
  body: string;
  passes: readonly PlannedPass[];
  problem: OrderProblem;
}

interface Given {
  job: Job;
  plan: Plan;
  shop: Shop;
  shelf: Shelf;
  operations: readonly Operation[];
}

/** A coat of colour, person-minutes by the square metre. */
const coatMinPerM2 = 2.5;
/** What a litre of ready mix covers once, m²: of inter-coat clear and of sealer. */
const coverageM2PerL = 10;
/** A standing body counts this share of what the booth does. */
const waitShare = 0.25;
/** No more film than this is buried beneath a colour, µm. */
const mostBeneathUm = 120;

/** Bodies on which two colours or more go on after each other, none of them begun. */
export function bodyOrders(given: Given): BodyOrder[] {
  const { plan } = given;
  const colours = plan.programme.passes.filter((pass) => pass.role === 'colour');
  const begun = new Set(plan.steps.flatMap((step) => (step.state === 'planned' ? [] : [step.pass])));
  return [...new Set(colours.map((pass) => pass.body))].flatMap((body): BodyOrder[] => {
    const passes = colours.filter((pass) => pass.body === body);
    if (passes.length < 2 || passes.some((pass) => begun.has(pass.key))) return [];
    return [{ body, passes, problem: problemOf(given, passes) }];
  });
}

function problemOf(given: Given, passes: readonly PlannedPass[]): OrderProblem {
  const colours = passes.map((pass) => colourOf(given, pass, passes));
  return {
    colours,
    edges: edgesOf(given.plan, passes),
    prices: pricesOf(given),
    locks: { first: null, last: null, together: null, order: null },
    pastLineM: figuresFrom(given.shop.figures, given.job.figures)('line.past'),
    mostBeneathUm,
  };
}

const partsOf = ({ parts }: Plan, { areas }: PlannedPass): Part[] =>
  parts.filter((part) => areas.includes(part.section));
const areaOf = (parts: readonly Part[]): number => parts.reduce((sum, part) => sum + part.outsideM2, 0);
const keyOf = ({ sections }: Plan, { areas }: PlannedPass): string =>
  sections.find((one) => areas.includes(one.section))?.colour ?? '';

function colourOf(given: Given, pass: PlannedPass, passes: readonly PlannedPass[]): OrderColour {
  const { job, plan, shelf } = given;
  const films = pass.films.filter((film) => colourRoles.has(film.role));
  const coats = films.reduce((sum, film) => sum + film.coats, 0);
  const products = films.flatMap((film) => shelf.get(film.product) ?? []);
  const areaM2 = areaOf(partsOf(plan, pass));
  const steps = plan.steps.filter(
    (step) => step.pass === pass.key && step.coat && colourRoles.has(step.coat.role),
  );
  const sum = (value: (step: (typeof steps)[number]) => number) =>
    steps.reduce((total, step) => total + value(step), 0);
  const coated = Math.max(0.01, coats * areaM2);
  const sheets = products.flatMap((product) => product.coating ?? []);
  const key = keyOf(plan, pass);
  const family = colourFamilies(plan.programme.passes).get(pass.scope) ?? null;
  const isEffect = sheets.some((sheet) => effectFamilies.has(sheet.family));
  const { finish } = colourOfKey(job, key);
  return {
    key: pass.scope,
    areaM2,
    coats,
    coatsOver: coatsOver(given, { key, pass, passes, coats, products }),
    coatMinorPerM2: sum((step) => step.materialsMinor) / coated,
    coatMinPerM2,
    coatUm: sheets[0]?.dryUm ?? 0,
    locks: isEffect || (finish !== 'dense-solid' && finish !== 'weak-solid'),
    tapeAfterMin: Math.max(0, ...sheets.map((sheet) => sheet.tapeAfterMin ?? 0)),
    ownTape: tapeOf(given, key, areaM2),
    goesPast: family !== null,
    family,
  };
}

/** Coats to hide the sealer and each of the other colours; what no model knows needs no more than its system. */
function coatsOver(
  { job, plan }: Given,
  asked: {
    key: string;
    pass: PlannedPass;
    passes: readonly PlannedPass[];
    coats: number;
    products: readonly Product[];
  },
): OrderColour['coatsOver'] {
  const { key, pass, passes, coats, products } = asked;
  const [product] = products;
  const others = passes.filter((one) => one !== pass);
  const plain = Object.fromEntries(
    [sealerGround, ...others.map((one) => one.scope)].map((one) => [one, coats]),
  );
  // A colour with a sealer of its own lies on that, whatever was sprayed there before.
  if (!product?.coating || pass.films.some((film) => film.role === 'sealer')) return plain;
  const { family, dryUm, shadeL } = product.coating;
  const { hex, hides } = colourOfKey(job, key);
  const grounds = others.map((one) => ({
    key: keyOf(plan, one),
    name: one.scope,
    l: null,
    hex: colourOfKey(job, keyOf(plan, one)).hex,
  }));
  const advice = groundAdvice(
    { family, product: product.code, hex, coatUm: dryUm, planned: coats, hides },
    grounds,
  );
  if (!advice || shadeL !== null) return plain;
  return { ...plain, ...Object.fromEntries(advice.rows.map((row) => [row.name, row.coats])) };
}

/** Edges between the fields of panels, and gaps between panels whose colours differ are for the covers round them. */
function edgesOf(plan: Plan, passes: readonly PlannedPass[]): OrderEdge[] {
  const scopeOf = new Map(passes.flatMap((pass) => pass.areas.map((area) => [area, pass.scope] as const)));
  const colour = new Map(plan.sections.map((one) => [one.section, one.colour]));
  return plan.parts.flatMap((part) =>
    (part.field?.edges ?? []).flatMap((edge): OrderEdge[] => {
      const a = scopeOf.get(part.section);
      const other = plan.parts.find((one) => one.key === part.key && colour.get(one.section) === edge.to);
      const b = other && scopeOf.get(other.section);
      // Each edge is told by both of its fields.
      return a !== undefined && b !== undefined && a < b ? [{ a, b, m: edge.m, effortM: edge.effortM }] : [];
    }),
  );
}

/** Of a colour whose bands are all narrow: their length, and what tape of their width costs. */
function tapeOf({ job, shelf }: Given, key: string, areaM2: number): OrderColour['ownTape'] {
  const tape = ownTapeOf(job.constructions, key);
  if (!tape) return null;
  const minorPerM = priceOf(shelf, 'paper-tape') * Math.max(1, tape.widestMm / 25);
  return { m: (areaM2 / tape.meanMm) * 1000, minorPerM };
}

const priceOf = (shelf: Shelf, code: string): number => {
  const product = shelf.get(code);
  return product ? unitPriceMinor(product) : 0;
};

function pricesOf({ job, shop, shelf, operations }: Given): OrderPrices {
  const entries = catalogueWith(operations);
  // As the steps reckon it: typed for the job or the shop, and as fast as the shop has learned that it is.
  const rateOf = (code: string) =>
    job.rates[code] ?? (shop.rates[code] ?? entries.get(code)?.rate ?? 0) * (shop.learned[code] ?? 1);
  const labour = shop.labourRateMinorPerHour / 60;
  const booth = shop.boothRateMinorPerHour / 60;
  const coat = (code: string) => priceOf(shelf, code) / coverageM2PerL;
  return {
    labourMinorPerMin: labour,
    boothMinorPerMin: booth,
    waitMinorPerMin: booth * waitShare,
    tapeMinorPerM: priceOf(shelf, 'fine-line') + priceOf(shelf, 'paper-tape'),
    tapeMinPerM: rateOf('mask-field'),
    pullMinPerM: rateOf('unmask-field'),
    coverMinorPerM2: priceOf(shelf, 'cover'),
    coverMinPerM2: figuresFrom(shop.figures, job.figures)('cover.minutes'),
    lockMinorPerM2: coat('inter-clear'),
    lockMinPerM2: coatMinPerM2,
    groundMinorPerM2: coat('sealer-grey'),
    groundMinPerM2: coatMinPerM2,
  };
}
