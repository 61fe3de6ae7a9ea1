import { potLifeAt, type Shelf } from '../film';
import type { Placed } from './calendar';
import type { GoHour, GoStep, MixHour, PlannedStep } from './model';
import { workAirC } from './place-taken';
import { Calendar } from '../schedule';
import type { Shop } from '../shop';
import type { StepNetwork } from '../steps';
import type { Minute } from '../units';

const sessionsTold = 6;
const stepsTold = 4;

/**
 * Counts back from each session ahead: the session stays where it is booked, what must be done before it takes its time in
 * the hours of its people, waits count round the clock. What is sprayed in it is mixed between the minute from which the pot
 * lasts and the one that leaves its induction.
 */
export function goHoursOf(
  network: StepNetwork,
  placed: Placed,
  { shop, shelf }: { shop: Shop; shelf: Shelf },
  now: Minute,
): GoHour[] {
  const steps = new Map(placed.steps.map((step) => [step.key, step]));
  const into = new Map<string, { from: string; min: number }[]>();
  for (const { from, to, min } of network.links) {
    const list = into.get(to);
    if (list) list.push({ from, min });
    else into.set(to, [{ from, min }]);
  }
  const open = new Calendar(placed.open);
  const places = new Map(placed.stays.map((stay) => [stay.key, stay.place]));
  const hours = (step: PlannedStep) =>
    placed.hours.of(step, step.hold === null ? null : (places.get(step.hold) ?? null)) ?? open;
  const airOf = ({ place, start }: { place: string; start: Minute }) =>
    workAirC(
      shop.places.find((one) => one.id === place),
      start,
      shop.timeZone,
    );
  return placed.stays
    .filter((stay) => stay.kind === 'session' && stay.start > now)
    .sort((a, b) => a.start - b.start)
    .slice(0, sessionsTold)
    .map((stay) => {
      const inside = placed.steps.filter((step) => step.hold === stay.key);
      const latest = latestStarts(inside, steps, into, hours);
      const before = [...latest].flatMap(([key, minute]): GoStep[] => {
        const step = steps.get(key)!;
        if (step.state !== 'planned' || step.minutes === 0 || step.kind === 'passive') return [];
        const spareMin =
          minute >= step.start ? open.openBetween(step.start, minute) : -open.openBetween(minute, step.start);
        return [{ step: key, planned: step.start, latest: minute, spareMin }];
      });
      before.sort((a, b) => a.spareMin - b.spareMin || a.latest - b.latest);
      return {
        session: stay.key,
        opens: stay.start,
        before: before.slice(0, stepsTold),
        mixes: mixesOf(inside, shelf, airOf(stay), hours),
      };
    });
}

/**
 * The first coat of each product decides; later coats take fresh pots or what is left. Nobody mixes before the shop opens,
 * unless the induction asks for it.
 */
function mixesOf(
  inside: readonly PlannedStep[],
  shelf: Shelf,
  airC: number,
  hours: (step: PlannedStep) => Calendar,
): MixHour[] {
  const first = new Map<string, PlannedStep>();
  for (const step of [...inside].sort((a, b) => a.start - b.start))
    if (step.coat && !first.has(step.coat.product)) first.set(step.coat.product, step);
  return [...first].flatMap(([product, step]): MixHour[] => {
    const { start, end } = step;
    const sheet = shelf.get(product)?.coating;
    if (!sheet) return [];
    const latest = start - sheet.inductionMin;
    const potLife = potLifeAt(sheet, airC);
    const lasts = potLife === null || end - potLife > latest ? null : end - potLife;
    const opens = lasts === null ? null : hours(step).openFrom(lasts);
    return [{ product, notBefore: opens !== null && opens <= latest ? opens : lasts, latest }];
  });
}

/** Latest start of everything before these steps that still lets each of them start when it is planned. */
function latestStarts(
  inside: readonly PlannedStep[],
  steps: ReadonlyMap<string, PlannedStep>,
  into: ReadonlyMap<string, readonly { from: string; min: number }[]>,
  hours: (step: PlannedStep) => Calendar,
): Map<string, Minute> {
  const fixed = new Set(inside.map((step) => step.key));
  const ends = new Map<string, Minute>();
  const latest = new Map<string, Minute>();
  const queue: { key: string; start: Minute }[] = inside.map((step) => ({
    key: step.key,
    start: step.start,
  }));
  // A step may be reached by several ways; it is taken up again whenever one leaves it less time.
  for (let next = queue.shift(); next; next = queue.shift()) {
    for (const { from, min } of into.get(next.key) ?? []) {
      const step = steps.get(from);
      if (!step || fixed.has(from) || step.state === 'done') continue;
      const by = next.start - min;
      if (by >= (ends.get(from) ?? Infinity)) continue;
      ends.set(from, by);
      const start = backFrom(step, by, hours);
      if (start === -Infinity) continue;
      latest.set(from, start);
      queue.push({ key: from, start });
    }
  }
  return latest;
}

/** Latest start of a step that has to have ended by a minute. */
function backFrom(step: PlannedStep, by: Minute, hours: (step: PlannedStep) => Calendar): Minute {
  const { kind, minutes } = step;
  if (kind === 'passive' || minutes === 0) return by - minutes;
  const own = hours(step);
  if (kind === 'contiguous') return own.roomUntil(by - minutes, minutes);
  const last = own.roomUntil(by - 1, 1);
  return last === -Infinity ? last : own.startForEnd(last + 1, minutes);
}
