import type { Shelf } from './film';
import { breachesOf, capsInMinutes, quoteOf } from './money';
import { budgetsOf, placeSteps, type Placed } from './plan-calendar';
import type { Plan, PlanInput, PlannedStep, SectionSummary } from './plan-model';
import { remedyClosedWindows, windowsOf } from './plan-windows';
import type { Job } from './record';
import { buildSteps, stackOf, type SectionStack } from './steps';
import { drawnBySteps, sessionNeeds, shoppingList, unitPriceMinor } from './stores';
import { partsOfJob } from './survey';
import { daysBetween, localDateOf, toMinor } from './units';
import type { Part } from './vehicle';

export * from './plan-model';

/**
 * The whole trip on one page: survey → steps (film inside) → schedule → windows → stores → budgets.
 * Deterministic: the same input gives the same plan. The input must have been parsed (`exchange`).
 */
export function planJob(input: PlanInput): Plan {
  const { job, shop, shelf, now } = input;
  const parts = partsOfJob(job);
  const network = buildSteps({ job, parts, shop, shelf });
  const remedied = remedyClosedWindows(input, network, placeSteps(input, network));
  const { placed } = remedied;

  const boothC = shop.places.find((place) => place.kind === 'booth')?.airC ?? 20;
  const sessions = sessionNeeds(network.steps, shelf, boothC);
  const drawn = drawnBySteps(network.steps, sessions);
  const steps = priceSteps(placed, drawn, job, shelf);
  const left = steps.filter((step) => step.state === 'planned');
  const draws = left.flatMap((step) => drawn.get(step.key)!.map((one) => ({ ...one, at: step.start })));
  const shopping = shoppingList(draws, shelf, shop.timeZone);

  const committed = shopping.reduce((sum, line) => sum + (line.buy?.costMinor ?? 0), 0);
  const budgets = budgetsOf(input, placed, steps, capsInMinutes(job.caps), committed);
  const finish = steps.length > 0 ? Math.max(...steps.map((step) => step.end)) : null;
  const finishDate = finish === null ? null : localDateOf(finish, shop.timeZone);
  const lateDays = finishDate === null ? 0 : Math.max(0, daysBetween(job.promised, finishDate));
  const windows = windowsOf(network, placed);
  return {
    job: job.number,
    computedAt: now,
    parts,
    sections: job.sections.map((section) =>
      summarise(section.key, section.name, stackOf(section, shelf), parts),
    ),
    steps,
    stays: placed.stays,
    windows,
    sessions,
    shopping,
    budgets,
    quote: quoteOf(budgets, shop),
    finish,
    finishDate,
    lateDays,
    warnings: [
      ...(lateDays > 0 ? [{ code: 'late' as const, days: lateDays }] : []),
      ...breachesOf(budgets).map((breach) => ({ code: 'over-cap' as const, ...breach })),
      ...windows.flatMap((one) =>
        one.state === 'broken' ? [{ code: 'window-broken' as const, window: one.key, step: one.to }] : [],
      ),
      ...placed.unplaced.map((step) => ({ code: 'no-room' as const, step })),
      ...remedied.warnings,
      ...network.warnings,
    ],
  };
}

function priceSteps(
  placed: Placed,
  drawn: ReadonlyMap<string, { product: string; amount: number }[]>,
  job: Job,
  shelf: Shelf,
): PlannedStep[] {
  const facts = new Map(job.facts.map((fact) => [fact.step, fact]));
  return placed.steps.map((step) => {
    const planned = drawn
      .get(step.key)!
      .reduce((sum, one) => sum + one.amount * unitPriceMinor(shelf.get(one.product)?.packs ?? []), 0);
    const fact = facts.get(step.key);
    const isDone = fact?.status === 'done';
    return { ...step, materialsMinor: isDone ? fact.materialsMinor : toMinor(planned) };
  });
}

function summarise(key: string, name: string, stack: SectionStack, parts: readonly Part[]): SectionSummary {
  const own = parts.filter((part) => part.section === key);
  return {
    ...stack,
    section: key,
    name,
    outsideM2: own.reduce((sum, part) => sum + part.outsideM2, 0),
    insideM2: own.reduce((sum, part) => sum + part.insideM2, 0),
    layers: stack.layers.map(({ product, ...layer }) => ({
      ...layer,
      product: product.code,
      name: product.name,
    })),
  };
}
