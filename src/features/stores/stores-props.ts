import type { Figures } from '@/core/figures';
import { ratioWords } from '@/core/exchange';
import { readySolids, type ProductKind, type Shelf } from '@/core/film';
import type { Plan } from '@/core/plan';
import type { JobSection, MaterialCap, StockMove } from '@/core/record';
import type { RunsDry } from '@/core/readings/runs-dry';
import type { Shop } from '@/core/shop';
import {
  abrasiveRows,
  ledgerBy,
  spendCurve,
  toolHours,
  type AbrasiveRow,
  type CoatCheck,
  type LedgerLine,
  type ShoppingLine,
  type SpendPoint,
  type StockLevel,
  type ToolHours,
  type WasteLine,
} from '@/core/stores';
import { localDateOf } from '@/core/units';
import type { Locale } from '../words/format';
import { capsShown, type CapShown } from './caps-shown';
import { fillerShown, orderDay, type FillerShown } from './filler-shown';

export interface MixRow {
  session: string;
  subject: string;
  product: string;
  name: string;
  ratio: string;
  start: number;
  netL: number;
  readyL: number;
  batches: number;
  vocG: number | null;
  vocOver: boolean;
  check: CoatCheck | null;
  done: boolean;
}

/** What ends inside a step, in words and with the day to order it. */
export interface DryRow extends RunsDry {
  name: string;
  unit: string;
  stepName: string;
  orderBy: string | null;
}

export interface StockRow extends StockLevel {
  name: string;
  unit: string;
  reserved: number;
}

export interface StoresProps extends FillerShown {
  job: string;
  today: string;
  locale: Locale;
  shopping: ShoppingLine[];
  dry: DryRow[];
  mixes: MixRow[];
  pools: Plan['pools'];
  stock: StockRow[];
  moves: (StockMove & { name: string; unit: string; takenBack: boolean })[];
  ledger: Record<'month' | 'phase' | 'product', LedgerLine[]>;
  spend: SpendPoint[];
  waste: WasteLine[];
  voc: { totalKg: number; unknown: string[]; limitGL: number | null };
  money: {
    usedMinor: number;
    plannedMinor: number;
    committedMinor: number;
    capMinor: number;
    byPhase: { phase: string; plannedMinor: number; usedMinor: number }[];
  };
  quote: Plan['quote'];
  products: { code: string; name: string; unit: string; kind: ProductKind }[];
  caps: CapShown[];
  abrasives: (AbrasiveRow & { name: string })[];
  tools: ToolHours[];
}

interface Given {
  plan: Plan;
  caps: readonly MaterialCap[];
  /** Versions of the rows of the job, by key. */
  versions: Record<string, number>;
  sections: readonly Pick<JobSection, 'key' | 'oldFinish'>[];
  shop: Shop;
  /** The figures of the shop and of this job. */
  figures: Figures;
  shelf: Shelf;
  moves: readonly StockMove[];
  levels: ReadonlyMap<string, StockLevel>;
  shopping: readonly ShoppingLine[];
  checks: readonly CoatCheck[];
  dry: ReadonlyMap<string, readonly RunsDry[]>;
  committedMinor: number;
  now: number;
}

/** What the Stores show of a job beside the shelf that all jobs share. */
export function storesProps({
  plan,
  caps,
  versions,
  sections,
  shop,
  figures,
  shelf,
  moves,
  levels,
  shopping,
  checks,
  dry,
  committedMinor,
  now,
}: Given): StoresProps {
  const nameOf = (code: string) => shelf.get(code)?.name ?? code;
  const unitOf = (code: string) => shelf.get(code)?.unit ?? '';
  const today = localDateOf(now, shop.timeZone);
  const ahead = plan.steps.filter((step) => step.state === 'planned');
  const own = moves.filter((move) => move.job === plan.job || move.corrects !== null);
  return {
    job: plan.job,
    today,
    locale: { timeZone: shop.timeZone, currency: shop.currency },
    shopping: [...shopping],
    dry: dryShown(plan, dry.get(plan.job) ?? [], shopping, { nameOf, unitOf }),
    mixes: mixRows(plan, shelf, checks, nameOf),
    pools: plan.pools.map((pool) => ({ ...pool, product: nameOf(pool.product) })),
    stock: stockRows(levels, shopping, nameOf, unitOf),
    moves: bookRows(moves, nameOf, unitOf),
    ledger: {
      month: ledgerBy(own, 'month'),
      phase: ledgerBy(own, 'phase'),
      product: ledgerBy(own, 'product').map((line) => ({ ...line, key: nameOf(line.key) })),
    },
    spend: spendOf(plan, today, shop.timeZone),
    waste: plan.waste,
    voc: { totalKg: plan.voc.totalKg, unknown: plan.voc.unknown.map(nameOf), limitGL: shop.vocLimitGL },
    money: {
      usedMinor: plan.budgets.materialsMinor.used,
      plannedMinor: plan.budgets.materialsMinor.planned,
      committedMinor,
      capMinor: plan.budgets.materialsMinor.cap,
      byPhase: byPhase(plan),
    },
    quote: plan.quote,
    abrasives: abrasiveRows(ahead, sections, shelf).map((row) => ({ ...row, name: nameOf(row.product) })),
    tools: toolHours(plan.steps, (i) => plan.steps[i]!.state === 'done'),
    ...fillerShown(ahead, shopping, shelf, figures),
    products: [...shelf.values()].map(({ code, name, unit, kind }) => ({ code, name, unit, kind })),
    caps: capsShown(caps, versions, plan, { shelf, figures }),
  };
}

/** What finished and planned steps spend, by day. */
const spendOf = ({ steps }: Plan, today: string, timeZone: string): SpendPoint[] =>
  spendCurve(
    steps.map((step) => ({
      date: localDateOf(step.end, timeZone),
      materialsMinor: step.materialsMinor,
      done: step.state === 'done',
    })),
    today,
  );

function dryShown(
  plan: Plan,
  dry: readonly RunsDry[],
  shopping: readonly ShoppingLine[],
  { nameOf, unitOf }: Record<'nameOf' | 'unitOf', (code: string) => string>,
): DryRow[] {
  const steps = new Map(plan.steps.map((step) => [step.key, `${step.name}, ${step.subject}`]));
  return dry.map((one) => ({
    ...one,
    name: nameOf(one.product),
    unit: unitOf(one.product),
    stepName: steps.get(one.step) ?? one.step,
    orderBy: orderDay(one.product, shopping),
  }));
}

/** The latest entries of the book, newest first, those that were taken back marked. */
function bookRows(
  moves: readonly StockMove[],
  nameOf: (code: string) => string,
  unitOf: (code: string) => string,
): StoresProps['moves'] {
  const corrected = new Set(moves.flatMap((move) => move.corrects ?? []));
  return moves
    .filter((move) => move.corrects === null)
    .reverse()
    .slice(0, 200)
    .map((move) => ({
      ...move,
      name: nameOf(move.product),
      unit: unitOf(move.product),
      takenBack: corrected.has(move.id),
    }));
}

function mixRows(
  plan: Plan,
  shelf: Shelf,
  checks: readonly CoatCheck[],
  nameOf: (code: string) => string,
): MixRow[] {
  const steps = new Map(plan.steps.map((step) => [step.key, step]));
  const vocs = new Map(plan.voc.lines.map((line) => [`${line.session}\n${line.product}`, line]));
  return plan.sessions
    .flatMap((session): MixRow[] => {
      const first = steps.get(session.steps[0]?.step ?? '');
      if (!first) return [];
      const sheet = shelf.get(session.product)?.coating;
      const voc = vocs.get(`${session.session}\n${session.product}`);
      return [
        {
          session: session.session,
          product: session.product,
          subject: first.subject,
          name: nameOf(session.product),
          ratio: sheet
            ? `${ratioWords({ coating: sheet })}, ${(100 * readySolids(sheet)).toFixed(0)} % solids`
            : '',
          start: first.start,
          netL: session.netL,
          readyL: session.readyL,
          batches: session.batches,
          vocG: voc?.totalG ?? null,
          vocOver: voc?.over ?? false,
          check:
            checks.find(
              (one) =>
                one.job === plan.job && one.session === session.session && one.product === session.product,
            ) ?? null,
          done: session.steps.every((one) => steps.get(one.step)?.state === 'done'),
        },
      ];
    })
    .sort((a, b) => a.start - b.start);
}

function stockRows(
  levels: ReadonlyMap<string, StockLevel>,
  shopping: readonly ShoppingLine[],
  nameOf: (code: string) => string,
  unitOf: (code: string) => string,
): StockRow[] {
  const needs = new Map<string, number>();
  for (const { product, need } of shopping) needs.set(product, (needs.get(product) ?? 0) + need);
  return [...levels.values()]
    .map((level) => ({
      ...level,
      name: nameOf(level.product),
      unit: unitOf(level.product),
      reserved: Math.min(needs.get(level.product) ?? 0, Math.max(0, level.onHand)),
    }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** Materials by phase of the work, planned in all and used so far. */
function byPhase(plan: Plan): StoresProps['money']['byPhase'] {
  const sums = new Map<string, { plannedMinor: number; usedMinor: number }>();
  for (const step of plan.steps) {
    const sum = sums.get(step.phase) ?? { plannedMinor: 0, usedMinor: 0 };
    sum.plannedMinor += step.materialsMinor;
    if (step.state === 'done') sum.usedMinor += step.materialsMinor;
    sums.set(step.phase, sum);
  }
  return [...sums].map(([phase, sum]) => ({ phase, ...sum })).filter((one) => one.plannedMinor > 0);
}
