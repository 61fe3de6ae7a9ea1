import type { GunMotion } from '../booth';
import { figuresFrom, type Figures } from '../figures';
import { potLifeAt, waitingAt, type CoatingSheet, type Shelf } from '../film';
import { placeTaken, workAirC } from '../plan/place-taken';
import type { Plan, PlannedStep } from '../plan/model';
import type { Job } from '../record';
import type { Shop } from '../shop';
import { unitPriceMinor } from '../stores';
import { toMinor, type Minor, type Minute } from '../units';
import {
  coatedPanels,
  dryEdgeOf,
  panelAtShare,
  painterOf,
  roundOfCoat,
  type CoatedPanel,
  type CoatRound,
  type DryEdge,
} from '../plan/coat-round';

/** A pot that a coat is laid from. */
export interface CoatPot {
  litres: number;
  /** Mixed so long before its first use as the sheet lets it stand. */
  mixedAt: Minute;
  usedFrom: Minute;
  /** No longer used after this; null without a pot life. */
  diesAt: Minute | null;
  /** The panel at whose edge it takes over within the coat; null where it is there from the first. */
  fromPanel: string | null;
}

/** What does not fit at the air of the day, and what helps. */
export type CoatTrouble =
  /** Each painter comes back to an edge that has dried. @see dryEdgeOf */
  | ({ code: 'edge-dries' } & Omit<DryEdge, 'step' | 'product'>)
  /** The coat takes longer than a pot can be used. */
  | { code: 'outlasts-pot'; gunMin: number; lifeMin: number; pots: number; costMinor: Minor }
  /** Warmer or colder than the product's limits: another hardener or reducer, or another hour. */
  | { code: 'outside-air'; airC: number; leastC: number; mostC: number };

/** All that is needed to spray one coat. */
export interface CoatCard {
  step: string;
  session: string;
  name: string;
  subject: string;
  product: string;
  coat: number;
  of: number;
  start: Minute;
  end: Minute;
  airC: number;
  areaM2: number;
  panels: number;
  litres: number;
  pots: CoatPot[];
  /** Minutes that the gun runs, as planned, and that one painter takes for a round by the motion of the gun. */
  gunMin: number;
  roundMin: number;
  /** The same for the largest side, whose strokes are joined wet. */
  stretchMin: number;
  edgeMin: number;
  flashMin: number;
  painters: string[];
  /** What it waits for before it may be booked; empty where it is. */
  heldBy: readonly string[];
  motion: GunMotion;
  troubles: CoatTrouble[];
}

/** What cards are read from. */
export interface CardGiven {
  job: Job;
  shop: Shop;
  shelf: Shelf;
}

/** A card for each coat that is still to be sprayed, in the order of the plan. */
export function coatCards(plan: Plan, { job, shop, shelf }: CardGiven): CoatCard[] {
  const figures = figuresFrom(shop.figures, job.figures);
  const stays = new Map(plan.stays.map((stay) => [stay.key, stay]));
  return plan.steps
    .filter((step) => step.coat !== null && step.state !== 'done')
    .sort((a, b) => a.start - b.start)
    .flatMap((step): CoatCard[] => {
      const sheet = shelf.get(step.coat!.product)?.coating;
      if (!sheet || sheet.method !== 'spray') return [];
      const airC = workAirC(placeTaken(step, stays, shop), step.start, shop.timeZone);
      return [cardOf(step, plan, { sheet, airC, figures, shop, shelf })];
    });
}

interface Sprayed {
  sheet: CoatingSheet;
  airC: number;
  figures: Figures;
  shop: Shop;
  shelf: Shelf;
}

function cardOf(step: PlannedStep, plan: Plan, given: Sprayed): CoatCard {
  const { sheet, airC, figures, shop } = given;
  const { product, coat, of, areaM2, litres, session } = step.coat!;
  const round = roundOfCoat({ ...step, coat: step.coat! }, plan.parts, {
    sheet,
    airC,
    figures,
    painter: painterOf(step, shop.people),
  });
  const people = new Map(shop.people.map(({ id, name }) => [id, name]));
  const own = coatedPanels(step, plan);
  const gunMin = Math.max(1, step.end - step.start - step.figure.flashMin);
  const card = {
    step: step.key,
    session,
    name: step.name,
    subject: step.subject,
    product,
    coat,
    of,
    start: step.start,
    end: step.end,
    airC,
    areaM2,
    panels: own.length,
    litres,
    pots: potsOfCoat(step, plan, { ...given, gunMin, panels: own }),
    gunMin,
    roundMin: round.roundMin,
    stretchMin: round.stretchMin,
    edgeMin: round.edgeMin,
    flashMin: waitingAt(sheet, 'flashMin', airC) ?? step.figure.flashMin,
    painters: step.uses.flatMap((id) => people.get(id) ?? []),
    heldBy: step.heldBy,
    motion: round.motion,
  };
  return { ...card, troubles: troublesOf(step, card, round, given) };
}

/** Minutes that a pot can be used once it has stood as its sheet asks; null without a pot life. */
const usableMin = (sheet: CoatingSheet, airC: number): number | null => {
  const life = potLifeAt(sheet, airC);
  return life === null ? null : Math.max(1, life - sheet.inductionMin);
};

/** The pots of its session that are used while the gun runs; a change within the coat waits for the edge of a panel. */
function potsOfCoat(
  step: PlannedStep,
  plan: Plan,
  { sheet, airC, gunMin, panels }: Sprayed & { gunMin: number; panels: readonly CoatedPanel[] },
): CoatPot[] {
  const need = plan.sessions.find(
    (one) => one.session === step.coat!.session && one.product === step.coat!.product,
  );
  const until = step.start + gunMin;
  const life = usableMin(sheet, airC);
  return (need?.pots ?? [])
    .filter((pot) => pot.from < until && pot.to > step.start)
    .map((pot): CoatPot => ({
      litres: pot.litres,
      mixedAt: pot.from - sheet.inductionMin,
      usedFrom: pot.from,
      diesAt: life === null ? null : pot.from + life,
      fromPanel: pot.from <= step.start ? null : panelAtShare(panels, (pot.from - step.start) / gunMin),
    }));
}

function troublesOf(
  step: PlannedStep,
  { gunMin, airC }: Omit<CoatCard, 'troubles'>,
  round: CoatRound,
  { sheet, figures, shop, shelf }: Sprayed,
): CoatTrouble[] {
  const product = step.coat!.product;
  const troubles: CoatTrouble[] = [];
  const hands = Math.max(1, step.crew);
  const given = { minutes: step.end - step.start, hands, airC };
  const edge = dryEdgeOf(round, given, shop.labourRateMinorPerHour);
  if (edge) troubles.push({ code: 'edge-dries', ...edge });
  const life = usableMin(sheet, airC);
  if (life !== null && gunMin > life) {
    const pots = Math.ceil(gunMin / life - dust);
    const loss = figures('mix.batch-loss', { product });
    const sold = shelf.get(product);
    const costMinor = toMinor((pots - 1) * loss * (sold ? unitPriceMinor(sold) : 0));
    troubles.push({ code: 'outlasts-pot', gunMin, lifeMin: life, pots, costMinor });
  }
  if (airC < sheet.minAirC || airC > sheet.maxAirC)
    troubles.push({ code: 'outside-air', airC, leastC: sheet.minAirC, mostC: sheet.maxAirC });
  return troubles;
}

const dust = 1e-9;
