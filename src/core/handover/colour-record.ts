import type { CoatingSheet, Shelf } from '../film';
import { batchesOfSteps, panelCoats } from '../log';
import type { Plan } from '../plan/model';
import {
  colourOfKey,
  sampleState,
  type Job,
  type JobColour,
  type MatchAttempt,
  type Sample,
  type StockMove,
} from '../record';
import { reserveLabels, type ReserveLabel } from '../stores';
import { localDateOf } from '../units';

/** A product that a colour was laid with, and how. */
export interface LaidProduct {
  product: string;
  name: string;
  coats: number;
  /** How it is sprayed or rolled by its sheet; null where the shelf has none any more. */
  sheet: Pick<CoatingSheet, 'method' | 'application' | 'mix'> | null;
  /** Panels by the batch of their last coat; an empty batch is one that nobody wrote down. */
  batches: { batch: string; panels: string[] }[];
}

/** What is known of a colour, so that it can be laid again. */
export interface ColourRecord {
  colour: JobColour;
  products: LaidProduct[];
  /** The sample that was accepted, or the risk that was taken; null where nothing was said. */
  approved: Sample | null;
  /** Tries at a match, the latest last. */
  attempts: MatchAttempt[];
  reserves: ReserveLabel[];
}

/** Each colour that the plan lays: code or recipe, products with their batches by panel, the sample, and what is kept. */
export function colourRecord(
  job: Job,
  plan: Plan,
  { shelf, moves, timeZone }: { shelf: Shelf; moves: readonly StockMove[]; timeZone: string },
): ColourRecord[] {
  const keys = [...new Set(plan.sections.flatMap((one) => (one.layers.length > 0 ? [one.colour] : [])))];
  const colourOfSection = new Map(plan.sections.map((one) => [one.section, one.colour]));
  return keys.map((key): ColourRecord => {
    const colour = colourOfKey(job, key);
    const steps = plan.steps.filter(
      (step) =>
        (step.phase === 'colour' || step.phase === 'clear') &&
        step.coat !== null &&
        step.sections.some((section) => colourOfSection.get(section) === key),
    );
    const verdict = sampleState(job.samples, key).entry;
    return {
      colour,
      products: [...new Set(steps.map((step) => step.coat!.product))].map((product) =>
        laidProduct(product, steps, job, shelf),
      ),
      approved: verdict?.verdict === 'accepted' || verdict?.verdict === 'at-risk' ? verdict : null,
      attempts: job.matchAttempts
        .filter((one) => one.colour === key)
        .sort((a, b) => a.onDate.localeCompare(b.onDate)),
      reserves: plan.pools
        .filter((pool) => pool.colour === key)
        .flatMap((pool) => labelsOfPool(pool, job, plan, { shelf, moves, timeZone })),
    };
  });
}

function laidProduct(product: string, steps: Plan['steps'], job: Job, shelf: Shelf): LaidProduct {
  const own = steps.filter((step) => step.coat?.product === product);
  const keys = new Set(own.map((step) => step.key));
  const found = shelf.get(product);
  // The batch of the last coat is the one that is seen.
  const last = new Map<string, string>();
  for (const coat of panelCoats(job.log))
    if (coat.product === product && keys.has(coat.step)) last.set(coat.part, coat.batch);
  const batches = new Map<string, string[]>();
  for (const [part, batch] of last) batches.set(batch, [...(batches.get(batch) ?? []), part]);
  return {
    product,
    name: found?.name ?? product,
    coats: Math.max(...own.map((step) => step.coat!.coat)),
    sheet: found?.coating ?? null,
    batches: [...batches].map(([batch, panels]) => ({ batch, panels })),
  };
}

/** Labels of what is kept of one pool; none while nothing of it is planned. */
export function labelsOfPool(
  pool: Plan['pools'][number],
  job: Pick<Job, 'log'>,
  plan: Pick<Plan, 'steps'>,
  { shelf, moves, timeZone }: { shelf: Shelf; moves: readonly StockMove[]; timeZone: string },
): ReserveLabel[] {
  const coats = plan.steps.filter((step) => step.coat && pool.sessions.includes(step.coat.session));
  const first = Math.min(...coats.map((step) => step.start));
  if (!Number.isFinite(first)) return [];
  const keys = new Set(coats.filter((step) => step.coat?.product === pool.product).map((step) => step.key));
  return reserveLabels(pool, {
    shelf,
    moves,
    madeOn: localDateOf(first, timeZone),
    batches: batchesOfSteps(job.log, keys),
  });
}
