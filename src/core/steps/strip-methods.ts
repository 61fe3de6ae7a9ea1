import { figuresFrom } from '../figures';
import type { Depth, JobSection, StripMethodKey } from '../record';
import type { Shop } from '../shop';
import { unitPriceMinor } from '../stores/packs';
import type { Shelf } from '../film';
import { toMinor, type Minor } from '../units';
import type { Part, Substrate } from '../vehicle';
import { operationOf } from './catalogue';
import { personMinutes, quantityOf } from './labour';
import type { Operation } from './operation';
import type { Caution } from '../safety';

/** Why a method is not to be used here. */
export type StripRefusal =
  | { code: 'attacks'; substrate: Substrate }
  | { code: 'warps' }
  | { code: 'aircraft-skin' }
  | { code: 'smears' }
  | { code: 'does-not-move'; oldFinish: string }
  | { code: 'lead-dry' };

/** What speaks for care with a method, though it may be used. */
export type StripRemark =
  | { code: 'thin-heat'; sheetMm: number }
  | { code: 'evaporates'; airC: number }
  | { code: 'too-cold'; airC: number };

interface StripMethodData {
  operation: string;
  /** What it leaves is taken off by this. */
  rest?: string;
  /** What it is good for, one line. */
  good: string;
  leaves: string;
}

/** The methods of the trade. */
export const stripMethodData: Record<StripMethodKey, StripMethodData> = {
  chemical: {
    operation: 'strip-chemical',
    good: 'aluminium skins, enamels, many layers',
    leaves: 'clean metal; neutralise, seams and rivet lines by hand; sludge is hazardous waste',
  },
  solvent: {
    operation: 'strip-solvent',
    rest: 'sand-smear',
    good: 'lacquer, in cold weather',
    leaves: 'smeared film, the rest by disc; fire and vapour',
  },
  disc: {
    operation: 'strip-disc',
    good: 'outer sheet panels, gelcoat, timber',
    leaves: 'scratches to remove; heat on thin sheet, dust',
  },
  blast: {
    operation: 'strip-blast',
    good: 'frames, bays, inner structure',
    leaves: 'a profile that must be primed the same day; grit in cavities',
  },
  outside: {
    operation: 'send-out',
    good: 'a whole shell when sanding takes more than about 40 h',
    leaves: 'transport, a wait, flash rust on the way back',
  },
};

interface Circumstances {
  substrate: Substrate;
  oldFinish: JobSection['oldFinish'];
  route: 'panel' | 'hull' | 'aircraft';
  /** Outer skin that is seen, not frame or inner structure. */
  outerSkin: boolean;
  leadPositive: boolean;
  /** Thickness of the sheet, mm; null where nobody measured it. */
  sheetMm: number | null;
  /** Air of the place it would be done in, °C. */
  airC: number;
  /** What an outside stripper asked for these panels; null for the Shelf's price. */
  outsideQuoteMinor: Minor | null;
}

/** From this thickness outer sheet bears blasting; below the second the disc's heat moves it. */
const blastMm = 2;
const thinMm = 1;
const hotC = 25;
const coldC = 10;

/** Substrates that a method attacks. */
const attacked: Partial<Record<StripMethodKey, readonly Substrate[]>> = {
  chemical: ['laminate', 'timber', 'plastic'],
  solvent: ['plastic'],
  blast: ['galvanised', 'aluminium', 'laminate', 'timber', 'plastic'],
  outside: ['laminate', 'timber', 'plastic'],
};

/** Everything that speaks against a method on a panel; none means it may be used. */
export function refusalsOf(method: StripMethodKey, given: Circumstances): StripRefusal[] {
  const { substrate, oldFinish, route, outerSkin, leadPositive } = given;
  const refusals: StripRefusal[] = [];
  if (attacked[method]?.includes(substrate)) refusals.push({ code: 'attacks', substrate });
  if (method === 'blast' && outerSkin && (given.sheetMm ?? 0) < blastMm) refusals.push({ code: 'warps' });
  if (route === 'aircraft' && (method === 'disc' || method === 'blast' || method === 'outside'))
    refusals.push({ code: 'aircraft-skin' });
  if (method === 'chemical' && oldFinish === 'lacquer') refusals.push({ code: 'smears' });
  if (method === 'solvent' && oldFinish !== 'lacquer') refusals.push({ code: 'does-not-move', oldFinish });
  if (leadPositive && (method === 'disc' || method === 'blast')) refusals.push({ code: 'lead-dry' });
  return refusals;
}

/** Everything to be careful about: thin sheet takes the disc's heat badly, solvents are gone too soon in warm air. */
export function remarksOf(method: StripMethodKey, { sheetMm, airC }: Circumstances): StripRemark[] {
  if (method === 'disc' && sheetMm !== null && sheetMm < thinMm) return [{ code: 'thin-heat', sheetMm }];
  if (method === 'solvent' && airC > hotC) return [{ code: 'evaporates', airC }];
  if (method === 'chemical' && airC < coldC) return [{ code: 'too-cold', airC }];
  return [];
}

/** Factor on the rate for what the old film does to the abrasive: peeling clear × 1.5, gummy films × 5. */
export const clogging = (oldFinish: JobSection['oldFinish']): number =>
  oldFinish === 'peeling-clear' ? 1.5 : oldFinish === 'lacquer' || oldFinish === 'one-part' ? 5 : 1;

export interface StripEstimate {
  method: StripMethodKey;
  refusals: StripRefusal[];
  remarks: StripRemark[];
  /** What it leaves behind: mess and work. */
  leaves: string;
  /** The price is an outside quote for these panels, not the Shelf's price per m². */
  quoted: boolean;
  personMinutes: number;
  materialsMinor: Minor;
  /** Hours at the shop's rate and materials; for work sent out its price and the transport. */
  costMinor: Minor;
  cautions: readonly Caution[];
}

export interface DepthEstimate {
  depth: Depth;
  personMinutes: number;
  costMinor: Minor;
  /** Chance that the old film fails under the new one: deeper was advised, nothing was tested, or neither. */
  risk: 'high' | 'untested' | 'low';
}

const depthOperation: Record<Exclude<Depth, 'bare'>, string> = { scuff: 'scuff', stable: 'sand-stable' };

/**
 * Hours, cost and risk of going to each depth on some panels; bare by its cheapest admissible method.
 * @param advised the depth the facts pull to   @param tested whether the old film was tested at all
 */
export function depthEstimates(
  parts: readonly Part[],
  bare: readonly StripEstimate[],
  { advised, tested }: { advised: Depth; tested: boolean },
  ground: StripGround,
): DepthEstimate[] {
  const order: Depth[] = ['scuff', 'stable', 'bare'];
  return order.flatMap((depth): DepthEstimate[] => {
    const risk =
      order.indexOf(depth) < order.indexOf(advised)
        ? 'high'
        : depth === 'bare' || tested
          ? 'low'
          : 'untested';
    if (depth === 'bare') {
      const best = bare.find((one) => one.refusals.length === 0);
      return best ? [{ depth, personMinutes: best.personMinutes, costMinor: best.costMinor, risk }] : [];
    }
    const { personMinutes: minutes, materials } = figuresOf(depthOperation[depth], parts, 1, ground);
    return [
      {
        depth,
        personMinutes: Math.round(minutes),
        costMinor: toMinor(materials + (minutes * ground.shop.labourRateMinorPerHour) / 60),
        risk,
      },
    ];
  });
}

/** What advice on stripping goes by: the shop with its rates and learned factors, its shelf, its own operations. */
interface StripGround {
  shop: Shop;
  shelf: Shelf;
  operations: readonly Operation[];
  /** Typed for the job. */
  rates?: Readonly<Record<string, number>>;
}

/** An operation as this shop has it, else as the catalogue does. */
const entryOf = (code: string, operations: readonly Operation[]): Operation =>
  operations.find((one) => one.code === code) ?? operationOf(code);

/** Person-minutes and exact materials in minor units of an operation on some panels. */
function figuresOf(
  code: string,
  parts: readonly Part[],
  slower: number,
  { shop, shelf, operations, rates = {} }: StripGround,
): { personMinutes: number; materials: number } {
  const operation = entryOf(code, operations);
  const quantity = quantityOf(operation, parts, 'both', figuresFrom(shop.figures));
  const typed = rates[operation.code];
  const rate = typed ?? shop.rates[operation.code] ?? operation.rate ?? 0;
  const perUnit = operation.consumes.reduce(
    (sum, one) => sum + one.perUnit * unitPriceMinor(shelf.get(one.product)),
    0,
  );
  return {
    personMinutes: personMinutes(
      operation.fixedMin,
      rate,
      quantity.weighted,
      slower * (typed === undefined ? (shop.learned[operation.code] ?? 1) : 1),
    ),
    materials: perUnit * quantity.amount * slower,
  };
}

/** Hours, consumables, cost and hazards of every method on some panels, those that may be used first, cheapest first. */
export function stripEstimates(
  parts: readonly Part[],
  given: Circumstances,
  ground: StripGround,
): StripEstimate[] {
  const estimates = (Object.keys(stripMethodData) as StripMethodKey[]).map((method) => {
    const operation = entryOf(stripMethodData[method].operation, ground.operations);
    const slower = method === 'disc' ? clogging(given.oldFinish) : 1;
    const figures = figuresOf(operation.code, parts, slower, ground);
    const { rest } = stripMethodData[method];
    const after = rest === undefined ? null : figuresOf(rest, parts, clogging(given.oldFinish), ground);
    const minutes = figures.personMinutes + (after?.personMinutes ?? 0);
    const quote = method === 'outside' ? given.outsideQuoteMinor : null;
    const materials = quote ?? figures.materials + (after?.materials ?? 0);
    const labour = (minutes * ground.shop.labourRateMinorPerHour) / 60;
    return {
      method,
      refusals: refusalsOf(method, given),
      remarks: remarksOf(method, given),
      leaves: stripMethodData[method].leaves,
      quoted: quote !== null,
      personMinutes: Math.round(minutes),
      materialsMinor: toMinor(materials),
      costMinor: toMinor(materials + labour),
      cautions: operation.cautions,
    };
  });
  return estimates.sort(
    (a, b) =>
      Number(a.refusals.length > 0) - Number(b.refusals.length > 0) ||
      a.costMinor - b.costMinor ||
      a.method.localeCompare(b.method),
  );
}
