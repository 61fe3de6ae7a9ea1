import { batchesOnHand } from '@/core/stores';
import { colourRoles, type LayerRole, type Product, type Reopening, type Shelf } from '@/core/film';
import {
  batchesOnPanels,
  boxAdvice,
  cleanStates,
  coatCounter,
  cureClocks,
  panelCoats,
  type BoxAdvice,
  type CleanState,
  type ColourBatches,
  type CoatMark,
  type CureClock,
} from '@/core/log';
import { figuresFrom } from '@/core/figures';
import type { Plan, PlannedStep } from '@/core/plan';
import {
  colourOfKey,
  colourOnFace,
  standingEntries,
  type Job,
  type LoggedAir,
  type StockMove,
} from '@/core/record';
import { coatCards, type CoatCard } from '@/core/readings/coat-card';
import { areaOfCoat } from '@/core/readings/area-of-coat';
import type { Shop } from '@/core/shop';
import { panelsOf, type Part } from '@/core/vehicle';
import { dryCues } from '../words/dry-cues';
import type { Locale } from '../words/format';

/** A coat of a session as it is tapped: what goes on, and how far it is. */
export interface SessionCoat {
  step: string;
  role: LayerRole;
  product: string;
  name: string;
  nth: number;
  of: number;
  faces: 'outside' | 'both' | 'inside';
  done: boolean;
  litres: number;
  flashMin: number | null;
  batches: string[];
}

export interface TapPanel {
  key: string;
  name: string;
  /** One for each coat of the session. */
  marks: CoatMark[];
  clean: CleanState;
  /** Its tape edges were ticked since its section was last masked. */
  sealed: boolean;
}

export interface BoothSession {
  key: string;
  subject: string;
  start: number;
  end: number;
  held: boolean;
  coats: SessionCoat[];
  panels: TapPanel[];
  /** Key of the step that wipes and of those who were at it. */
  wipe: string | null;
  needs: { product: string; name: string; readyL: number; batches: number }[];
  /** Minute from which one may enter unprotected after the last coat that was tapped; null where nothing clears. */
  clearAt: number | null;
}

export interface ClockRow extends CureClock {
  name: string;
  productName: string;
  cue: string | null;
  /** What has to be done once the window has closed. */
  afterMax: Reopening;
}

/** A card with the names that a painter reads. */
export interface CardShown extends CoatCard {
  productName: string;
  family: string;
}

export interface BoothProps {
  job: string;
  now: number;
  locale: Locale;
  sessions: BoothSession[];
  clocks: ClockRow[];
  cards: CardShown[];
  colours: (ColourBatches & { productName: string; box: BoxAdvice })[];
  people: { id: string; name: string; paints: boolean }[];
  /** The air that was logged last, to begin with. */
  lastAir: LoggedAir | null;
  boothC: number;
}

/** What the booth shows of a job and its log. @param moves the stock book, for the batches on the tins */
export function boothProps(
  job: Job,
  plan: Plan,
  { shop, shelf, moves, now }: { shop: Shop; shelf: Shelf; moves: readonly StockMove[]; now: number },
): BoothProps {
  const boothC = shop.places.find((place) => place.kind === 'booth')?.airC ?? 20;
  const nameOf = (code: string) => shelf.get(code)?.name ?? code;
  const steps = new Map(plan.steps.map((step) => [step.key, step]));
  const panelsOn = (step: string) => {
    const sections = new Set(steps.get(step)?.sections ?? []);
    return panelsOf(plan.parts.filter((part) => sections.has(part.section)));
  };
  const panelsOfStep = (step: string) => panelsOn(step).map((panel) => panel.key);
  const clean = cleanStates(
    panelsOf(plan.parts).map((panel) => panel.key),
    job.log,
    { partsOfStep: panelsOfStep, dirties: (step) => dirties(steps.get(step)), now, timeZone: shop.timeZone },
  );
  const clearingMin = figuresFrom(shop.figures, job.figures)('session.clearing');
  const sessions = sessionKeys(plan).map((key) =>
    sessionOf(key, job, plan, { shelf, clearingMin, moves, clean, panelsOn, nameOf }),
  );
  const names = new Map(plan.parts.map((part) => [part.key, part.name]));
  return {
    job: job.number,
    now,
    locale: { timeZone: shop.timeZone, currency: shop.currency },
    sessions,
    cards: coatCards(plan, { job, shop, shelf }).map((card) => ({
      ...card,
      productName: nameOf(card.product),
      family: shelf.get(card.product)?.coating?.family ?? '',
    })),
    clocks: cureClocks(job.log, shelf, boothC).map((clock) => ({
      ...clock,
      name: names.get(clock.coat.part) ?? clock.coat.part,
      productName: nameOf(clock.coat.product),
      cue: cueOf(shelf.get(clock.coat.product)),
      afterMax: shelf.get(clock.coat.product)!.coating!.afterMax,
    })),
    colours: coloursOf(job, plan, moves, nameOf),
    people: shop.people.map(({ id, name, skills }) => ({ id, name, paints: skills.includes('paint') })),
    lastAir:
      standingEntries(job.log)
        .filter((entry) => entry.coat?.air)
        .at(-1)?.coat?.air ?? null,
    boothC,
  };
}

/** Sanding and dusty work undoes a wipe. */
const dirties = (step: PlannedStep | undefined): boolean =>
  step !== undefined && step.coat === null && (step.tags.includes('dusty') || step.tags.includes('wet'));

/** Sessions of the booth and coats by roller, in the order they are planned. */
function sessionKeys(plan: Plan): string[] {
  const keys = new Map<string, number>();
  for (const step of plan.steps)
    if (step.coat) keys.set(step.coat.session, Math.min(keys.get(step.coat.session) ?? Infinity, step.start));
  return [...keys].sort((a, b) => a[1] - b[1]).map(([key]) => key);
}

interface Around {
  shelf: Shelf;
  /** Minutes that the booth clears after isocyanate. */
  clearingMin: number;
  moves: readonly StockMove[];
  clean: ReadonlyMap<string, CleanState>;
  panelsOn(step: string): Part[];
  nameOf(code: string): string;
}

function sessionOf(key: string, job: Job, plan: Plan, around: Around): BoothSession {
  const { shelf, moves, clean, nameOf } = around;
  const coats = plan.steps.filter((step) => step.coat?.session === key);
  const stay = plan.stays.find((one) => one.key === key);
  const insideOnly = coats.every((step) => step.coat!.faces === 'inside');
  const parts = around.panelsOn(coats[0]!.key).filter((panel) => !insideOnly || panel.insideM2 > 0);
  const keys = coats.map((step) => step.key);
  const sealed = sealedParts(job.log, plan, around.panelsOn);
  const counter = coatCounter(
    keys,
    parts.map((part) => part.key),
    job.log,
  );
  const laid = panelCoats(job.log).filter((one) => keys.includes(one.step));
  const last = laid.at(-1);
  const clears = last && shelf.get(last.product)?.hazards.includes('isocyanate');
  return {
    key,
    subject: stay?.subject ?? coats[0]!.subject,
    start: stay?.start ?? coats[0]!.start,
    end: stay?.end ?? coats.at(-1)!.end,
    held: stay !== undefined,
    coats: coats.map((step) => ({
      step: step.key,
      role: step.coat!.role,
      product: step.coat!.product,
      nth: step.coat!.coat,
      name: nameOf(step.coat!.product),
      of: step.coat!.of,
      faces: step.coat!.faces,
      done: step.state === 'done',
      litres: step.coat!.litres,
      flashMin: shelf.get(step.coat!.product)?.coating?.flashMin ?? null,
      batches: batchesOnHand(moves, step.coat!.product).map((one) => one.batch),
    })),
    panels: counter.map((row, i) => ({
      key: row.part,
      name: parts[i]!.name,
      marks: row.marks,
      clean: clean.get(row.part)!,
      sealed: sealed.has(row.part),
    })),
    wipe: plan.steps.find((step) => step.key === `${key}/wipe`)?.key ?? null,
    needs: plan.sessions
      .filter((need) => need.session === key)
      .map(({ product, readyL, batches }) => ({ product, name: nameOf(product), readyL, batches })),
    clearAt: clears ? last.at + around.clearingMin : null,
  };
}

const cueOf = (product: Product | undefined): string | null =>
  product?.coating ? (dryCues[product.coating.family] ?? null) : null;

/** Panels whose tape edges were ticked after their section was last masked. */
function sealedParts(log: Job['log'], plan: Plan, panelsOn: Around['panelsOn']): Set<string> {
  const masked = new Map<string, number>();
  for (const step of plan.steps)
    if (step.operation.startsWith('mask') && step.state !== 'planned')
      for (const { key } of panelsOn(step.key)) masked.set(key, Math.max(masked.get(key) ?? 0, step.start));
  return new Set(
    standingEntries(log).flatMap((entry) =>
      entry.kind === 'sealed' ? entry.parts.filter((part) => entry.at >= (masked.get(part) ?? 0)) : [],
    ),
  );
}

/** Batch against panel by colour, and which tins to box before what is left of it. */
function coloursOf(
  job: Job,
  plan: Plan,
  moves: readonly StockMove[],
  nameOf: (code: string) => string,
): BoothProps['colours'] {
  const summaries = new Map(plan.sections.map((one) => [one.section, one]));
  const colourOf = (area: string | undefined, face: 'outside' | 'inside' | 'both') => {
    const summary = summaries.get(area ?? '');
    return summary ? colourOfKey(job, colourOnFace(summary, face)).name : '';
  };
  const areaOf = areaOfCoat(plan);
  const isPooled = (role: string) => colourRoles.has(role);
  const lots = batchesOnPanels(job.log, (coat) => colourOf(areaOf(coat), coat.face), isPooled);
  return lots.map((lot) => {
    const left = plan.steps
      .filter(
        (step) =>
          step.state === 'planned' &&
          step.coat?.product === lot.product &&
          colourOf(step.sections[0], step.coat.faces) === lot.colour,
      )
      .reduce((sum, step) => sum + step.coat!.litres, 0);
    const others = new Set(lots.flatMap((one) => (one === lot ? [] : one.batches)));
    const onHand = batchesOnHand(moves, lot.product)
      .filter((one) => !others.has(one.batch))
      .map(({ batch, amount }) => ({ batch, litres: amount }));
    return { ...lot, productName: nameOf(lot.product), box: boxAdvice(onHand, left) };
  });
}
