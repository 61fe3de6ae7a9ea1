import { shelfOf, type Product } from '@/core/film';
import { unkeptOf, type Unkept } from '@/core/readings/unkept';
import { timesTaken } from '@/core/plan/taken-times';
import type { Plan, PlannedStep } from '@/core/plan';
import { endAccount, type EndAccount } from '@/core/readings/end-account';
import { colourOfKey, type Job } from '@/core/record';
import { minutesWithin } from '@/core/schedule';
import { closedClashes, type ClosedClash } from '@/core/readings/closed-clashes';
import { closedStretches, openStretches, personStretches, type ClosedStretch, type Shop } from '@/core/shop';
import { addDays, daysBetween, localDateOf, minuteAt } from '@/core/units';
import { resourceNamesOf } from '../steps/steps-props';
import type { Locale } from '../words/format';
import { changeGround } from '../what-if/change-ground';
import type { ChangeGround } from '../what-if/change-words';
import { crewShown, type CrewShown } from './crew-props';
import { floorShown, type FloorShown } from './floor-props';
import type { DayColumn } from './time-axis';

/** One block of a lane. */
export interface BayBlock {
  key: string;
  job: string;
  name: string;
  lane: string;
  start: number;
  end: number;
  /** Look of the surface it leaves, or of its phase. */
  texture: string;
  colour: string;
  passive: boolean;
  /** Behind an open gate: planned, not booked. */
  unbooked: boolean;
  /** Begun or over: it is not moved any more. */
  done: boolean;
  own: boolean;
}

export interface BayStay {
  job: string;
  lane: string;
  start: number;
  end: number;
  session: boolean;
  own: boolean;
}

export interface BaysProps {
  job: string;
  days: DayColumn[];
  lanes: { id: string; name: string; detail: string; closed: ClosedStretch[] }[];
  people: { id: string; name: string; load: number[] }[];
  blocks: BayBlock[];
  stays: BayStay[];
  windows: Plan['windows'];
  /** What it costs to reopen the window before a step, by the step. */
  remedies: Record<string, { personMinutes: number; costMinor: number }>;
  goHours: Plan['goHours'];
  /** End of the plan, and whether it goes by an order that was found. */
  order: { finish: number | null; hasOrder: boolean };
  /** What the calendar cannot keep, and why. */
  unkept: Unkept[];
  /** What each session is for, by stay. */
  sessionNames: Record<string, string>;
  steps: PlannedStep[];
  sections: { key: string; name: string }[];
  productNames: Record<string, string>;
  resourceNames: Record<string, string>;
  locale: Locale;
  promisedEnd: number;
  /** Why the job ends when it does; null once nothing is left to do. */
  end: (EndAccount & { finish: number }) | null;
  /** Row versions of what was changed by hand, by step. */
  edits: Record<string, number>;
  ground: ChangeGround;
  closedClashes: ClosedClash[];
  floor: FloorShown;
  crew: CrewShown;
}

interface Shown {
  job: Job;
  plan: Plan;
  own: boolean;
}

const textureByPhase: Record<string, string> = {
  walkaround: 'old',
  strip: 'bare',
  metal: 'bare',
  epoxy: 'epoxy',
  filler: 'filler',
  build: 'high-build',
  mask: 'masked',
  refit: 'polished',
};

const numbersOf = (jobs: readonly { job: Job }[]): string[] => jobs.map((one) => one.job.number);

/** The shop's calendar around a job: its working plan and what the other jobs have agreed. */
export function baysProps(
  own: { job: Job; plan: Plan },
  others: readonly { job: Job; plan: Plan }[],
  shop: Shop,
  products: readonly Product[],
  versions: Record<string, number> = {},
): BaysProps {
  const shown: Shown[] = [{ ...own, own: true }, ...others.map((one) => ({ ...one, own: false }))];
  const days = dayColumns(own, shop);
  const places = shop.places.map((place) => ({
    id: place.id,
    name: place.name,
    detail: place.kind === 'booth' ? `${place.lengthM} × ${place.widthM} m` : `${place.airC} °C`,
    closed: closedStretches(place, shop.timeZone, localDateOf(days[0]!.from, shop.timeZone), days.length),
  }));
  const placeIds = new Set(places.map((place) => place.id));
  const ahead = new Set(own.plan.steps.filter((step) => step.state !== 'done').map((step) => step.key));
  return {
    job: own.job.number,
    days,
    lanes: places,
    people: shop.people.map((person) => ({
      id: person.id,
      name: person.name,
      load: loadOf(person, shown, days, shop),
    })),
    blocks: shown.flatMap((one) => blocksOf(one, placeIds)),
    stays: staysOf(shown),
    windows: own.plan.windows.filter((window) => ahead.has(window.to)),
    remedies: Object.fromEntries(
      own.plan.warnings.flatMap((one) => (one.code === 'remedied' ? [[one.step, one] as const] : [])),
    ),
    goHours: own.plan.goHours,
    order: { finish: own.plan.finish, hasOrder: own.job.placingOrder.length > 0 },
    unkept: unkeptOf(own.plan),
    sessionNames: Object.fromEntries(own.plan.stays.map((stay) => [stay.key, stay.subject])),
    steps: own.plan.steps,
    edits: Object.fromEntries(
      own.job.stepEdits.map(({ step }) => [step, versions[`${own.job.number}/edit/${step}`] ?? 1]),
    ),
    sections: own.job.sections.map(({ key, name }) => ({ key, name })),
    productNames: Object.fromEntries(products.map((product) => [product.code, product.name])),
    resourceNames: resourceNamesOf(shop),
    ground: changeGround(own.job, numbersOf(others), shop, versions),
    closedClashes: closedClashes(
      [own, ...others].map((one) => one.plan),
      shop,
      own.plan.computedAt,
    ),
    floor: floorShown(own, others, shop, shelfOf(products), own.plan.computedAt),
    crew: crewShown(own, others, shop, days, shelfOf(products)),
    locale: { timeZone: shop.timeZone, currency: shop.currency },
    end: endShown(own.plan, shop, days),
    promisedEnd: minuteAt(own.job.promised, 1440, shop.timeZone),
  };
}

/** Where every job shown stands, and when. */
const staysOf = (shown: readonly Shown[]): BaysProps['stays'] =>
  shown.flatMap(({ job, plan, own }) =>
    plan.stays.map((stay) => ({
      job: job.number,
      lane: stay.place,
      start: stay.start,
      end: stay.end,
      session: stay.kind === 'session',
      own,
    })),
  );

function endShown(plan: Plan, shop: Shop, days: readonly DayColumn[]): BaysProps['end'] {
  const open = openStretches(shop, localDateOf(days[0]!.from, shop.timeZone), days.length);
  const account = endAccount(plan, plan.computedAt, open);
  return account && plan.finish !== null ? { ...account, finish: plan.finish } : null;
}

/** The calendar is drawn no further back than this. */
const mostDaysBack = 400;

function dayColumns({ job, plan }: { job: Job; plan: Plan }, shop: Shop): DayColumn[] {
  const zone = shop.timeZone;
  const starts = [minuteAt(job.arrival, 0, zone), ...plan.steps.map((step) => step.start)];
  const bound = addDays(localDateOf(plan.computedAt, zone), -mostDaysBack);
  const begin = localDateOf(Math.min(...starts), zone);
  const first = begin < bound ? bound : begin;
  const end = Math.max(minuteAt(job.promised, 1440, zone), plan.finish ?? 0);
  const count = Math.max(1, daysBetween(first, localDateOf(end, zone)) + 8);
  const open = openStretches(shop, first, count);
  let next = 0;
  return Array.from({ length: count }, (_, i) => {
    const from = minuteAt(addDays(first, i), 0, zone);
    const to = minuteAt(addDays(first, i + 1), 0, zone);
    const stretches = [];
    for (; next < open.length && open[next]!.from < to; next += 1)
      if (open[next]!.from >= from) stretches.push(open[next]!);
    const opens = stretches[0]?.from ?? null;
    return { from, to, open: opens === null ? null : { from: opens, to: stretches.at(-1)!.to } };
  });
}

function blocksOf({ job, plan, own }: Shown, placeIds: ReadonlySet<string>): BayBlock[] {
  const colours = new Map(plan.sections.map((area) => [area.section, colourOfKey(job, area.colour).hex]));
  return plan.steps
    .filter((step) => step.minutes > 0)
    .flatMap((step) => {
      const lane = step.uses.find((id) => placeIds.has(id));
      if (!lane) return [];
      return [
        {
          key: step.key,
          job: job.number,
          name: step.name,
          lane,
          start: step.start,
          end: step.end,
          texture: step.leaves ?? textureByPhase[step.phase] ?? 'old',
          colour: colours.get(step.sections[0] ?? '') ?? '#888888',
          passive: step.kind === 'passive',
          unbooked: step.heldBy.length > 0,
          done: step.state !== 'planned',
          own,
        },
      ];
    });
}

/** Share of a person's open minutes that is taken, by day; −1 on a day away or closed. */
function loadOf(
  person: Shop['people'][number],
  shown: readonly Shown[],
  days: readonly DayColumn[],
  shop: Shop,
): number[] {
  const open = openStretches(shop, localDateOf(days[0]!.from, shop.timeZone), days.length);
  const hers = personStretches(open, person, shop.timeZone);
  const work = shown.flatMap(({ plan }) => plan.steps.flatMap((step) => timesTaken(step, person.id)));
  return days.map((day) => {
    const free = minutesWithin(hers, day.from, day.to);
    if (free === 0) return -1;
    const busy = work.reduce(
      (sum, one) => sum + minutesWithin(hers, Math.max(one.from, day.from), Math.min(one.to, day.to)),
      0,
    );
    return Math.min(1, busy / free);
  });
}
