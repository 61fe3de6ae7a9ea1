import { climateStops, waitAcross, type WaitKey } from '../film';
import type { Placed } from './calendar';
import { waitForReturns } from './true-returns';
import { placeRemedied } from './windows';
import type { PlanInput, PlannedStep, PlanWarning } from './model';
import { airFrom, airOnDay, type AirUntil, type Place, type Shop } from '../shop';
import type { Step, StepLink, StepNetwork } from '../steps';
import { localDateOf } from '../units';

const mostRounds = 5;
/** From this round on waits are only lengthened, so that the rounds come to an end with none too short. */
const onlyLonger = 2;
const daysAhead = 60;
const monthBackMin = 30 * 1440;

/**
 * Waits for sanding at the air of their own nights: the builder reckons with the coldest night of a month, but not with
 * weekends, closed days and typed forecasts. Where a wait begun on its planned day takes longer than was reckoned, it is
 * lengthened and the job placed anew, until none is short; one that then begins on another day goes by that day's air.
 */
export function waitInTrueAir(
  input: PlanInput,
  network: StepNetwork,
  first: Placed,
): { placed: Placed; warnings: PlanWarning[] } {
  const bays = input.shop.places.filter((place) => place.kind === 'bay');
  const [bay] = bays;
  let placed = first;
  const rounds: Rounds = { warnings: new Map(), reckoned: new Map() };
  const isConstant =
    !bay || bays.every((one) => one.profile === null && one.forecast.length === 0 && one.airC === bay.airC);
  for (let round = 0; round < mostRounds; round += 1) {
    let moved = waitForReturns(network, placed, input.shop);
    if (!isConstant) {
      const waits = trueWaits(input, network, placed, airsOfBays(bays, bay, input.shop, network, placed));
      moved = setWaits(waits, rounds, round) || moved;
    }
    if (!moved) break;
    // What waits longer may be too late for a window that was kept before.
    placed = placeRemedied(input, network);
  }
  return tightened(input, network, placed, {
    bays,
    bay,
    reckoned: rounds.reckoned,
    warnings: rounds.warnings,
  });
}

/** What the rounds so far have changed. */
interface Rounds {
  warnings: Map<StepLink, Extract<PlanWarning, { code: 'air-longer' }>>;
  /** What waits took before they were lengthened. */
  reckoned: Map<Step | StepLink, number>;
}

/** Lengthens waits that are short where they stand, and shortens those that have become too long. @returns whether any changed */
function setWaits(waits: readonly TrueWait[], { warnings, reckoned }: Rounds, round: number): boolean {
  const needed = neededBy(waits);
  let moved = false;
  for (const { link, product, cure, wait, from, to } of waits) {
    const plannedMin = cure ? cure.minutes : link.min;
    const ready = cure ? to.end : to.start;
    const least = reckoned.get(cure ?? link) ?? plannedMin;
    const longest = cure ? needed.get(cure)! : wait;
    const isShort = wait > plannedMin && ready < from.end + wait;
    const isLong = round < onlyLonger && plannedMin > Math.max(least, longest);
    if (!isShort && !isLong) continue;
    reckoned.set(cure ?? link, least);
    moved = true;
    const minutes = Math.max(least, isShort ? wait : longest);
    if (cure) cure.minutes = minutes;
    else link.min = minutes;
    if (minutes <= least) {
      warnings.delete(link);
      continue;
    }
    warnings.set(link, { code: 'air-longer', product, step: link.to, minutes, plannedMin: least });
  }
  return moved;
}

/**
 * Waits that were lengthened for a place they have since left are shortened to what they take where they stand, every start
 * kept: else an accepted plan, reckoned from where its steps stand, would propose shorter ones.
 */
function tightened(
  input: PlanInput,
  network: StepNetwork,
  placed: Placed,
  { bays, bay, reckoned, warnings }: Lengthened,
): { placed: Placed; warnings: PlanWarning[] } {
  const as = { placed, warnings: [...warnings.values()] };
  if (!bay || reckoned.size === 0) return as;
  const waits = trueWaits(input, network, placed, airsOfBays(bays, bay, input.shop, network, placed));
  const long = [...neededBy(waits)].flatMap(([cure, wait]) => {
    const minutes = Math.max(wait, reckoned.get(cure) ?? cure.minutes);
    return minutes < cure.minutes ? [{ cure, before: cure.minutes, minutes }] : [];
  });
  if (long.length === 0) return as;
  for (const { cure, minutes } of long) cure.minutes = minutes;
  const starts = new Map([...placed.at].map(([key, { start }]) => [key, start]));
  const kept = placeRemedied({ ...input, agreedStarts: starts }, network);
  if ([...starts].every(([key, start]) => kept.at.get(key)?.start === start)) {
    for (const warning of warnings.values()) {
      const cut = long.find(({ cure }) => cure.key === warning.step);
      if (cut) warning.minutes = cut.minutes;
    }
    return {
      placed: kept,
      warnings: [...warnings.values()].filter((one) => one.minutes > one.plannedMin),
    };
  }
  for (const { cure, before } of long) cure.minutes = before;
  return as;
}

interface Lengthened extends Rounds {
  bays: readonly Place[];
  bay: Place | undefined;
}

interface TrueWait {
  link: StepLink;
  product: string;
  /** The wait where it is a step of its own after a session; null where it is a lag. */
  cure: Step | null;
  /** Minutes it takes from its planned beginning, in the air it stands in. */
  wait: number;
  from: { end: number };
  to: { start: number; end: number };
}

/** Minutes each cure takes: as long as the film needs that needs it longest. */
function neededBy(waits: readonly TrueWait[]): Map<Step, number> {
  const needed = new Map<Step, number>();
  for (const { cure, wait } of waits) if (cure) needed.set(cure, Math.max(needed.get(cure) ?? 0, wait));
  return needed;
}

/** The waits that lie ahead, each as long as it takes where it stands in a placing. */
function trueWaits(
  { shelf }: PlanInput,
  network: StepNetwork,
  placed: Placed,
  airAt: (step: Step) => AirUntil[],
): TrueWait[] {
  const steps = new Map(network.steps.map((step) => [step.key, step]));
  return network.links.flatMap((link): TrueWait[] => {
    const { why } = link;
    const key = keyOf(why);
    if (key === null || !('product' in why)) return [];
    const [from, to] = [placed.at.get(link.from), placed.at.get(link.to)];
    const sheet = shelf.get(why.product)?.coating;
    if (!from || !to?.isAhead || !sheet) return [];
    const next = steps.get(link.to)!;
    const wait = waitAcross(sheet, key, from.end, airAt(next));
    if (wait === null) return [];
    return [{ link, product: why.product, cure: next.kind === 'passive' ? next : null, wait, from, to }];
  });
}

/**
 * The air that a wait goes by: of the bay in which the work stands that waits, or for a cure the work after it; what
 * stands in none waits in the first. One list of airs a bay: each wait begins to read it where it begins.
 */
function airsOfBays(
  bays: readonly Place[],
  usual: Place,
  shop: Shop,
  { links, steps }: StepNetwork,
  placed: Placed,
): (step: Step) => AirUntil[] {
  const places = new Map(placed.stays.map((stay) => [stay.key, stay.place]));
  const bayOf = ({ hold }: Step) => bays.find((one) => hold !== null && one.id === places.get(hold));
  const byKey = new Map(steps.map((step) => [step.key, step]));
  const after = new Map<string, Place>();
  for (const { from, to } of links) {
    const bay = byKey.get(from)?.kind === 'passive' ? bayOf(byKey.get(to)!) : undefined;
    if (bay && !after.has(from)) after.set(from, bay);
  }
  const airs = new Map<string, AirUntil[]>();
  return (step) => {
    const place = bayOf(step) ?? after.get(step.key) ?? usual;
    const known = airs.get(place.id) ?? airAhead(place, shop, placed.at);
    airs.set(place.id, known);
    return known;
  };
}

/** The time of a sheet that a link waits for in the bay; null for any other link. */
function keyOf({ code }: StepLink['why']): WaitKey | null {
  switch (code) {
    case 'sand-after':
      return 'sandAfterMin';
    case 'tape-after':
      return 'tapeAfterMin';
    case 'handle-after':
      return 'handleAfterMin';
    case 'recoat-min':
      return 'recoatMinMin';
    default:
      return null;
  }
}

/** The air of a place from the first step that lies ahead to well after the last. */
function airAhead(place: Place, shop: Shop, at: Placed['at']): AirUntil[] {
  const ahead = [...at.values()].filter((step) => step.isAhead);
  const first = ahead.reduce((least, step) => Math.min(least, step.start), Infinity);
  if (first === Infinity) return [];
  const last = ahead.reduce((most, step) => Math.max(most, step.end), first);
  // A film laid before today may still be waiting: it is read from a month back.
  const from = first - monthBackMin;
  return airFrom(place, shop, from, Math.ceil((last - from) / 1440) + daysAhead);
}

/** Coats ahead whose day has a forecast in which their sheet forbids them; each product once a day and stop. */
export function forecastStops(
  { shop, shelf, now }: Pick<PlanInput, 'shop' | 'shelf' | 'now'>,
  network: Pick<StepNetwork, 'stays'>,
  steps: readonly PlannedStep[],
): PlanWarning[] {
  const found = new Map<string, PlanWarning>();
  const rooms = new Map(network.stays.map((stay) => [stay.key, stay.placeKind]));
  for (const step of steps) {
    const sheet = step.coat && shelf.get(step.coat.product)?.coating;
    if (!sheet || step.state !== 'planned' || step.start < now) continue;
    const place = placeOf(shop, step.hold === null ? step.place : rooms.get(step.hold));
    const date = localDateOf(step.start, shop.timeZone);
    if (!place?.forecast.some((one) => one.date === date)) continue;
    const { workC, humidity } = airOnDay(place, date);
    for (const stop of climateStops(sheet, { airC: workC, surfaceC: workC, humidity })) {
      const { product } = step.coat!;
      const key = `${product} ${date} ${stop.code}`;
      if (!found.has(key)) found.set(key, { code: 'forecast-stop', product, step: step.key, date, stop });
    }
  }
  return [...found.values()];
}

const placeOf = (shop: Shop, kind: string | null | undefined) =>
  shop.places.find((place) => place.kind === (kind ?? 'bay'));
