import { planJob, type Plan, type PlanInput } from '../plan';
import { colourFamilies } from '../readings/colour-families';
import type { ColourCover, Job, SchoolChoice } from '../record';
import { mostSearched, searchOrder, type OrderLocks, type OrderPlan, type OrderProblem } from '../scheme';
import { figuresOf, type PlanFigures } from './figures';
import { bodyOrders } from './order-problem';

/** How the colours of a body are cleared: all in one go, or each by itself under the lines of the next. */
export type ClearWay = SchoolChoice['clear-over'];

/** An order of the colours of a body with its masks, and what the plan comes to with it. */
export interface ComparedOrder extends OrderPlan {
  /** All colours of the job in this order, as the job keeps it. */
  order: string[];
  /** Later colours that are covered while an earlier one is sprayed. */
  covers: ColourCover[];
  /** Methods of the job with which it stands; the clear is among them where another way was tried. */
  schools: SchoolChoice;
  clear: ClearWay;
  figures: PlanFigures;
  /** Labour, materials and booth of the whole plan, minor units. */
  planMinor: number;
  /** The order and the way of clearing that stand now. */
  isNow: boolean;
}

export interface BodyOrders {
  body: string;
  orders: ComparedOrder[];
  boundMinor: number;
  exact: boolean;
}

export interface ColourOrders {
  /** The plan with the order that stands. */
  now: PlanFigures;
  bodies: BodyOrders[];
  /** Bodies with more colours than are searched. */
  tooMany: { body: string; colours: number }[];
}

/** So many orders of a body are told. */
const told = 3;

/** A job planned with its colours cleared one way or the other. */
interface Variant {
  clear: ClearWay;
  job: Job;
  plan: Plan;
}

/**
 * The best orders of the colours of each body, under every way of clearing them, each planned by the real calendar and
 * told by what its plan costs.
 * @param fixed what the manager wants first, last or together, on the body that has it
 */
export function colourOrders(input: PlanInput, fixed: OrderLocks = noLocks): ColourOrders {
  const plan = planJob(input);
  const found: ColourOrders = { now: figuresOf(plan), bodies: [], tooMany: [] };
  const bodies = new Map<string, BodyOrders>();
  for (const variant of variantsOf(input, plan))
    for (const own of ordersOfVariant(input, variant, plan, fixed)) {
      if ('colours' in own) {
        if (!found.tooMany.some((one) => one.body === own.body)) found.tooMany.push(own);
        continue;
      }
      const before = bodies.get(own.body);
      bodies.set(own.body, {
        body: own.body,
        orders: [...(before?.orders ?? []), ...own.orders],
        boundMinor: Math.min(before?.boundMinor ?? Infinity, own.boundMinor),
        exact: own.exact && (before?.exact ?? true),
      });
    }
  found.bodies = [...bodies.values()].map((one) => ({ ...one, orders: bestOf(one.orders) }));
  return found;
}

/** The cheapest plans; the best of each way of clearing is among them, so that the ways can be held beside each other. */
function bestOf(orders: readonly ComparedOrder[]): ComparedOrder[] {
  const ranked = [...orders].sort((a, b) => a.planMinor - b.planMinor || a.costMinor - b.costMinor);
  const ways = new Set(ranked.map((one) => one.clear));
  const firsts = [...ways].map((way) => ranked.find((one) => one.clear === way)!);
  const rest = ranked.filter((one) => !firsts.includes(one)).slice(0, told - firsts.length);
  return ranked.filter((one) => firsts.includes(one) || rest.includes(one));
}

/** The job as it stands, and with its colours cleared the other way where that makes another programme. */
function variantsOf(input: PlanInput, plan: Plan): Variant[] {
  const { job } = input;
  const isShared = colourFamilies(plan.programme.passes).size > 0;
  const now: Variant = { clear: isShared ? 'all' : 'each', job, plan };
  const other: ClearWay = isShared ? 'each' : 'all';
  const changed = { ...job, colourOrder: [], schools: { ...job.schools, 'clear-over': other } };
  const otherPlan = planJob({ ...input, job: changed });
  const words = ({ programme }: Plan) =>
    JSON.stringify(programme.passes.map(({ key, areas }) => [key, areas]));
  return words(otherPlan) === words(plan) ? [now] : [now, { clear: other, job: changed, plan: otherPlan }];
}

type OfBody = BodyOrders | { body: string; colours: number };

function ordersOfVariant(
  input: PlanInput,
  { clear, job, plan }: Variant,
  today: Plan,
  fixed: OrderLocks,
): OfBody[] {
  const { shop, shelf } = input;
  const all = scopesOf(plan);
  const standing = scopesOf(today);
  return bodyOrders({ job, plan, shop, shelf, operations: input.operations ?? [] }).flatMap(
    ({ body, passes, problem }): OfBody[] => {
      if (passes.length > mostSearched) return [{ body, colours: passes.length }];
      const locks = locksOn(problem, fixed);
      const result = searchOrder({ ...problem, locks });
      if (!result) return [];
      // Orders that differ by their masks alone come to the same plan.
      const planned = new Map<string, PlanFigures>();
      // The order that stands is held beside them with its best masks, unless what is fixed forbids it.
      const order = passes.map((pass) => pass.scope);
      const standingPlan = searchOrder({ ...problem, locks: { ...locks, order } })?.plans[0];
      const isKnown = result.plans.some((one) => colourKeys(one).join() === order.join());
      const plans = standingPlan && !isKnown ? [...result.plans, standingPlan] : result.plans;
      const orders = plans.map((one): ComparedOrder => {
        const whole = replaced(all, colourKeys(one));
        const covers = coversWith(job.colourCovers, one);
        const key = wordsOf(whole, covers);
        const changed = { ...job, colourOrder: whole, colourCovers: covers };
        const figures = planned.get(key) ?? figuresOf(planJob({ ...input, job: changed }));
        planned.set(key, figures);
        return {
          ...one,
          order: whole,
          covers,
          schools: job.schools,
          clear,
          figures,
          planMinor: moneyOf(figures, shop),
          isNow: plan === today && key === wordsOf(standing, job.colourCovers),
        };
      });
      return [{ body, orders, boundMinor: result.boundMinor, exact: result.exact }];
    },
  );
}

const colourKeys = ({ passes }: OrderPlan): string[] => passes.map((pass) => pass.colour);

/** The covers of a job with those of the colours of one body as an order has them. */
function coversWith(covers: Job['colourCovers'], { passes }: OrderPlan): ColourCover[] {
  const own = new Set(passes.map((pass) => pass.colour));
  return [
    ...covers.filter(({ sprayed }) => !own.has(sprayed)),
    ...passes.flatMap(({ colour, keptFree }) =>
      keptFree.map((covered): ColourCover => ({ sprayed: colour, covered })),
    ),
  ];
}

const wordsOf = (order: readonly string[], covers: Job['colourCovers']): string =>
  JSON.stringify([order, covers.map(({ sprayed, covered }) => `${sprayed}>${covered}`).sort()]);

const scopesOf = ({ programme }: Plan): string[] =>
  programme.passes.filter((pass) => pass.role === 'colour').map((pass) => pass.scope);

const moneyOf = (
  { labourMin, materialsMinor, boothMin }: PlanFigures,
  { labourRateMinorPerHour, boothRateMinorPerHour }: PlanInput['shop'],
): number => (labourMin * labourRateMinorPerHour + boothMin * boothRateMinorPerHour) / 60 + materialsMinor;

const noLocks: OrderLocks = { first: null, last: null, together: null, order: null };

/** What is fixed of the colours of one body; those of another body hold nothing here. */
function locksOn({ colours }: OrderProblem, { first, last, together }: OrderLocks): OrderLocks {
  const isHere = (key: string) => colours.some((one) => one.key === key);
  return {
    first: first !== null && isHere(first) ? first : null,
    last: last !== null && isHere(last) ? last : null,
    together: together?.every(isHere) ? together : null,
    order: null,
  };
}

/** A list in which some stand in another order; the others keep their places. */
function replaced(all: readonly string[], own: readonly string[]): string[] {
  const left = [...own];
  return all.map((one) => (own.includes(one) ? left.shift()! : one));
}
