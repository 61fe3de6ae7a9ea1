import { figuresFrom, type Figures } from '../figures';
import { checkStack, type Shelf } from '../film';
import { breachesOf, capsInMinutes, quoteOf } from '../money';
import { placeNetwork, type PlacedNetwork } from './placed-network';
import type { Placed } from './calendar';
import { budgetsOf } from './placed-budgets';
import { plannedProgramme } from './planned-passes';
import { forecastStops } from './true-air';
import { goHoursOf } from './go-hours';
import type {
  Plan,
  PlanInput,
  PlannedStay,
  PlannedStep,
  PlanWarning,
  PlanWindow,
  SectionSummary,
} from './model';
import { drawsOf } from './draws';
import { coversOn } from './looks';
import { oldTape } from './tape';
import { placeTaken, workAirC } from './place-taken';
import { colourWarnings } from './colour-warnings';
import { fieldLines } from './field-lines';
import { fieldRidges } from './field-ridges';
import { dryEdges } from './dry-edges';
import { lateSamples } from './sample-warnings';
import { schemeWarnings } from './scheme-warnings';
import { tradeDates } from './trades';
import { windowsOf } from './windows';
import { matchedLog, movedEntries } from '../log';
import { colourOfKey, colourOnFace, type Job, type JobSection, type StepFact } from '../record';
import { catalogueWith, stackOf, surfacesBySection, type SectionStack, type Step } from '../steps';
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
import { allowanceOf, coversBeforePaint, hiddenWorkMin } from '../survey';
import { costOfMinutes, daysBetween, localDateOf, toMinor, type Minor } from '../units';
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

  const stays = new Map(placed.stays.map((stay) => [stay.key, stay]));
  const sessions = sessionsOf(taken, stays, figures);
  const drawn = drawnBySteps(network.steps, sessions, shelf, figures);
  const steps = priceSteps(placed, drawn, network.facts, shelf);
  const left = steps.filter((step) => step.state === 'planned');
  const pools = colourPools(sessions, coloursOf(job, network.steps, sections), figures);
  const draws = left.flatMap((step) => drawsOf(step, drawn, job.number, pools));
  const shopping = shoppingList(draws, shelf, shop);

  const waste = wasteLines([...drawn.values()].flat(), sessions, shelf);
  const budgets = budgetsOf({ facts: network.facts, now: input.now }, placed, steps, capsInMinutes(job.caps));
  budgets.materialsMinor.planned += waste.reduce((sum, line) => sum + line.costMinor, 0);
  const allowance = allowanceOf(
    job,
    hiddenWorkMin(steps),
    Number(localDateOf(now, shop.timeZone).slice(0, 4)),
    figures,
  );
  if (allowance) budgets.labourMin.planned += allowance.leftMin + allowance.foundMin;
  // The second look comes after the handover: it is booked, but nobody waits for it.
  const promised = steps.filter((step) => step.phase !== 'return');
  const finish = promised.length > 0 ? Math.max(...promised.map((step) => step.end)) : null;
  const finishDate = finish === null ? null : localDateOf(finish, shop.timeZone);
  const lateDays = finishDate === null ? 0 : Math.max(0, daysBetween(job.promised, finishDate));
  const windows = windowsOf(network, placed);
  const surfaces = surfacesBySection(parts, sections);
  const moved = movedEntries(job.log, matchedLog(job.log, network.steps, surfaces));
  return {
    job: job.number,
    computedAt: now,
    parts,
    sections: sections.map((section) => summarise(section, stackOf(section, shelf), parts)),
    steps,
    stays: placed.stays,
    covers: coversOn(steps, parts, sections, {
      operations: input.operations ?? [],
      ratedDays: figures('tape.days'),
    }),
    windows,
    goHours: goHoursOf(network, placed, input, now),
    sessions,
    pools,
    voc: vocOf(sessions, shelf, shop.vocLimitGL),
    waste,
    shopping,
    budgets,
    quote: quoteOf(budgets, shop),
    trades: tradeDates(job, steps, shop.timeZone),
    allowance,
    finish,
    finishDate,
    lateDays,
    warnings: warningsOf(taken, { steps, windows, budgets, lateDays, shopping, stays: placed.stays }),
    programme: plannedProgramme(network.programme, placed.stays, steps),
    moved,
  };
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

/** What the manager is to be told of the plan, the gravest first. */
function warningsOf(
  { input: { job, shop, shelf, now }, input, parts, sections, network, placed, warnings }: PlacedNetwork,
  {
    steps,
    windows,
    budgets,
    lateDays,
    shopping,
    stays,
  }: Pick<Plan, 'steps' | 'windows' | 'budgets' | 'lateDays' | 'shopping' | 'stays'>,
): PlanWarning[] {
  const lines = fieldLines(sections, parts, network.programme);
  return [
    ...(lateDays > 0 ? [{ code: 'late' as const, days: lateDays }] : []),
    ...breachesOf(budgets).map((breach) => ({ code: 'over-cap' as const, ...breach })),
    ...windows.flatMap((one) =>
      one.state === 'broken' ? [{ code: 'window-broken' as const, window: one.key, step: one.to }] : [],
    ),
    ...placed.unplaced.map((step) => ({ code: 'no-room' as const, step })),
    ...coversBeforePaint(job.surveyed, parts, steps, shop.timeZone).map((late) => ({
      code: 'covered-unpainted' as const,
      ...late,
    })),
    ...oldTape(
      steps,
      catalogueWith(input.operations ?? []),
      figuresFrom(shop.figures, job.figures)('tape.days'),
    ).map((tape) => ({
      code: 'old-tape' as const,
      ...tape,
    })),
    ...remediesOf(windows, steps, shop.labourRateMinorPerHour),
    ...schemeWarnings(job, sections, parts),
    ...fieldRidges(job, lines, (one) => stackOf(one, shelf)),
    ...colourWarnings(job, sections, {
      stackOf: (one) => stackOf(one, shelf),
      lines,
      now,
      timeZone: shop.timeZone,
    }),
    ...dryEdges(steps, { stays, parts, shop, shelf, figures: figuresFrom(shop.figures, job.figures) }).map(
      (edge) => ({ code: 'edge-dries' as const, ...edge }),
    ),
    ...lateSamples(shopping, steps, sections, shop.timeZone),
    ...warnings,
    ...missedPins(steps),
    ...forecastStops(input, network, steps),
    ...network.warnings,
    ...sections.flatMap((section) => stackWarnings(section, stackOf(section, shelf))),
  ];
}

/** What each window that scuffing had to reopen costs in minutes and money. */
function remediesOf(
  windows: readonly PlanWindow[],
  steps: readonly PlannedStep[],
  rateMinorPerHour: Minor,
): PlanWarning[] {
  const remedied = windows.flatMap((one) => (one.remedy === null ? [] : [[one.remedy, one] as const]));
  return [...new Map(remedied)].flatMap(([key, { product, to }]) => {
    const scuffing = steps.find((step) => step.key === key);
    if (!scuffing || product === null) return [];
    const { personMinutes, materialsMinor } = scuffing;
    const costMinor = toMinor(costOfMinutes(personMinutes, rateMinorPerHour) + materialsMinor);
    return [{ code: 'remedied', product, step: to, personMinutes, costMinor }];
  });
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

/** Steps that could not begin at the minute they are pinned to. */
const missedPins = (steps: readonly PlannedStep[]): PlanWarning[] =>
  steps.flatMap(({ key, state, start, pinnedAt }) =>
    state === 'planned' && pinnedAt !== null && start !== pinnedAt
      ? [{ code: 'pin-missed' as const, step: key, wanted: pinnedAt, start }]
      : [],
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

/** What the sheets and the trade say against a section's stack; notes stay in the Film room. */
const stackWarnings = (section: JobSection, { layers }: SectionStack): PlanWarning[] =>
  checkStack(layers, section.substrate, section.depth === 'bare').flatMap((fault) =>
    fault.grade === 'note' || section.level === 'Keep'
      ? []
      : [{ code: 'stack' as const, section: section.key, fault }],
  );

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
