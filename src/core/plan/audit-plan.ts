import type { AuditPlan, AuditPlace, AuditPot, AuditStep, PromisedFilm } from '../audit';
import { figuresFrom, type FigurePlace, type Figures } from '../figures';
import { filmFiguresOf, keptFiguresOf, type Shelf } from '../film';
import { baseOf, withJobSchools, type Job, type JobSection } from '../record';
import { airFrom, airOnDay, type AirUntil, type Shop } from '../shop';
import {
  bareMetalLimit,
  catalogueWith,
  surfacesBySection,
  surfacesOfStep,
  withShopWays,
  type Operation,
} from '../steps';
import { surfacesOf, type Surface } from '../surface';
import { filmSummary, lotsOf, partsOfJob } from '../survey';
import { localDateOf } from '../units';
import { coveringOf } from './audit-covers';
import { awaitingSample } from './audit-samples';
import { deedsOf, type DeedGround } from './audit-deeds';
import type { Plan, PlannedStep } from './model';
import { placeTaken } from './place-taken';
import { tapeRating } from './tape-rating';

export interface AuditInput {
  job: Job;
  shop: Shop;
  shelf: Shelf;
  operations?: readonly Operation[];
}

/** A finished plan as surfaces, covers and steps with deeds: what it claims, for the audit to check. */
export function auditPlanOf(plan: Plan, { job: given, shop, shelf, operations = [] }: AuditInput): AuditPlan {
  const job = withShopWays(withJobSchools(given), shop);
  const { parts, sections } = lotsOf(job, partsOfJob(job));
  const surfaces = surfacesOf(parts, sections);
  const [bySection, entries] = [surfacesBySection(parts, sections), catalogueWith(operations)];
  const [figures, isPerson] = [figuresFrom(shop.figures, job.figures), personIn(shop)];
  const ahead = plan.steps.filter((step) => !step.skipped);
  const covering = coveringOf(ahead, surfaces, entries, tapeRating(plan, shop, figures));
  const ground: DeedGround = {
    shelf,
    sections: new Map(sections.map((section) => [section.key, section])),
    summaries: new Map(plan.sections.map((summary) => [summary.section, summary])),
    laid: covering.laid,
    pulled: covering.pulled,
    unblockedUm: new Map(),
    clear: filmFiguresOf(figures),
  };
  const stays = new Map(plan.stays.map((stay) => [stay.key, stay]));
  const insisted = new Set(job.stepEdits.flatMap((edit) => (edit.override ? [edit.step] : [])));
  const inTime = [...ahead].sort((a, b) => a.start - b.start || a.end - b.end);
  const steps = inTime.map((step): AuditStep => {
    const operation = entries.get(step.operation);
    const on = surfacesOfStep(step, bySection).map((one) => one.key);
    return {
      key: step.key,
      pass: step.hold !== null && stays.get(step.hold)?.kind === 'session' ? step.hold : null,
      start: step.start,
      end: step.end,
      place: isElsewhere(step, operation) ? null : (placeTaken(step, stays, shop)?.id ?? null),
      people: step.uses.filter(isPerson),
      shares: step.shares,
      skills: step.people,
      on,
      deeds: operation ? deedsOf(step, operation, ground) : [],
      minutes: step.minutes,
      attended: step.kind !== 'passive',
      isEmpty: isEmpty(step, on),
      dusty: step.tags.includes('dusty'),
      held: step.heldBy.length > 0,
      insisted: insisted.has(step.key) || takesTypedClear(step, operation, ground),
    };
  });
  return {
    surfaces,
    covers: [...covering.laid.values()].flat(),
    steps,
    places: placesOf(shop),
    pots: potsOf(plan),
    people: shop.people,
    shelf,
    airFrom: airOfSurfaces(plan, surfaces, shop),
    bareLimitMin: bareLimits(surfaces, shop, plan, { depth: 'bare', figures }),
    spotLimitMin: bareLimits(surfaces, shop, plan, { depth: 'stable', figures }),
    awaitsSample: awaitingSample(job, shop, plan, { surfaces, sections }),
    promises: promisesOf(plan, surfaces, ground.sections),
    ...stopLinesOf(surfaces, figures),
    keptUm: keptReadings(job, surfaces),
    now: plan.computedAt,
  };
}

const personIn = ({ people }: Pick<Shop, 'people'>) => {
  const ids = new Set(people.map((person) => person.id));
  return (id: string): boolean => ids.has(id);
};

/** What must stay of the last film, and of a film that was kept, by surface. */
function stopLinesOf(
  surfaces: readonly Surface[],
  figures: Figures,
): Pick<AuditPlan, 'stopLine' | 'keptStop'> {
  const places = new Map(
    surfaces.map(({ key, section, panel }) => [key, { section: baseOf(section), panel }] as const),
  );
  const placeOf = (surface: string): FigurePlace => places.get(surface) ?? {};
  return {
    stopLine: (surface) => {
      const { residualUm, edgeResidualUm } = filmFiguresOf(figures, placeOf(surface));
      return { flatUm: residualUm, edgeUm: edgeResidualUm };
    },
    keptStop: (surface) => {
      const { stopUm, edgeShare } = keptFiguresOf(figures, placeOf(surface));
      return { flatUm: stopUm, edgeUm: stopUm * edgeShare, edgeShare };
    },
  };
}

/** The lowest reading on the outside of a panel. */
function keptReadings({ readings }: Job, surfaces: readonly Surface[]): AuditPlan['keptUm'] {
  const panels = new Map(surfaces.map((one) => [one.key, one.panel]));
  return (surface) =>
    filmSummary(readings.filter((one) => one.part === panels.get(surface)))?.lowestUm ?? null;
}

const potsOf = ({ sessions }: Plan): AuditPot[] =>
  sessions.flatMap(({ session, product, pots }) =>
    pots.map(({ from, to }) => ({ pass: session, product, from, to })),
  );

/** A card, a test or an approval is not where the body is; what has no place of its own takes none. */
const isElsewhere = (step: PlannedStep, operation: Operation | undefined): boolean =>
  (step.place === null && step.hold === null) ||
  (operation?.does.some((role) => role === 'sample' || role === 'approve') ?? false);

/** Sanding and polishing of a clear whose coats somebody typed: what is then too thin was insisted on. */
const takesTypedClear = (
  step: PlannedStep,
  operation: Operation | undefined,
  { summaries }: DeedGround,
): boolean =>
  (operation?.does.some((role) => role === 'sand' || role === 'polish') ?? false) &&
  step.sections.some((section) =>
    summaries.get(section)?.layers.some((layer) => layer.role === 'clear' && layer.typed),
  );

/** Work that has no panel, no area and no length: its fixed minutes alone are left. */
const isEmpty = (step: PlannedStep, on: readonly string[]): boolean =>
  (step.sections.length > 0 && on.length === 0) ||
  (step.figure.unit !== 'fixed' && step.figure.rate > 0 && step.figure.quantity === 0);

const placesOf = (shop: Shop): AuditPlace[] =>
  shop.places.map((place) => ({
    id: place.id,
    airWith: place.airWith,
    limits: (at) => {
      const { workC, humidity } = airOnDay(place, localDateOf(at, shop.timeZone));
      return { airC: workC, humidity };
    },
  }));

const daysAhead = 90;

/** The air about the surfaces of a section: of the booth while it stands there, of the bay else. */
function airOfSurfaces(plan: Plan, surfaces: readonly Surface[], shop: Shop): AuditPlan['airFrom'] {
  const first = plan.steps.reduce((least, step) => Math.min(least, step.start), plan.computedAt);
  const last = plan.steps.reduce((most, step) => Math.max(most, step.end), plan.computedAt);
  const days = Math.ceil((last - first) / 1440) + daysAhead;
  const bay = shop.places.find((place) => place.kind === 'bay') ?? shop.places[0];
  const ofPlace = new Map<string, AirUntil[]>();
  const airOf = (id: string | undefined): AirUntil[] => {
    const place = shop.places.find((one) => one.id === id) ?? bay;
    if (!place) return [{ untilMin: last, airC: 20 }];
    const known = ofPlace.get(place.id) ?? airFrom(place, shop, first, days);
    ofPlace.set(place.id, known);
    return known;
  };
  const bySection = new Map<string, AirUntil[]>();
  const sectionOf = new Map(surfaces.map((one) => [one.key, one.section]));
  const ofSection = (section: string): AirUntil[] => {
    const holds = new Set(
      plan.steps.flatMap((step) => (step.sections.includes(section) && step.hold ? [step.hold] : [])),
    );
    const stays = plan.stays.filter((stay) => holds.has(stay.key)).sort((a, b) => a.start - b.start);
    const spans = stays.map((stay) => ({ from: stay.start, to: stay.end, air: airOf(stay.place) }));
    return joinAir(spans, airOf(bay?.id));
  };
  return (surface, from) => {
    const section = sectionOf.get(surface)!;
    const known = bySection.get(section) ?? ofSection(section);
    bySection.set(section, known);
    const first = firstAfter(known, from);
    return known.slice(first, first + stretchesAhead);
  };
}

/** No film waits longer than a month and a half; the last stretch stands for what comes after. */
const stretchesAhead = 200;

/** Index of the stretch a minute lies in; the last where it lies behind all. */
function firstAfter(air: readonly AirUntil[], minute: number): number {
  let [low, high] = [0, air.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (air[middle]!.untilMin > minute) high = middle;
    else low = middle + 1;
  }
  return Math.max(0, low);
}

/** The air of one place after the other; between them that of the usual one. */
function joinAir(
  spans: readonly { from: number; to: number; air: readonly AirUntil[] }[],
  usual: readonly AirUntil[],
): AirUntil[] {
  const joined: AirUntil[] = [];
  const add = (air: readonly AirUntil[], from: number, to: number) => {
    for (const stretch of air) {
      if (stretch.untilMin <= from) continue;
      joined.push({ untilMin: Math.min(stretch.untilMin, to), airC: stretch.airC });
      if (stretch.untilMin >= to) return;
    }
  };
  let at = -Infinity;
  for (const span of spans) {
    if (span.to <= at) continue;
    if (span.from > at) add(usual, at, span.from);
    add(span.air, Math.max(at, span.from), span.to);
    at = span.to;
  }
  add(usual, at, Infinity);
  return joined;
}

/** How long bared metal may wait on the surfaces of a depth; what goes to bare has its treatment, what stays its spots. */
function bareLimits(
  surfaces: readonly Surface[],
  shop: Shop,
  plan: Plan,
  of: { depth: Surface['depth']; figures: Figures },
): AuditPlan['bareLimitMin'] {
  const bay = shop.places.find((place) => place.kind === 'bay');
  const today = localDateOf(plan.computedAt, shop.timeZone);
  const humidity = bay ? airOnDay(bay, today).humidity : 50;
  const bySurface = new Map(surfaces.map((one) => [one.key, one]));
  return (surface) => {
    const { depth, substrate, section } = bySurface.get(surface)!;
    const at = { section: baseOf(section) };
    return depth === of.depth ? bareMetalLimit(substrate, humidity, of.figures, at) : null;
  };
}

/** What the stack of its section promises each surface; insides are laid to the standard of the road. */
function promisesOf(
  plan: Plan,
  surfaces: readonly Surface[],
  sections: ReadonlyMap<string, JobSection>,
): AuditPlan['promises'] {
  const layers = new Map(plan.sections.map((summary) => [summary.section, summary.layers]));
  return new Map(
    surfaces.map((surface) => {
      const isInside = surface.face === 'inside';
      const films = (layers.get(surface.section) ?? [])
        // High-build is there to be blocked, and nobody blocks an inside.
        .filter((layer) => layer.coats > 0 && !(isInside && layer.role === 'build'))
        .map((layer): PromisedFilm => ({
          product: layer.product,
          least: isInside ? 1 : layer.coats,
          optional: isInside && layer.role === 'sealer',
        }));
      return [surface.key, sections.has(surface.section) ? films : []];
    }),
  );
}
