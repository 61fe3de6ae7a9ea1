import { figuresFrom, type Figures } from '../figures';
import type { Shelf } from '../film';
import { capsInMinutes, quoteOf } from '../money';
import { placeNetwork, type PlacedNetwork } from './placed-network';
import type { Placed } from './calendar';
import { warningsOf } from './warnings-of';
import { budgetsOf } from './placed-budgets';
import { plannedProgramme } from './planned-passes';
import { goHoursOf } from './go-hours';
import type { Plan, PlanInput, PlannedStay, PlannedStep, SectionSummary } from './model';
import { drawsOf } from './draws';
import { coversOn } from './looks';
import { placeTaken, workAirC } from './place-taken';
import { tradeDates } from './trades';
import { windowsOf } from './windows';
import { matchedLog, movedEntries } from '../log';
import { colourOfKey, colourOnFace, type Job, type JobSection, type StepFact } from '../record';
import { stackOf, surfacesBySection, type SectionStack, type Step } from '../steps';
import {
  colourPools,
  drawnBySteps,
  sessionNeeds,
  type SessionNeed,
  shoppingList,
  unitPriceMinor,
  vocOf,
  wasteLines,
} from '../stores';
import { allowanceOf, hiddenWorkMin } from '../survey';
import { daysBetween, localDateOf, toMinor } from '../units';
import type { Part } from '../vehicle';

/**
 * The whole trip on one page: survey → steps (film inside) → schedule → windows → stores → budgets.
 * Deterministic: the same input gives the same plan. The input must have been parsed (`exchange`).
 */
export const planJob = (given: PlanInput): Plan => tellPlan(placeNetwork(given));

/** What a placed network comes to: windows, stores, budgets, and what the manager is to be told of it. */
export function tellPlan(taken: PlacedNetwork): Plan {
  const { input, parts, sections, network, placed } = taken;
  const { job, shop, shelf, now } = input;
  const figures = figuresFrom(shop.figures, job.figures);
  const stores = storesOf(taken, figures);
  const { steps, budgets } = stores;
  const surfaces = surfacesBySection(parts, sections);
  const matched = matchedLog(job.log, network.steps, surfaces);
  const told: Omit<Plan, 'warnings'> = {
    job: job.number,
    computedAt: now,
    parts,
    sections: sections.map((section) => summarise(section, stackOf(section, shelf), parts)),
    stays: placed.stays,
    covers: coversOn(steps, parts, sections, input.operations ?? []),
    windows: windowsOf(network, placed),
    goHours: goHoursOf(network, placed, input, now),
    ...stores,
    quote: quoteOf(budgets, shop),
    trades: tradeDates(job, steps, shop.timeZone),
    ...finishOf(steps, job, shop.timeZone),
    programme: plannedProgramme(network.programme, placed.stays, steps),
    moved: movedEntries(job.log, matched),
  };
  return { ...told, warnings: warningsOf(taken, told, { matched, surfaces }) };
}

type Stores = Pick<
  Plan,
  'steps' | 'sessions' | 'pools' | 'voc' | 'waste' | 'shopping' | 'budgets' | 'allowance'
>;

/** What steps draw, what is to be bought for it, and what all of it costs. */
function storesOf(taken: PlacedNetwork, figures: Figures): Stores {
  const { input, sections, network, placed } = taken;
  const { job, shop, shelf, now } = input;
  const sessions = sessionsOf(taken, new Map(placed.stays.map((stay) => [stay.key, stay])), figures);
  const drawn = drawnBySteps(network.steps, sessions, shelf, figures);
  const steps = priceSteps(placed, drawn, network.facts, shelf);
  const left = steps.filter((step) => step.state === 'planned');
  const pools = colourPools(sessions, coloursOf(job, network.steps, sections), figures);
  const draws = left.flatMap((step) => drawsOf(step, drawn, job.number, pools));
  const waste = wasteLines([...drawn.values()].flat(), sessions, shelf);
  const budgets = budgetsOf({ facts: network.facts, now }, placed, steps, capsInMinutes(job.caps));
  budgets.materialsMinor.planned += waste.reduce((sum, line) => sum + line.costMinor, 0);
  const year = Number(localDateOf(now, shop.timeZone).slice(0, 4));
  const allowance = allowanceOf(job, hiddenWorkMin(steps), year, figures);
  if (allowance) budgets.labourMin.planned += allowance.leftMin + allowance.foundMin;
  return {
    steps,
    sessions,
    pools,
    voc: vocOf(sessions, shelf, shop.vocLimitGL),
    waste,
    shopping: shoppingList(draws, shelf, shop),
    budgets,
    allowance,
  };
}

/** When a job ends, and how many days after its promise. */
function finishOf(
  steps: readonly PlannedStep[],
  { promised }: Pick<Job, 'promised'>,
  timeZone: string,
): Pick<Plan, 'finish' | 'finishDate' | 'lateDays'> {
  // The second look comes after the handover: it is booked, but nobody waits for it.
  const waited = steps.filter((step) => step.phase !== 'return');
  if (waited.length === 0) return { finish: null, finishDate: null, lateDays: 0 };
  const finish = Math.max(...waited.map((step) => step.end));
  const finishDate = localDateOf(finish, timeZone);
  return { finish, finishDate, lateDays: Math.max(0, daysBetween(promised, finishDate)) };
}

/** The mixes of the booth sessions, by the air of their coats. */
function sessionsOf(
  { input: { shop, shelf, now }, network, placed }: PlacedNetwork,
  stays: ReadonlyMap<string, PlannedStay>,
  figures: Figures,
): SessionNeed[] {
  const spots = new Map(placed.steps.map((step) => [step.key, step]));
  // A coat that found no room is reckoned at the air of today.
  const airOf = (step: Step) => {
    const { start = now, uses = [] } = spots.get(step.key) ?? {};
    return workAirC(placeTaken({ ...step, start, uses }, stays, shop), start, shop.timeZone);
  };
  const sprayed = ({ key }: Step) => sprayedAt(spots.get(key));
  return sessionNeeds(network.steps, shelf, { airOf, sprayedAt: sprayed, figures });
}

/** The stretch in which the gun runs: the flash that the painter stands by comes after it. */
function sprayedAt(step: PlannedStep | undefined): { from: number; to: number } | null {
  if (!step) return null;
  const flash = Math.min(step.figure.flashMin, step.end - step.start);
  return { from: step.start, to: step.end - flash };
}

/** The role and colour of each product of a session, for the batches that must match. */
const coloursOf = (job: Job, steps: readonly Step[], sections: readonly JobSection[]) =>
  new Map(
    steps.flatMap((step) => {
      if (!step.coat) return [];
      const section = sections.find((one) => one.key === step.sections[0]);
      const { session, product, role, faces } = step.coat;
      const colour = colourOfKey(job, section ? colourOnFace(section, faces) : '');
      return [[`${session}\n${product}`, { role, colour: colour.id, colourName: colour.name }] as const];
    }),
  );

function priceSteps(
  placed: Placed,
  drawn: ReadonlyMap<string, { product: string; amount: number }[]>,
  facts: readonly StepFact[],
  shelf: Shelf,
): PlannedStep[] {
  const known = new Map(facts.map((fact) => [fact.step, fact]));
  return placed.steps.map((step) => {
    const planned = drawn
      .get(step.key)!
      .reduce((sum, one) => sum + one.amount * unitPriceMinor(shelf.get(one.product)), step.quotedMinor ?? 0);
    const fact = known.get(step.key);
    const isDone = fact?.status === 'done';
    return { ...step, materialsMinor: isDone ? (fact.materialsMinor ?? toMinor(planned)) : toMinor(planned) };
  });
}

function summarise(section: JobSection, stack: SectionStack, parts: readonly Part[]): SectionSummary {
  const own = parts.filter((part) => part.section === section.key);
  return {
    ...stack,
    section: section.key,
    base: section.base ?? section.key,
    name: section.name,
    level: section.level,
    colour: section.colour,
    insideColour: section.insideColour,
    outsideM2: own.reduce((sum, part) => sum + part.outsideM2, 0),
    insideM2: own.reduce((sum, part) => sum + part.insideM2, 0),
    layers: stack.layers.map(({ product, ...layer }) => ({
      ...layer,
      product: product.code,
      name: product.name,
    })),
  };
}
