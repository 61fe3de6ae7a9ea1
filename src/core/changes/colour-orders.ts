import { planJob, type Plan, type PlanInput } from '../plan';
import { colourFamilies } from '../readings/colour-families';
import { withGrounds, type ColourCover, type Job, type OrderGround, type SchoolChoice } from '../record';
import {
  mostSearched,
  searchOrder,
  type OrderLocks,
  type OrderPlan,
  type OrderProblem,
  type OrderResult,
} from '../scheme';
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
  /** Ground coats that it asks for, by colour of the job. */
  grounds: OrderGround[];
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
 * @param tell hears how much of the search and the planning is done, 0..1, never less than before
 */
export function colourOrders(
  input: PlanInput,
  fixed: OrderLocks = noLocks,
  tell: (share: number) => void = () => {},
): ColourOrders {
  const plan = planJob(input);
  tell(0.1);
  const found: ColourOrders = { now: figuresOf(plan), bodies: [], tooMany: [] };
  const bodies = new Map<string, BodyOrders>();
  const variants = variantsOf(input, plan);
  for (const [i, variant] of variants.entries()) {
    const tellOwn = (share: number) => tell(0.2 + (0.8 * (i + share)) / variants.length);
    for (const own of ordersOfVariant({ input, variant, today: plan, fixed, tell: tellOwn })) {
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

interface Asked {
  input: PlanInput;
  variant: Variant;
  today: Plan;
  fixed: OrderLocks;
  /** Hears how much of this variant is done, 0..1. */
  tell(share: number): void;
}

function ordersOfVariant(asked: Asked): OfBody[] {
  const { input, variant, tell } = asked;
  const { shop, shelf } = input;
  const { job, plan } = variant;
  const all = bodyOrders({ job, plan, shop, shelf, operations: input.operations ?? [] });
  return all.flatMap(({ body, passes, problem }, i): OfBody[] => {
    if (passes.length > mostSearched) return [{ body, colours: passes.length }];
    const order = passes.map((pass) => pass.scope);
    const found = foundOrders(problem, order, asked.fixed, (share) => tell((i + share / 2) / all.length));
    if (!found) return [];
    const tellPlanned = (share: number) => tell((i + 0.5 + share / 2) / all.length);
    const orders = plannedOrders(asked, found.plans, tellPlanned);
    return [{ body, orders, boundMinor: found.boundMinor, exact: found.exact }];
  });
}

/** The best orders of a body; the one that stands is held beside them with its best masks, unless what is fixed forbids it. */
function foundOrders(
  problem: OrderProblem,
  order: string[],
  fixed: OrderLocks,
  tell: (share: number) => void,
): OrderResult | null {
  const locks = locksOn(problem, fixed);
  const onStep = (share: number) => {
    tell(share);
    return false;
  };
  const result = searchOrder({ ...problem, locks }, onStep);
  if (!result) return null;
  const standing = searchOrder({ ...problem, locks: { ...locks, order } })?.plans[0];
  const isKnown = result.plans.some((one) => colourKeys(one).join() === order.join());
  return { ...result, plans: standing && !isKnown ? [...result.plans, standing] : result.plans };
}

/** Each order with what its plan comes to; orders that differ by their masks alone come to the same plan. */
function plannedOrders(
  { input, variant, today }: Asked,
  plans: readonly OrderPlan[],
  tell: (share: number) => void,
): ComparedOrder[] {
  const { clear, job, plan } = variant;
  const all = scopesOf(plan);
  const standing = scopesOf(today);
  const planned = new Map<string, PlanFigures>();
  return plans.map((one, i): ComparedOrder => {
    const whole = replaced(all, colourKeys(one));
    const covers = coversWith(job.colourCovers, one);
    const key = wordsOf(whole, covers);
    const grounds = groundsOf(one, variant);
    const colours = withGrounds(job.colours, grounds);
    const changed = { ...job, colours, colourOrder: whole, colourCovers: covers };
    const planKey = `${key}|${grounds.map((one) => one.colour).join()}`;
    const figures = planned.get(planKey) ?? figuresOf(planJob({ ...input, job: changed }));
    planned.set(planKey, figures);
    tell((i + 1) / plans.length);
    return {
      ...one,
      order: whole,
      covers,
      grounds,
      schools: job.schools,
      clear,
      figures,
      planMinor: moneyOf(figures, input.shop),
      isNow: plan === today && grounds.length === 0 && key === wordsOf(standing, job.colourCovers),
    };
  });
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

/** The ground coat that the search reckons with: the sealer in the shade that most systems have. */
const groundProduct = 'sealer-grey';

/** Colours that hide only over a ground coat in the place that an order gives them. */
const groundsOf = ({ passes }: OrderPlan, { plan, job }: Variant): OrderGround[] => {
  const keyOf = (scope: string) => {
    const pass = plan.programme.passes.find((one) => one.role === 'colour' && one.scope === scope);
    return plan.sections.find((one) => pass?.areas.includes(one.section))?.colour;
  };
  const keys = new Set(passes.flatMap((pass) => (pass.ground ? (keyOf(pass.colour) ?? []) : [])));
  return job.colours.flatMap(({ id, groundCoat }) =>
    keys.has(id) && groundCoat === null ? [{ colour: id, product: groundProduct }] : [],
  );
};

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
