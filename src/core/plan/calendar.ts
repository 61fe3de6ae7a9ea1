import { behindOverdue, behindUnplaced } from './behind-unplaced';
import { impliedFacts, minutesLeft, personMinutesLeft, silentFacts } from '../log';
import type { PlanInput, PlannedStay, PlannedStep } from './model';
import type { Job, StepFact } from '../record';
import type { Fact, ScheduleProblem, Stretch, TimedStep } from '../schedule';
import { boothClosures } from './booth-closures';
import { inWords, linkId, namer } from './reasons-in-words';
import { sharedOut, type SharedSchedule } from './shared-out';
import { hoursOf, type ShopHours } from './shop-hours';
import { skills, type Person, type Shop } from '../shop';
import type { Step, StepNetwork } from '../steps';
import { addDays, daysBetween, localDateOf, minuteAt, type LocalDate, type Minute } from '../units';

export interface Placed {
  /** Hours of every step that found room, and whether it still lies ahead. */
  at: ReadonlyMap<string, { start: Minute; end: Minute; isAhead: boolean }>;
  /** The steps told in full, with their reasons; made when they are first asked for. */
  readonly steps: PlannedStep[];
  stays: PlannedStay[];
  broken: ReadonlySet<string>;
  unplaced: string[];
  open: Stretch[];
  hours: ShopHours;
}

const horizonDays = 500;

/** No calendar is laid out further back than this: what is done stands as it was logged. */
const mostDaysBack = 1100;

/** A week before the arrival or today, whichever is earlier; not so far back that laying out the days takes long. */
function firstDayOf(arrival: LocalDate, today: LocalDate, begins: LocalDate): LocalDate {
  const earlier = arrival < today ? arrival : today;
  const bound = addDays(begins, -mostDaysBack);
  return addDays(earlier < bound ? bound : earlier, -7);
}

/** The scheduling problem of a network: people by skill, places by kind, facts fixed, other jobs' promises kept. */
export function problemOf(input: PlanInput, network: StepNetwork) {
  const { job, shop, commitments } = input;
  const release = minuteAt(job.arrival, 0, shop.timeZone);
  const now = Math.max(input.now, release);
  const firstDay = firstDayOf(
    job.arrival,
    localDateOf(input.now, shop.timeZone),
    localDateOf(now, shop.timeZone),
  );
  const days = horizonDays + daysBetween(firstDay, localDateOf(now, shop.timeZone));
  const hours = hoursOf(shop, firstDay, days);

  const facts = factsToday(job, network, input.now);
  const planned = new Map(network.steps.map((step) => [step.key, step]));
  const able = new Map(skills.map((skill) => [skill as string, ableOf(shop.people, skill)]));
  const bound = network.steps.map((step) => hours.limitsOf(step));
  const problem: ScheduleProblem = {
    now,
    resources: [
      ...shop.people.map(({ id }) => ({ id, open: hours.byId.get(id) ?? null })),
      // A booth's closings are bookings, which say why it is taken.
      ...shop.places.map(({ id, kind, outdoors }) => ({
        id,
        open: kind === 'booth' && !outdoors ? null : (hours.byId.get(id) ?? null),
      })),
      // Loud hours, who has to be at hand, what is away for a time: any number of steps at once.
      ...[...new Map(bound.flat().map((one) => [one.id, one])).values()].map(({ id, open }) => ({
        id,
        isShared: true,
        open,
      })),
    ],
    steps: network.steps.map((step, i) =>
      timed(
        step,
        shop,
        able,
        bound[i]!.map((one) => one.id),
      ),
    ),
    links: network.links.map((link, i) => ({ ...link, id: linkId(i) })),
    holds: network.stays.map((stay) => ({
      id: stay.key,
      anyOf: placesOf(shop, stay.placeKind),
      from: stay.from,
      to: stay.to,
    })),
    facts: facts.map((fact) => factOf(fact, planned.get(fact.step), shop)),
    commitments: [...commitments, ...boothClosures(shop, firstDay, days)],
    order: job.placingOrder,
    // The second look comes after the handover: it is booked, but nobody waits for it.
    afterwards: network.steps.flatMap((step) => (step.phase === 'return' ? [step.key] : [])),
  };
  return { problem, facts, hours, release };
}

/** Puts the network on the shop's calendar. */
export function placeSteps(input: PlanInput, network: StepNetwork): Placed {
  const { agreedStarts } = input;
  const { problem, facts, hours, release } = problemOf(input, network);
  const { open } = hours;
  // What is pinned goes by its pin, not by the start that was agreed before.
  const pinned = new Set(network.steps.flatMap((step) => (step.pinnedAt === null ? [] : [step.key])));
  const starts = new Map([...agreedStarts].filter(([step]) => !pinned.has(step)));
  const shared = sharedOut({ input, network, problem }, hours, starts);
  const { schedule } = shared;
  const spots = new Map(schedule.placements.map((one) => [one.step, one]));
  const known = new Map(facts.map((fact) => [fact.step, fact]));
  let told: PlannedStep[] | null = null;
  return {
    at: new Map(
      [...spots].map(([key, { start, end }]) => [
        key,
        { start, end, isAhead: (known.get(key)?.status ?? 'planned') === 'planned' },
      ]),
    ),
    // Only the last placing of a plan is told in full; those before it are read by their hours.
    get steps() {
      return (told ??= stepsTold(input, network, { shared, known, hours, release }));
    },
    stays: schedule.holds.flatMap((hold) => {
      const stay = network.stays.find((one) => one.key === hold.id)!;
      return [{ ...stay, place: hold.resource, start: hold.start, end: hold.end }];
    }),
    broken: new Set(schedule.broken),
    unplaced: schedule.unplaced,
    open,
    hours,
  };
}

interface Told {
  shared: SharedSchedule;
  known: ReadonlyMap<string, StepFact>;
  hours: ShopHours;
  release: Minute;
}

/** The steps that found room, each with all that is said of it. */
function stepsTold(
  input: PlanInput,
  network: StepNetwork,
  { shared: { schedule, shares }, known, hours, release }: Told,
): PlannedStep[] {
  const spots = new Map(schedule.placements.map((one) => [one.step, one]));
  const name = namer(input, network);
  const followers = followersOf(network);
  const ready = readyFrom(network, spots);
  const behind = [behindOverdue(network, input.now), behindUnplaced(network, schedule.unplaced)];
  const limits = new Set(network.steps.flatMap((step) => hours.limitsOf(step).map((one) => one.id)));
  return network.steps.flatMap((step) => {
    const spot = spots.get(step.key);
    if (!spot) return [];
    const fact = known.get(step.key);
    return [
      {
        ...step,
        heldBy: fact ? step.heldBy : [...step.heldBy, ...behind.flatMap((one) => one.get(step.key) ?? [])],
        start: spot.start,
        end: spot.end,
        state: fact?.status ?? ('planned' as const),
        usedMin: fact?.personMinutes ?? 0,
        leftMin: fact ? leftOf(fact, step) : step.personMinutes,
        partDone: partDoneOf(fact),
        materialsMinor: 0,
        uses: spot.uses.filter((id) => !limits.has(id)),
        shares: shares.get(step.key) ?? [],
        leadsTo: followers.get(step.key) ?? [],
        readyFrom: ready.get(step.key) ?? release,
        whyNotEarlier: spot.because.map((one) => inWords(one, network, name)),
      },
    ];
  });
}

/** Person-minutes that are still to come of a step that was begun. */
const leftOf = (fact: StepFact, step: Step): number =>
  fact.status === 'done' ? 0 : Math.round(personMinutesLeft(fact, step));

/** Of a step some panels of which are done: their share of it, and what went into them. */
const partDoneOf = (fact: StepFact | undefined): PlannedStep['partDone'] =>
  fact?.leftShare !== undefined && fact.partDone
    ? { share: 1 - fact.leftShare, personMin: fact.partDone.personMin }
    : null;

/** A shop without such a place works in the yard: an id nobody else competes for. */
function placesOf(shop: Shop, kind: string): string[] {
  return shop.places.filter((place) => place.kind === kind).map((place) => place.id);
}

/** People who can do it, those with the fewest other skills first, so that the rare hand stays free. */
const ableOf = (people: readonly Person[], skill: string): string[] =>
  people
    .filter((person) => person.skills.some((one) => one === skill))
    .sort((a, b) => a.skills.length - b.skills.length || a.id.localeCompare(b.id))
    .map((person) => person.id);

function timed(
  step: Step,
  shop: Shop,
  bySkill: ReadonlyMap<string, string[]>,
  limits: readonly string[],
): TimedStep {
  const able = step.people.map((skill) => bySkill.get(skill) ?? []).filter((list) => list.length > 0);
  // Who was named does the step; the others of the crew are whoever is free.
  const people = step.person === null ? able : [[step.person], ...able.slice(1)];
  const places = step.place === null || step.place === 'yard' ? [] : placesOf(shop, step.place);
  const uses = [...people, ...(places.length > 0 ? [places] : []), ...limits.map((limit) => [limit])];
  const held = step.hold !== null;
  return {
    id: step.key,
    kind: step.kind,
    minutes: step.minutes,
    uses,
    hold: held ? step.hold : null,
    notBefore: step.notBefore,
  };
}

/** Minute from which all that a step stands on has ended, with its waits. */
function readyFrom(
  { links }: StepNetwork,
  spots: ReadonlyMap<string, { end: Minute }>,
): ReadonlyMap<string, Minute> {
  const ready = new Map<string, Minute>();
  for (const { from, to, min } of links) {
    const before = spots.get(from);
    if (before && min >= 0) ready.set(to, Math.max(ready.get(to) ?? -Infinity, before.end + min));
  }
  return ready;
}

/** A reader is shown so many of the steps that wait. */
const mostShown = 6;

/** What waits for each step, apart from moves and the rooms that become free. */
function followersOf({ steps, links }: StepNetwork): Map<string, PlannedStep['leadsTo']> {
  const worked = new Set(steps.flatMap((step) => (step.operation === 'move' ? [] : [step.key])));
  const followers = new Map<string, PlannedStep['leadsTo']>();
  for (const { from, to, why } of links) {
    if (!worked.has(to)) continue;
    const own = followers.get(from);
    if (own && own.length < mostShown) own.push({ step: to, why });
    else if (own) continue;
    else followers.set(from, [{ step: to, why }]);
  }
  return followers;
}

/** What is known of steps: what was logged, what that says of steps before it, and the waits that follow from it. */
function factsToday(job: Job, network: StepNetwork, now: Minute): StepFact[] {
  if (job.log.length === 0) return [...network.facts];
  const facts = [...network.facts, ...impliedFacts(network, network.facts)];
  return [...facts, ...silentFacts(network, facts, now)];
}

/** People who left the shop since are not waited for; the log names no place, so the first of its kind is taken. */
function factOf(fact: StepFact, planned: Step | undefined, shop: Shop): Fact {
  const { step, start } = fact;
  const here = new Set([...shop.people, ...shop.places].map((one) => one.id));
  const place =
    fact.workedMin !== undefined && planned?.place ? placesOf(shop, planned.place).slice(0, 1) : [];
  const uses = [...fact.uses.filter((id) => here.has(id)), ...place];
  return fact.status === 'done'
    ? { status: 'done', step, start, end: fact.end ?? start, uses }
    : {
        status: 'running',
        step,
        start,
        remaining: planned ? minutesLeft(fact, planned) : (fact.remainingMin ?? 0),
        uses,
      };
}
