import { planJob, type PlanInput } from '../plan';
import { mostSearched, searchOrder, type OrderLocks, type OrderPlan, type OrderProblem } from '../scheme';
import { figuresOf, type PlanFigures } from './figures';
import { bodyOrders } from './order-problem';

/** An order of the colours of a body with its masks, and what the plan comes to with it. */
export interface ComparedOrder extends OrderPlan {
  /** All colours of the job in this order, as the job keeps it. */
  order: string[];
  figures: PlanFigures;
  /** The order that stands now. */
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

/**
 * The best orders of the colours of each body, each planned by the real calendar.
 * @param fixed what the manager wants first or last, on the body that has it
 */
export function colourOrders(input: PlanInput, fixed: OrderLocks = noLocks): ColourOrders {
  const plan = planJob(input);
  const { job, shop, shelf } = input;
  const all = plan.programme.passes.filter((pass) => pass.role === 'colour').map((pass) => pass.scope);
  const found: ColourOrders = { now: figuresOf(plan), bodies: [], tooMany: [] };
  for (const { body, passes, problem } of bodyOrders({
    job,
    plan,
    shop,
    shelf,
    operations: input.operations ?? [],
  })) {
    if (passes.length > mostSearched) {
      found.tooMany.push({ body, colours: passes.length });
      continue;
    }
    const result = searchOrder({ ...problem, locks: locksOn(problem, fixed) });
    if (!result) continue;
    const now = passes.map((pass) => pass.scope);
    // Orders that differ by their masks alone come to the same plan.
    const planned = new Map<string, PlanFigures>();
    const orders = result.plans.map((one): ComparedOrder => {
      const own = one.passes.map((pass) => pass.colour);
      const order = replaced(all, own);
      const key = own.join();
      const figures =
        planned.get(key) ?? figuresOf(planJob({ ...input, job: { ...job, colourOrder: order } }));
      planned.set(key, figures);
      return { ...one, order, figures, isNow: key === now.join() };
    });
    found.bodies.push({ body, orders, boundMinor: result.boundMinor, exact: result.exact });
  }
  return found;
}

const noLocks: OrderLocks = { first: null, last: null };

/** What is fixed of the colours of one body; those of another body hold nothing here. */
function locksOn({ colours }: OrderProblem, { first, last }: OrderLocks): OrderLocks {
  const here = (key: string | null) => (colours.some((one) => one.key === key) ? key : null);
  return { first: here(first), last: here(last) };
}

/** A list in which some stand in another order; the others keep their places. */
function replaced(all: readonly string[], own: readonly string[]): string[] {
  const left = [...own];
  return all.map((one) => (own.includes(one) ? left.shift()! : one));
}
