import { climateStops, waitAcross, type WaitKey } from '../film';
import type { Placed } from './calendar';
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
  const warnings = new Map<StepLink, Extract<PlanWarning, { code: 'air-longer' }>>();
  const reckoned = new Map<StepLink, number>();
  const isConstant =
    !bay || bays.every((one) => one.profile === null && one.forecast.length === 0 && one.airC === bay.airC);
  for (let round = 0; round < mostRounds && !isConstant; round += 1) {
    let moved = false;
    const steps = new Map(network.steps.map((step) => [step.key, step]));
    const airAt = airsOfBays(bays, bay, input.shop, network, placed);
    for (const link of network.links) {
      const { why } = link;
      const key = keyOf(why);
      if (key === null || !('product' in why)) continue;
      const [from, to] = [placed.at.get(link.from), placed.at.get(link.to)];
      const sheet = input.shelf.get(why.product)?.coating;
      if (!from || !to?.isAhead || !sheet) continue;
      // The wait is a step of its own after a session, and a lag between coats by roller.
      const next = steps.get(link.to)!;
      const wait = waitAcross(sheet, key, from.end, airAt(next));
      const cure = next.kind === 'passive' ? next : null;
      const plannedMin = cure ? cure.minutes : link.min;
      const ready = cure ? to.end : to.start;
      if (wait === null) continue;
      const least = reckoned.get(link) ?? plannedMin;
      const isShort = wait > plannedMin && ready < from.end + wait;
      const isLong = round < onlyLonger && plannedMin > Math.max(least, wait);
      if (!isShort && !isLong) continue;
      reckoned.set(link, least);
      moved = true;
      if (cure) cure.minutes = Math.max(least, wait);
      else link.min = Math.max(least, wait);
      if (wait <= least) {
        warnings.delete(link);
        continue;
      }
      const warning = { code: 'air-longer', product: why.product, step: link.to, minutes: wait } as const;
      warnings.set(link, { ...warning, plannedMin: least });
    }
    if (!moved) break;
    // What waits longer may be too late for a window that was kept before.
    placed = placeRemedied(input, network);
  }
  return { placed, warnings: [...warnings.values()] };
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
